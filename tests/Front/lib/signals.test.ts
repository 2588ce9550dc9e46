import { expect, it, vi } from 'vitest';
import { keepAwake } from '../../../resources/js/lib/awake';
import { type Moment, signalBetween, Signals } from '../../../resources/js/lib/signals';

const seenPage = () => {
  const page: { visibilityState: DocumentVisibilityState } = { visibilityState: 'visible' };

  return Object.assign(new EventTarget(), page);
};

const moment = (more: Partial<Moment> = {}): Moment => ({
  face: 't1',
  step: 's1',
  isOver: false,
  waits: false,
  shut: false,
  ...more,
});

it('calls when a step is over its time, once, and otherwise for a wait', () => {
  expect(signalBetween(moment(), moment({ isOver: true }))).toBe('over');
  expect(signalBetween(moment({ waits: true }), moment({ waits: true, isOver: true }))).toBe('dry');
  expect(signalBetween(moment({ isOver: true }), moment({ isOver: true }))).toBeUndefined();
  expect(signalBetween(moment(), moment({ step: 's2', isOver: true }))).toBeUndefined();
});

it('calls when eyes may open, and never from one child to the next', () => {
  expect(signalBetween(moment({ shut: true }), moment({ step: 's2' }))).toBe('open');
  expect(signalBetween(moment({ shut: true }), moment({ face: 't2', step: 's2' }))).toBeUndefined();
  expect(signalBetween(undefined, moment({ isOver: true }))).toBeUndefined();
});

it('sounds only where sounds are wanted, and shakes only where shakes are', () => {
  const tone = { frequency: { value: 0 }, connect: () => gain, start: vi.fn(), stop: vi.fn() };
  const gain = {
    gain: { setValueAtTime: vi.fn(), exponentialRampToValueAtTime: vi.fn() },
    connect: vi.fn(),
  };
  const audio = vi.fn(() => ({
    currentTime: 0,
    destination: {},
    createOscillator: () => tone,
    createGain: () => gain,
  }));
  const vibrate = vi.fn(() => true);
  const signals = new Signals({ audio: audio as never, vibrate });

  signals.give('over', { sounds: false, shakes: false });
  expect(audio).not.toHaveBeenCalled();
  expect(vibrate).not.toHaveBeenCalled();
  signals.give('open', { sounds: true, shakes: true });
  signals.give('dry', { sounds: true, shakes: false });
  expect(audio).toHaveBeenCalledTimes(1);
  expect(tone.start).toHaveBeenCalledTimes(5);
  expect(vibrate).toHaveBeenCalledExactlyOnceWith([80, 50, 80, 50, 160, 50]);
});

it('keeps the screen awake as long as it is seen, asks again when it comes back, and lets go in the end', async () => {
  const release = vi.fn(() => Promise.resolve());
  const request = vi.fn(() => Promise.resolve({ release }));
  const page = seenPage();
  const letGo = keepAwake({ request } as never, page);
  await vi.waitFor(() => expect(request).toHaveBeenCalledTimes(1));
  page.visibilityState = 'hidden';
  page.dispatchEvent(new Event('visibilitychange'));
  page.visibilityState = 'visible';
  page.dispatchEvent(new Event('visibilitychange'));
  await vi.waitFor(() => expect(request).toHaveBeenCalledTimes(2));
  letGo();
  expect(release).toHaveBeenCalledTimes(1);
  page.dispatchEvent(new Event('visibilitychange'));
  expect(request).toHaveBeenCalledTimes(2);
});

it('goes on where a screen cannot be kept awake', () => {
  const page = seenPage();

  expect(() => keepAwake(undefined, page)()).not.toThrow();
  expect(() => keepAwake({ request: () => Promise.reject(new Error('battery')) }, page)()).not.toThrow();
});
