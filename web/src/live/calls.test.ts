import { beforeEach, expect, it, vi } from 'vitest';
import { CALLS, callOut, hear, isHeard } from './calls';

const shaken: number[][] = [];

beforeEach(() => {
  localStorage.clear();
  shaken.length = 0;
  vi.stubGlobal('navigator', { vibrate: (shakes: number[]) => shaken.push(shakes) });
});

it('each call has a sound of its own, and can be silent at a device while the others are heard', () => {
  expect(new Set(CALLS.map((each) => JSON.stringify(each.tones))).size).toBe(CALLS.length);
  hear('rest', false);
  callOut('rest', 'Second temper: the rest is up');
  expect(shaken).toEqual([]);
  callOut('alarm', 'The kiln does not answer');
  expect(shaken).toHaveLength(1);
  hear('rest', true);
  expect(isHeard('rest')).toBe(true);
  callOut('rest', 'Second temper: the rest is up');
  expect(shaken).toHaveLength(2);
});

it('is said beside the page only while nobody sees that, and only where it is allowed', () => {
  const said: string[] = [];
  class Notice extends EventTarget {
    static permission = 'granted';
    constructor(title: string, { body }: { body: string }) {
      super();
      said.push(`${title}: ${body}`);
    }
  }
  vi.stubGlobal('Notification', Notice);
  vi.stubGlobal('isSecureContext', true);
  callOut('handed', 'Grind the bevels');
  expect(said).toEqual([]);
  vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
  callOut('handed', 'Grind the bevels');
  Notice.permission = 'denied';
  callOut('handed', 'Grind the bevels');
  expect(said).toEqual(['Work is put on you: Grind the bevels']);
});
