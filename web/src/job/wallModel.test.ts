import { describe, expect, it } from 'vitest';
import type { HangingPiece, Rail } from '../api/schema';
import { EVERYTHING, found, ownWords, saidOnce, scaleFor, whatNow } from './wallModel';

const piece = (id: number, own: Partial<HangingPiece> = {}): HangingPiece => ({
  id,
  name: `007-${id}`,
  standing: 'ALIVE',
  state: 'GROUND',
  stateWords: 'ground',
  finish: 'BELT_SATIN',
  drawing: 0,
  facts: '5 in, 1095',
  whose: 'Maud Ellerby',
  isUntempered: false,
  isStale: false,
  waitsForClient: false,
  underWay: [],
  windows: [],
  nextTitle: 'Etch',
  at: 'TANK',
  withId: 0,
  with: '',
  doneSteps: 1,
  allSteps: 2,
  sheath: undefined,
  ...own,
});

const rail = (jobId: number, pieces: HangingPiece[], own: Partial<Rail> = {}): Rail => ({
  jobId,
  number: '007',
  title: 'Orchard knife',
  clientId: 1,
  clientName: 'Maud Ellerby',
  promisedOn: '2026-12-08',
  daysInHand: 3,
  pieces,
  ...own,
});

const ids = (rails: readonly Rail[]) => rails.map((each) => [each.jobId, ...each.pieces.map((hanging) => hanging.id)]);

describe('what is looked for on the wall', () => {
  const rails = [
    rail(1, [piece(1, { withId: 9 }), piece(2, { heldReason: 'a knot' })]),
    rail(2, [piece(3, { waitsForClient: true, at: 'TABLE' })], {
      daysInHand: -2,
      clientId: 2,
      promisedOn: '2026-12-01',
    }),
  ];

  it('is everything while nothing is asked for', () => {
    expect(found(rails, EVERYTHING, 9)).toEqual(rails);
  });

  it('leaves the pieces that it is about, and no rail without one', () => {
    expect(ids(found(rails, { ...EVERYTHING, isMine: true }, 9))).toEqual([[1, 1]]);
    expect(ids(found(rails, { ...EVERYTHING, isHeld: true }, 9))).toEqual([[1, 2]]);
    expect(ids(found(rails, { ...EVERYTHING, isLate: true }, 9))).toEqual([[2, 3]]);
    expect(ids(found(rails, { ...EVERYTHING, isWaiting: true }, 9))).toEqual([[2, 3]]);
    expect(ids(found(rails, { ...EVERYTHING, station: 'TANK', client: '1' }, 9))).toEqual([[1, 1, 2]]);
    expect(ids(found(rails, { ...EVERYTHING, by: '2026-12-01' }, 9))).toEqual([[2, 3]]);
    expect(found(rails, { ...EVERYTHING, isLate: true, isHeld: true }, 9)).toEqual([]);
  });
});

describe('a tag', () => {
  it('says what is a piece’s own, and the rail what is the same for all', () => {
    const alike = rail(1, [piece(1), piece(2, { whose: 'spare' })]);
    expect(saidOnce(alike)).toBe('5 in, 1095');
    expect(alike.pieces.map((each) => ownWords(each, alike))).toEqual(['', 'spare']);
    const unlike = rail(1, [piece(1), piece(2, { facts: '6 in, 1095' })]);
    expect(saidOnce(unlike)).toBe('');
    expect(unlike.pieces.map((each) => ownWords(each, unlike))).toEqual(['5 in, 1095', '6 in, 1095']);
  });
});

it('one scale holds for all, and the longest fits', () => {
  const drawing = (width: number) => ({ width }) as Parameters<typeof scaleFor>[0][number];
  expect(scaleFor([drawing(1000), drawing(200)])).toBeCloseTo(0.165);
  expect(scaleFor([drawing(200)])).toBe(0.45);
});

describe('what a day list says of a piece', () => {
  it('is why it is held before what comes next', () => {
    expect(whatNow(piece(1), 0)).toBe('Etch');
    expect(whatNow(piece(1, { with: 'Wenna Sark' }), 0)).toBe('Etch, Wenna Sark');
    expect(whatNow(piece(1, { heldReason: 'no scales' }), 0)).toBe('Held: no scales');
  });
});
