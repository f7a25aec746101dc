import { describe, expect, it } from 'vitest';
import type { CurvePoint, CurveView } from '../api/schema';
import { elapsed, field, HEIGHT, path, together, untilWhatComes, WIDTH, withWhatComes } from './model';

const HOUR = 3_600_000;
const points: CurvePoint[] = [
  { atMillis: 0, degrees: 20, wanted: 800 },
  { atMillis: HOUR, wanted: 800 },
  { atMillis: 2 * HOUR, degrees: 800, wanted: 800 },
];

describe('the plate of a fire', () => {
  const plate = field(points, 0, 2 * HOUR);

  it('holds the whole fire: time to the right, heat upwards', () => {
    expect(plate.x(2 * HOUR)).toBe(WIDTH);
    expect(plate.x(0)).toBeGreaterThan(0);
    expect(plate.y(800)).toBeLessThan(plate.y(20));
    expect(plate.y(0)).toBeLessThan(HEIGHT);
    expect(plate.degrees[0]).toBe(0);
    expect(plate.times).toContain(HOUR);
  });

  it('begins closer where the kiln was never cold', () => {
    const hot = field(
      [
        { atMillis: 0, degrees: 780 },
        { atMillis: HOUR, degrees: 820 },
      ],
      0,
      HOUR,
    );
    expect(hot.degrees[0]).toBeGreaterThan(700);
  });

  it('breaks its line where the thermocouple showed nothing', () => {
    expect(path(points, 'degrees', plate).match(/M/g)).toHaveLength(2);
    expect(path(points, 'wanted', plate).match(/M/g)).toHaveLength(1);
  });

  it('lets events that would write over each other share a line', () => {
    const events = [0, 60_000, HOUR].map((atMillis) => ({ atMillis, words: String(atMillis) }));
    expect(together(events, plate).map((group) => group.words)).toEqual([['0', '60000'], [String(HOUR)]]);
  });
});

it('what comes is drawn to the last one out, not to a kiln that cools afterwards', () => {
  const curve = { clockMillis: HOUR, points } as CurveView;
  const ahead = [
    { words: 'Last one out', seconds: 1200, isOfTheKiln: false },
    { words: 'This kiln down at tempering heat', seconds: 18_000, isOfTheKiln: true },
  ];
  expect(untilWhatComes(curve, ahead)).toBe(HOUR + 1_200_000);
  expect(withWhatComes(curve, ahead).points.at(-1)).toEqual({ atMillis: HOUR + 1_200_000, wanted: 800 });
  expect(withWhatComes(curve, [])).toBe(curve);
});

it('hours and minutes since it was lit', () => {
  expect([elapsed(0), elapsed(65 * 60_000), elapsed(10 * HOUR)]).toEqual(['0:00', '1:05', '10:00']);
});
