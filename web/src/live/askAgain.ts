import type { JournalEntry } from '../api/schema';

export type Kind = JournalEntry['kind'];

/** What a page can have asked for that somebody else's work changes: the first word of its query's key. */
export const SUBJECTS = [
  'alarms',
  'along',
  'alongside',
  'backups',
  'bench',
  'closed-days',
  'consult',
  'cutters',
  'edges',
  'fire',
  'fit',
  'forge',
  'handed',
  'kinds',
  'ledger',
  'passkeys',
  'people',
  'piece',
  'prices',
  'questions',
  'session',
  'station',
  'stock',
  'tank',
  'wall',
] as const;

export type Subject = (typeof SUBJECTS)[number];

/**
 * What no entry changes: calculators and stations are the program's own, a search is followed while it runs, trouble with
 * the data has an event of its own, a client's page does not hear the shop, and what is looked for is asked as it is typed.
 */
export const NOT_OF_THE_SHOP = ['calculators', 'stations', 'search', 'trouble', 'client', 'find'] as const;

/** Where a piece, a bar or a fire may be shown; only what is open is read anew. */
const WORK: readonly Subject[] = [
  'along',
  'alongside',
  'bench',
  'consult',
  'fire',
  'fit',
  'forge',
  'ledger',
  'piece',
  'station',
  'stock',
  'tank',
  'wall',
];

/** What an entry of a kind changes beside the work. A kind that is not here does not compile. */
const BESIDE: Record<Kind, readonly Subject[]> = {
  SHOP_OPENED: ['session', 'people'],
  SHOP_RESTORED: ['session', 'people', 'backups'],
  TAKEN_ALONG: [],
  CLIENT_FORGOTTEN: [],
  PERSON_ADDED: ['people'],
  PERSON_CHANGED: ['passkeys', 'people', 'session'],
  UNITS_CHOSEN: ['people'],
  JOB_TAKEN: ['people'],
  PROMISE_CHANGED: [],
  SPECIFICATION_CHANGED: [],
  CHANGE_DROPPED: [],
  PIECE_DESCRIBED: [],
  PIECE_MARKED: [],
  PIECE_ADDED: [],
  BRIEF_CHANGED: [],
  DAY_SAID: [],
  STEP_STARTED: ['handed'],
  REST_STARTED: [],
  REST_UP: [],
  WINDOW_OPEN: [],
  WINDOW_CLOSING: [],
  STEP_DONE: [],
  STEP_REOPENED: [],
  STEP_TAKEN_BACK: [],
  STEP_PUT_DOWN: [],
  STEP_PICKED_UP: ['handed'],
  PUT_ON: ['handed'],
  READING_TAKEN: [],
  READING_STRUCK: [],
  TAKEN_AS_IT_IS: [],
  GATE_OVERRIDDEN: [],
  HELD: [],
  RELEASED: [],
  WENT_WRONG: [],
  SCRAPPED: [],
  HANDED_OVER: [],
  NOTE_WRITTEN: [],
  NOTE_STRUCK: [],
  PHOTO_TAKEN: [],
  PRICE_SET: ['prices'],
  REVISION_KEPT: [],
  LINK_MADE: [],
  LINK_WITHDRAWN: [],
  APPROVED: [],
  CLIENT_WISHED: [],
  CLIENT_SAID: [],
  PROPOSAL_PUT: [],
  PROPOSAL_TAKEN: [],
  SKETCH_TAKEN: [],
  UPDATES_CHOSEN: [],
  LETTER_WRITTEN: [],
  STOCK_RECEIVED: [],
  STOCK_DESCRIBED: [],
  STOCK_PROMISED: [],
  STOCK_RELEASED: [],
  STOCK_TAKEN: [],
  STOCK_COUNTED: [],
  STOCK_CLAIMED: [],
  STOCK_ORDERED: [],
  SUPPLY_CHOSEN: [],
  BAR_PLANNED: [],
  BAR_CUT: [],
  BILLET_BEGUN: [],
  BILLET_CHANGED: [],
  BILLET_STEP_DONE: [],
  BILLET_STEP_REOPENED: [],
  BILLET_FLAW: [],
  BILLET_FINISHED: [],
  BILLET_DROPPED: [],
  MACHINE_KEPT: [],
  TRIP_PLANNED: [],
  KILN_KEPT: [],
  KILN_CHECKED: [],
  FIRE_PLANNED: [],
  FIRE_CHANGED: ['alarms'],
  FIRE_LIT: [],
  FIRE_SOAKED: [],
  FIRE_OVER: ['alarms'],
  ALARM: ['alarms'],
  ALARM_ANSWERED: ['alarms'],
  HARDNESS_TESTED: [],
  WARP_MEASURED: [],
  GROUND_MEASURED: [],
  ABRASIVE_USED: [],
  EDGE_HABIT_SET: ['edges'],
  EDGE_TRIED: [],
  HOLE_MEASURED: [],
  CUTTER_USED: ['cutters'],
  BATH_KEPT: [],
  COUPON_TRIED: [],
  ETCH_RECIPE_KEPT: [],
  TANK_MOMENT: [],
  MASK_DRAWN: [],
  STENCIL_KEPT: [],
  MARK_MOMENT: [],
  FERRIC_MADE: [],
  FITTED: [],
  SENT_OUT: [],
  CAME_BACK: [],
  STEEL_KEPT: ['questions', 'kinds', 'prices'],
  SHOP_SETTING_CHOSEN: ['closed-days', 'backups', 'prices'],
};

/** What is said of one piece and changes what its siblings' pages show. */
const OF_THE_WHOLE_BATCH: ReadonlySet<Kind> = new Set(['PIECE_DESCRIBED', 'PIECE_MARKED', 'PIECE_ADDED', 'SCRAPPED']);

/** The beginnings of the keys of all that is asked again after an entry. */
export function askedAgain(entry: Pick<JournalEntry, 'kind' | 'pieceId'>): (readonly [Subject, number?])[] {
  const isOfOne = entry.pieceId !== undefined && !OF_THE_WHOLE_BATCH.has(entry.kind);
  return [...WORK, ...BESIDE[entry.kind]].map((subject) =>
    subject === 'piece' && isOfOne ? ([subject, entry.pieceId] as const) : ([subject] as const),
  );
}

/** What is said aloud on the pages of everybody but the one who did it. */
export const ANNOUNCED: ReadonlySet<Kind> = new Set([
  'REST_UP',
  'WENT_WRONG',
  'SCRAPPED',
  'HELD',
  'GATE_OVERRIDDEN',
  'HANDED_OVER',
  'WINDOW_OPEN',
  'WINDOW_CLOSING',
  'APPROVED',
  'CLIENT_WISHED',
]);
