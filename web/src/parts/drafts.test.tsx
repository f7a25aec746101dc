import { act, cleanup, renderHook } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { SENT } from '../api/client';
import { draftsAreOf, hasDrafts, useKeptField, useKeptForm } from './drafts';

const DAY = 24 * 3_600_000;

/** A field as a page has it: its words are the page's own. */
function useField(initial: string, name = 'note') {
  const [value, setValue] = useState(initial);
  return { value, setValue, ...useKeptField(name, value, setValue) };
}

const field = (initial = '', name = 'note') => renderHook(() => useField(initial, name));
const aMoment = () => act(() => vi.advanceTimersByTimeAsync(10));
const sent = (body: unknown) => window.dispatchEvent(new CustomEvent(SENT, { detail: body }));

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  draftsAreOf(1);
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
});

describe('what is typed', () => {
  it('is in the field again when that comes back, and says since when', async () => {
    const before = field();
    act(() => before.result.current.type('a knot at the heel'));
    before.unmount();
    const after = field();
    await aMoment();
    expect(after.result.current.value).toBe('a knot at the heel');
    expect(after.result.current.since).toBeGreaterThan(0);
    expect(hasDrafts(location.pathname)).toBe(true);
  });

  it('is gone when it has been sent, however deep it stood in what was sent', async () => {
    const before = field();
    act(() => before.result.current.type(' a knot '));
    before.unmount();
    expect(hasDrafts(location.pathname)).toBe(true);
    sent({ note: [{ words: 'a knot' }] });
    const after = field();
    await aMoment();
    expect(after.result.current.value).toBe('');
    expect(hasDrafts(location.pathname)).toBe(false);
  });

  it('is nobody else’s', async () => {
    const before = field();
    act(() => before.result.current.type('mine'));
    before.unmount();
    draftsAreOf(2);
    const after = field();
    await aMoment();
    expect(after.result.current.value).toBe('');
  });

  it('does not come back over something else that stands there by now', async () => {
    const before = field('4 in');
    act(() => before.result.current.type('5 in'));
    before.unmount();
    const changed = field('6 in');
    await aMoment();
    expect(changed.result.current.value).toBe('6 in');
    changed.unmount();
    const same = field('4 in');
    await aMoment();
    expect(same.result.current.value).toBe('5 in');
  });

  it('is kept of no two fields that are called the same', async () => {
    const [one, other] = [field(), field()];
    act(() => one.result.current.type('of the first'));
    one.unmount();
    other.unmount();
    const after = field();
    await aMoment();
    expect(after.result.current.value).toBe('');
  });

  it('is forgotten when nobody came back to it for two months', () => {
    const before = field();
    act(() => before.result.current.type('long ago'));
    vi.setSystemTime(Date.now() + 61 * DAY);
    draftsAreOf(1);
    expect(hasDrafts(location.pathname)).toBe(false);
  });
});

it('a form keeps itself as a whole until it is given up', () => {
  const form = () => renderHook(() => useKeptForm('job', { title: '', wishes: [] as string[] }));
  const before = form();
  act(() => before.result.current.put({ title: 'Skinner', wishes: ['thin'] }));
  before.unmount();
  const after = form();
  expect(after.result.current.state).toEqual({ title: 'Skinner', wishes: ['thin'] });
  expect(after.result.current.isKept).toBe(true);
  act(() => after.result.current.forget());
  expect(form().result.current.state.title).toBe('');
});
