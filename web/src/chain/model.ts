import type { NumberView } from '../api/schema';

/** A number in its place: how many links up (negative) or down it lies from the one that is followed, and which in its column. */
export interface Placed {
  number: NumberView;
  column: number;
  row: number;
}

export interface Linked {
  from: Placed;
  to: Placed;
}

export interface Followed {
  placed: Placed[];
  links: Linked[];
  columns: number;
  rows: number;
}

/** Everything that a number came from, to the left, and everything that hangs on it, to the right. */
export function follow(numbers: readonly NumberView[], key: string): Followed {
  const byKey = new Map(numbers.map((number) => [number.key, number]));
  const distance = new Map<string, number>([[key, 0]]);
  walk(key, -1, (each) => byKey.get(each)?.from ?? [], distance);
  walk(key, 1, (each) => byKey.get(each)?.hangsOnIt ?? [], distance);
  const least = Math.min(...distance.values());
  const rows = new Map<number, number>();
  const placed = numbers.flatMap((number) => {
    const at = distance.get(number.key);
    if (at === undefined) {
      return [];
    }
    const row = rows.get(at) ?? 0;
    rows.set(at, row + 1);
    return [{ number, column: at - least, row }];
  });
  return {
    placed,
    links: linksBetween(placed),
    columns: Math.max(...distance.values()) - least + 1,
    rows: Math.max(...rows.values()),
  };
}

/** The longest way to each number in one direction, so that every link points the same way. */
function walk(from: string, step: number, next: (key: string) => readonly string[], distance: Map<string, number>) {
  let edge = [from];
  for (let depth = step; edge.length > 0; depth += step) {
    edge = [...new Set(edge.flatMap((key) => next(key)))].filter((key) => key !== from);
    edge.forEach((key) => distance.set(key, depth));
  }
}

function linksBetween(placed: readonly Placed[]): Linked[] {
  return placed.flatMap((to) =>
    placed.filter((from) => to.number.from.includes(from.number.key)).map((from) => ({ from, to })),
  );
}
