import type { AheadView, CurveEvent, CurvePoint, CurveView } from '../api/schema';

export const WIDTH = 760;
export const HEIGHT = 300;
const LEFT = 54;
const BOTTOM = 30;
const TOP = 30;
const STEPS = [20, 50, 100, 200, 300, 500];
const HOURS = [1 / 12, 1 / 6, 1 / 4, 1 / 2, 1, 2, 4, 6, 12, 24, 48, 168];
const HOUR = 3_600_000;
const MOST_LINES = 7;

export interface Field {
  x: (atMillis: number) => number;
  y: (degrees: number) => number;
  degrees: number[];
  times: number[];
}

const step = (choices: readonly number[], range: number): number =>
  choices.find((each) => range / each <= MOST_LINES) ?? range / MOST_LINES;

/**
 * Where a moment and a temperature lie on the plate; the scale begins at nothing while a kiln warms up, and closer
 * where it never was cold.
 */
export function field(points: readonly CurvePoint[], from: number, until: number): Field {
  const all = points
    .flatMap((point) => [point.degrees, point.wanted])
    .filter((each): each is number => typeof each === 'number');
  const high = Math.max(100, ...all) * 1.04;
  const lowest = Math.min(high, ...all);
  const low = lowest > high * 0.6 ? Math.floor(lowest * 0.95) : 0;
  const span = Math.max(60_000, until - from);
  const every = step(STEPS, high - low);
  const hours = step(HOURS, span / HOUR);
  return {
    x: (at) => LEFT + ((at - from) / span) * (WIDTH - LEFT),
    y: (degrees) => TOP + (1 - (degrees - low) / (high - low)) * (HEIGHT - TOP - BOTTOM),
    degrees: Array.from({ length: Math.floor(high / every) + 1 }, (_, i) => i * every).filter((each) => each >= low),
    times: Array.from({ length: Math.floor(span / (hours * HOUR)) + 1 }, (_, i) => from + i * hours * HOUR),
  };
}

/** Hours and minutes since the fire was lit. */
export function elapsed(millis: number): string {
  const minutes = Math.round(millis / 60_000);
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`;
}

/** A line through what is there; where nothing was shown it breaks off. */
export function path(points: readonly CurvePoint[], of: 'degrees' | 'wanted', { x, y }: Field): string {
  let isOn = false;
  return points
    .map((point) => {
      const value = point[of];
      if (typeof value !== 'number') {
        isOn = false;
        return '';
      }
      const command = `${isOn ? 'L' : 'M'}${x(point.atMillis).toFixed(1)} ${y(value).toFixed(1)}`;
      isOn = true;
      return command;
    })
    .join('');
}

/** Events that would write over each other share a line. */
export function together(events: readonly CurveEvent[], { x }: Field): { at: number; words: string[] }[] {
  const groups: { at: number; words: string[] }[] = [];
  for (const event of events) {
    const last = groups[groups.length - 1];
    if (last && x(event.atMillis) - x(last.at) < 18) {
      last.words.push(event.words);
    } else {
      groups.push({ at: event.atMillis, words: [event.words] });
    }
  }
  return groups;
}

/** When the last piece is out, as far as it is known; a kiln that cools afterwards is not waited for. */
const lastOut = (ahead: readonly AheadView[]): number =>
  1000 * Math.max(0, ...ahead.filter((each) => !each.isOfTheKiln).map((each) => each.seconds));

export const untilWhatComes = (curve: CurveView, ahead: readonly AheadView[]): number =>
  curve.clockMillis + lastOut(ahead);

/** What the kiln is told, drawn on as far as the fire is foretold. */
export function withWhatComes(curve: CurveView, ahead: readonly AheadView[]): CurveView {
  const wanted = curve.points[curve.points.length - 1]?.wanted;
  const until = untilWhatComes(curve, ahead);
  return typeof wanted === 'number' && until > curve.clockMillis
    ? { ...curve, points: [...curve.points, { atMillis: until, wanted }] }
    : curve;
}
