import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { change, read } from '../api/client';
import type { ScalesView } from '../api/schema';
import { Answer } from '../parts/Answer';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Measured } from '../parts/Measured';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Listed, Quiet, Row, Section, Trouble } from '../parts/Sheet';

/** A pair of scales: left against right before anything is glued, their holes, and spare pairs for the same tang. */
export function Scales({ piece }: { piece: number }) {
  const { data } = useQuery({
    queryKey: ['fit', 'scales', piece],
    queryFn: () => read<ScalesView>(`/api/fit/pieces/${piece}/scales`),
  });
  if (!data) {
    return null;
  }
  return (
    <Section aria-label="The scales">
      <h2>The scales</h2>
      <Pair key={data.lines.map((line) => line.left + line.right).join()} scales={data} />
      {data.numbers.length > 0 ? (
        <Facts>
          <tbody>
            {data.numbers.map((number) => (
              <tr key={number.label}>
                <td>{number.label}</td>
                <td>
                  <strong>{number.value}</strong>
                </td>
              </tr>
            ))}
          </tbody>
        </Facts>
      ) : null}
      {data.says.map((each) => (
        <Quiet key={each}>{each}</Quiet>
      ))}
      {data.canBeChanged || data.spares.length > 0 ? <Spares scales={data} /> : null}
    </Section>
  );
}

function Pair({ scales }: { scales: ScalesView }) {
  const [entries, setEntries] = useState<Record<string, string>>({});
  const { problem, isBusy, run } = useCaught();
  const entered = (field: string, label: string, isAngle: boolean) => {
    const asked = {
      label,
      name: `${scales.id} ${field}`,
      value: entries[field] ?? '',
      onChange: (value: string) => setEntries({ ...entries, [field]: value }),
      problem: problem?.at(field),
    };
    return isAngle ? <Entry key={field} {...asked} /> : <Measured key={field} {...asked} />;
  };
  return (
    <>
      <Facts data-stacks>
        <thead>
          <tr>
            <th>Of each scale</th>
            <th>Left</th>
            <th>Right</th>
          </tr>
        </thead>
        <tbody>
          {scales.lines.map((line) => (
            <tr key={line.field}>
              <td>{line.label}</td>
              <td data-head="left">{line.left || '–'}</td>
              <td data-head="right">{line.right || '–'}</td>
            </tr>
          ))}
        </tbody>
      </Facts>
      {scales.lines.map((line) => (line.isOut ? <Trouble key={line.field}>{line.says}.</Trouble> : null))}
      <Fields data-pairs>
        {scales.lines.flatMap((line) =>
          ['LEFT', 'RIGHT'].map((side) =>
            entered(`${line.field}_${side}`, `${line.label}, ${side.toLowerCase()}`, line.field === 'FRONT'),
          ),
        )}
      </Fields>
      <Row>
        <Press
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/fit/pieces/${scales.id}/scales`, { entries }))}
        >
          Keep the readings
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}

function Spares({ scales }: { scales: ScalesView }) {
  const [pair, setPair] = useState({ serial: '', spacing: '', hole: '' });
  const { problem, isBusy, run } = useCaught();
  const keep = () =>
    void run(async () => {
      await change(`/api/fit/pieces/${scales.id}/spare-pairs`, pair);
      setPair({ serial: '', spacing: '', hole: '' });
    });
  return (
    <>
      <h3>Spare pairs</h3>
      <p>
        The tang’s outer holes lie <strong>{scales.spacing}</strong> apart.
      </p>
      <Listed>
        {scales.spares.map((spare) => (
          <li key={spare.id}>
            <strong>{spare.serial}</strong> {spare.goesOn ? spare.says : <Trouble as="span">{spare.says}</Trouble>}
            <Answer label="Room left" worked={spare.left} />
            <Press
              isDisabled={isBusy}
              onPress={() => void run(() => change(`/api/fit/spare-pairs/${spare.id}/strike`))}
            >
              Strike it out
            </Press>
          </li>
        ))}
      </Listed>
      <Fields>
        <Entry
          label="Its number"
          name={`${scales.id} serial`}
          value={pair.serial}
          onChange={(serial) => setPair({ ...pair, serial })}
          problem={problem?.at('serial')}
        />
        <Measured
          label="Outer holes, apart"
          name={`${scales.id} spacing`}
          value={pair.spacing}
          onChange={(spacing) => setPair({ ...pair, spacing })}
          problem={problem?.at('spacing')}
        />
        <Measured
          label="Its holes"
          name={`${scales.id} hole`}
          value={pair.hole}
          onChange={(hole) => setPair({ ...pair, hole })}
          problem={problem?.at('hole')}
        />
      </Fields>
      <Row>
        <Press isDisabled={isBusy} onPress={keep}>
          Keep the pair
        </Press>
      </Row>
      <Refused problem={problem} />
    </>
  );
}
