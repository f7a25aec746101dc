import { act, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Reading } from '../api/schema';
import { useKnife } from './useConsult';

const KEPT = { bladeLength: '4 in' };
const GOOD = { drawing: { width: 200 }, findings: [], changed: {} } as unknown as Reading;
const good = (changed: Record<string, string> = {}): Reading => ({ ...GOOD, changed });
const BAD = {
  drawing: undefined,
  findings: [{ field: 'bladeLength', given: '90 in', problem: 'Too long', accepted: 'up to 20 in' }],
  changed: {},
} as unknown as Reading;

let answers: Record<string, (body: { entries: Record<string, string> }) => Reading | Promise<Reading>> = {};
const asked: string[] = [];

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  asked.length = 0;
  answers = { read: () => good(), pull: () => good(), say: () => good() };
  vi.stubGlobal('fetch', async (path: string, request: { body: string }) => {
    const what = path.split('/').pop() ?? '';
    asked.push(what);
    const answer = await answers[what]?.(JSON.parse(request.body));
    return new Response(JSON.stringify(answer));
  });
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const onTheTable = () => renderHook(() => useKnife(3, 2, KEPT)).result;
const aMoment = () => act(() => vi.advanceTimersByTimeAsync(200));

describe('the knife on the table', () => {
  it('is read a moment after a change, and what cannot be keeps the last drawing and says why', async () => {
    const knife = onTheTable();
    await aMoment();
    expect(knife.current.shown?.drawing).toEqual({ width: 200 });
    answers['read'] = () => BAD;
    act(() => knife.current.put('bladeLength', '90 in'));
    await aMoment();
    expect(knife.current.shown?.drawing).toEqual({ width: 200 });
    expect(knife.current.refused).toBe('Too long. Accepted: up to 20 in');
    expect(knife.current.reading?.drawing).toBeUndefined();
  });

  it('outlives a reload, until it is kept as a revision', async () => {
    const knife = onTheTable();
    await aMoment();
    act(() => knife.current.put('bladeLength', '5 in'));
    expect(onTheTable().current.chosen).toEqual({ bladeLength: '5 in' });
    act(() => knife.current.forget());
    expect(onTheTable().current.chosen).toEqual(KEPT);
  });

  it('goes back one step at a time, also after a reload', async () => {
    const knife = onTheTable();
    await aMoment();
    act(() => knife.current.put('bladeLength', '5 in'));
    act(() => knife.current.put('bladeLength', '6 in'));
    act(() => knife.current.takeBack());
    expect(knife.current.chosen).toEqual({ bladeLength: '5 in' });
    expect(onTheTable().current.chosen).toEqual({ bladeLength: '5 in' });
    act(() => knife.current.takeBack());
    expect(knife.current.isChanged).toBe(false);
    expect(knife.current.canTakeBack).toBe(false);
  });

  it('takes a word of the client’s as the server understood it', async () => {
    const knife = onTheTable();
    await aMoment();
    answers['say'] = () => good({ bladeLength: '4-1/4 in' });
    await act(() => knife.current.say('longer', 'a little'));
    expect(knife.current.chosen).toEqual({ bladeLength: '4-1/4 in' });
  });

  it('follows a finger with one question at a time, and settles where it was let go', async () => {
    const knife = onTheTable();
    await aMoment();
    let reply: (reading: Reading) => void = () => undefined;
    answers['pull'] = () => new Promise((resolve) => (reply = resolve));
    act(() => knife.current.pull.to('point', 101, 0));
    act(() => knife.current.pull.to('point', 102, 0));
    act(() => knife.current.pull.to('point', 103, 0));
    await act(() => vi.advanceTimersByTimeAsync(10));
    expect(asked.filter((what) => what === 'pull')).toHaveLength(1);
    await act(async () => reply(good({ bladeLength: '101 mm' })));
    act(() => knife.current.pull.letGo());
    await act(() => vi.advanceTimersByTimeAsync(10));
    expect(
      asked.filter((what) => what === 'pull'),
      'the place in between was skipped',
    ).toHaveLength(2);
    await act(async () => reply(good({ bladeLength: '103 mm' })));
    await act(() => vi.advanceTimersByTimeAsync(10));
    expect(knife.current.chosen).toEqual({ bladeLength: '103 mm' });
  });
});
