import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { MarkView, PieceMarkView, PieceView } from '../api/schema';
import { useNow } from '../live/useNow';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Trouble } from '../parts/Sheet';
import { clockDown } from '../parts/words';
import { Answer } from '../parts/Answer';
import { Clock } from '../parts/RoomClock';
import { usePieceMarks } from './useTank';

/** A mark by current: where, through which stencil, with what current, and its clock. */
export function MarkPart({ piece }: { piece: PieceView }) {
  const { data: room } = usePieceMarks(piece.id);
  if (!room) {
    return null;
  }
  const open = room.marks.find((mark) => mark.result === '');
  return (
    <>
      <h2>The mark</h2>
      <Quiet>
        {room.timing}: {room.risk} A thin stencil takes dabs of a few seconds, a cut one bursts of 20 to 30.
      </Quiet>
      {open ? <MarkClock mark={open} room={room} name={piece.name} /> : null}
      {!open && room.isStarted ? <NewMark room={room} /> : null}
      {!open && !room.isStarted ? <Quiet>Start the step, then say which stencil and current.</Quiet> : null}
      {room.marks
        .filter((mark) => mark.result)
        .map((mark) => (
          <MadeMark key={mark.id} mark={mark} room={room} />
        ))}
    </>
  );
}

/** A mark that is made; how it came out can be said anew. */
function MadeMark({ mark, room }: { mark: MarkView; room: PieceMarkView }) {
  const { problem, run } = useCaught();
  const value = room.results.find((each) => each.words === mark.result)?.value ?? '';
  return (
    <>
      <p>
        At the {mark.place}
        {mark.stencil ? `, ${mark.stencil}` : ''}: {clockDown(mark.flowedMillis)} of current, {mark.range}
      </p>
      <Fields>
        <Choice
          label="How it came out"
          value={value}
          options={room.results}
          onChange={(result) => void run(() => change(`/api/tank/marks/${mark.id}/result`, { result, words: '' }))}
        />
      </Fields>
      <Refused problem={problem} />
    </>
  );
}

function MarkClock({ mark, room, name }: { mark: MarkView; room: PieceMarkView; name: string }) {
  const now = useNow();
  const { problem, isBusy, run } = useCaught();
  const burst = mark.onSinceMillis > 0 ? now - mark.onSinceMillis : 0;
  const flowed = mark.flowedMillis;
  const isOn = mark.onSinceMillis > 0;
  const call = calls(mark, burst, isOn);
  const note = (moment: string) => void run(() => change(`/api/tank/marks/${mark.id}/moments`, { moment }));
  return (
    <Clock aria-label={`Mark of ${name}`} data-calls={call ? true : undefined}>
      <header>
        <h3>
          {mark.place}
          {mark.stencil ? `, ${mark.stencil}` : ''}
        </h3>
        <span>{mark.how}</span>
      </header>
      {call ? (
        <p data-call role="alert">
          {call}
        </p>
      ) : null}
      <Row>
        <span data-time role="timer" aria-label="This burst">
          {clockDown(burst)}
        </span>
        <Row data-presses>
          {mark.can.includes('ON') ? (
            <Press data-large data-kind="main" isDisabled={isBusy} onPress={() => note('ON')}>
              Current on
            </Press>
          ) : null}
          {mark.can.includes('OFF') ? (
            <Press data-large data-kind="main" isDisabled={isBusy} onPress={() => note('OFF')}>
              Off
            </Press>
          ) : null}
          {mark.can.includes('COOLED') ? (
            <Press data-large isDisabled={isBusy} onPress={() => note('COOLED')}>
              Cooled in water
            </Press>
          ) : null}
        </Row>
      </Row>
      <span data-of>
        {clockDown(flowed)} of {clockDown(mark.goalMillis)} in all
        {isOn ? ' before this burst' : ''}; {clockDown(mark.warmMillis)} since it was cooled
      </span>
      <Answer label="Current density" worked={mark.density} />
      <Answer label="Depth" worked={mark.depth} />
      <span>{mark.range}</span>
      {mark.cautions.map((caution) => (
        <span key={caution}>{caution}</span>
      ))}
      {isOn ? null : (
        <Row role="group" aria-label="How the mark came out">
          {flowed > 0
            ? room.results.map((each) => (
                <Press
                  key={each.value}
                  isDisabled={isBusy}
                  onPress={() =>
                    void run(() => change(`/api/tank/marks/${mark.id}/result`, { result: each.value, words: '' }))
                  }
                >
                  {each.words}
                </Press>
              ))
            : null}
          {flowed === 0 ? (
            <Press isDisabled={isBusy} onPress={() => void run(() => change(`/api/tank/marks/${mark.id}/strike`))}>
              Strike it out
            </Press>
          ) : null}
        </Row>
      )}
      {problem ? (
        <p data-call role="alert">
          {problem.message}
        </p>
      ) : null}
    </Clock>
  );
}

function calls(mark: MarkView, burst: number, isOn: boolean): string {
  if (isOn && mark.warmMillis + burst >= mark.coolAfterMillis) {
    return 'A minute of current: off, and into water. The blade heats, and the stencil lifts.';
  }
  if (isOn && burst >= mark.burstMillis) {
    return 'Long enough for one burst: off.';
  }
  return !isOn && mark.warmMillis >= mark.coolAfterMillis ? 'Cool it in water before the next burst.' : '';
}

function NewMark({ room }: { room: PieceMarkView }) {
  const [mark, put] = useState({
    stencil: String(room.stencils.find((stencil) => stencil.left > 0)?.id ?? 0),
    place: room.places[0] ?? '',
    electrolyte: 'MEANT_FOR_IT',
    current: 'BOTH',
    volts: '12',
    amperes: '',
    area: '',
    efficiency: '70',
    goal: room.usual.find((each) => each.current === 'BOTH')?.time ?? '',
  });
  const { problem, isBusy, run } = useCaught();
  const field = (key: 'volts' | 'amperes' | 'area' | 'efficiency' | 'goal', label: string) => (
    <Entry
      label={label}
      name={`mark ${key}`}
      value={mark[key]}
      onChange={(value) => put({ ...mark, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  const stencils = [
    ...room.stencils.map((each) => ({ value: String(each.id), words: `${each.name}, ${each.left} left` })),
    { value: '0', words: 'One that is not written down' },
  ];
  const chosen = room.stencils.find((each) => String(each.id) === mark.stencil);
  return (
    <>
      <Fields>
        <Choice
          label="Stencil"
          value={mark.stencil}
          options={stencils}
          onChange={(stencil) => put({ ...mark, stencil })}
          problem={problem?.at('stencil')}
        />
        <Choice
          label="Where"
          value={mark.place}
          options={room.places.map((place) => ({ value: place, words: place }))}
          onChange={(place) => put({ ...mark, place })}
          problem={problem?.at('place')}
        />
        <Choice
          label="Electrolyte"
          value={mark.electrolyte}
          options={room.electrolytes}
          onChange={(electrolyte) => put({ ...mark, electrolyte })}
        />
        <Choice
          label="Current"
          value={mark.current}
          options={room.currents}
          onChange={(current) =>
            put({
              ...mark,
              current,
              goal: room.usual.find((each) => each.current === current)?.time ?? mark.goal,
            })
          }
        />
        {field('volts', 'Volts')}
        {field('amperes', 'Amperes')}
        {field('area', 'Open steel, cm²')}
        {field('efficiency', 'Of the current, % at work')}
        {field('goal', 'In all')}
      </Fields>
      {chosen && chosen.left === 0 ? (
        <Trouble>
          This stencil has made its {chosen.marks} marks: look at its edges, and{' '}
          <Link to="/tank/stencils">ask for one</Link>.
        </Trouble>
      ) : null}
      <Refused problem={problem} />
      <Row>
        <Press
          data-kind="main"
          isDisabled={isBusy}
          onPress={() =>
            void run(() => change(`/api/tank/pieces/${room.piece}/marks`, { ...mark, stencil: Number(mark.stencil) }))
          }
        >
          Stencil is on
        </Press>
      </Row>
    </>
  );
}
