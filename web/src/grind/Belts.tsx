import { useState } from 'react';
import { change } from '../api/client';
import type { GrindView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Facts } from '../parts/Facts';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { moment } from '../parts/words';

/** How thick the edge is to be after each belt. */
export function BeltSheet({ room }: { room: GrindView }) {
  return (
    <>
      <h3>Edge after each belt</h3>
      <Facts data-stacks>
        <thead>
          <tr>
            <th>Belt</th>
            <th>Edge</th>
            <th>Because</th>
          </tr>
        </thead>
        <tbody>
          {room.stages.map((stage) => (
            <tr key={stage.key} aria-current={stage.isNext ? 'step' : undefined}>
              <td>{stage.isNext ? <strong>{stage.words}: now</strong> : stage.words}</td>
              <td>
                <strong>{stage.edge.value}</strong>
              </td>
              <td>{stage.edge.working.join('; ')}</td>
            </tr>
          ))}
        </tbody>
      </Facts>
      {room.work && room.isAtWork ? (
        <p>
          Still to come off in this heat: <strong>{room.work.volume.value}</strong>, about{' '}
          <strong>{room.work.time.value}</strong>. <Quiet as="span">{room.work.time.working.join('; ')}.</Quiet>
        </p>
      ) : null}
    </>
  );
}

/** Which belts come now, and which were really used. */
export function BeltLog({ room }: { room: GrindView }) {
  const [use, setUse] = useState({ tool: 'BELT', lot: '0', grit: '', isNew: false });
  const { problem, isBusy, run } = useCaught();
  const { belt } = room;
  const onRack = belt.belts.find((each) => String(each.lot) === use.lot);
  const keep = () =>
    void run(async () => {
      await change(`/api/grind/pieces/${room.id}/abrasives`, {
        tool: use.tool,
        lot: Number(use.lot),
        grit: use.grit,
        isNew: use.isNew && onRack !== undefined,
      });
      setUse({ ...use, grit: '', isNew: false });
    });
  return (
    <Section aria-label="Belts">
      <h3>Belts</h3>
      <p>
        <strong>{belt.ladder.words}</strong>
      </p>
      <ul>
        {belt.ladder.steps.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {belt.ladder.cautions.map((line) => (
        <Trouble key={line}>{line}</Trouble>
      ))}
      {belt.used.length > 0 ? (
        <p>
          Used so far:{' '}
          {belt.used.map((each, index) => (
            <span key={`${each.atMillis} ${each.grit}`}>
              {index > 0 ? '; ' : ''}
              {each.tool.toLowerCase()} {each.grit}
              {each.isNew ? ', new' : ''} <Quiet as="span">({`${each.by}, ${moment(each.atMillis)}`})</Quiet>
            </span>
          ))}
        </p>
      ) : (
        <Quiet>Nothing is noted yet of what was used.</Quiet>
      )}
      <Fields>
        <Choice
          label="What was used"
          value={use.tool}
          options={belt.tools.map((tool) => ({ value: tool.value, words: tool.words }))}
          onChange={(tool) => setUse({ ...use, tool })}
        />
        <Choice
          label="From the rack"
          value={use.lot}
          options={[
            { value: '0', words: 'hung there already' },
            ...belt.belts.map((each) => ({
              value: String(each.lot),
              words: `${each.words}, ${each.left}${each.why ? ` (${each.why})` : ''}`,
            })),
          ]}
          onChange={(lot) => setUse({ ...use, lot })}
        />
        {onRack?.grit ? null : (
          <Entry
            label="Grit, such as P120"
            name={`${room.id} grit`}
            value={use.grit}
            onChange={(grit) => setUse({ ...use, grit })}
            problem={problem?.at('grit')}
          />
        )}
      </Fields>
      <Row>
        {onRack ? (
          <Tick words="A new one" isTicked={use.isNew} onChange={(isNew) => setUse({ ...use, isNew })} />
        ) : null}
        <Press isDisabled={isBusy} onPress={keep}>
          Note what was used
        </Press>
      </Row>
      <Refused problem={problem} />
    </Section>
  );
}
