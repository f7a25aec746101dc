import { describe, expect, it } from 'vitest';
import type { NumberView } from '../api/schema';
import { follow } from './model';

const number = (key: string, from: string[], hangsOnIt: string[]): NumberView =>
  ({ key, from, hangsOnIt }) as unknown as NumberView;

/** A stock thickness, on which a tang hangs, on which a slot and a drill hang; the slot also hangs on the stock itself. */
const NUMBERS = [
  number('stock', [], ['tang', 'slot']),
  number('tang', ['stock'], ['slot', 'drill']),
  number('slot', ['stock', 'tang'], []),
  number('drill', ['tang'], []),
  number('edge', [], []),
];
const columns = (key: string): Record<string, number> =>
  Object.fromEntries(follow(NUMBERS, key).placed.map((each) => [each.number.key, each.column]));

describe('following a number', () => {
  it('takes the longest way, so that every link points to the right', () => {
    expect(columns('stock')).toEqual({ stock: 0, tang: 1, slot: 2, drill: 2 });
    const { links, columns: many, rows } = follow(NUMBERS, 'stock');
    expect(links).toHaveLength(4);
    expect(links.every((link) => link.from.column < link.to.column)).toBe(true);
    expect([many, rows]).toEqual([3, 2]);
  });

  it('goes back to what it came from, and leaves out what has nothing to do with it', () => {
    expect(columns('slot')).toEqual({ stock: 0, tang: 1, slot: 2 });
    expect(columns('edge')).toEqual({ edge: 0 });
  });
});
