import { afterEach, beforeEach, expect, it, type MockInstance, vi } from 'vitest';
import { api, forgetAnswers, Refusal, Unreachable } from '../../../resources/js/api/client';
import { kept } from '../../../resources/js/api/kept';
import { clock } from '../../../resources/js/lib/clock.svelte';

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
