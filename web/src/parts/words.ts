/** How times, days and amounts are said. Nothing of the trade is computed here. */

const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const DAY_WITH_YEAR = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
const MOMENT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });

export const day = (iso: string): string => DAY.format(new Date(`${iso}T12:00:00`));
export const dayOf = (millis: number): string => DAY.format(millis);
export const dayWithYear = (iso: string): string => DAY_WITH_YEAR.format(new Date(`${iso}T12:00:00`));
export const moment = (millis: number): string => MOMENT.format(millis);
export const clockTime = (millis: number): string => CLOCK.format(millis);
/** The first whole minute that is not before it. */
export const clockTimeUp = (millis: number): string => CLOCK.format(Math.ceil(millis / 60_000) * 60_000);

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

/** A clock that somebody waits for, never less than it is: seconds below an hour, minutes above. */
export const clockUp = (millis: number): string => clock(Math.max(0, Math.ceil(millis / 1000)), Math.ceil);

/** A clock that must not be missed, or what has passed: never more than it is. */
export const clockDown = (millis: number): string => clock(Math.max(0, Math.floor(millis / 1000)), Math.floor);

function clock(seconds: number, whole: (minutes: number) => number): string {
  const part = (value: number): string => String(value).padStart(2, '0');
  if (seconds < 3600) {
    return `${part(Math.floor(seconds / 60))}:${part(seconds % 60)}`;
  }
  const rest = whole(seconds / 60);
  return `${Math.floor(rest / 60)} h ${part(rest % 60)} min`;
}

export function daysInHand(days: number): string {
  if (days < 0) {
    return `${-days} ${days === -1 ? 'day' : 'days'} short`;
  }
  return `${days} ${days === 1 ? 'day' : 'days'} in hand`;
}
