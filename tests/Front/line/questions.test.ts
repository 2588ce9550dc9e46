import { QueryClient } from '@tanstack/svelte-query';
import { beforeEach, expect, it, vi } from 'vitest';
import { Refusal } from '../../../resources/js/api/client';
import { askAhead, lineOf, nearDays, plansOf } from '../../../resources/js/line/questions';

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
vi.mock('../../../resources/js/line/told', () => ({
  readLine: (dayId: string) => {
    asked.push(`line of ${dayId}`);

    return answer(`line of ${dayId}`);
  },
}));

const board = {
  designs: [{ planId: 'b', own: [{ planId: 'c' }] }],
  waiting: [{ planId: 'a' }, { planId: 'b' }],
  chairs: [{ child: null }, { child: { planId: 'd' } }],
};

beforeEach(() => {
  asked.length = 0;
});

it('asks for all that a chair shows at once, and rooms that open then find it answered', async () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  answer = (path) => Promise.resolve(path.startsWith('line') ? board : [path]);
  await askAhead(client, 'today');

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
  await askAhead(client, 'today');

  expect(asked.toSorted()).toEqual(['days/near', 'line of today']);
  expect(client.getQueryData(nearDays().queryKey)).toBeUndefined();
});

it('asks for plans anew only when another one is wanted', () => {
  const key = (of: unknown) => plansOf('today', of as never).queryKey.at(-1);

  expect(key(board)).toBe('a b c d');
  expect(key({ ...board, waiting: [{ planId: 'b' }] })).toBe('b c d');
  expect(key(undefined)).toBe('');
});
