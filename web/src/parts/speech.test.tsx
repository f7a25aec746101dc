import { act, renderHook, waitFor } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { spokenSize, useSpeech } from './speech';

describe('a size as it is said', () => {
  it.each([
    ['point 156', '.156'],
    ['0 point 1875 inches', '0.1875 in'],
    ['3 over 16', '3/16'],
    ['4.2 millimetres', '4.2 mm'],
    ['163 thou', '163 thou'],
  ])('%s is %s', (said, typed) => {
    expect(spokenSize(said)).toBe(typed);
  });
});

describe('listening', () => {
  const stub = (answer: string) => {
    const made: { onresult?: (event: object) => void; start: () => void; abort: () => void }[] = [];
    class Listening {
      static available = () => Promise.resolve(answer);
      onresult = undefined;
      start = vi.fn<() => void>();
      abort = vi.fn<() => void>();
      constructor() {
        made.push(this);
      }
    }
    vi.stubGlobal('SpeechRecognition', Listening);
    return made;
  };

  it('hears where the browser understands by itself', async () => {
    const made = stub('available');
    const heard = vi.fn<(said: string) => void>();
    const { result } = renderHook(() => useSpeech(heard));
    await waitFor(() => expect(result.current).toBeDefined());
    act(() => result.current?.listen());
    made[0]?.onresult?.({ results: [[{ transcript: 'point 156' }]] });
    expect(heard).toHaveBeenCalledWith('point 156');
  });

  it('is not offered where what is said would leave the shop', async () => {
    stub('downloadable');
    const { result } = renderHook(() => useSpeech(() => undefined));
    await new Promise((resolve) => setTimeout(resolve));
    expect(result.current).toBeUndefined();
  });
});
