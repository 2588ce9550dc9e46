import { expect, it, vi } from 'vitest';
import { changeIn, likelyNotes, ScriptedCardReader } from '../../../resources/js/rooms/line/card-reader';

it.each(['approved', 'declined', 'timed out'] as const)('answers as it is told: %s', async (answer) => {
  await expect(new ScriptedCardReader(() => answer, 1).take(500, new AbortController().signal)).resolves.toBe(
    answer,
  );
});

it('takes nothing once it was stopped', async () => {
  vi.useFakeTimers();
  const stop = new AbortController();
  const asked = new ScriptedCardReader(() => 'approved').take(500, stop.signal);
  stop.abort();
  await vi.advanceTimersByTimeAsync(5_000);
  await expect(asked).resolves.toBe('timed out');
  vi.useRealTimers();
});

const purse = [2000, 1000, 500, 200, 100, 50, 20, 10];

it('gives back in as few pieces as it goes, and all of it', () => {
  expect(changeIn(550, purse)).toEqual([
    { coin: 500, many: 1 },
    { coin: 50, many: 1 },
  ]);
  for (let change = 0; change < 5_000; change += 10) {
    expect(changeIn(change, purse).reduce((sum, { coin, many }) => sum + coin * many, 0)).toBe(change);
  }
});

it('expects the next round notes', () => {
  expect(likelyNotes(450, 100)).toEqual([500, 1000, 2000]);
  expect(likelyNotes(500, 100)).toEqual([1000, 2000, 5000]);
});
