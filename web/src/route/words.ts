import type { UnderWay, WindowView } from '../api/schema';
import { clockDown, clockUp, dayOf } from '../parts/words';

/** What rests longer than this is counted in days. */
const DAYS_FROM_MS = 48 * 3_600_000;

/** What a rest or a step under way says on the tag. */
export function underWayWords(step: UnderWay, now: number): string {
  if (!step.isResting) {
    return step.isPutDown ? `${step.title}: put down by ${step.who}` : `${step.who}: ${step.title}`;
  }
  const left = step.untilMillis - now;
  if (left > DAYS_FROM_MS) {
    return `${step.title}: ${step.restWords} since ${dayOf(step.sinceMillis)}, until ${dayOf(step.untilMillis)}`;
  }
  return left > 0 ? `${step.title}: ${step.restWords}, ${clockUp(left)} left` : `${step.title}: the rest is up`;
}

export function windowWords(window: WindowView, now: number): string {
  const left = window.closesAtMillis - now;
  if (left <= 0 && window.lost) {
    return `No longer ${window.lost}: done again before ${window.title}`;
  }
  return left > 0 ? `${window.title} within ${clockDown(left)}` : `${window.title} is overdue: ${window.consequence}`;
}
