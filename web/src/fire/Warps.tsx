import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { PieceFire, WarpView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { moment } from '../parts/words';
import { Lines } from './Fire.styles';

/** Where a blade is off straight, how much, to which side; what was done and what is left. */
export function Warps({ piece }: { piece: PieceFire }) {
  const [warp, setWarp] = useState({ place: 'WHOLE', direction: 'LEFT', amount: '' });
  const { problem, isBusy, run } = useCaught();
  const options = (all: PieceFire['places']) => all.map((each) => ({ value: each.value, words: each.words }));
  const keep = () =>
    void run(async () => {
      await change(`/api/fire/pieces/${piece.id}/warps`, warp);
      setWarp({ ...warp, amount: '' });
    });
  return (
    <Panel aria-label="Straightness">
      <h2>Straightness</h2>
      {piece.warps.length === 0 ? (
        <Quiet>
          Not measured yet. Sight along spine and edge, point away, edge down; then the largest gap to a straight edge.
        </Quiet>
      ) : null}
      {piece.warps.map((each) => (
        <One key={each.id} warp={each} piece={piece} />
      ))}
      {piece.lookAtFirst.map((line) => (
        <Trouble key={line}>{line}</Trouble>
      ))}
      <Row>
        <Choice
          label="Off"
          value={warp.place}
          options={options(piece.places)}
          onChange={(place) => setWarp({ ...warp, place })}
        />
        <Choice
          label="Side"
          value={warp.direction}
          options={options(piece.directions)}
          onChange={(direction) => setWarp({ ...warp, direction })}
        />
        <Entry
          label="By how much"
          name="amount"
          value={warp.amount}
          onChange={(amount) => setWarp({ ...warp, amount })}
          problem={problem?.at('amount')}
        />
        <Press style={{ alignSelf: 'end' }} data-kind="main" isDisabled={isBusy} onPress={keep}>
          Write the warp down
        </Press>
      </Row>
      <Refused problem={problem} />
    </Panel>
  );
}

function One({ warp, piece }: { warp: WarpView; piece: PieceFire }) {
  const [done, setDone] = useState({ remedy: warp.remedies[0]?.value ?? '', left: '' });
  const { problem, isBusy, run } = useCaught();
  return (
    <div>
      <strong style={{ fontSize: '1.25rem' }}>
        {warp.amount} {warp.words}: {warp.passes ? 'passes' : 'off'}
      </strong>
      <Lines>
        {warp.working.map((line) => (
          <li key={line}>{line}</li>
        ))}
        {warp.remedy ? (
          <li>
            {warp.remedy}: {warp.left} left, {warp.leftPasses ? 'it passes' : 'still off'}
          </li>
        ) : null}
      </Lines>
      <Quiet>
        heat {warp.heats}, {warp.by}, {moment(warp.atMillis)}
      </Quiet>
      {warp.remedies.length > 0 ? (
        <Row>
          <Choice
            label="What was done"
            value={done.remedy}
            options={warp.remedies.map((each) => ({ value: each.value, words: each.words }))}
            onChange={(remedy) => setDone({ ...done, remedy })}
          />
          <Entry
            label="Left after it"
            name="left"
            value={done.left}
            onChange={(left) => setDone({ ...done, left })}
            problem={problem?.at('left')}
          />
          <Press
            style={{ alignSelf: 'end' }}
            isDisabled={isBusy}
            onPress={() => void run(() => change(`/api/fire/pieces/${piece.id}/warps/${warp.id}/remedy`, done))}
          >
            Done about it
          </Press>
          <Link to={`/bench/${piece.id}/straighten?went-wrong=WARPED`}>Went wrong…</Link>
        </Row>
      ) : null}
      <Refused problem={problem} />
    </div>
  );
}
