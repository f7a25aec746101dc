import { useState } from 'react';
import { change } from '../api/client';
import type { MachineView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';

const KINDS = [
  { value: 'PRESS', words: 'Press' },
  { value: 'HAMMER', words: 'Power hammer' },
  { value: 'FIRE', words: 'Forge' },
];
const EMPTY = { name: '', kind: 'PRESS', tons: '', die: '', longest: '', thickest: '', owner: '' };

/** What the forge has: what each press gives and what fits into each. Recipes are held against it. */
export function Machines({ machines }: { machines: readonly MachineView[] }) {
  const [isAdding, setAdding] = useState(false);
  const { problem, isBusy, run } = useCaught();
  return (
    <Panel aria-label="Machines and fires">
      <Row>
        <h2>Machines and fires</h2>
        {isAdding ? null : <Press onPress={() => setAdding(true)}>Another one</Press>}
      </Row>
      {machines.length === 0 ? (
        <Quiet>None is written down, so no recipe is held against what it gives and takes.</Quiet>
      ) : null}
      <Facts>
        <tbody>
          {machines.map((machine) => (
            <tr key={machine.id}>
              <td>
                <strong>{machine.name}</strong>
              </td>
              <td>{machine.kind}</td>
              <td>{machine.words}</td>
              <td>{machine.owner ? `borrowed from ${machine.owner}` : ''}</td>
              <td>
                <Press
                  isDisabled={isBusy}
                  onPress={() => void run(() => change(`/api/forge/machines/${machine.id}/drop`))}
                >
                  No longer here
                </Press>
              </td>
            </tr>
          ))}
        </tbody>
      </Facts>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {isAdding ? <Another onClose={() => setAdding(false)} /> : null}
    </Panel>
  );
}

function Another({ onClose }: { onClose: () => void }) {
  const [machine, setMachine] = useState(EMPTY);
  const { problem, isBusy, run } = useCaught();
  const field = (key: keyof typeof EMPTY, label: string) => (
    <Entry
      label={label}
      name={key}
      value={machine[key]}
      onChange={(value) => setMachine({ ...machine, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  const keep = () =>
    void run(async () => {
      await change('/api/forge/machines', machine);
      onClose();
    });
  return (
    <>
      <Fields>
        <Choice
          label="What it is"
          value={machine.kind}
          options={KINDS}
          onChange={(kind) => setMachine({ ...machine, kind })}
        />
        {field('name', 'Name')}
        {machine.kind === 'PRESS' ? field('tons', 'Tons of 2 000 lb') : null}
        {machine.kind === 'FIRE' ? null : field('die', 'Dies, along the billet')}
        {field('longest', 'Longest billet')}
        {field('thickest', 'Thickest billet')}
        {field('owner', 'Borrowed from')}
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          Write it down
        </Press>
        <Press onPress={onClose}>Leave it</Press>
      </Row>
    </>
  );
}
