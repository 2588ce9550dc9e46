import { describe, expect, it } from 'vitest';
import type { AirThen } from '../../../resources/js/api/types.gen';
import { airAt, isAnotherAir } from '../../../resources/js/rooms/line/air';

const HOUR = 3_600_000;
const hour = (at: number, dries: number): AirThen => ({
  at: at * HOUR,
  celsius: 20,
  humidity: 50,
  wind: 0,
  dries,
  baseDryMs: 30_000,
  isQuick: false,
  isSlow: false,
});

describe('the air at the chair', () => {
  const hours = [hour(11, 1), hour(12, 1.2), hour(13, 2)];

  it('is the hour that runs, the first one shortly before, the last one for a while after, and none on another day', () => {
    const dries = (at: number) => airAt(hours, at * HOUR)?.dries;

    expect([10.5, 11, 12.9, 14.5].map(dries)).toEqual([1, 1, 1.2, 2]);
    expect([9.5, 15.5, 40].map(dries)).toEqual([undefined, undefined, undefined]);
    expect(airAt([], 12 * HOUR)).toBeUndefined();
  });

  it('is another one when paint dries clearly otherwise, unless a touch test says how it dries', () => {
    const isOther = (dries: number, now: number, isTouched = false) =>
      isAnotherAir({ dries, isTouched }, hour(12, now));

    expect([isOther(1, 1.25), isOther(1, 0.8), isOther(2, 2)]).toEqual([false, false, false]);
    expect([isOther(1, 1.35), isOther(1, 0.7), isOther(2, 1)]).toEqual([true, true, true]);
    expect(isOther(0.5, 2, true)).toBe(false);
  });
});
