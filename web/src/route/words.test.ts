import { describe, expect, it } from 'vitest';
import type { UnderWay, WindowView } from '../api/schema';
import { underWayWords, windowWords } from './words';

const NOON = Date.UTC(2026, 10, 27, 12);
const rest = (more: Partial<UnderWay>): UnderWay =>
  ({ title: 'Lay the clay on', isResting: true, restWords: 'clay drying', who: 'Bram', ...more }) as UnderWay;

describe('what a tag says of work under way', () => {
  it('a rest counts down, is said in days when it is long, and is up', () => {
    expect(underWayWords(rest({ untilMillis: NOON + 90_000 }), NOON)).toBe('Lay the clay on: clay drying, 01:30 left');
    expect(underWayWords(rest({ sinceMillis: NOON, untilMillis: NOON + 64 * 3_600_000 }), NOON)).toMatch(
      /since Fri 27 Nov, until Mon 30 Nov$/,
    );
    expect(underWayWords(rest({ untilMillis: NOON - 1 }), NOON)).toBe('Lay the clay on: the rest is up');
  });

  it('a step says who is at it, and one that was put down says by whom', () => {
    expect(underWayWords(rest({ isResting: false }), NOON)).toBe('Bram: Lay the clay on');
    expect(underWayWords(rest({ isResting: false, isPutDown: true }), NOON)).toBe('Lay the clay on: put down by Bram');
  });
});

describe('what a window says', () => {
  const window = (closesAtMillis: number, lost?: string): WindowView =>
    ({ title: 'First temper', closesAtMillis, consequence: 'It may crack.', lost }) as unknown as WindowView;

  it('how long is left, that it is overdue and what then, or what is lost', () => {
    expect(windowWords(window(NOON + 59_900), NOON)).toBe('First temper within 00:59');
    expect(windowWords(window(NOON - 1), NOON)).toBe('First temper is overdue: It may crack.');
    expect(windowWords(window(NOON - 1, 'degreased'), NOON)).toBe(
      'No longer degreased: done again before First temper',
    );
  });
});
