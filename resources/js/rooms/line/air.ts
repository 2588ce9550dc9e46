import type { AirThen, WaysSheet } from '../../api/types.gen';

const HOUR_MS = 3_600_000;
/** Paint that dries so many times as fast, or as slowly, is another paint to the hand. Team's estimate. */
const ANOTHER = 1.3;

/** What is expected about the chair at a moment; undefined where nothing is. */
export function airAt(hours: readonly AirThen[], at: number): AirThen | undefined {
  return (
    hours.findLast((hour) => hour.at <= at && at < hour.at + 2 * HOUR_MS) ??
    hours.find((hour) => at >= hour.at - HOUR_MS && at < hour.at)
  );
}

/** Whether paint dries clearly otherwise by now than is reckoned with. A touch test knows better than any feed. */
export function isAnotherAir(
  { dries, isTouched }: Pick<WaysSheet, 'dries' | 'isTouched'>,
  now: AirThen,
): boolean {
  const ratio = now.dries / dries;

  return !isTouched && (ratio >= ANOTHER || ratio <= 1 / ANOTHER);
}
