import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { NeedView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Ask, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { day } from '../parts/words';
import { Needs } from './Stock.styles';
import { useMaterials } from './useStock';

interface MaterialsProps {
  piece: number;
  /** Only what this step takes; everything where no step is named. */
  operation?: string;
}

/** What a piece takes from the racks: what is promised to it, what is there, what is missing. */
export function Materials({ piece, operation }: MaterialsProps) {
  const { data } = useMaterials(piece);
  const { problem, isBusy, run } = useCaught();
  const needs = (data?.needs ?? []).filter(
    (need) => need.standing !== 'PASSED' && (!operation || need.operation === operation),
  );
  if (needs.length === 0) {
    return null;
  }
  return (
    <Panel aria-label="From the racks">
      <h2>{operation ? 'Takes from the racks' : 'From the racks'}</h2>
      <Needs>
        {needs.map((need) => (
          <Need key={need.key} need={need} piece={piece} isAtBench={Boolean(operation)} />
        ))}
      </Needs>
      {operation ? (
        <Quiet>
          What is promised is taken off the racks when the step is done.{' '}
          <Link to="/stock">Something else was used</Link>
        </Quiet>
      ) : null}
      {!operation && data?.arrival ? (
        <Quiet>All that is missing can be here on {day(data.arrival)}, as far as lead times are known.</Quiet>
      ) : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {needs.some((need) => need.standing === 'HERE') && !operation ? (
        <div>
          <Press
            isDisabled={isBusy}
            onPress={() => void run(() => change(`/api/pieces/${piece}/materials/promise-all`))}
          >
            Promise it all that is there
          </Press>
        </div>
      ) : null}
    </Panel>
  );
}

function Need({ need, piece, isAtBench }: { need: NeedView; piece: number; isAtBench: boolean }) {
  const [isChoosing, setChoosing] = useState(false);
  const { problem, isBusy, run } = useCaught();
  const best = need.choices[0];
  const promise = (lot: number) =>
    void run(async () => {
      await change(`/api/pieces/${piece}/materials/promise`, { need: need.key, lot });
      setChoosing(false);
    });
  return (
    <li>
      <div>
        <strong>{need.words}</strong>
        <Said need={need} piece={piece} />
        {problem && !isChoosing ? <Trouble role="alert">{problem.message}</Trouble> : null}
      </div>
      {need.standing === 'HERE' && best ? (
        <Press data-large={isAtBench || undefined} onPress={() => setChoosing(true)}>
          {isAtBench ? 'Use…' : 'Promise…'}
        </Press>
      ) : null}
      {need.standing === 'PROMISED' ? (
        <Press
          data-large={isAtBench || undefined}
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/stock/promises/${need.promiseId}/release`))}
        >
          Release
        </Press>
      ) : null}
      <Ask title={need.words} isOpen={isChoosing} onClose={() => setChoosing(false)}>
        {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
        {need.choices.map((choice) => (
          <Row key={choice.lotId}>
            <Press
              data-large={isAtBench || undefined}
              data-kind={choice === best ? 'main' : undefined}
              isDisabled={isBusy}
              onPress={() => promise(choice.lotId)}
            >
              This one
            </Press>
            <span>
              <strong>{choice.words}</strong>
              {choice.place ? `, ${choice.place}` : ''}:{' '}
              {choice.takes ? `takes ${choice.takes} of ${choice.free}` : 'is used'}
            </span>
          </Row>
        ))}
        <Not need={need} />
      </Ask>
    </li>
  );
}

function Said({ need, piece }: { need: NeedView; piece: number }) {
  switch (need.standing) {
    case 'TAKEN':
      return (
        <span>
          {need.amount ? `Taken: ${need.amount} of ` : 'Used: '}
          {need.lot}
        </span>
      );
    case 'PROMISED':
      return (
        <span>
          Promised: {need.amount ? `${need.amount} of ` : ''}
          {need.lot}
          {need.place ? `, ${need.place}` : ''}
          {need.step ? <small> · taken at “{need.step}”</small> : null}
        </span>
      );
    case 'HERE':
      return (
        <span>
          There, not promised yet: {need.choices[0]?.words}
          {need.choices.length > 1 ? ` and ${need.choices.length - 1} more` : ''}
        </span>
      );
    default:
      return (
        <>
          <span data-standing="MISSING">
            Missing{need.supplier ? `: from ${need.supplier}` : ''}
            {need.leadDays ? `, ${need.leadDays} days` : ''}.{' '}
            {need.isBillet ? (
              <Link to={`/forge/new?piece=${piece}`}>Plan a billet</Link>
            ) : (
              <Link to="/stock/buying">To buy</Link>
            )}
          </span>
          <Not need={need} />
        </>
      );
  }
}

/** What lies there and does not serve, and why. */
function Not({ need }: { need: NeedView }) {
  return (
    <>
      {need.notServing.map((not) => (
        <small key={not.words + not.why}>
          {not.words}: {not.why}
        </small>
      ))}
    </>
  );
}
