import type { Both, Finding, Out, Problem as Described, Receipt } from './schema';
import { heardServerTime, heardShopZone } from './serverTime';

type ProblemDetail = Partial<Described>;

/** A refusal of the server in words that a person can act on. */
export class Problem extends Error {
  readonly kind: string;
  readonly status: number;
  readonly findings: Finding[];
  readonly both: Both[];
  readonly out: Out[];

  constructor(status: number, problem: ProblemDetail) {
    super(problem.detail ?? `The server answered ${status}.`);
    this.status = status;
    this.kind = (problem.type ?? '').replace('urn:hilt:', '');
    this.findings = problem.findings ?? [];
    this.both = problem.both ?? [];
    this.out = problem.out ?? [];
  }

  /** What is wrong at a field, in words; nothing if it is not about this field. */
  at(field: string): string | undefined {
    const finding = this.findings.find((each) => each.field === field);
    return finding ? findingWords(finding) : undefined;
  }
}

export const findingWords = (finding: Finding): string =>
  `${finding.problem}${finding.problem.endsWith('?') ? '' : '.'} Accepted: ${finding.accepted}`;

/** Questions that are too long for an address: they are sent, and nothing is taken. */
const ONLY_READS = ['/api/design/', '/api/calc/', '/api/tank/ferric/worked', '/api/tank/plans'];

const TRIES = 4;

/** The kind of problem that passes when the network is back. */
export const UNREACHABLE = 'unreachable';

/** Said to the window, with its body, when a command was taken. */
export const SENT = 'hilt-sent';

/** Said to the window when the server knows nobody behind a question any more. */
export const SIGNED_OUT = 'hilt-signed-out';

/** What was answered last, by its address: the server need not send it again while it is the same. */
const held = new Map<string, { mark: string; body: unknown }>();
const HELD_AT_MOST = 60;

export async function read<T>(path: string): Promise<T> {
  const before = held.get(path);
  const response = await fetch(path, {
    cache: 'no-store',
    headers: { Accept: 'application/json', ...(before ? { 'If-None-Match': before.mark } : {}) },
  });
  if (before && response.status === 304) {
    heardTime(response);
    return before.body as T;
  }
  const body = await answer<T>(response);
  const mark = response.headers.get('ETag');
  held.delete(path);
  if (mark) {
    held.set(path, { mark, body });
    if (held.size > HELD_AT_MOST) {
      held.delete([...held.keys()][0]!);
    }
  }
  return body;
}

/** What a page sends. It carries one id through every try, so a lost answer changes nothing twice. */
export interface Command {
  id: string;
  path: string;
  /** The page that it is sent from. */
  origin: string;
  what: unknown;
  /** A picture, if that is what is sent; what is said about it is its `what`. */
  picture?: File;
}

export const command = (path: string, what: unknown, picture?: File): Command => ({
  id: crypto.randomUUID?.() ?? `${Date.now()}-${Math.random().toString(36).slice(2)}`,
  path,
  origin: location.pathname,
  what,
  picture,
});

/** Sends a command. */
export async function change<T = Receipt>(path: string, body: unknown = {}): Promise<T> {
  const receipt = await deliver<T>(command(path, body));
  if (!ONLY_READS.some((reading) => path.startsWith(reading))) {
    saySent(body);
  }
  return receipt;
}

/** Sends a picture, with what is said about it. */
export const upload = (path: string, picture: File, about: Record<string, string> = {}): Promise<Receipt> =>
  deliver(command(path, about, picture));

/** What was typed is out of the hands of whoever typed it. */
export const saySent = (what: unknown): boolean => window.dispatchEvent(new CustomEvent(SENT, { detail: what }));

/** Sends a file as it is, which may take a while. */
export function bring<T>(path: string, file: File, told: (part: number) => void, stop: AbortSignal): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    const refuse = (words: string) => reject(new Problem(0, { detail: words }));
    request.upload.onprogress = ({ loaded, total }) => told(loaded / Math.max(1, total));
    request.onload = () =>
      request.status === 200
        ? resolve(JSON.parse(request.responseText) as T)
        : reject(new Problem(request.status, problemOf(request.responseText, request.status)));
    request.onerror = () => refuse('The server cannot be reached. Try again.');
    request.onabort = () => refuse('Stopped: nothing was taken.');
    stop.addEventListener('abort', () => request.abort());
    request.open('POST', path);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.setRequestHeader('X-XSRF-TOKEN', cookie('XSRF-TOKEN'));
    request.send(file);
  });
}

/** @param tries after which an unreachable server is a problem of the kind `UNREACHABLE` */
export async function deliver<T>(sent: Command, tries = TRIES): Promise<T> {
  for (let attempt = 1; ; attempt += 1) {
    try {
      return await answer<T>(await fetch(sent.path, asked(sent)));
    } catch (failure) {
      if (failure instanceof Problem) {
        throw failure;
      }
      if (attempt === tries) {
        throw new Problem(0, {
          type: `urn:hilt:${UNREACHABLE}`,
          detail: 'The server cannot be reached. What you entered is still here; try again.',
        });
      }
      await new Promise((resolve) => setTimeout(resolve, 300 * attempt));
    }
  }
}

function asked({ id, origin, what, picture }: Command): RequestInit {
  const headers = { 'Command-Id': id, 'Command-Origin': origin, 'X-XSRF-TOKEN': cookie('XSRF-TOKEN') };
  if (!picture) {
    return { method: 'POST', body: JSON.stringify(what), headers: { ...headers, 'Content-Type': 'application/json' } };
  }
  const form = new FormData();
  form.append('photo', picture);
  Object.entries(what as Record<string, string>).forEach(([name, value]) => form.append(name, value));
  return { method: 'POST', body: form, headers };
}

function heardTime(response: Response): void {
  const time = Number(response.headers.get('Shop-Time'));
  if (time > 0) {
    heardServerTime(time);
  }
}

async function answer<T>(response: Response): Promise<T> {
  heardTime(response);
  const text = await response.text();
  if (response.ok) {
    const body = text ? JSON.parse(text) : undefined;
    if (typeof body?.zone === 'string') {
      heardShopZone(body.zone);
    }
    return body as T;
  }
  if (response.status === 401) {
    window.dispatchEvent(new Event(SIGNED_OUT));
  }
  throw new Problem(response.status, problemOf(text, response.status));
}

function problemOf(text: string, status: number): ProblemDetail {
  try {
    return JSON.parse(text) as ProblemDetail;
  } catch {
    return { detail: `The server answered ${status}.` };
  }
}

function cookie(name: string): string {
  const found = document.cookie.split('; ').find((each) => each.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : '';
}
