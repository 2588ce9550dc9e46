import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { isAtWork, keepBuild, NewBuild, type NewBuildParts } from '../../../resources/js/lib/new-build';

let said: unknown[];
let isBusy: boolean;
let reload: ReturnType<typeof vi.fn<() => void>>;
let build: NewBuild;
let takesOver: () => void;
let registration: { waiting: { postMessage(word: unknown): void } | null };

function open(controller: unknown = {}): void {
  build = new NewBuild({
    registration: { ...registrationParts(), ...registration },
    container: {
      controller,
      addEventListener: (_event: string, heard: () => void) => (takesOver = heard),
    },
    isBusy: () => isBusy,
    reload,
  } as unknown as NewBuildParts);
}
const update = vi.fn(() => Promise.reject(new TypeError('no network')));
const registrationParts = () => ({ installing: null, addEventListener: () => undefined, update });

beforeEach(() => {
  vi.useFakeTimers();
  said = [];
  isBusy = false;
  reload = vi.fn();
  registration = { waiting: { postMessage: (word) => said.push(word) } };
});
afterEach(() => {
  build.end();
  vi.useRealTimers();
});

it('takes over when nothing is under the hand, and the page is loaded anew once it has', () => {
  open();
  vi.advanceTimersByTime(1_000);
  expect(said).toEqual([{ type: 'SKIP_WAITING' }]);
  expect(reload).not.toHaveBeenCalled();
  takesOver();
  vi.advanceTimersByTime(1_000);
  expect(reload).toHaveBeenCalledTimes(1);
});

it('waits for the face in the chair, and for a finger that came down a moment ago', () => {
  isBusy = true;
  open();
  vi.advanceTimersByTime(60_000);
  expect(said).toEqual([]);
  isBusy = false;
  build.touched();
  vi.advanceTimersByTime(2_500);
  build.touched();
  vi.advanceTimersByTime(2_500);
  expect(said).toEqual([]);
  vi.advanceTimersByTime(1_000);
  expect(said).toHaveLength(1);
});

it('leaves a window alone that paints while another one has let the build in', () => {
  isBusy = true;
  open();
  takesOver();
  vi.advanceTimersByTime(60_000);
  expect(reload).not.toHaveBeenCalled();
  isBusy = false;
  vi.advanceTimersByTime(1_000);
  expect(reload).toHaveBeenCalledTimes(1);
});

it('loads nothing anew when the very first one takes its place, and asks for newer ones all day', () => {
  registration = { waiting: null };
  open(null);
  takesOver();
  vi.advanceTimersByTime(600_000);
  expect(reload).not.toHaveBeenCalled();
  expect(update).toHaveBeenCalledTimes(1);
});

it('hears from rooms that something is under the hand, as long as it is', () => {
  open();
  const done = keepBuild();
  const other = keepBuild();
  done();
  done();
  expect(isAtWork()).toBe(true);
  other();
  expect(isAtWork()).toBe(false);
});
