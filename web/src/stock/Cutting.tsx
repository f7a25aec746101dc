import { useState } from 'react';
import { Link } from 'react-router';
import { change } from '../api/client';
import type { BarView, Cutting as CuttingData, RunView } from '../api/schema';
import { Facts } from '../parts/Facts';
import { useCaught } from '../parts/Caught';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Fields, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Doorways } from './Doorways';
import { ScribedBar } from './ScribedBar';
import { useCutting } from './useStock';
import { useSearch } from '../parts/useSearch';

const isOver = (run: RunView): boolean => Boolean(run.plan) || run.isFailed;

/** How the bars on the rack are cut for the blanks that wait. */
export default function Cutting() {
  const { data } = useCutting();
  return (
    <>
      <h1>Cut bars</h1>
      <Doorways />
      {data?.planned.map((bar) => (
        <Planned key={bar.id} bar={bar} />
      ))}
      {data ? <Look cutting={data} /> : <Quiet>One moment…</Quiet>}
    </>
  );
}

/** A bar that is laid out and not cut yet. */
function Planned({ bar }: { bar: BarView }) {
  const { problem, isBusy, run } = useCaught();
  const files = `/api/stock/cuts/${bar.id}/files`;
  return (
    <Panel aria-label={`To cut: ${bar.words}`}>
      <h2>To cut: {bar.words}</h2>
      <ScribedBar bar={bar} />
      <CutList bar={bar} />
      <Row>
        <Press
          data-kind="main"
          data-large
          isDisabled={isBusy}
          onPress={() => void run(() => change(`/api/stock/cuts/${bar.id}/cut`))}
        >
          It is cut
        </Press>
        <Press data-large isDisabled={isBusy} onPress={() => void run(() => change(`/api/stock/cuts/${bar.id}/drop`))}>
          Drop this plan
        </Press>
        <strong>1:1</strong>
        <a href={`${files}/template.pdf?paper=A4`}>PDF A4</a>
        <a href={`${files}/template.pdf?paper=Letter`}>PDF Letter</a>
        <a href={`${files}/template.svg`}>SVG</a>
        <a href={`${files}/template.dxf`}>DXF</a>
        <a href={`${files}/list.csv`}>Cut list</a>
      </Row>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </Panel>
  );
}

function CutList({ bar }: { bar: BarView }) {
  return (
    <Facts>
      <thead>
        <tr>
          <th>Blank</th>
          <th>Lies</th>
          <th>From the end</th>
          <th>To</th>
        </tr>
      </thead>
      <tbody>
        {bar.blanks.map((blank) => (
          <tr key={blank.piece + blank.from}>
            <td>{blank.piece}</td>
            <td>{blank.placing}</td>
            <td>{blank.from}</td>
            <td>{blank.to}</td>
          </tr>
        ))}
      </tbody>
    </Facts>
  );
}

const RULES = [
  { key: 'kerf', label: 'The saw takes' },
  { key: 'edge', label: 'Left to the bar’s edge' },
  { key: 'clamp', label: 'Held in the vice' },
  { key: 'useful', label: 'Shortest offcut to keep' },
  { key: 'thicker', label: 'May be thicker by' },
] as const;

/** Looks for a way to cut what waits from what lies there. */
function Look({ cutting }: { cutting: CuttingData }) {
  const [rules, setRules] = useState<Record<string, string>>({ ...cutting.usual });
  const [seconds, setSeconds] = useState('5');
  const search = useSearch<RunView>('/api/stock/cutting', isOver);
  return (
    <>
      <Panel aria-label="Look for a way to cut">
        <h2>
          {cutting.waiting.length} {cutting.waiting.length === 1 ? 'blank waits' : 'blanks wait'}, {cutting.bars}{' '}
          {cutting.bars === 1 ? 'bar' : 'bars'} to cut from
        </h2>
        <Quiet>
          {cutting.waiting.map((piece) => `${piece.piece} ${piece.title} (${piece.steel})`).join('; ') ||
            'A blank waits here once its outline is approved.'}
        </Quiet>
        <Fields>
          {RULES.map(({ key, label }) => (
            <Entry
              key={key}
              label={label}
              name={key}
              value={rules[key] ?? ''}
              onChange={(value) => setRules({ ...rules, [key]: value })}
              problem={search.problem?.at(key)}
            />
          ))}
          <Entry
            label="Seconds to look"
            name="seconds"
            type="number"
            value={seconds}
            onChange={setSeconds}
            problem={search.problem?.at('seconds')}
          />
        </Fields>
        {search.problem && search.problem.findings.length === 0 ? (
          <Trouble role="alert">{search.problem.message}</Trouble>
        ) : null}
        <Row>
          {search.isLooking ? (
            <>
              <span role="status">{lookingWords(search.run)}</span>
              <Press data-large onPress={search.cancel}>
                Enough, show what there is
              </Press>
            </>
          ) : (
            <Press
              data-kind="main"
              data-large
              isDisabled={cutting.waiting.length === 0}
              onPress={() => search.begin({ ...rules, seconds: Number(seconds) || 0 })}
            >
              Look for the best way
            </Press>
          )}
        </Row>
      </Panel>
      {search.run?.plan ? <Found run={search.run} /> : null}
      {search.run?.isFailed ? (
        <Trouble role="alert">No way could be worked out. The server’s log has the details.</Trouble>
      ) : null}
    </>
  );
}

const lookingWords = (run: RunView | undefined): string =>
  run && run.groups > 0 ? `Looking… ${run.settled} of ${run.groups} steels and thicknesses settled` : 'Looking…';

/** What was found. A bar that was accepted is no longer offered. */
function Found({ run }: { run: RunView }) {
  const [accepted, setAccepted] = useState<readonly number[]>([]);
  const { problem, isBusy, run: make } = useCaught();
  const { plan } = run;
  if (!plan) {
    return null;
  }
  const accept = (lot: number) =>
    void make(async () => {
      await change(`/api/stock/cutting/${run.id}/accept`, { lot });
      setAccepted([...accepted, lot]);
    });
  return (
    <>
      <p role="status">
        {plan.wasted} {plan.proof}
      </p>
      {plan.notPlaced.length > 0 ? (
        <Trouble as="div">
          No bar has room for:
          <ul>
            {plan.notPlaced.map((each) => (
              <li key={each.name}>
                {each.name}. {each.why}
              </li>
            ))}
          </ul>
          <Link to="/stock/buying">What to buy</Link>
        </Trouble>
      ) : null}
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
      {plan.bars
        .filter((bar) => !accepted.includes(bar.lotId))
        .map((bar) => (
          <Panel key={bar.lotId} aria-label={`Proposed: ${bar.words}`}>
            <h2>
              {bar.words}
              {bar.place ? `, ${bar.place}` : ''}
            </h2>
            <ScribedBar bar={bar} />
            <CutList bar={bar} />
            <Row>
              <Press data-kind="main" isDisabled={isBusy} onPress={() => accept(bar.lotId)}>
                Cut it so
              </Press>
              <span>
                {bar.usedWords} used up, {bar.offcut ? `${bar.offcut} stay on the rack` : 'nothing useful left'}
              </span>
            </Row>
          </Panel>
        ))}
    </>
  );
}
