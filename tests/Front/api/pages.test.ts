import { afterEach, expect, it, vi } from 'vitest';
import { api } from '../../../resources/js/api/client';
import { after, everyPage, PAGE } from '../../../resources/js/api/pages';

/** A list of so many, answered a page at a time as the server does. */
function listOf(count: number): { asked: string[] } {
  const all = Array.from({ length: count }, (_, at) => ({ id: String(at).padStart(4, '0') }));
  const asked: string[] = [];
  vi.spyOn(api, 'get').mockImplementation((path: string) => {
    asked.push(path);
    const from = all.findIndex(({ id }) => id === /after=(\d+)/.exec(path)?.[1]) + 1;

    return Promise.resolve(all.slice(from, from + PAGE) as never);
  });

  return { asked };
}

afterEach(() => vi.restoreAllMocks());

it.each([0, 1, PAGE - 1, PAGE, PAGE + 1, 3 * PAGE + 7])(
  'reads a list of %i to its end, each once',
  async (count) => {
    const { asked } = listOf(count);
    const all = await everyPage<{ id: string }>('designs');

    expect(all.map(({ id }) => Number(id))).toEqual(Array.from({ length: count }, (_, at) => at));
    expect(asked).toHaveLength(Math.floor(count / PAGE) + 1);
  },
);

it('tells what is there so far, and not when that is all', async () => {
  listOf(2 * PAGE + 1);
  const shown: number[] = [];
  await everyPage<{ id: string }>('designs', (soFar) => shown.push(soFar.length));

  expect(shown).toEqual([PAGE, 2 * PAGE]);
});

it('knows the last page by its length', () => {
  const page = Array.from({ length: PAGE }, (_, at) => ({ day: { id: `d${at}` } }));

  expect(after(page, ({ day }) => day.id)).toBe(`d${PAGE - 1}`);
  expect(after(page.slice(1), ({ day }) => day.id)).toBeUndefined();
  expect(after([], () => '')).toBeUndefined();
});
