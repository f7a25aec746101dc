import { useState } from 'react';
import { change } from '../api/client';
import type { ControllerKind } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Quiet, Row } from '../parts/Sheet';

const EMPTY = {
  name: '',
  watts: '',
  heatsTo: '1500 F',
  heatsIn: '',
  coolsTo: '400 F',
  coolsIn: '',
  most: '',
  width: '',
  height: '',
  depth: '',
  slots: '',
  controller: 'STAND_IN',
  address: '',
};

/** A kiln is known by its plate, its chamber, and two times by the clock; everything that is foretold of it comes from them. */
export function NewKiln({ kinds }: { kinds: readonly ControllerKind[] }) {
  const [isOpen, setOpen] = useState(false);
  const [kiln, setKiln] = useState(EMPTY);
  const { problem, isBusy, run } = useCaught();
  const field = (key: keyof typeof EMPTY, label: string) => (
    <Entry
      label={label}
      name={key}
      value={kiln[key]}
      onChange={(value) => setKiln({ ...kiln, [key]: value })}
      problem={problem?.at(key)}
    />
  );
  const keep = () =>
    void run(async () => {
      await change('/api/fire/kilns', kiln);
      setKiln(EMPTY);
      setOpen(false);
    });
  const asked = kinds.find((kind) => kind.kind === kiln.controller);
  if (!isOpen) {
    return (
      <Row>
        <Press onPress={() => setOpen(true)}>Another kiln</Press>
      </Row>
    );
  }
  return (
    <Panel aria-label="Another kiln">
      <h2>Another kiln</h2>
      <Quiet>
        Time it once, empty and shut: how long from cold up to a heat, and how long by itself back down. Its losses and
        what its lining holds follow from the two.
      </Quiet>
      <Fields>
        {field('name', 'Name')}
        {field('watts', 'Watts, from its plate')}
        {field('most', 'Its safety cuts at')}
        {field('heatsTo', 'Timed up to')}
        {field('heatsIn', 'in')}
        {field('coolsTo', 'and back down to')}
        {field('coolsIn', 'in ')}
        {field('width', 'Chamber, width')}
        {field('height', 'Height')}
        {field('depth', 'Depth')}
        {field('slots', 'Slots of its rack')}
        {kinds.length > 1 ? (
          <Choice
            label="Its controller"
            value={kiln.controller}
            options={kinds.map((kind) => ({ value: kind.kind, words: kind.words }))}
            onChange={(controller) => setKiln({ ...kiln, controller })}
          />
        ) : null}
        {asked?.address ? field('address', `Reached at ${asked.address}`) : null}
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Press data-kind="main" isDisabled={isBusy} onPress={keep}>
          Write it down
        </Press>
        <Press onPress={() => setOpen(false)}>Leave it</Press>
      </Row>
    </Panel>
  );
}
