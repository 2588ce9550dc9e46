import { expect, it } from 'vitest';
import { again, whichOfMonth } from '../../../resources/js/rooms/plan/again';

it('comes again by weeks', () => {
  expect(again('2026-11-28', 'week', 2)).toEqual(['2026-12-05', '2026-12-12']);
  expect(again('2026-12-26', 'fortnight', 2)).toEqual(['2027-01-09', '2027-01-23']);
  expect(again('2026-11-28', 'four_weeks', 1)).toEqual(['2026-12-26']);
  expect(again('2026-11-28', 'week', 0)).toEqual([]);
});

// By a wall calendar of 2026 and 2027.
it.each([
  ['2026-11-14', 'the second Saturday', ['2026-12-12', '2027-01-09', '2027-02-13']],
  ['2026-11-01', 'the first Sunday', ['2026-12-06', '2027-01-03', '2027-02-07']],
  ['2026-11-30', 'the last Monday', ['2026-12-28', '2027-01-25', '2027-02-22']],
  ['2026-11-25', 'the fourth Wednesday', ['2026-12-23', '2027-01-27', '2027-02-24']],
])('comes again by the month: %s is %s', (date, which, dates) => {
  expect(whichOfMonth(date)).toBe(which);
  expect(again(date, 'month', 3)).toEqual(dates);
});
