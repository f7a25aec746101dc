import { shopZone } from '../api/serverTime';

/** How times, days and amounts are said. Nothing of the trade is computed here. */

type Said = 'day' | 'dayWithYear' | 'moment' | 'clock';

const HOW: Record<Said, Intl.DateTimeFormatOptions> = {
  day: { weekday: 'short', day: 'numeric', month: 'short' },
  dayWithYear: { day: 'numeric', month: 'long', year: 'numeric' },
  moment: { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' },
  clock: { hour: '2-digit', minute: '2-digit' },
};

const formats = new Map<string, Intl.DateTimeFormat>();

/** A format costs far more to make than to use, and the wall says hundreds of days. */
function format(how: Said, timeZone: string | undefined): Intl.DateTimeFormat {
  const key = `${how} ${timeZone ?? ''}`;
  const made = formats.get(key) ?? new Intl.DateTimeFormat('en-GB', { ...HOW[how], timeZone });
  formats.set(key, made);
  return made;
}

/** As the shop's own calendar and clock have it, wherever the page is read. */
const said = (how: Said, millis: number): string => format(how, shopZone()).format(millis);

/** A day is the same everywhere: it is no moment. */
const calendar = (how: Said, iso: string): string => format(how, 'UTC').format(new Date(`${iso}T12:00:00Z`));

export const day = (iso: string): string => calendar('day', iso);
export const dayWithYear = (iso: string): string => calendar('dayWithYear', iso);
export const dayOf = (millis: number): string => said('day', millis);
export const dayWithYearOf = (millis: number): string => said('dayWithYear', millis);
export const moment = (millis: number): string => said('moment', millis);
export const clockTime = (millis: number): string => said('clock', millis);
/** The first whole minute that is not before it. */
export const clockTimeUp = (millis: number): string => clockTime(Math.ceil(millis / 60_000) * 60_000);

export function minutes(count: number): string {
  const hours = Math.floor(count / 60);
  const rest = count % 60;
  if (hours === 0) {
    return `${rest} min`;
  }
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** How long something lies by itself: in days from two days on. */
export function resting(count: number): string {
  const hours = Math.ceil(count / 60);
  if (hours < 48) {
    return minutes(count);
  }
  return hours % 24 === 0 ? `${hours / 24} days` : `${Math.floor(hours / 24)} days ${hours % 24} h`;
}

/** What was understood, behind its sign: what is rounded brings its own. Nothing of nothing. */
export const equals = (understood: string): string =>
  understood === '' || understood.startsWith('≈') ? understood : `= ${understood}`;

/** A clock that somebody waits for, never less than it is: seconds below an hour, minutes above, hours from two days on. */
export const clockUp = (millis: number): string => clock(Math.max(0, Math.ceil(millis / 1000)), Math.ceil);

/** A clock that must not be missed, or what has passed: never more than it is. */
export const clockDown = (millis: number): string => clock(Math.max(0, Math.floor(millis / 1000)), Math.floor);

function clock(seconds: number, whole: (minutes: number) => number): string {
  const part = (value: number): string => String(value).padStart(2, '0');
  if (seconds < 3600) {
    return `${part(Math.floor(seconds / 60))}:${part(seconds % 60)}`;
  }
  const rest = whole(seconds / 60);
  if (rest >= 48 * 60) {
    const hours = whole(rest / 60);
    return `${Math.floor(hours / 24)} days${hours % 24 === 0 ? '' : ` ${hours % 24} h`}`;
  }
  return `${Math.floor(rest / 60)} h ${part(rest % 60)} min`;
}

export function daysInHand(days: number): string {
  if (days < 0) {
    return `${-days} ${days === -1 ? 'day' : 'days'} short`;
  }
  return `${days} ${days === 1 ? 'day' : 'days'} in hand`;
}

export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
