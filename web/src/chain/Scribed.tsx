import { Button } from 'react-aria-components';
import { styled } from 'styled-components';
import type { NumberView } from '../api/schema';
import { follow, type Placed } from './model';

const WIDTH = 214;
const HEIGHT = 84;
const GAP_ACROSS = 58;
const GAP_DOWN = 16;

const Field = styled.div`
  background: ${({ theme }) => theme.blueDeep};
  border-radius: 4px;
  padding: 1.2rem;
  overflow-x: auto;
  > div {
    position: relative;
    margin: 0 auto;
  }
  svg {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }
  path {
    fill: none;
    stroke: ${({ theme }) => theme.scribeQuiet};
    stroke-width: 1.4;
  }
  path[data-near] {
    stroke: #fff;
    stroke-width: 2.4;
  }
`;

const Node = styled(Button)`
  position: absolute;
  width: ${WIDTH}px;
  height: ${HEIGHT}px;
  padding: 0.3rem 0.6rem;
  text-align: left;
  background: ${({ theme }) => theme.blue};
  border: 1.5px solid ${({ theme }) => theme.scribeQuiet};
  border-radius: 2px;
  color: #fff;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  justify-content: center;
  line-height: 1.15;
  font-family: ${({ theme }) => theme.label};
  font-size: 1rem;
  strong {
    font-size: 1.3rem;
    font-variant-numeric: tabular-nums;
  }
  small {
    font-size: 0.92rem;
    color: ${({ theme }) => theme.scribe};
  }
  &[data-followed] {
    background: #fff;
    color: ${({ theme }) => theme.ink};
    border: 3px solid #fff;
    small {
      color: ${({ theme }) => theme.quiet};
    }
  }
  &[data-stale] {
    border: 3px dashed #ffb09c;
  }
  &[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.focus};
  }
`;

interface ScribedProps {
  numbers: readonly NumberView[];
  followed: string;
  onFollow: (key: string) => void;
}

/** The part of the chain around one number, scribed on layout blue. */
export function Scribed({ numbers, followed, onFollow }: ScribedProps) {
  const { placed, links, columns, rows } = follow(numbers, followed);
  const width = columns * (WIDTH + GAP_ACROSS) - GAP_ACROSS;
  const height = rows * (HEIGHT + GAP_DOWN) - GAP_DOWN;
  const top = (each: Placed): number => {
    const inColumn = placed.filter((other) => other.column === each.column).length;
    return (height - (inColumn * (HEIGHT + GAP_DOWN) - GAP_DOWN)) / 2 + each.row * (HEIGHT + GAP_DOWN);
  };
  const left = (each: Placed): number => each.column * (WIDTH + GAP_ACROSS);
  return (
    <Field role="group" aria-label="The chain" tabIndex={0}>
      <div style={{ width, height }}>
        <svg width={width} height={height} aria-hidden="true">
          {links.map(({ from, to }) => {
            const x = left(from) + WIDTH;
            const y = top(from) + HEIGHT / 2;
            const end = top(to) + HEIGHT / 2;
            return (
              <path
                key={`${from.number.key} ${to.number.key}`}
                data-near={from.number.key === followed || to.number.key === followed || undefined}
                d={`M${x} ${y} C${x + 30} ${y} ${left(to) - 30} ${end} ${left(to)} ${end}`}
              />
            );
          })}
        </svg>
        {placed.map((each) => (
          <Node
            key={each.number.key}
            style={{ left: left(each), top: top(each) }}
            data-followed={each.number.key === followed || undefined}
            data-stale={each.number.stale ? true : undefined}
            aria-current={each.number.key === followed ? 'true' : undefined}
            onPress={() => onFollow(each.number.key)}
          >
            <span>{each.number.label}</span>
            <strong>{each.number.value}</strong>
            <small>
              {each.number.source}
              {each.number.stale ? `, part made to ${each.number.stale.madeTo}` : ''}
            </small>
          </Node>
        ))}
      </div>
    </Field>
  );
}
