import { describe, expect, it } from 'vitest';
import { askedAgain, type Kind, SUBJECTS } from './askAgain';

const subjects = (kind: Kind): string[] => askedAgain({ kind }).map(([subject]) => subject);

describe('what is asked again', () => {
  it.each([
    ['PRICE_SET', 'prices'],
    ['PERSON_ADDED', 'people'],
    ['STEEL_KEPT', 'questions'],
    ['STEEL_KEPT', 'prices'],
    ['WENT_WRONG', 'ledger'],
    ['KILN_KEPT', 'fire'],
    ['ALARM', 'alarms'],
    ['SHOP_SETTING_CHOSEN', 'closed-days'],
  ] as const)('after %s: %s', (kind, subject) => {
    expect(subjects(kind)).toContain(subject);
  });

  it('is not everything: a step that is done changes no price and no name', () => {
    expect(subjects('STEP_DONE')).not.toContain('prices');
    expect(subjects('STEP_DONE')).not.toContain('people');
    expect(subjects('STEP_DONE')).not.toContain('session');
  });

  it('is each subject after some entry', () => {
    const kinds: Kind[] = [
      'SHOP_OPENED',
      'TAKEN_ALONG',
      'PERSON_CHANGED',
      'PRICE_SET',
      'CUTTER_USED',
      'EDGE_HABIT_SET',
      'STEEL_KEPT',
      'SHOP_SETTING_CHOSEN',
      'ALARM',
      'STEP_DONE',
      'PUT_ON',
    ];
    expect([...new Set(kinds.flatMap(subjects))].toSorted()).toEqual([...SUBJECTS]);
  });

  it('is one piece where the entry is of one, and its whole batch where its siblings’ pages show it', () => {
    expect(askedAgain({ kind: 'STEP_DONE', pieceId: 7 })).toContainEqual(['piece', 7]);
    expect(askedAgain({ kind: 'SCRAPPED', pieceId: 7 })).toContainEqual(['piece']);
    expect(askedAgain({ kind: 'PROMISE_CHANGED' })).toContainEqual(['piece']);
  });
});
