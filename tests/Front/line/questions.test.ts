import { QueryClient } from '@tanstack/svelte-query';
import { beforeEach, expect, it, vi } from 'vitest';
import { Refusal } from '../../../resources/js/api/client';
import { openAhead, lineOf, nearDays, plansOf } from '../../../resources/js/line/questions';
import { whoIsIn } from '../../../resources/js/lib/session';

const asked: string[] = [];
let answer: (path: string) => Promise<unknown>;

vi.mock('../../../resources/js/api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    get: (path: string) => {
      asked.push(path);

      return answer(path);
    },
  },
}));
const shelf = vi.hoisted(() => new Map<string, unknown>());
vi.mock('../../../resources/js/api/kept', () => ({
  kept: { answers: (paths: string[]) => Promise.resolve(paths.map((path) => shelf.get(path))) },
}));
vi.mock('../../../resources/js/line/told', () => ({
  keptLine: (dayId: string) => Promise.resolve(shelf.get(`line of ${dayId}`)),
  readLine: (dayId: string) => {
    asked.push(`line of ${dayId}`);

    return answer(`line of ${dayId}`);
  },
}));

const board = {
  designs: [{ planId: 'b', own: [{ planId: 'c' }], versions: '0f' }],
  waiting: [{ planId: 'a' }, { planId: 'b' }],
  chairs: [{ child: null }, { child: { planId: 'd' } }],
};

beforeEach(() => {
  asked.length = 0;
  shelf.clear();
});

it('asks for all that a chair shows at once, and rooms that open then find it answered', async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  answer = (path) => Promise.resolve(path.startsWith('line') ? board : [path]);
  await openAhead(client, 'today');

  expect(asked.slice(0, 2).toSorted()).toEqual(['days/near', 'line of today']);
  expect(asked[2]).toBe('days/today/plans');
  const told = client.getQueryData(lineOf('today').queryKey);
  expect(told).toBe(board);
  expect(client.getQueryData(plansOf('today', board as never).queryKey)).toEqual(['days/today/plans']);
  await client.query(nearDays());
  expect(asked).toHaveLength(3);
});

it('leaves it to the rooms where nobody is signed in', async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  answer = () => Promise.reject(new Refusal(401, 'Sign in.'));
  await openAhead(client, 'today');

  expect(asked.toSorted()).toEqual(['days/near', 'line of today']);
  expect(client.getQueryData(nearDays().queryKey)).toBeUndefined();
});

const keepChair = (session: object) => {
  shelf.set('session', session);
  shelf.set('days/near', ['a day']);
  shelf.set('line of today', board);
  shelf.set('days/today/plans', ['a plan']);
};

it('shows what was kept while nothing is answered, and then what is answered', async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  keepChair({ teamId: 'lanterns' });
  const newer = { ...board, waiting: [] };
  let tell = () => {};
  const told = new Promise<unknown>((resolve) => (tell = () => resolve(newer)));
  answer = () => told;
  const opening = openAhead(client, 'today');

  await vi.waitFor(() => expect(client.getQueryData(whoIsIn().queryKey)).toEqual({ teamId: 'lanterns' }));
  expect(client.getQueryData(nearDays().queryKey)).toEqual(['a day']);
  expect(client.getQueryData(lineOf('today').queryKey)).toBe(board);
  expect(client.getQueryData(plansOf('today', board as never).queryKey)).toEqual(['a plan']);
  expect(asked.toSorted()).toEqual(['days/near', 'line of today']);

  tell();
  await opening;
  expect(client.getQueryData(lineOf('today').queryKey)).toBe(newer);
});

it('shows nothing that was kept where nobody was signed in, and nothing in place of an answer', async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  keepChair({ teamId: null });
  answer = () => Promise.reject(new Refusal(401, 'Sign in.'));
  await openAhead(client, 'today');
  expect(client.getQueryData(lineOf('today').queryKey)).toBeUndefined();

  keepChair({ teamId: 'lanterns' });
  client.setQueryData(whoIsIn().queryKey, { teamId: 'others' });
  await openAhead(client, 'today');
  expect(client.getQueryData(whoIsIn().queryKey)).toEqual({ teamId: 'others' });
});

it('asks for plans anew only when another one is wanted', () => {
  const key = (of: unknown) => plansOf('today', of as never).queryKey.at(-1);

  expect(key(board)).toBe('0f a b c d');
  expect(key({ ...board, waiting: [{ planId: 'b' }] })).toBe('0f b c d');
  expect(key(undefined)).toBe('');
});

it('asks for plans again when a design on the menu has other versions, and not otherwise', () => {
  const key = (versions: string) =>
    plansOf('today', { ...board, designs: [{ ...board.designs[0], versions }] } as never).queryKey;
  expect(key('0f')).toEqual(plansOf('today', board as never).queryKey);
  expect(key('1a')).not.toEqual(key('0f'));
  expect(key('')).not.toEqual(key('0f'));
});
