import type { GluePhaseView } from '../api/schema';
import { clockDown, clockUp } from '../parts/words';

type Phase = GluePhaseView['phase'];

export const PHASE_WORDS: Record<Phase, string> = {
  WORKED: 'can be worked',
  GELLING: 'gels: nothing is moved, squeeze-out off now',
  PULLED: 'grips: pull it now',
  SETTING: 'sets in the clamps',
  HANDLED: 'out of the clamps; no heat, no grinding, no sharpening yet',
  CURED: 'cured',
};

/** Which stretch it is in by the page's own clock: it goes on while nothing is asked. */
export function phaseAt(phases: readonly GluePhaseView[], now: number): GluePhaseView | undefined {
  return phases.findLast((phase) => now >= phase.fromMillis) ?? phases[0];
}

/** How long a stretch lasts still: never more than there is of one that must not be missed. */
export function leftOf(phase: GluePhaseView, now: number): string {
  const left = phase.toMillis - now;
  return phase.phase === 'WORKED' || phase.phase === 'PULLED' ? clockDown(left) : clockUp(left);
}

/** What a piece's adhesive does and for how long; nothing once it has cured. */
export function settingWords(phases: readonly GluePhaseView[], now: number): string {
  const phase = phaseAt(phases, now);
  // What is to be done then is said at the bench.
  const [short] = phase ? PHASE_WORDS[phase.phase].split(/[:;]/) : [];
  return phase && phase.toMillis > now ? `adhesive ${short}, ${leftOf(phase, now)} left` : '';
}
