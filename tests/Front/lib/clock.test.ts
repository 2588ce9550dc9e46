import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { Clock } from '../../../resources/js/lib/clock.svelte';

const memory = () => {
  const values = new Map<string, string>();

  return {
    getItem: (key: string) => values.get(key) ?? null,
    setItem: (key: string, value: string) => void values.set(key, value),
  };
};

let device: number;
let kept: ReturnType<typeof memory>;
const clocks: Clock[] = [];

function clock(): Clock {
  const one = new Clock(kept, () => device);
  clocks.push(one);

  return one;
}

beforeEach(() => {
  vi.useFakeTimers();
  device = 1_000_000;
  kept = memory();
});

afterEach(() => {
  clocks.splice(0).forEach((one) => one.dispose());
  vi.useRealTimers();
});

/** The server is asked and answers after so long. */
function answers(one: Clock, serverNow: number, took: number): void {
  const asked = device;
  device += took;
  one.learn(serverNow, asked);
}

it('is the device’s until the server has answered', () => {
  expect(clock().moment()).toBe(1_000_000);
});

it('takes half of the way from an answer, and believes the quickest', () => {
  const one = clock();
  answers(one, 4_600_050, 100);
  expect(one.moment()).toBe(4_600_100);
  // Within a second of what is believed, and slow: it says nothing new.
  answers(one, 4_600_500, 900);
  expect(one.moment()).toBe(4_601_000);
});

it.each([3_600_000, -3_600_000, -72_000])(
  'knows after a reload out of reach that the device is off by %i',
  (off) => {
    answers(clock(), 1_000_010 + off, 20);
    device += 5000;

    expect(clock().moment()).toBe(1_005_020 + off);
  },
);

it('goes on when the device is set back while the page is open', () => {
  const one = clock();
  answers(one, 1_000_000, 0);
  device += 250;
  vi.advanceTimersByTime(250);
  device -= 3_600_000;
  vi.advanceTimersByTime(250);

  expect(one.now).toBe(1_000_250);
});

it('believes a slow answer where one of the clocks was set', () => {
  const one = clock();
  answers(one, 1_000_010, 20);
  device += 3_600_000;
  answers(one, 1_000_620, 1000);

  expect(one.moment()).toBe(1_001_120);
});

it('starts from nothing where something else is kept under its name', () => {
  kept.setItem('inch-timer.clock-offset', 'soon');

  expect(clock().moment()).toBe(1_000_000);
});
