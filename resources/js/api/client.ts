import { clock } from '../lib/clock.svelte';
import { kept } from './kept';
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

async function ask(method: Method, path: string, body?: string, team?: string): Promise<Response> {
  const headers = new Headers({ Accept: 'application/json', 'X-XSRF-TOKEN': csrfToken() });
  const last = method === 'GET' ? named.get(path) : undefined;
  if (last !== undefined) {
    headers.set('If-None-Match', last.etag);
  }
  if (team !== undefined) {
    headers.set('X-Team', team);
  }
  if (body !== undefined) {
    headers.set('Content-Type', 'application/json');
  }
  const response = await fetch(`/api/${path}`, {
    method,
    headers,
    credentials: 'same-origin',
    // What is the same is remembered here, whole and read.
    cache: 'no-store',
    ...(body === undefined ? {} : { body }),
  }).catch(() => null);
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

/** Sends the request again once with a fresh token when the old one has run out. */
async function askWithToken(method: Method, path: string, body?: string, team?: string): Promise<Response> {
  const first = await ask(method, path, body, team);
  if (first.status !== 419) {
    return first;
  }
  await ask('GET', 'session');

  return ask(method, path, body, team);
}

async function call<T>(method: Method, path: string, body?: string, team?: string): Promise<T> {
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
  const answer = (response.status === 204 ? null : await response.json()) as T;
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

/** Hands over each line of an answer as it comes, empty ones left out; `signal` ends it. With a body it is posted. */
async function lines(
  path: string,
  take: (line: string) => void,
  signal: AbortSignal,
  body?: unknown,
): Promise<void> {
  const response = await fetch(`/api/${path}`, {
    credentials: 'same-origin',
    signal,
    ...(body === undefined
      ? {}
      : {
          method: 'POST',
          headers: {
            Accept: 'application/json',
            'Content-Type': 'application/json',
            'X-XSRF-TOKEN': csrfToken(),
          },
          body: JSON.stringify(body),
        }),
  }).catch((error: unknown) => {
    throw signal.aborted ? error : new Unreachable();
  });
  if (!response.ok || response.body === null) {
    throw await refusalFrom(response);
  }
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (let part = await reader.read(); !part.done; part = await reader.read()) {
    const whole = (rest + part.value).split('\n');
    rest = whole.pop() ?? '';
    whole.filter((line) => line !== '').forEach(take);
  }
}

export const api = {
  lines,
  /** Reads; out of reach, the last answer that this browser kept stands in. */
  async get<T>(path: string): Promise<T> {
    try {
      const before = named.get(path)?.answer;
      const answer = await call<T>('GET', path);
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
  post: <T>(path: string, body: unknown = {}) => call<T>('POST', path, JSON.stringify(body)),
  /** Only as long as that team is signed in. */
  postAs: <T>(team: string, path: string, body: unknown) => call<T>('POST', path, JSON.stringify(body), team),
  postFile: <T>(path: string, text: string) => call<T>('POST', path, text),
  put: <T>(path: string, body: unknown) => call<T>('PUT', path, JSON.stringify(body)),
  delete: <T>(path: string, body?: unknown) =>
    call<T>('DELETE', path, body === undefined ? undefined : JSON.stringify(body)),
};
