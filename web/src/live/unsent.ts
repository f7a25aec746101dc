import { type DBSchema, openDB } from 'idb';
import { createContext, useCallback, useEffect, useState } from 'react';
import { type Command, Problem, UNREACHABLE, command, deliver, saySent } from '../api/client';
import type { Both } from '../api/schema';

/**
 * What was measured, written and photographed while the server could not be reached: kept in this browser, sent in its
 * order and under its first ids when the server answers again. What is refused then stays until somebody decides.
 */
export interface Unsent extends Command {
  /** Its place in the order. */
  at?: number;
  person: number;
  atMillis: number;
  /** What it is, for whoever reads the list. */
  words: string;
  /** The fields that it was typed into, by name and label. */
  typed: readonly Typed[];
  refusal?: { message: string; both: Both[] };
}

export interface Typed {
  field: string;
  text: string;
}

interface Shelf extends DBSchema {
  unsent: { key: number; value: Unsent };
}

/** These pass by themselves: nobody is signed in at the moment, or the server is in trouble. */
const PASSES = (status: number): boolean => status === 0 || status === 401 || status >= 500;

const CHANGED = 'hilt-unsent';

const shelf = () =>
  openDB<Shelf>('hilt-unsent', 1, {
    upgrade: (data) => void data.createObjectStore('unsent', { keyPath: 'at', autoIncrement: true }),
  });

const changed = (): boolean => window.dispatchEvent(new Event(CHANGED));

/** All that a person has not sent from here, the oldest first. */
export async function unsentOf(person: number): Promise<Unsent[]> {
  const all = await (await shelf()).getAll('unsent');
  return all.filter((each) => each.person === person);
}

export async function put(unsent: Unsent): Promise<void> {
  await (await shelf()).put('unsent', unsent);
  changed();
}

export async function leaveOut({ at }: Unsent): Promise<void> {
  if (at !== undefined) {
    await (await shelf()).delete('unsent', at);
    changed();
  }
}

interface Sending {
  person: number;
  path: string;
  what: object;
  picture?: File;
  words: string;
  typed?: readonly Typed[];
}

/**
 * Sends, or keeps what cannot be sent now. Behind what waits already nothing overtakes; the same field typed again before it
 * was sent is a slip put right, and takes the place of the slip.
 *
 * @returns whether the server has it
 * @throws Problem what the server refuses
 */
export async function sendOrKeep({ person, path, what, picture, words, typed = [] }: Sending): Promise<boolean> {
  const sent = command(path, what, picture);
  const waiting = (await unsentOf(person).catch(() => [])).filter((each) => !each.refusal);
  try {
    if (waiting.length > 0) {
      throw new Problem(0, { type: `urn:hilt:${UNREACHABLE}` });
    }
    await deliver(sent);
    saySent(what);
    return true;
  } catch (failure) {
    if (!(failure instanceof Problem) || failure.kind !== UNREACHABLE) {
      throw failure;
    }
    const slip = waiting.find((each) => isSame(each, path, typed));
    await put({ ...sent, ...(slip ? { at: slip.at } : {}), person, atMillis: Date.now(), words, typed }).catch(() => {
      throw failure;
    });
    saySent(what);
    if (waiting.length > 0) {
      void sendUnsent(person);
    }
    return false;
  }
}

const isSame = (before: Unsent, path: string, typed: readonly Typed[]): boolean =>
  before.path === path &&
  typed.length > 0 &&
  before.typed.length === typed.length &&
  before.typed.every((each, index) => each.field === typed[index]?.field) &&
  !path.endsWith('/notes');

let sending: Promise<void> | undefined;

/** Sends what waits, one after the other, until the server cannot be reached again. */
export async function sendUnsent(person: number): Promise<void> {
  // A browser that keeps nothing has nothing to send.
  sending ??= sendAll(person)
    .catch(() => undefined)
    .finally(() => (sending = undefined));
  await sending;
}

async function sendAll(person: number): Promise<void> {
  const next = (await unsentOf(person)).find((each) => !each.refusal);
  if (next && (await isOver(next))) {
    await sendAll(person);
  }
}

/** Whether the server has decided on it, so that what comes after it may be sent. */
async function isOver(unsent: Unsent): Promise<boolean> {
  try {
    await deliver(unsent, 1);
    await leaveOut(unsent);
    return true;
  } catch (failure) {
    if (!(failure instanceof Problem) || PASSES(failure.status)) {
      return false;
    }
    const refusal = {
      message: [failure.message, ...failure.findings.map((each) => `${each.problem}. Accepted: ${each.accepted}`)].join(
        ' ',
      ),
      both: failure.both,
    };
    await put({ ...unsent, refusal });
    return true;
  }
}

/** What whoever has the page has not sent from here. */
export const UnsentHere = createContext<readonly Unsent[]>([]);

const TRY_AGAIN_MS = 4_000;

/** What a person has not sent from here; as long as there is some, it is tried again and again. */
export function useUnsent(person: number): Unsent[] {
  const [all, setAll] = useState<Unsent[]>([]);
  const look = useCallback(() => void unsentOf(person).then(setAll, () => setAll([])), [person]);
  useEffect(() => {
    look();
    window.addEventListener(CHANGED, look);
    return () => window.removeEventListener(CHANGED, look);
  }, [look]);
  return all;
}

/** Sends what waits: at once when the server is there again, and every few seconds. */
export function useSendsUnsent(person: number, unsent: readonly Unsent[], isConnected: boolean): void {
  const isWaiting = unsent.some((each) => !each.refusal);
  useEffect(() => {
    if (!isWaiting || !isConnected) {
      return undefined;
    }
    const send = () => void sendUnsent(person);
    send();
    const timer = window.setInterval(send, TRY_AGAIN_MS);
    return () => window.clearInterval(timer);
  }, [person, isWaiting, isConnected]);
}
