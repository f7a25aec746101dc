import { useState } from 'react';
import { read } from '../api/client';
import type { EstimateView } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Refused } from '../parts/Refused';
import { Fields, Panel, Row, Trouble } from '../parts/Sheet';
import { Lines } from './Fire.styles';

/** What is known, with its working, or that nothing is. */
export function Answered({ answer }: { answer: EstimateView | undefined }) {
  return (
    <div role="status">
      {answer?.outside ? <Trouble>{answer.outside}</Trouble> : null}
      {answer?.value ? (
        <>
          <strong style={{ fontSize: '1.35rem' }}>{answer.value}</strong>
          {answer.band ? <span> in all likelihood {answer.band}</span> : null}
          <Lines>
            {answer.working.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </Lines>
        </>
      ) : null}
    </div>
  );
}

interface AskProps {
  title: string;
  path: string;
  asked: readonly { key: string; label: string; usual: string }[];
  also?: Record<string, string>;
}

/** A few entries and the answer to them. */
function Ask({ title, path, asked, also }: AskProps) {
  const [entries, setEntries] = useState<Record<string, string>>(
    Object.fromEntries(asked.map((each) => [each.key, each.usual])),
  );
  const [answer, setAnswer] = useState<{ to: string; is: EstimateView } | undefined>();
  const { problem, run } = useCaught();
  const query = new URLSearchParams({ ...entries, ...also }).toString();
  const compute = () =>
    void run(async () => setAnswer({ to: query, is: await read<EstimateView>(`${path}?${query}`) }));
  return (
    <Panel aria-label={title}>
      <h2>{title}</h2>
      <Fields>
        {asked.map((each) => (
          <Entry
            key={each.key}
            label={each.label}
            name={each.key}
            value={entries[each.key] ?? ''}
            onChange={(value) => setEntries({ ...entries, [each.key]: value })}
            problem={problem?.at(each.key)}
            onEnter={compute}
          />
        ))}
        <Press onPress={compute}>Compute</Press>
      </Fields>
      <Refused problem={problem} />
      <Row>
        <Answered answer={answer?.to === query ? answer.is : undefined} />
      </Row>
    </Panel>
  );
}

/** The temper both ways, and what time does to it. */
export function Tempers({ steel }: { steel: string }) {
  const each = { key: 'each', label: 'Each for', usual: '2 h' };
  const times = { key: 'times', label: 'Times', usual: '2' };
  return (
    <>
      <Ask
        title={`${steel}: hardness after a temper`}
        path="/api/steels/hardness-after"
        asked={[{ key: 'temperature', label: 'Temper', usual: '400 F' }, each, times]}
        also={{ steel }}
      />
      <Ask
        title={`${steel}: temper for a hardness`}
        path="/api/steels/temper-for"
        asked={[{ key: 'hardness', label: 'Wanted', usual: '60' }, each, times]}
        also={{ steel }}
      />
      <Ask
        title="The same temper in another time"
        path="/api/steels/equal-temper"
        asked={[
          { key: 'temperature', label: 'Temper', usual: '400 F' },
          { key: 'time', label: 'for', usual: '2 h' },
          { key: 'other', label: 'In', usual: '1 h' },
        ]}
      />
    </>
  );
}
