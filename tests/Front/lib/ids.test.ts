import { expect, it } from 'vitest';
import { newId } from '../../../resources/js/lib/ids';

it('makes lower-case ULIDs that keep the order they were made in, within a millisecond too', () => {
  const ids = Array.from({ length: 500 }, () => newId(1_794_045_600_000));

  expect(new Set(ids).size).toBe(500);
  expect(ids.toSorted()).toEqual(ids);
  expect(ids.every((id) => /^[0-9a-hjkmnp-tv-z]{26}$/.test(id))).toBe(true);
});
