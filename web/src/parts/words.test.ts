import { beforeEach, describe, expect, it } from 'vitest';
import { heardShopZone } from '../api/serverTime';
import { clockDown, clockUp, day, dayOf, daysInHand, dayWithYearOf, equals, minutes, resting } from './words';

const HOUR = 3_600_000;
/** 27 November 2026, half past eleven in the evening by UTC: the next day already in Berlin, the same in Denver. */
const LATE = Date.UTC(2026, 10, 27, 23, 30);

describe('days', () => {
  beforeEach(() => heardShopZone('Europe/Berlin'));

  it('are the shop’s, not UTC’s', () => {
    expect(dayWithYearOf(LATE)).toBe('28 November 2026');
    expect(dayOf(LATE)).toBe('Sat 28 Nov');
    heardShopZone('America/Denver');
    expect(dayWithYearOf(LATE)).toBe('27 November 2026');
  });

  it('of the calendar are the same wherever they are read', () => {
    heardShopZone('Pacific/Kiritimati');
    expect(day('2026-11-27')).toBe('Fri 27 Nov');
    heardShopZone('Pacific/Midway');
    expect(day('2026-11-27')).toBe('Fri 27 Nov');
  });

  it('in hand and short', () => {
    expect([daysInHand(1), daysInHand(0), daysInHand(-1), daysInHand(-3)]).toEqual([
      '1 day in hand',
      '0 days in hand',
      '1 day short',
      '3 days short',
    ]);
  });
});

describe('clocks', () => {
  it('that somebody waits for never say less than it is, those that must not be missed never more', () => {
    expect(clockUp(59_100)).toBe('01:00');
    expect(clockDown(59_900)).toBe('00:59');
    expect(clockUp(HOUR + 61_000)).toBe('1 h 02 min');
    expect(clockDown(HOUR + 61_000)).toBe('1 h 01 min');
    expect([clockUp(48 * HOUR + 1), clockDown(50 * HOUR - 1)]).toEqual(['2 days 1 h', '2 days 1 h']);
    expect([clockUp(-5), clockDown(-5)]).toEqual(['00:00', '00:00']);
  });

  it('of work and of rests', () => {
    expect([minutes(45), minutes(60), minutes(95)]).toEqual(['45 min', '1 h', '1 h 35 min']);
    expect([resting(47 * 60), resting(48 * 60), resting(64 * 60)]).toEqual(['47 h', '2 days', '2 days 16 h']);
  });
});

it('what was understood stands behind its sign, and what is rounded brings its own', () => {
  expect([equals('0.1563 in'), equals('≈ 3.97 mm'), equals('')]).toEqual(['= 0.1563 in', '≈ 3.97 mm', '']);
});
