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
let steady: number;
let kept: ReturnType<typeof memory>;
const clocks: Clock[] = [];

function clock(): Clock {
  const one = new Clock(
    kept,
    () => device,
    () => steady,
  );
  clocks.push(one);

  return one;
}

beforeEach(() => {
  vi.useFakeTimers();
  device = 1_000_000;
  steady = 0;
  kept = memory();
});

afterEach(() => {
  clocks.splice(0).forEach((one) => one.dispose());
  vi.useRealTimers();
});

/** Time goes on, for the device and for what runs evenly. */
function passes(ms: number): void {
  device += ms;
  steady += ms;
  vi.advanceTimersByTime(ms);
}

/** The server is asked and answers after so long. */
function answers(one: Clock, serverNow: number, took: number): void {
  const asked = device;
  passes(took);
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
    passes(5000);

    expect(clock().moment()).toBe(1_005_020 + off);
  },
);

it('goes on when the device is set back while the page is open', () => {
  const one = clock();
  answers(one, 1_000_000, 0);
  passes(250);
  device -= 3_600_000;
  passes(250);

  expect(one.now).toBe(1_000_500);
  expect(one.inDoubt).toBe(false);
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

it('doubts itself when the device is set forward, until the server has said what time it is', () => {
  const one = clock();
  answers(one, 1_000_000, 0);
  passes(1000);
  device += 3_600_000;
  expect(one.moment()).toBe(4_601_000);
  expect(one.inDoubt).toBe(true);
  const told: [number, number][] = [];
  one.onSettled((since, slip) => told.push([since, slip]));
  answers(one, 1_001_010, 20);

  expect(one.moment()).toBe(1_001_020);
  expect(one.inDoubt).toBe(false);
  expect(told).toEqual([[1_001_000, -3_600_000]]);
});

it('takes no setting back into that, which it saw itself', () => {
  const one = clock();
  answers(one, 1_000_000, 0);
  device += 3_600_000;
  passes(250);
  device -= 90_000_000;
  passes(250);
  expect(one.moment()).toBe(4_600_500);
  answers(one, 1_000_510, 20);

  expect(one.slip).toBe(-3_600_000);
  expect(one.moment()).toBe(1_000_520);
});

it('takes a sleep for a sleep once the server says so', () => {
  const one = clock();
  answers(one, 1_000_000, 0);
  // What runs evenly stood meanwhile.
  device += 3_600_000;
  passes(250);
  expect(one.inDoubt).toBe(true);
  answers(one, 4_600_260, 20);

  expect(one.inDoubt).toBe(false);
  expect(one.moment()).toBe(4_600_270);
});

it('believes no answer that was asked for before the device was set', () => {
  const one = clock();
  answers(one, 1_000_000, 0);
  const asked = device;
  device += 3_600_000;
  passes(20);
  one.learn(1_000_010, asked);

  expect(one.inDoubt).toBe(true);
});

it('is in doubt still when the page is opened again', () => {
  const one = clock();
  answers(one, 1_000_000, 0);
  device += 3_600_000;
  passes(250);
  one.dispose();
  const again = clock();
  expect(again.inDoubt).toBe(true);
  answers(again, 1_000_260, 20);

  expect(again.inDoubt).toBe(false);
  expect(again.moment()).toBe(1_000_270);
  expect(clock().inDoubt).toBe(false);
});
