import 'fake-indexeddb/auto';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import { leaveOut, sendOrKeep, sendUnsent, unsentOf } from './unsent';

const ME = 7;
const soon = window.setTimeout.bind(window);
let reached: { path: string; id: string; body: string }[] = [];
let serverSays: () => Response;

const reading = (entry: string, dimension = 'spine') =>
  sendOrKeep({
    person: ME,
    path: '/api/pieces/1/steps/grind/readings',
    what: { dimension, entry, basedOn: 0 },
    words: `${dimension} ${entry}`,
    typed: [{ field: dimension, text: entry }],
  });

const note = (words: string) =>
  sendOrKeep({
    person: ME,
    path: '/api/pieces/1/notes',
    what: { words },
    words,
    typed: [{ field: ' New note', text: words }],
  });

const lost = (): Response => {
  throw new TypeError('Failed to fetch');
};

const refused = (status: number, problem: object) => (): Response => new Response(JSON.stringify(problem), { status });

beforeEach(() => {
  reached = [];
  serverSays = () => new Response('{}', { status: 200 });
  vi.spyOn(window, 'setTimeout').mockImplementation(((act: () => void) => soon(act, 0)) as typeof setTimeout);
  vi.stubGlobal('fetch', async (path: string, asked: RequestInit) => {
    const answer = serverSays();
    reached.push({
      path,
      id: (asked.headers as Record<string, string>)['Command-Id'] ?? '',
      body: asked.body as string,
    });
    return answer;
  });
});

afterEach(async () => {
  await sendUnsent(ME);
  await Promise.all((await unsentOf(ME)).map(leaveOut));
});

describe('what cannot be sent', () => {
  it('goes at once where the server answers', async () => {
    expect(await reading('0.150')).toBe(true);
    expect(await unsentOf(ME)).toHaveLength(0);
  });

  it('is kept, and sent later in its order under its own ids', async () => {
    serverSays = lost;
    expect(await note('first')).toBe(false);
    expect(await reading('0.150')).toBe(false);
    expect(await note('second')).toBe(false);
    const ids = (await unsentOf(ME)).map((each) => each.id);
    serverSays = () => new Response('{}', { status: 200 });
    await sendUnsent(ME);
    expect(reached.map((each) => each.id)).toEqual(ids);
    expect(reached.map((each) => each.path.split('/').at(-1))).toEqual(['notes', 'readings', 'notes']);
    expect(await unsentOf(ME)).toHaveLength(0);
  });

  it('is overtaken by nothing that is done later', async () => {
    serverSays = lost;
    await note('first');
    serverSays = () => new Response('{}', { status: 200 });
    expect(await note('second')).toBe(false);
    await vi.waitFor(async () => expect(await unsentOf(ME)).toHaveLength(0));
    expect(reached.map((each) => JSON.parse(each.body).words)).toEqual(['first', 'second']);
  });

  it('takes the place of a slip in the same field, and of no other note', async () => {
    serverSays = lost;
    await reading('1.50');
    await reading('0.200', 'edge');
    await reading('0.150');
    await note('one');
    await note('two');
    expect((await unsentOf(ME)).map((each) => each.words)).toEqual(['spine 0.150', 'edge 0.200', 'one', 'two']);
  });

  it('stays with its reason when it is refused, and lets the rest go on', async () => {
    serverSays = lost;
    await reading('0.150');
    await note('after it');
    await sendUnsent(ME);
    const both = [
      { field: 'spine', label: 'Spine', theirs: '0.148 in', theirsBy: 'Ada', yours: '0.150 in', theirsIs: '9' },
    ];
    serverSays = () =>
      reached.length === 0 ? refused(409, { detail: 'Changed', both })() : new Response('{}', { status: 200 });
    await sendUnsent(ME);
    const left = await unsentOf(ME);
    expect(left.map((each) => each.words)).toEqual(['spine 0.150']);
    expect(left[0]?.refusal?.both[0]?.theirs).toBe('0.148 in');
  });

  it('waits while nobody is signed in or the server is in trouble', async () => {
    serverSays = lost;
    await reading('0.150');
    for (const status of [401, 503, 507]) {
      serverSays = refused(status, { detail: 'Not now' });
      // One after the other, as they would come.
      // oxlint-disable-next-line no-await-in-loop
      await sendUnsent(ME);
    }
    expect((await unsentOf(ME))[0]?.refusal).toBeUndefined();
  });

  it('belongs to whoever did it', async () => {
    serverSays = lost;
    await reading('0.150');
    serverSays = () => new Response('{}', { status: 200 });
    await sendUnsent(ME + 1);
    expect(await unsentOf(ME + 1)).toHaveLength(0);
    expect(await unsentOf(ME)).toHaveLength(1);
  });

  it('is refused to the page where the server answers and refuses', async () => {
    serverSays = refused(422, { detail: 'Too thick' });
    await expect(reading('15')).rejects.toThrow(Problem);
    expect(await unsentOf(ME)).toHaveLength(0);
  });
});
