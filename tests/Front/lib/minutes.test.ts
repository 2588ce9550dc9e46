import { execFileSync } from 'node:child_process';
import { describe, expect, it } from 'vitest';
import {
  clockTime,
  dayName,
  isoDate,
  minutes,
  parseMinutes,
  roughly,
  runningMinutes,
  isOver,
} from '../../../resources/js/lib/minutes';

describe('minutes', () => {
  it.each([
    [0, '0:00'],
    [499, '0:00'],
    [500, '0:01'],
    [59_600, '1:00'],
    [250_000, '4:10'],
    [4_325_000, '72:05'],
    [-15_000, '−0:15'],
    [-400, '0:00'],
  ])('shows %d ms as %s', (milliseconds, shown) => expect(minutes(milliseconds)).toBe(shown));

  it('never runs ahead in a running clock', () => {
    expect(runningMinutes(59_999)).toBe('0:59');
    expect(runningMinutes(-5)).toBe('0:00');
  });

  it.each([
    [10_000, 'under a minute'],
    [31_000, '1 min'],
    [6 * 60_000, '6 min'],
  ])('says %d ms roughly as %s', (milliseconds, said) => expect(roughly(milliseconds)).toBe(said));
});

describe('times of day', () => {
  const noon = Date.UTC(2026, 10, 7, 12, 5);

  it('are those of the place', () => {
    expect(clockTime(noon, 'UTC')).toBe('12:05');
    expect(clockTime(noon, 'Europe/Copenhagen')).toBe('13:05');
    expect(dayName(noon, 'Etc/GMT-12')).toBe('Sunday 8 November');
    expect(isoDate(noon, 'Etc/GMT-12')).toBe('2026-11-08');
  });
});

/** As the core reads and writes them, told anew in each run. */
const core = JSON.parse(execFileSync('php', ['tools/minutes.php'], { encoding: 'utf8' })) as {
  typed: [string, number | null][];
  shown: [number, string][];
};

it.each(core.typed)('reads “%s” as the core does', (text, milliseconds) => {
  expect(parseMinutes(text)).toBe(milliseconds);
});

it.each(core.shown)('writes %i ms as the core does', (milliseconds, text) => {
  expect(minutes(milliseconds)).toBe(text);
});

it.each([
  [195_400, 195_000, false],
  [195_000, 195_400, false],
  [195_600, 195_000, true],
  [196_000, 195_000, true],
])('is over what was planned by what is shown of both: %d against %d', (spent, planned, over) => {
  expect(isOver(spent, planned)).toBe(over);
});
