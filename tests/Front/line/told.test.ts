import { beforeEach, expect, it, vi } from 'vitest';
import { Unreachable } from '../../../resources/js/api/client';
import type { LineBoard, LineNews, ToldTap } from '../../../resources/js/api/types.gen';
import { keepLine, readLine, sinceOf, toldWhole, withNews } from '../../../resources/js/line/told';

const away = vi.hoisted(() => ({ answers: new Map<string, unknown>(), kept: new Map<string, unknown>() }));

vi.mock('../../../resources/js/api/client', async (original) => ({
  ...(await original<object>()),
  api: {
    ask: (path: string) =>
      away.answers.has(path) ? Promise.resolve(away.answers.get(path)) : Promise.reject(new Unreachable()),
  },
}));
vi.mock('../../../resources/js/api/kept', () => ({
  kept: {
    grown: (path: string) => Promise.resolve(away.kept.get(path)),
    keepGrown: (path: string, name: string, whole: () => unknown, added: unknown) =>
      Promise.resolve(away.kept.set(path, { name, whole: whole(), added })),
  },
}));

const tap = (id: string, more: Partial<ToldTap> = {}): ToldTap => ({ id, kind: 'opened', at: 1, ...more });
const line = (version: string, ...taps: ToldTap[]) =>
  ({
    version,
    story: { finished: 0, highestNumber: 0, until: null, plans: [], taps },
  }) as unknown as LineBoard;
const told = (version: string, ...taps: ToldTap[]) => toldWhole(line(version, ...taps));
const news = (version: string, ...taps: ToldTap[]): LineNews => ({
  version,
  now: 0,
  line: null,
  plans: [],
  taps,
});

beforeEach(() => {
  away.answers.clear();
  away.kept.clear();
});

it('takes each tap once, and is the same object where nothing is new', () => {
  const before = told('5-a', tap('one'));
  const after = withNews(before, news('7-a', tap('one'), tap('two')));
  expect(after?.news.taps.map(({ id }) => id)).toEqual(['two']);
  expect(after?.version).toBe('7-a');
  expect(withNews(after, news('7-a', tap('two')))).toBe(after);
});

it('does not go back when an early answer comes late', () => {
  const after = withNews(told('5-a'), news('9-a', tap('two')));
  expect(withNews(after, news('7-a', tap('one')))).toMatchObject({
    version: '9-a',
    news: { taps: [{ id: 'two' }, { id: 'one' }] },
  });
});

it('is told all where it has nothing, where the server tells all, and where there is too much to fold', () => {
  expect(withNews(undefined, news('7-a', tap('one')))).toBeUndefined();
  expect(withNews(told('5-a'), { ...news('8-b'), line: line('8-b', tap('three')) })).toEqual(
    told('8-b', tap('three')),
  );
  const many = Array.from({ length: 201 }, (_, at) => tap(`tap ${at}`));
  expect(sinceOf(withNews(told('5-a'), news('300-a', ...many)))).toBeUndefined();
  expect(sinceOf(withNews(told('5-a'), news('7-a', tap('one'))))).toBe('7-a');
});

it('asks for what is missing of the line, and for all where that does not go on from what is at hand', async () => {
  const before = told('5-a', tap('one'));
  before.story.until = 10;
  away.answers.set('days/d/line/news?since=5-a', news('6-a', tap('two', { at: 11 })));
  const after = await readLine('d', before);
  expect(after.news.taps.map(({ id }) => id)).toEqual(['two']);
  expect(away.kept.get('days/d/line')).toEqual({
    name: '5-a',
    whole: before,
    added: { version: '6-a', news: after.news },
  });

  away.answers.set('days/d/line/news?since=5-a', news('6-a', tap('late', { at: 9 })));
  away.answers.set('days/d/line', line('6-a', tap('one'), tap('late')));
  expect((await readLine('d', before)).story.taps.map(({ id }) => id)).toEqual(['one', 'late']);
});

it('goes on from what an earlier page kept, and stands by it out of reach', async () => {
  await expect(readLine('d', undefined)).rejects.toThrow(Unreachable);
  const before = told('5-a', tap('one'));
  await keepLine('d', before);
  expect(await readLine('d', undefined)).toEqual(before);
  away.answers.set('days/d/line/news?since=5-a', news('6-a', tap('two')));
  const after = await readLine('d', undefined);
  expect(after.version).toBe('6-a');

  away.answers.clear();
  expect(await readLine('d', undefined)).toEqual(after);
});
