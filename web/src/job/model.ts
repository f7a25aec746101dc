import type { StepView } from '../api/schema';

/** How a step stands, in the shop's words. */
export function standingWords(step: StepView): string {
  switch (step.standing) {
    case 'DONE':
      return 'done';
    case 'RUNNING':
      return `${step.clock.startedBy} is at it`;
    case 'RESTING':
      return 'resting';
    case 'READY':
      return step.isItsTurn ? 'can start' : 'can start, with care';
    default:
      return 'waits';
  }
}
