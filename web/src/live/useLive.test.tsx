import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { act, cleanup, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { JournalEntry, SessionView } from '../api/schema';
import { useLive } from './useLive';

class Stream extends EventTarget {
  static readonly opened: Stream[] = [];
  static readonly CLOSED = 2;
  readyState = 1;
  isClosed = false;

  constructor(readonly url: string) {
    super();
    Stream.opened.push(this);
  }

  close() {
    this.isClosed = true;
    this.readyState = Stream.CLOSED;
  }

  says(what: string, data?: unknown) {
    act(() => void this.dispatchEvent(Object.assign(new Event(what), { data: JSON.stringify(data) })));
  }
}

const SESSION = { sequence: 40, person: { id: 2 } } as SessionView;
const entry = (more: Partial<JournalEntry>): JournalEntry => ({
  sequence: 41,
  atMillis: 0,
  who: 'Bram Holt',
  origin: 'bench',
  kind: 'STEP_DONE',
  words: '',
  ...more,
});

function open() {
  const queries = new QueryClient();
  const asked = vi.spyOn(queries, 'invalidateQueries').mockResolvedValue();
  const wrapper = ({ children }: { children: ReactNode }) => (
    <QueryClientProvider client={queries}>{children}</QueryClientProvider>
  );
  const { result, unmount } = renderHook(() => useLive(SESSION), { wrapper });
  return { result, unmount, asked };
}

const last = (): Stream => {
  const stream = Stream.opened[Stream.opened.length - 1];
  if (!stream) {
    throw new Error('No stream was opened');
  }
  return stream;
};

beforeEach(() => {
  Stream.opened.length = 0;
  vi.stubGlobal('EventSource', Stream);
  vi.useFakeTimers();
});

afterEach(() => {
  cleanup();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('the live stream', () => {
  it('begins after what the page knows already, and asks again what an entry touches', () => {
    const { asked } = open();
    expect(last().url).toBe('/api/live?after=40');
    last().says('change', entry({ kind: 'PRICE_SET' }));
    expect(asked).toHaveBeenCalledWith({ queryKey: ['prices'] });
    expect(asked).not.toHaveBeenCalledWith({ queryKey: ['people'] });
  });

  it('asks once more for a first answer that was on its way when the entry came', async () => {
    vi.useRealTimers();
    const answers: ((answer: string) => void)[] = [];
    const queries = new QueryClient();
    const wrapper = ({ children }: { children: ReactNode }) => (
      <QueryClientProvider client={queries}>{children}</QueryClientProvider>
    );
    const { result } = renderHook(
      () => {
        useLive(SESSION);
        return useQuery({ queryKey: ['prices'], queryFn: () => new Promise<string>((take) => answers.push(take)) });
      },
      { wrapper },
    );
    last().says('change', entry({ kind: 'PRICE_SET' }));
    expect(answers).toHaveLength(1);
    answers[0]?.('as it was before');
    await waitFor(() => expect(answers).toHaveLength(2));
    answers[1]?.('as it is');
    await waitFor(() => expect(result.current.data).toBe('as it is'));
  });

  it('resumes behind the last entry when the line was silent for longer than a beat', () => {
    const { result } = open();
    last().says('change', entry({ sequence: 52 }));
    expect(result.current.isConnected).toBe(true);
    act(() => void vi.advanceTimersByTime(41_000));
    expect(result.current.isConnected).toBe(false);
    expect(Stream.opened[0]?.isClosed).toBe(true);
    expect(last().url).toBe('/api/live?after=52');
    last().says('beat');
    expect(result.current.isConnected).toBe(true);
  });

  it('asks for everything when too much was missed', () => {
    const { asked } = open();
    last().says('everything');
    expect(asked).toHaveBeenCalledWith({});
  });

  it('says aloud what matters to all, not what one did oneself, at most four at once', () => {
    const { result } = open();
    last().says('change', entry({ sequence: 41, kind: 'HELD', personId: 2 }));
    last().says('change', entry({ sequence: 42, kind: 'NOTE_WRITTEN', personId: 3 }));
    expect(result.current.announced).toEqual([]);
    [43, 44, 45, 46, 47].forEach((sequence) => last().says('change', entry({ sequence, kind: 'HELD', personId: 3 })));
    expect(result.current.announced.map((each) => each.sequence)).toEqual([47, 46, 45, 44]);
    act(() => result.current.dismiss(46));
    expect(result.current.announced.map((each) => each.sequence)).toEqual([47, 45, 44]);
  });

  it('asks who is signed in when the server refuses it, and tries again', () => {
    const { asked } = open();
    const refused = last();
    refused.readyState = Stream.CLOSED;
    refused.says('error');
    expect(asked).toHaveBeenCalledWith({ queryKey: ['session'] });
    act(() => void vi.advanceTimersByTime(2_100));
    expect(Stream.opened).toHaveLength(2);
  });

  it('goes on in a page that nobody sees until another one is seen: somebody is called', () => {
    open();
    vi.spyOn(document, 'visibilityState', 'get').mockReturnValue('hidden');
    document.dispatchEvent(new Event('visibilitychange'));
    act(() => void vi.advanceTimersByTime(6_000));
    expect(last().isClosed).toBe(false);
    localStorage.setItem('page seen last', 'another');
    window.dispatchEvent(new Event('storage'));
    expect(last().isClosed).toBe(true);
    vi.restoreAllMocks();
  });

  it('is closed with the page', () => {
    const { unmount } = open();
    unmount();
    expect(last().isClosed).toBe(true);
  });

  it('is given back while nobody sees the page, and goes on behind the last entry when somebody does', () => {
    const { unmount } = open();
    last().says('change', entry({ sequence: 57 }));
    const see = (state: DocumentVisibilityState) => {
      vi.spyOn(document, 'visibilityState', 'get').mockReturnValue(state);
      act(() => void document.dispatchEvent(new Event('visibilitychange')));
    };
    see('hidden');
    act(() => void vi.advanceTimersByTime(4_000));
    see('visible');
    act(() => void vi.advanceTimersByTime(30_000));
    expect(Stream.opened).toHaveLength(1);
    localStorage.setItem('page seen last', 'another');
    see('hidden');
    act(() => void vi.advanceTimersByTime(3_600_000));
    expect(last().isClosed).toBe(true);
    expect(Stream.opened).toHaveLength(1);
    see('visible');
    expect(Stream.opened).toHaveLength(2);
    expect(last().url).toBe('/api/live?after=57');
    unmount();
  });

  it('asks what the trouble is when it is told of any, and when it opens again', () => {
    const { asked, unmount } = open();
    last().says('trouble');
    expect(asked).toHaveBeenCalledWith({ queryKey: ['trouble'] });
    asked.mockClear();
    last().says('open');
    expect(asked).toHaveBeenCalledWith({ queryKey: ['trouble'] });
    unmount();
  });

  it('asks once for what many entries touch, at the first of them and after the last', () => {
    const { asked, unmount } = open();
    asked.mockClear();
    for (let sequence = 41; sequence < 541; sequence += 1) {
      last().says('change', entry({ sequence }));
    }
    const bench = () => asked.mock.calls.filter(([filters]) => filters?.queryKey?.[0] === 'bench').length;
    expect(bench()).toBe(1);
    act(() => void vi.advanceTimersByTime(1_000));
    expect(bench()).toBe(2);
    unmount();
  });
});
