import type { Drawing, HangingPiece, ProposalView } from '../api/schema';

export type State = HangingPiece['state'];
type Finish = HangingPiece['finish'];
type HandleMaterial = ProposalView['handleMaterial'];

/** The states in the order in which a piece goes through them. */
const STATES: readonly State[] = [
  'BAR',
  'PROFILED',
  'HARDENED',
  'GROUND',
  'FINISHED',
  'GUARDED',
  'HANDLED',
  'HANDED_OVER',
];

export const hasReached = (state: State, wanted: State): boolean => STATES.indexOf(state) >= STATES.indexOf(wanted);

/** Roughly as the material looks, so that a client knows the knife again. */
const HANDLE_COLOURS: Record<HandleMaterial, string> = {
  HICKORY: '#b98d5b',
  ASH: '#cdb08a',
  WALNUT: '#6b4a32',
  MAPLE: '#d2ad78',
  DENSE_OILY_WOOD: '#5a2f22',
  BURL: '#8a5a34',
  STABILISED_WOOD: '#7d5f3f',
  BONE: '#ded2b4',
  ANTLER: '#bfa98a',
  HORN: '#3b342c',
  LAYERED_TUSK: '#d8cda9',
  GLASS_EPOXY: '#a4551f',
  CANVAS_PHENOLIC: '#5d4a33',
  CARBON_FIBRE: '#2b2f33',
  CAST_RESIN: '#2f6f73',
  TITANIUM: '#8d949b',
};

/** Roughly as the metal looks when it is polished. */
const METAL_COLOURS: Record<NonNullable<Drawing['guardMaterial']>, string> = {
  MILD_STEEL: '#9aa2a8',
  STAINLESS: '#c9d1d8',
  TOOL_STEEL: '#8b949b',
  BRASS: '#d6b45f',
  NICKEL_SILVER: '#cfcab4',
  COPPER: '#c07a4f',
  GLASS_EPOXY: '#2a2c2f',
  VULCANISED_FIBRE: '#7c2f2a',
};

/** Nothing where there is no guard. */
export const metalColour = (metal: Drawing['guardMaterial']): string | undefined => metal && METAL_COLOURS[metal];

const isHandleMaterial = (name: string): name is HandleMaterial => name in HANDLE_COLOURS;

/** Nothing where nothing is chosen yet. */
export const handleColour = (material: string): string | undefined =>
  isHandleMaterial(material) ? HANDLE_COLOURS[material] : undefined;

/** What a finish leaves of the flats. */
const FLATS: Record<Finish, 'dark' | 'satin'> = {
  HAND_SATIN: 'satin',
  BELT_SATIN: 'satin',
  MIRROR: 'satin',
  ETCHED_GREY: 'satin',
  ETCHED_DARK_TUMBLED: 'dark',
  VALLEY_AND_PEAK: 'dark',
  HAMON: 'satin',
  PATTERN: 'satin',
  TWO_TONE_GROUND: 'dark',
  TWO_TONE_MASKED: 'dark',
};

const isFinish = (name: string): name is Finish => name in FLATS;

/** @param finish empty where none is chosen yet */
export function steelLook(state: State, finish: string): string {
  if (hasReached(state, 'FINISHED')) {
    return isFinish(finish) ? FLATS[finish] : 'satin';
  }
  return state === 'GROUND' ? 'ground' : state === 'HARDENED' ? 'hard' : 'soft';
}
