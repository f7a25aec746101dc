import { styled } from 'styled-components';
import type { Reading } from '../api/schema';
import { Advices } from './Advices';
import { Silhouette } from '../blade/Silhouette';
import { Panel, Quiet } from '../parts/Sheet';
import { day, minutes, resting } from '../parts/words';

const Blue = styled.div`
  background: ${({ theme }) => theme.blue};
  border-radius: 4px;
  padding: 1.2rem;
  display: grid;
  place-items: center;
  min-height: 120px;
  color: ${({ theme }) => theme.scribe};
`;

const Route = styled.ol`
  max-height: 300px;
  overflow: auto;
  font-size: 0.95rem;
  li {
    display: flex;
    justify-content: space-between;
    gap: 1rem;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    padding: 0.15rem 0;
  }
  span:last-child {
    color: ${({ theme }) => theme.quiet};
    white-space: nowrap;
  }
`;

const WIDTH = 420;

/** The knife as it stands in the talk: its drawing, its route, its hours and the earliest day. */
export function Preview({ reading, finish, useWords }: { reading?: Reading; finish: string; useWords: string }) {
  const drawing = reading?.drawing;
  return (
    <>
      <Blue>
        {drawing ? (
          <Silhouette
            drawing={drawing}
            state="HANDLED"
            finish={finish}
            scale={WIDTH / drawing.width}
            label="The knife as specified"
          />
        ) : (
          'The drawing comes back when every entry is understood.'
        )}
      </Blue>
      {useWords ? (
        <Quiet>
          For: <q>{useWords}</q>
        </Quiet>
      ) : null}
      {reading ? <Advices advice={reading.advice} /> : null}
      {reading && drawing ? (
        <Panel aria-label="Route">
          <p>
            <strong>{minutes(reading.attendedMinutes)}</strong> of hands-on work in {reading.route.length} steps; done
            by <strong>{day(reading.earliestDay)}</strong> at the earliest.
          </p>
          <Route aria-label="Steps" tabIndex={0}>
            {reading.route.map((step) => (
              <li key={step.title}>
                <span>{step.title}</span>
                <span>
                  {minutes(step.attendedMinutes)}
                  {step.restMinutes > 0 ? ` + ${resting(step.restMinutes)} rest` : ''}
                </span>
              </li>
            ))}
          </Route>
        </Panel>
      ) : null}
    </>
  );
}
