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

export function minutes(count: number): string {
  const hours = Math.floor(count / 60);
  const rest = count % 60;
  if (hours === 0) {
    return `${rest} min`;
  }
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

/** What was understood, behind its sign: what is rounded brings its own. Nothing of nothing. */
export const equals = (understood: string): string => (understood === '' || understood.startsWith('≈') ? understood : `= ${understood}`);

/** A clock counting down, to the second: neither somebody who waits nor somebody who must not miss it is told a rounded time. */
export function countdown(millis: number): string {
  const seconds = Math.max(0, Math.ceil(millis / 1000));
  const hours = Math.floor(seconds / 3600);
  const part = (value: number): string => String(value).padStart(2, '0');
  const minute = Math.floor((seconds % 3600) / 60);
  return `${hours > 0 ? `${hours} h ` : ''}${part(minute)}:${part(seconds % 60)}`;
}

export function daysInHand(days: number): string {
  if (days < 0) {
    return `${-days} ${days === -1 ? 'day' : 'days'} short`;
  }
  return `${days} ${days === 1 ? 'day' : 'days'} in hand`;
}
