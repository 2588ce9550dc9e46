import { api } from './client';

/** So many at a time: a screen and a little more. */
export const PAGE = 40;

/** A part of a long list, after the one of that id. */
export function page<T>(path: string, after: string | undefined): Promise<T[]> {
  return api.get<T[]>(`${path}?first=${PAGE}${after === undefined ? '' : `&after=${after}`}`);
}

/** Where the next page begins; undefined after the last. */
export function after<T>(last: readonly T[], id: (one: T) => string): string | undefined {
  const end = last.at(-1);

  return last.length < PAGE || end === undefined ? undefined : id(end);
}

/**
 * A whole list, page by page.
 *
 * @param show told what is there so far, as long as more is to come
 */
export async function everyPage<T extends { id: string }>(
  path: string,
  show: (soFar: T[]) => void = () => undefined,
): Promise<T[]> {
  let all: T[] = [];
  let next: string | undefined;
  do {
    const one = await page<T>(path, next);
    all = [...all, ...one];
    next = after(one, ({ id }) => id);
    if (next !== undefined) {
      show(all);
    }
  } while (next !== undefined);

  return all;
}
