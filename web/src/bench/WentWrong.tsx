import { type Station, useStations } from '../route/useStations';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { usePerson } from '../access/useSession';
import { change, findingWords, read } from '../api/client';
import type { MishapChoice, PieceView, StepView, WayView } from '../api/schema';
import { sendOrKeep } from '../live/unsent';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { PICTURES, PickFile } from '../parts/PickFile';
import { Press } from '../parts/Press';
import { Ask, Fields, Quiet, Row, Trouble } from '../parts/Sheet';
import { useWaysBack } from './useWaysBack';
import { Working } from '../parts/Working';
import { WaysBack, wayKey } from './WaysBack';

interface WentWrongProps {
  piece: PieceView;
  step: StepView;
  /** What happened, where that is known already. */
  happened: string;
  onClose: () => void;
}

/** What happened, and the ways back that are open now, each with what it costs. */
export function WentWrong({ piece, step, happened, onClose }: WentWrongProps) {
  const { data: known } = useQuery({
    queryKey: ['piece', piece.id, 'mishaps', step.operation],
    queryFn: () => read<MishapChoice[]>(`/api/pieces/${piece.id}/steps/${step.operation}/mishaps`),
  });
  const [kind, setKind] = useState(happened);
  const [measured, setMeasured] = useState('');
  const [words, setWords] = useState('');
  const [way, setWay] = useState<WayView | undefined>();
  const { problem, isBusy, run } = useCaught();
  const chosen = known?.find((each) => each.kind === kind);
  const { ways, problem: waysProblem } = useWaysBack(piece.id, step.operation, chosen, measured);
  const open = ways?.ways ?? [];
  const picked = open.find((each) => way && wayKey(each) === wayKey(way));
  const finding = (problem ?? waysProblem)?.findings.find((each) => each.field === 'measured');
  const choose = (next: string) => {
    setKind(next);
    setWay(undefined);
  };
  const tell = (sure: boolean) =>
    picked &&
    void run(async () => {
      await change(`/api/pieces/${piece.id}/steps/${step.operation}/went-wrong`, {
        kind,
        words,
        measured,
        wayBack: picked.wayBack,
        from: picked.from,
        sure,
      });
      onClose();
    });
  const isAsked = problem?.kind === 'question';
  return (
    <Ask title={`What went wrong with ${piece.name}?`} isOpen isWide onClose={onClose}>
      {chosen ? (
        <>
          <Row>
            <h3>{chosen.words}</h3>
            <Press onPress={() => choose('')}>Something different</Press>
          </Row>
          <Fields>
            {chosen.measured ? (
              <Entry
                label={chosen.measured}
                name="measured"
                value={measured}
                onChange={setMeasured}
                problem={finding ? findingWords(finding) : undefined}
                echo={chosen.needsMeasure ? 'needed to decide' : 'if it was measured'}
              />
            ) : null}
            <Entry label="In your words" value={words} onChange={setWords} />
            <Photograph piece={piece} step={step} />
          </Fields>
          {ways?.working.map((line) => (
            <Working key={line}>{line}</Working>
          ))}
          {ways?.cautions.map((line) => (
            <Trouble key={line}>{line}</Trouble>
          ))}
          <WaysBack ways={open} way={picked} onWay={setWay} />
        </>
      ) : (
        <>
          <Quiet>Press what happened; the ways back that are open now are shown with what they cost.</Quiet>
          <What known={known ?? []} station={step.station} onChoose={choose} />
        </>
      )}
      {problem && !finding ? <Trouble role="alert">{problem.message}</Trouble> : null}
      <Row>
        <Press data-large data-kind="alarm" isDisabled={isBusy || !picked} onPress={() => tell(isAsked)}>
          {isAsked ? 'Yes, it is right' : 'Write it down'}
        </Press>
        <Press data-large onPress={onClose}>
          Leave it
        </Press>
      </Row>
    </Ask>
  );
}

interface WhatProps {
  known: readonly MishapChoice[];
  station: Station;
  onChoose: (kind: string) => void;
}

/** What usually happens at this station as presses; everything else in one list. */
function What({ known, station, onChoose }: WhatProps) {
  const { words } = useStations()(station);
  const here = known.filter((each) => each.isUsualHere);
  const elsewhere = known.filter((each) => !each.isUsualHere);
  return (
    <>
      <Row role="group" aria-label={`Usual at the ${words.toLowerCase()}`}>
        {here.map((each) => (
          <Press key={each.kind} data-large onPress={() => onChoose(each.kind)}>
            {each.words}
          </Press>
        ))}
      </Row>
      <Choice
        label="Something else"
        value=""
        options={elsewhere.map((each) => ({ value: each.kind, words: each.words }))}
        onChange={onChoose}
      />
    </>
  );
}

/** Keeps a photograph at the step, before or after the mishap is written down. */
function Photograph({ piece, step }: { piece: PieceView; step: StepView }) {
  const person = usePerson();
  const [kept, setKept] = useState(0);
  const { problem, isBusy, run } = useCaught();
  const photograph = (picture: File) =>
    void run(async () => {
      await sendOrKeep({
        person: person.id,
        path: `/api/pieces/${piece.id}/photos`,
        what: { operation: step.operation },
        picture,
        words: `Photograph for ${piece.name}: ${picture.name}`,
      });
      setKept(kept + 1);
    });
  return (
    <>
      <PickFile accepts={PICTURES} isLarge isDisabled={isBusy} onPicked={photograph}>
        {kept > 0 ? `${kept} photographed; one more` : 'Photograph it'}
      </PickFile>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </>
  );
}
