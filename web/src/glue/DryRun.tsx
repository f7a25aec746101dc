import { useState } from 'react';
import { change } from '../api/client';
import type { GlueView } from '../api/schema';
import { useNow } from '../live/useNow';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Clock } from '../parts/RoomClock';
import { Quiet, Row, Section, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { clockDown } from '../parts/words';

/** Before anything is mixed: what lies ready, the parts in their order, and a run without adhesive by the clock. */
export function DryRun({ glue }: { glue: GlueView }) {
  const run = glue.dryRun;
  return (
    <Section aria-label="Dry run">
      <h3>Dry run</h3>
      <Ready glue={glue} />
      <p>The parts in their order:</p>
      <ol>
        {glue.parts.map((part, index) => (
          <li key={part}>
            {index + 1}. {part}
          </li>
        ))}
      </ol>
      {run?.took ? run.isTooLong ? <Trouble>{run.says}</Trouble> : <Quiet>{run.says}</Quiet> : null}
      {glue.isAtWork ? <Rehearse key={String(Boolean(run?.took))} glue={glue} /> : null}
    </Section>
  );
}

/** Ticked for every bench: whoever comes to help sees what is still to be fetched. */
function Ready({ glue }: { glue: GlueView }) {
  const { problem, run } = useCaught();
  return (
    <>
      <p>Lies ready:</p>
      {glue.lies.map((each) => (
        <Tick
          key={each}
          words={each}
          isTicked={glue.seen.includes(each)}
          onChange={(isThere) => void run(() => change(`/api/glue/pieces/${glue.id}/ready`, { words: each, isThere }))}
        />
      ))}
      <Refused problem={problem} />
    </>
  );
}

function Rehearse({ glue }: { glue: GlueView }) {
  const now = useNow();
  const [parts, setParts] = useState(String(glue.parts.length));
  const { problem, isBusy, run } = useCaught();
  const send = (path: string, body = {}) => void run(() => change(`/api/glue/pieces/${glue.id}/dry-run${path}`, body));
  const running = glue.dryRun && !glue.dryRun.took ? glue.dryRun : undefined;
  if (!running) {
    return (
      <>
        <Row>
          <Press data-kind="main" isDisabled={isBusy} onPress={() => send('')}>
            Run it dry by the clock
          </Press>
          {glue.dryRun ? (
            <Press isDisabled={isBusy} onPress={() => send('/forget')}>
              That run does not count
            </Press>
          ) : null}
        </Row>
        <Refused problem={problem} />
      </>
    );
  }
  return (
    <Clock aria-label="Dry run by the clock">
      <span data-time role="timer" aria-label="Dry run">
        {clockDown(now - running.begunAtMillis)}
      </span>
      <Entry
        label="Parts that went through"
        name={`${glue.id} parts`}
        value={parts}
        onChange={setParts}
        problem={problem?.at('parts')}
      />
      <Row>
        <Press data-large data-kind="main" isDisabled={isBusy} onPress={() => send('/over', { parts })}>
          Last clamp on
        </Press>
        <Press isDisabled={isBusy} onPress={() => send('/forget')}>
          Not now
        </Press>
      </Row>
    </Clock>
  );
}
