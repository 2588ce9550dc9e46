import { afterEach, beforeEach, expect, it, type MockInstance, vi } from 'vitest';
import { api, forgetAnswers, Refusal, Unreachable } from '../../../resources/js/api/client';
import { kept } from '../../../resources/js/api/kept';
import { clock } from '../../../resources/js/lib/clock.svelte';
import { Wait } from '../../../resources/js/lib/wait.svelte';

const fetched = vi.fn<typeof fetch>();
const sent = (at: number) => fetched.mock.calls[at]?.[1]?.headers as Headers;
const answer = (status: number, body: unknown, headers: Record<string, string> = {}) =>
  Promise.resolve(
    new Response(status === 304 || status === 204 ? null : JSON.stringify(body), { status, headers }),
  );
let keepAnswer: MockInstance<typeof kept.keepAnswer>;
let lastAnswer: MockInstance<typeof kept.answer>;
let path = '';
let count = 0;

beforeEach(() => {
  vi.stubGlobal('fetch', fetched);
  fetched.mockReset();
  keepAnswer = vi.spyOn(kept, 'keepAnswer').mockResolvedValue();
  lastAnswer = vi.spyOn(kept, 'answer').mockResolvedValue(undefined);
  // What is remembered is remembered as long as the page: each test has an address of its own.
  path = `days/${++count}/line`;
});

afterEach(() => {
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

it('is told nothing anew that it has already', async () => {
  fetched.mockReturnValueOnce(answer(200, { now: 5, waiting: [] }, { ETag: '"a"' }));
  const first = await api.get(path);
  expect(sent(0).get('If-None-Match')).toBeNull();
  expect(keepAnswer).toHaveBeenCalledOnce();

  const learn = vi.spyOn(clock, 'learn');
  fetched.mockReturnValueOnce(answer(304, null, { ETag: '"a"', 'X-Now': '9000' }));
  const second = await api.get(path);
  expect(sent(1).get('If-None-Match')).toBe('"a"');
  // The very same answer: nothing is read, kept or drawn again. What time it is is learned each time.
  expect(second).toBe(first);
  expect(keepAnswer).toHaveBeenCalledOnce();
  expect(learn).toHaveBeenCalledWith(9000, expect.any(Number));

  fetched.mockReturnValueOnce(answer(200, { now: 12, waiting: ['Noor'] }, { ETag: '"b"' }));
  expect(await api.get(path)).toEqual({ now: 12, waiting: ['Noor'] });
  fetched.mockReturnValueOnce(answer(304, null, { 'X-Now': '9100' }));
  expect(await api.get(path)).toEqual({ now: 12, waiting: ['Noor'] });
  expect(sent(3).get('If-None-Match')).toBe('"b"');
});

it('asks anew for what has no name, and never by a write', async () => {
  fetched.mockImplementation(() => answer(200, { id: 1 }));
  await api.get(path);
  await api.get(path);
  await api.post(path, {});
  expect([0, 1, 2].map((at) => sent(at).get('If-None-Match'))).toEqual([null, null, null]);
});

it('has the last answer where the server is away, and says so where there is none', async () => {
  fetched.mockRejectedValue(new TypeError('away'));
  await expect(api.get(path)).rejects.toThrow(Unreachable);
  lastAnswer.mockResolvedValue({ waiting: ['kept'] });
  expect(await api.get(path)).toEqual({ waiting: ['kept'] });
});

it('says the server’s own words where it refuses', async () => {
  fetched.mockReturnValueOnce(answer(422, { message: 'That is no name.', errors: { name: ['too long'] } }));
  const refusal = await api.post(path, {}).catch((error: unknown) => error);
  expect(refusal).toBeInstanceOf(Refusal);
  expect(refusal).toMatchObject({ status: 422, message: 'That is no name.', fields: { name: ['too long'] } });
});

it('comes again by itself where it has to wait for its turn, four times at most', async () => {
  vi.useFakeTimers();
  fetched.mockImplementation(() => answer(429, { message: 'Too much at once.' }, { 'Retry-After': '3' }));
  fetched.mockReturnValueOnce(answer(429, {}, { 'Retry-After': '3' }));
  fetched.mockReturnValueOnce(answer(200, { saved: true }));
  const kept = api.put(path, {});
  await vi.advanceTimersByTimeAsync(2_999);
  expect(fetched).toHaveBeenCalledOnce();
  await vi.advanceTimersByTimeAsync(1);
  expect(await kept).toEqual({ saved: true });

  const refused = api.put(path, {}).catch((error: unknown) => error);
  await vi.advanceTimersByTimeAsync(9_000);
  expect(await refused).toMatchObject({ status: 429, message: 'Too much at once.' });
  expect(fetched).toHaveBeenCalledTimes(2 + 4);
  vi.useRealTimers();
});

it('does not wait where it would take long, or nothing says how long', async () => {
  fetched.mockReturnValueOnce(answer(429, { message: 'Too many tries.' }, { 'Retry-After': '60' }));
  await expect(api.post(path, {})).rejects.toThrow('Too many tries.');
  fetched.mockReturnValueOnce(answer(429, { message: 'Another file is being read.' }));
  await expect(api.post(path, {})).rejects.toThrow('Another file is being read.');
  expect(fetched).toHaveBeenCalledTimes(2);
});

it('asks for a fresh token once, where the old one has run out', async () => {
  fetched.mockReturnValueOnce(answer(419, {}));
  fetched.mockReturnValueOnce(answer(200, {}));
  fetched.mockReturnValueOnce(answer(200, { saved: true }));
  expect(await api.put(path, {})).toEqual({ saved: true });
  expect(fetched.mock.calls.map(([url]) => url)).toEqual([`/api/${path}`, '/api/session', `/api/${path}`]);
});

it('forgets what it was told when somebody signs out', async () => {
  const forget = vi.spyOn(kept, 'forgetAnswers').mockResolvedValue();
  fetched.mockImplementation(() => answer(200, { now: 5 }, { ETag: '"a"' }));
  await api.get(path);
  await forgetAnswers();
  await api.get(path);
  expect(forget).toHaveBeenCalledOnce();
  expect(sent(1).get('If-None-Match')).toBeNull();
});

const progress = (found: unknown[], more: object = {}) =>
  answer(200, {
    status: null,
    ahead: 0,
    runsMs: 0,
    mostMs: 8000,
    lines: found.map((line) => JSON.stringify(line)),
    ...more,
  });

it('asks after what takes the server a while, and has what was found in the end', async () => {
  vi.useFakeTimers();
  fetched
    .mockReturnValueOnce(answer(202, { search: '01s' }))
    .mockReturnValueOnce(progress([], { ahead: 2 }))
    .mockReturnValueOnce(progress([], { runsMs: 400 }))
    .mockReturnValueOnce(progress([{ rungs: [1] }], { status: 200 }));
  const wait = new Wait();
  const said: string[] = [];
  const asked = api.get(path, {
    signal: wait.signal,
    told: (so) => {
      wait.told(so);
      said.push(wait.words);
    },
  });
  await vi.runAllTimersAsync();
  expect(await asked).toEqual({ rungs: [1] });
  expect(fetched.mock.calls.slice(1).map(([url]) => url)).toEqual(
    [0, 0, 0].map((from) => `/api/searches/01s?from=${from}`),
  );
  expect(said).toEqual(['2 searches come first', '0 s of 8 s at most', '0 s of 8 s at most']);
  expect(keepAnswer).toHaveBeenCalledWith(path, { rungs: [1] });
  vi.useRealTimers();
});

it('hands over line by line what is found, each once', async () => {
  vi.useFakeTimers();
  fetched
    .mockReturnValueOnce(answer(202, { search: '01s' }))
    .mockReturnValueOnce(progress([1, 2]))
    .mockReturnValueOnce(progress([3], { status: 204 }));
  const taken: string[] = [];
  const asked = api.lines(path, (line) => taken.push(line), new AbortController().signal, { a: 1 });
  await vi.runAllTimersAsync();
  await asked;
  expect(taken).toEqual(['1', '2', '3']);
  expect(fetched.mock.calls[0]?.[1]?.method).toBe('POST');
  expect(fetched.mock.lastCall?.[0]).toBe('/api/searches/01s?from=2');
  vi.useRealTimers();
});

it('says what the server has against it, as if it had said so at once', async () => {
  fetched
    .mockReturnValueOnce(answer(202, { search: '01s' }))
    .mockReturnValueOnce(progress([{ message: 'No menu.', errors: { day: ['gone'] } }], { status: 422 }));
  const refusal = await api.post(path, {}).catch((error: unknown) => error);
  expect(refusal).toMatchObject({ status: 422, message: 'No menu.', fields: { day: ['gone'] } });
});

it('tells the server when nobody waits any more', async () => {
  fetched.mockReturnValueOnce(answer(202, { search: '01s' })).mockReturnValue(progress([]));
  const wait = new Wait();
  const asked = wait.for(api.get(path, wait));
  await vi.waitFor(() => expect(fetched.mock.calls.length).toBeGreaterThan(1));
  wait.end();
  expect(await asked).toBeUndefined();
  expect(fetched.mock.lastCall).toMatchObject(['/api/searches/01s', { method: 'DELETE' }]);
  // What goes wrong by itself is no end that somebody wanted.
  await expect(new Wait().for(Promise.reject(new Error('broken')))).rejects.toThrow('broken');
});
