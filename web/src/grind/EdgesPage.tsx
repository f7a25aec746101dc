import { useState } from 'react';
import { usePerson } from '../access/useSession';
import { change } from '../api/client';
import type { HabitView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Quiet, Row } from '../parts/Sheet';
import { useEdges } from './useGrind';

/** What the shop leaves behind an edge, by what a knife is for; the usual until somebody says otherwise. */
export default function EdgesPage() {
  const { data } = useEdges();
  const isOwner = usePerson().role === 'OWNER';
  return (
    <>
      <h1>The shop’s edges</h1>
      <Quiet>
        Thickness behind the edge before sharpening, and angle a side. Between the two ends decide hardness, carbides
        and grind. {isOwner ? 'Yours take the place of the usual.' : 'The owner sets them.'}
      </Quiet>
      {data?.map((habit) => (
        <Habit key={`${habit.use} ${habit.origin} ${habit.least}`} habit={habit} isOwner={isOwner} />
      ))}
    </>
  );
}

function Habit({ habit, isOwner }: { habit: HabitView; isOwner: boolean }) {
  const [entries, setEntries] = useState({
    least: habit.least,
    most: habit.most,
    leastDegrees: String(habit.leastDegrees),
    mostDegrees: String(habit.mostDegrees),
  });
  const { problem, isBusy, run } = useCaught();
  const address = `/api/grind/edges/${habit.use}`;
  const field = (key: keyof typeof entries, label: string) => (
    <Entry
      label={label}
      name={`${habit.use} ${key}`}
      value={entries[key]}
      onChange={(value) => setEntries({ ...entries, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  return (
    <Panel aria-label={habit.words}>
      <h2>{habit.words}</h2>
      {isOwner ? (
        <>
          <Fields>
            {field('least', 'Behind the edge, from')}
            {field('most', 'to')}
            {field('leastDegrees', 'Degrees a side, from')}
            {field('mostDegrees', 'to, degrees')}
          </Fields>
          <Row>
            <Press isDisabled={isBusy} onPress={() => void run(() => change(address, entries))}>
              Keep
            </Press>
            {habit.isOwn ? (
              <Press isDisabled={isBusy} onPress={() => void run(() => change(`${address}/usual`, {}))}>
                Back to the usual
              </Press>
            ) : null}
          </Row>
        </>
      ) : (
        <p>
          {habit.least ? `${habit.least} to ${habit.most} behind the edge, ` : ''}
          {habit.leastDegrees}° to {habit.mostDegrees}° a side
        </p>
      )}
      <Refused problem={problem} />
      <Quiet>{habit.origin}</Quiet>
    </Panel>
  );
}
