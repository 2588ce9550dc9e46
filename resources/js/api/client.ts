import { passwordAgain } from './password-again.svelte';
import { clock } from '../lib/clock.svelte';
import { kept } from './kept';
import type { SearchAsked, SearchProgress } from './types.gen';
import { reach } from './reach.svelte';

/** The server said no. The message is its own words, ready to be shown. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly fields: Record<string, string[]> = {},
  ) {
    super(message);
  }
}

/** The server could not be reached: no answer, or that of something which stands in front of it. */
export class Unreachable extends Error {
  constructor() {
    super('The server is out of reach. What is on this screen is the last it said.');
  }
}

/** The server is there and failed: the same question may fail for ever. */
export class ServerFault extends Error {
  constructor() {
    super('The server failed on that. Try again; if it fails again, tell whoever runs it.');
  }
}

/** What proxies answer when nobody is behind them. */
const NOBODY_THERE = [502, 503, 504];
/** Too much was asked for at once; where that is over soon, the server says in how many seconds. */
const TOO_MUCH = 429;
const SOON_SECONDS = 5;
const MOST_TRIES = 4;

function secondsUntilNext({ status, headers }: Response): number {
  const seconds = status === TOO_MUCH ? Number(headers.get('Retry-After') ?? 0) : 0;

  return seconds <= SOON_SECONDS ? seconds : 0;
}

type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

function csrfToken(): string {
  const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));

  return cookie === undefined ? '' : decodeURIComponent(cookie.slice('XSRF-TOKEN='.length));
}

async function refusalFrom(response: Response): Promise<Refusal> {
  const body: unknown = await response.json().catch(() => ({}));
  const said = body as { message?: string; errors?: Record<string, string[]> };
  const message = said.message ?? 'The server refused that and did not say why. Try again.';

  return new Refusal(response.status, message, said.errors);
}

/** What was answered last, of what the server gives a name to: it is not told again while it is the same. */
const named = new Map<string, { etag: string; answer: unknown }>();

/** Whoever signs in next is told all of it. */
export async function forgetAnswers(): Promise<void> {
  named.clear();
  await kept.forgetAnswers();
}

/** Resolves after a while, or at once when it is ended. */
const pause = (ms: number, signal?: AbortSignal) =>
  new Promise<void>((resolve) => {
    const timer = setTimeout(resolve, ms);
    signal?.addEventListener('abort', () => {
      clearTimeout(timer);
      resolve();
    });
  });

/** Comes again by itself where it has to wait for its turn; null where nobody answers. */
async function fetchInTurn(path: string, request: RequestInit): Promise<Response | null> {
  for (let tries = 1; ; tries++) {
    const response = await fetch(path, request).catch(() => null);
    const seconds = response === null || tries === MOST_TRIES ? 0 : secondsUntilNext(response);
    if (seconds === 0) {
      return response;
    }
    await pause(seconds * 1000);
  }
}

async function ask(method: Method, path: string, body?: string | Blob, team?: string): Promise<Response> {
  const headers = new Headers({ Accept: 'application/json', 'X-XSRF-TOKEN': csrfToken() });
  const last = method === 'GET' ? named.get(path) : undefined;
  if (last !== undefined) {
    headers.set('If-None-Match', last.etag);
  }
  if (team !== undefined) {
    headers.set('X-Team', team);
  }
  if (body !== undefined) {
    headers.set('Content-Type', body instanceof Blob ? body.type || 'application/zip' : 'application/json');
  }
  const response = await fetchInTurn(`/api/${path}`, {
    method,
    headers,
    credentials: 'same-origin',
    // What is the same is remembered here, whole and read.
    cache: 'no-store',
    ...(body === undefined ? {} : { body }),
  });
  if (response === null || NOBODY_THERE.includes(response.status)) {
    reach.lost();
    throw new Unreachable();
  }
  reach.found();
  if (response.status >= 500) {
    throw new ServerFault();
  }

  return response;
}

const TOKEN_RAN_OUT = 419;
const TYPE_PASSWORD = 423;

/** Sends the request again once: with a fresh token when the old one has run out, or with the password typed again. */
async function askWithToken(
  method: Method,
  path: string,
  body?: string | Blob,
  team?: string,
): Promise<Response> {
  const first = await ask(method, path, body, team);
  if (first.status === TYPE_PASSWORD) {
    return (await passwordAgain.ask()) ? ask(method, path, body, team) : first;
  }
  if (first.status !== TOKEN_RAN_OUT) {
    return first;
  }
  await ask('GET', 'session');

  return ask(method, path, body, team);
}

async function call<T>(
  method: Method,
  path: string,
  body?: string,
  team?: string,
  waiting?: Waiting,
): Promise<T> {
  const askedAt = Date.now();
  const response = await askWithToken(method, path, body, team);
  const same = response.status === 304 ? named.get(path) : undefined;
  if (same !== undefined) {
    clock.learn(Number(response.headers.get('X-Now') ?? 0), askedAt);

    return same.answer as T;
  }
  if (!response.ok) {
    throw await refusalFrom(response);
  }
  const told: unknown = response.status === 204 ? null : await response.json();
  if (response.status === 202) {
    let found = 'null';
    await follow((told as SearchAsked).search, (line) => (found = line), waiting);

    return JSON.parse(found) as T;
  }
  const answer = told as T;
  learnTime(answer, askedAt);
  const etag = response.headers.get('ETag');
  if (method === 'GET' && etag !== null) {
    named.set(path, { etag, answer });
  }

  return answer;
}

function learnTime(answer: unknown, askedAt: number): void {
  const said = answer as { now?: number; news?: { now?: number } } | null;
  const now = said?.now ?? said?.news?.now;
  if (now !== undefined) {
    clock.learn(now, askedAt);
  }
}

/** Hears how far the server is with what takes it a while, and may end it. */
export interface Waiting {
  signal?: AbortSignal;
  told?: (progress: SearchProgress) => void;
}

const FIRST_LOOK_MS = 60;
const LONGEST_LOOK_MS = 400;

/** Asks after what the server works out in its own time, and hands over each line of it as it is found. */
async function follow(
  search: string,
  take: (line: string) => void,
  { signal, told }: Waiting = {},
): Promise<void> {
  let known = 0;
  for (let ms = FIRST_LOOK_MS; ; ms = Math.min(ms * 1.3, LONGEST_LOOK_MS)) {
    await pause(ms, signal);
    if (signal?.aborted === true) {
      // Nobody waits for the answer to that.
      void askWithToken('DELETE', `searches/${search}`).catch(() => undefined);
      throw signal.reason;
    }
    const response = await ask('GET', `searches/${search}?from=${known}`);
    if (!response.ok) {
      throw await refusalFrom(response);
    }
    const progress = (await response.json()) as SearchProgress;
    const { status, lines: found } = progress;
    if (status !== null && status >= 400) {
      throw await refusalFrom(new Response(found.at(-1) ?? '{}', { status }));
    }
    known += found.length;
    told?.(progress);
    found.forEach(take);
    if (status !== null) {
      return;
    }
  }
}

/** Hands over each line of an answer as it is found; `signal` ends it. With a body it is posted. */
async function lines(
  path: string,
  take: (line: string) => void,
  signal: AbortSignal,
  body?: unknown,
): Promise<void> {
  const response = await askWithToken(
    body === undefined ? 'GET' : 'POST',
    path,
    body === undefined ? undefined : JSON.stringify(body),
  );
  if (!response.ok) {
    throw await refusalFrom(response);
  }
  await follow(((await response.json()) as SearchAsked).search, take, { signal });
}

/** What is no JSON, either way. */
async function plain(method: Method, path: string, body?: Blob): Promise<Response> {
  const response = await askWithToken(method, path, body);
  if (!response.ok) {
    throw await refusalFrom(response);
  }

  return response;
}

export const api = {
  lines,
  file: async (path: string) => (await plain('GET', path)).arrayBuffer(),
  /** Tells what became of it, where anything is said. */
  async sendFile<T = null>(path: string, file: Blob): Promise<T> {
    const response = await plain('POST', path, file);

    return (response.status === 204 ? null : await response.json()) as T;
  },
  async putFile<T>(path: string, file: Blob): Promise<T> {
    return (await (await plain('PUT', path, file)).json()) as T;
  },
  /** Reads; out of reach, the last answer that this browser kept stands in. */
  async get<T>(path: string, waiting?: Waiting): Promise<T> {
    try {
      const before = named.get(path)?.answer;
      const answer = await call<T>('GET', path, undefined, undefined, waiting);
      if (answer !== before) {
        // Nobody waits for what is of use later only.
        void kept.keepAnswer(path, answer);
      }

      return answer;
    } catch (error) {
      const isAway = error instanceof Unreachable || error instanceof ServerFault;
      const last = isAway ? await kept.answer(path) : undefined;
      if (last === undefined) {
        throw error;
      }

      return last as T;
    }
  },
  /** Reads what is of no use later. */
  ask: <T>(path: string) => call<T>('GET', path),
  post: <T>(path: string, body: unknown = {}, waiting?: Waiting) =>
    call<T>('POST', path, JSON.stringify(body), undefined, waiting),
  /** Only as long as that team is signed in. */
  postAs: <T>(team: string, path: string, body: unknown) => call<T>('POST', path, JSON.stringify(body), team),
  postFile: <T>(path: string, text: string) => call<T>('POST', path, text),
  put: <T>(path: string, body: unknown) => call<T>('PUT', path, JSON.stringify(body)),
  delete: <T>(path: string, body?: unknown) =>
    call<T>('DELETE', path, body === undefined ? undefined : JSON.stringify(body)),
};
