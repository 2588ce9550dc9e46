import { expect, it } from 'vitest';
import type { ForecastMetShown, ForecastShown, TermsShown } from '../../../resources/js/api/types.gen';
import {
  howItMet,
  scaled,
  turnaroundOf,
  answers,
  chances,
  difference,
  leverName,
} from '../../../resources/js/rooms/plan/forecast/answers';

const OPENS = Date.UTC(2026, 10, 7, 11);
const at = (minutes: number) => OPENS + minutes * 60_000;
const place = { timezone: 'UTC', currency: 'EUR' };

function terms(changed: Partial<TermsShown> = {}): TermsShown {
  return {
    youngest: null,
    oldest: null,
    weather: null,
    opensAt: OPENS,
    closesAt: at(300),
    chairs: 2,
    kind: 'festival',
    children: 90,
    arrivals: 'by_profile',
    profile: [1, 2],
    groups: [1],
    bookingCents: null,
    setUpMinutes: 30,
    packUpMinutes: 30,
    turnaround: { choose: 12_000, safety: 8000, mirror: 12_000, pay: 8000, clean: 20_000 },
    patienceMinutes: null,
    longest: null,
    quickAbove: null,
    isLineEach: false,
    stopNamesAt: null,
    wantedPercent: 90,
    levers: [],
    ...changed,
  };
}

function forecast(changed: Partial<ForecastShown> = {}): ForecastShown {
  return {
    lever: null,
    runs: 10_000,
    isDone: true,
    isKept: true,
    chanceOfAll: 0.93,
    opensAt: OPENS,
    latestNameAt: at(285),
    namesStopAt: at(285),
    tooLate: 4,
    faces: 86.2,
    facesLow: 78,
    facesHigh: 95,
    facesAnHour: 17.2,
    waitHalfMs: 240_000,
    waitEightMs: 720_000,
    waitNineMs: 900_000,
    left: 0,
    balked: 0,
    takings: 48_000,
    takingsLow: 44_000,
    takingsHigh: 52_000,
    idleMs: 3_600_000,
    overtimeMs: 0,
    lastFaceAt: at(292),
    lastFaceLateAt: at(299),
    look: 1,
    quickShare: 0,
    grossMs: 400_000,
    netMs: 340_000,
    meanFaceMs: 210_000,
    line: [],
    artists: [],
    byDesign: [],
    ...changed,
  };
}

const big = (changed: Partial<ForecastShown> = {}, t = terms()) =>
  answers(t, forecast(changed), place).map((answer) => answer.big);
const says = (which: number, changed: Partial<ForecastShown> = {}, t = terms()) =>
  answers(t, forecast(changed), place)[which]?.says ?? '';

it('answers the five questions with their numbers', () => {
  // 480 in six hours of work, of one artist where none is named.
  expect(big()).toEqual(['Yes', '17', '4 min', '15:45', '€80']);
  expect(says(0)).toBe(
    'On 19 days of 20 everybody who got a name is painted by 16:00, if names stop at 15:45. 4 children come after that.',
  );
  expect(says(1)).toBe('86 faces in all, 78 to 95 on 8 days of 10.');
  expect(says(2)).toBe('Half wait no longer, 8 of 10 no more than 12 min, 9 of 10 no more than 15 min.');
});

it('says plainly when it cannot be done', () => {
  const none = { isKept: false, chanceOfAll: 0.2, latestNameAt: null, namesStopAt: null };

  expect(big(none)[0]).toBe('No');
  expect(big(none)[3]).toBe('Too many');
  expect(big({ isKept: false, chanceOfAll: 0.7 })[0]).toBe('Perhaps');
  expect(says(0, { left: 3.2, balked: 2 })).toContain('5 children see the line and do not stay');
});

it('speaks of a party as of one', () => {
  const party = terms({ kind: 'party', arrivals: 'at_once', children: 14, bookingCents: 18_000 });
  const all = { takings: 0, takingsLow: 0, takingsHigh: 0, namesStopAt: null, tooLate: 0, chanceOfAll: 1 };

  expect(says(0, all, party)).toBe('As good as every day all 14 are painted by 16:00.');
  expect(big(all, party)[3]).toBe('At once');
  expect(says(4, all, party)).toBe('For each artist’s hour, set-up and pack-up counted. €180 in all.');
});

it('keeps to what the painter said of the names, and tells what would keep the promise', () => {
  const said = terms({ stopNamesAt: at(295) });

  expect(big({}, said)[3]).toBe('15:55');
  expect(says(3, {}, said)).toBe('You said so. 15:45 would keep your promise.');
  expect(says(3, { latestNameAt: at(300), namesStopAt: null })).toContain('room for whoever comes');
});

it('has nothing to say of earnings where nobody pays', () => {
  const nothing = { takings: 0, takingsLow: 0, takingsHigh: 0 };

  expect(big(nothing)[4]).toBe('Nothing');
  expect(says(4, nothing, terms({ kind: 'volunteer' }))).toBe('It is given.');
});

it.each([
  [1, 'as good as every day'],
  [0.98, '49 days of 50'],
  [0.95, '19 days of 20'],
  [0.9, '9 days of 10'],
  [0.42, '4 days of 10'],
  [0.03, '1 day of 20'],
  [0, 'hardly any day'],
])('says a chance of %f as painters would', (share, said) => {
  expect(chances(share)).toBe(said);
});

it('shows a difference with its sign, and a dot for none', () => {
  const whole = (amount: number) => String(Math.round(amount));

  expect(difference(80, 84.2, whole)).toBe('+4');
  expect(difference(80, 76, whole)).toBe('−4');
  expect(difference(80, 80.3, whole)).toBe('·');
  expect(leverName('other_line', terms({ isLineEach: true }))).toBe('One line for all chairs');
});

it('makes all parts of a turnaround longer or shorter alike', () => {
  const parts = { choose: 12_000, safety: 8000, mirror: 12_000, pay: 8000, clean: 20_000 };
  expect(scaled(parts, 90_000)).toEqual({
    choose: 18_000,
    safety: 12_000,
    mirror: 18_000,
    pay: 12_000,
    clean: 30_000,
  });
  expect(turnaroundOf({ turnaround: scaled(parts, 51_000) })).toBe(51_000);
  const none = { choose: 0, safety: 0, mirror: 0, pay: 0, clean: 0 };
  expect(turnaroundOf({ turnaround: scaled(none, 60_000) })).toBe(60_000);
});

it.each([
  [14, 13, 15, 14, 'Last time, Party: 14 faces foreseen, 13 to 15 on 8 days of 10, and 14 painted.'],
  [14, 14, 14, 14, 'Last time, Party: 14 faces foreseen, 14 on 8 days of 10, and 14 painted.'],
  [
    90.4,
    80,
    99,
    71,
    'Last time, Party: 90 faces foreseen, 80 to 99 on 8 days of 10, and 71 painted, fewer than that.',
  ],
  [
    90,
    80,
    99,
    104,
    'Last time, Party: 90 faces foreseen, 80 to 99 on 8 days of 10, and 104 painted, more than that.',
  ],
])('says how the forecast of %i met the day', (foreseen, low, high, painted, said) => {
  const met = {
    name: 'Party',
    foreseen,
    low,
    high,
    painted,
    isWithin: painted >= low && painted <= high,
  } as ForecastMetShown;
  expect(howItMet(met)).toBe(said);
});
