import { Radio, RadioGroup } from 'react-aria-components';
import { styled } from 'styled-components';
import type { WayView } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Quiet } from '../parts/Sheet';
import { day, daysInHand, minutes } from '../parts/words';

const Cards = styled(RadioGroup)`
  display: flex;
  flex-direction: column;
  gap: 0.5rem;
`;

const Card = styled(Radio)`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.1rem 1rem;
  padding: 0.6rem 0.9rem;
  min-height: 56px;
  border: 2px solid ${({ theme }) => theme.line};
  border-radius: 4px;
  background: #fff;
  cursor: pointer;
  strong {
    font-family: ${({ theme }) => theme.label};
    font-size: 1.15rem;
  }
  > span {
    font-variant-numeric: tabular-nums;
    text-align: right;
  }
  @media (max-width: 520px) {
    grid-template-columns: minmax(0, 1fr);
    > span {
      text-align: left;
    }
  }
  small {
    grid-column: 1 / -1;
    font-size: 0.95rem;
    color: ${({ theme }) => theme.quiet};
  }
  small[data-caution] {
    color: ${({ theme }) => theme.alarm};
    font-weight: 700;
  }
  &[data-selected] {
    border-color: ${({ theme }) => theme.blue};
    background: ${({ theme }) => theme.manila};
  }
  &[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.focus};
  }
`;

export const wayKey = (way: WayView): string => `${way.wayBack} ${way.from}`;

interface WaysBackProps {
  ways: readonly WayView[];
  way: WayView | undefined;
  onWay: (way: WayView) => void;
}

/** Each way with its steps, hours, material and the day it leads to. Work can be done again from any of several steps. */
export function WaysBack({ ways, way, onWay }: WaysBackProps) {
  const redos = ways.filter((each) => each.wayBack === 'REDO');
  const redo = redos.find((each) => way && wayKey(each) === wayKey(way)) ?? redos[0];
  const shown = [...(redo ? [redo] : []), ...ways.filter((each) => each.wayBack !== 'REDO')];
  const choose = (key: string) => {
    const next = ways.find((each) => wayKey(each) === key);
    if (next) {
      onWay(next);
    }
  };
  return (
    <>
      <Cards aria-label="How to go on" value={way ? wayKey(way) : ''} onChange={choose}>
        <h3>How to go on</h3>
        {shown.map((each) => (
          <Card key={wayKey(each)} value={wayKey(each)}>
            <strong>{each.words}</strong>
            <span>{cost(each)}</span>
            <small>{detail(each)}</small>
            {each.cautions.map((line) => (
              <small key={line} data-caution>
                {line}
              </small>
            ))}
          </Card>
        ))}
      </Cards>
      {redos.length > 1 && way?.wayBack === 'REDO' ? (
        <Choice
          label="Do it again from"
          value={wayKey(way)}
          options={redos.map((each) => ({
            value: wayKey(each),
            words: `${each.words.replace('Do it again from ', '')}, ${minutes(each.minutes)}`,
          }))}
          onChange={choose}
        />
      ) : null}
      {ways.length > 0 && !way ? <Quiet>Choose one; nothing changes before it is written down.</Quiet> : null}
    </>
  );
}

function cost(way: WayView): string {
  if (way.wayBack === 'SCRAP' || way.wayBack === 'SPARE' || way.wayBack === 'HOLD') {
    return '';
  }
  return `${way.minutes > 0 ? `costs ${minutes(way.minutes)}` : 'costs no work'}; ${daysInHand(way.daysInHand)}`;
}

function detail(way: WayView): string {
  const parts = [
    way.again.length > 0 ? `Again: ${way.again.join(', ')}.` : '',
    way.comesIn.length > 0 ? `New: ${way.comesIn.join(', ')}.` : '',
    way.rests.length > 0 ? `Rests: ${way.rests.join(', ')}.` : '',
    way.material.length > 0 ? `Uses: ${way.material.join(', ')}.` : '',
    way.wayBack === 'SCRAP' || way.wayBack === 'SPARE' || way.wayBack === 'HOLD'
      ? ''
      : `Could be done by ${day(way.earliestDay)}.`,
  ];
  return parts.filter(Boolean).join(' ');
}
