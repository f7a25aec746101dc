import { styled } from 'styled-components';
import type { EffectView, OperationView } from '../api/schema';
import { Quiet, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';
import { day, daysInHand, minutes } from '../parts/words';

const Body = styled.section`
  display: flex;
  flex-direction: column;
  gap: 0.6rem;
  border-top: 2px solid ${({ theme }) => theme.ink};
  padding-top: 0.6rem;
  [data-sum] {
    font-size: 1.15rem;
    font-weight: 700;
  }
  ul {
    padding: 0;
    margin: 0;
    list-style: none;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(270px, 1fr));
    gap: 0.3rem;
  }
  ul label {
    min-height: 46px;
    font-size: 1rem;
    padding: 0.1rem 0.5rem;
  }
  ul label > span {
    flex-basis: 26px;
    height: 26px;
  }
`;

interface EffectProps {
  effect: EffectView;
  isNamed: boolean;
  keep: readonly string[];
  onKeep: (keep: string[]) => void;
}

/** What a change would do to one piece: what is irreversible first, then what is done again, what comes and goes, hours and promise. */
export function Effect({ effect, isNamed, keep, onKeep }: EffectProps) {
  const isNothing =
    effect.again.length +
      effect.comesIn.length +
      effect.dropsOut.length +
      effect.lost.length +
      effect.conflicts.length +
      effect.noLongerFit.length ===
    0;
  return (
    <Body aria-label={`What it does to ${effect.name}`}>
      {isNamed ? <h3>{effect.name}</h3> : null}
      {effect.conflicts.map((conflict) => (
        <Trouble key={conflict.reason}>
          {conflict.reason} {conflict.consequence} {conflict.remedy}
        </Trouble>
      ))}
      {effect.noLongerFit.map((part) => (
        <Trouble key={part.label}>
          {part.label} was made to {part.madeTo} and would be {part.now} (± {part.tolerance}): it no longer fits.
          {part.affects.length > 0 ? ` On it hang: ${part.affects.join(', ')}.` : ''}
        </Trouble>
      ))}
      {effect.hardensAgain ? (
        <Trouble>
          The blade is hardened once more, {effect.heats} times in all: each one costs carbon and grain.
        </Trouble>
      ) : null}
      <p data-sum>
        {work(effect.minutesMore)} {effect.material.length > 0 ? `Uses ${effect.material.join(', ')}. ` : ''}
        {daysInHand(effect.daysInHandNow)} now, {daysInHand(effect.daysInHandThen)} then; could be done by{' '}
        {day(effect.earliestDay)}.
      </p>
      {effect.again.length > 0 ? (
        <>
          <h3>Spoils finished work: to be done again</h3>
          <Quiet>Untick what stays as it is, if you judge so; that is written down too.</Quiet>
          <ul>
            {effect.again.map((step) => (
              <li key={step.operation}>
                <Tick
                  words={step.title}
                  isTicked={!keep.includes(step.operation)}
                  onChange={(on) =>
                    onKeep(on ? keep.filter((each) => each !== step.operation) : [...keep, step.operation])
                  }
                />
              </li>
            ))}
          </ul>
        </>
      ) : null}
      <Steps title="Was done for nothing" steps={effect.lost} />
      <Steps title="Comes in" steps={effect.comesIn} />
      <Steps title="Drops out" steps={effect.dropsOut} />
      {isNothing ? <p>No step changes, and every part still fits.</p> : null}
    </Body>
  );
}

function work(more: number): string {
  if (more === 0) {
    return 'As much work as before.';
  }
  return more > 0 ? `${minutes(more)} of work more.` : `${minutes(-more)} of work less.`;
}

function Steps({ title, steps }: { title: string; steps: readonly OperationView[] }) {
  return steps.length === 0 ? null : (
    <p>
      <strong>{title}:</strong> {steps.map((step) => step.title).join(', ')}.
    </p>
  );
}
