import { expect, it } from 'vitest';
import { Bounce, BOUNCE_MS } from '../../../resources/js/lib/bounce';

function taps(...at: number[]): number[] {
  const bounce = new Bounce();
  const through: number[] = [];
  for (const moment of at) {
    bounce.take(() => through.push(moment), moment);
  }

  return through;
}

it('takes two taps that come too close for one', () => {
  expect(taps(1000, 1000 + BOUNCE_MS - 1)).toEqual([1000]);
  // A contact that rattles for longer is still one tap.
  expect(taps(1000, 1080, 1160, 1240)).toEqual([1000]);
});

it('does not hinder the fastest hand', () => {
  expect(taps(0, 2000, 4000, 4000 + BOUNCE_MS)).toEqual([0, 2000, 4000, 4000 + BOUNCE_MS]);
});
