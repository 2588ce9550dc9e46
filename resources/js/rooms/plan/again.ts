import { type CalendarDate, getDayOfWeek, parseDate, startOfMonth } from '@internationalized/date';

/** How often a fair comes again. */
export type Often = 'week' | 'fortnight' | 'four_weeks' | 'month';

export const OFTEN: Record<Often, string> = {
  week: 'every week',
  fortnight: 'every two weeks',
  four_weeks: 'every four weeks',
  month: 'every month',
};

const WEEKS: Record<Exclude<Often, 'month'>, number> = { week: 1, fortnight: 2, four_weeks: 4 };

/** The dates on which it comes again, such as 2026-11-28; by the month, on the same weekday of it: the second Saturday, or the last. */
export function again(date: string, often: Often, times: number): string[] {
  const first = parseDate(date);

  return Array.from({ length: times }, (_, at) =>
    often === 'month' ? sameWeekday(first, at + 1) : first.add({ weeks: WEEKS[often] * (at + 1) }).toString(),
  );
}

/** A fifth Saturday that a month does not have is its last. */
function sameWeekday(first: CalendarDate, monthsLater: number): string {
  const nth = Math.ceil(first.day / 7);
  const month = startOfMonth(first.add({ months: monthsLater }));
  const ahead = (getDayOfWeek(first, 'en-GB') - getDayOfWeek(month, 'en-GB') + 7) % 7;
  const day = month.add({ days: ahead + 7 * (nth - 1) });

  return (day.month === month.month ? day : day.subtract({ weeks: 1 })).toString();
}

/** The nth weekday of its month that a date is, in words: "the second Saturday". */
export function whichOfMonth(date: string): string {
  const day = parseDate(date);
  const name = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' }).format(
    day.toDate('UTC'),
  );

  return `the ${['first', 'second', 'third', 'fourth', 'last'][Math.ceil(day.day / 7) - 1] ?? ''} ${name}`;
}
