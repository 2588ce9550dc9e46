import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal } from '../../../resources/js/api/client';
import type { WaysSheet } from '../../../resources/js/api/types.gen';
import { TouchTest } from '../../../resources/js/rooms/account/ways/touch.svelte';
import { Ways } from '../../../resources/js/rooms/account/ways/ways.svelte';

const server = vi.hoisted(() => ({ get: vi.fn(), put: vi.fn(), delete: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const sheet = (more: Partial<WaysSheet> = {}): WaysSheet => ({
  celsius: 20,
  humidity: 50,
  wind: 0,
  dries: 1,
  isTouched: false,
  waxDryMs: 57_000,
  glycerineDryMs: 86_000,
  questions: [
    { question: 'lips', label: 'Lips', schools: [], chosen: 'lips_painted' },
    { question: 'gems', label: 'Gems', schools: [], chosen: 'gems_self_stick' },
  ],
  timing: 'hand_to_hand',
  timings: [],
  numbers: [],
  rests: '',
  workedTimes: 0,
  ...more,
});

beforeEach(() => {
  vi.clearAllMocks();
});

describe('a touch test', () => {
  it('asks for the dab, then tacky, then dry', () => {
    let now = 1000;
    const test = new TouchTest(() => now);
    expect(test.asks).toBe('dab');
    test.tap();
    now += 40_000;
    expect(test.asks).toBe('tacky');
    test.tap();
    now += 12_000;
    expect(test.asks).toBe('dry');
    test.tap();
    test.tap();
    expect([test.asks, test.tackyMs, test.dryMs]).toEqual(['done', 40_000, 52_000]);
  });

  it('takes every tap back', () => {
    const test = new TouchTest(() => 5);
    test.tap();
    test.tap();
    test.tap();
    expect(
      [0, 1, 2].map(() => {
        test.back();

        return test.asks;
      }),
    ).toEqual(['dry', 'tacky', 'dab']);
  });
});

describe('ways', () => {
  it('are loaded, and one school takes the place of the other of its question', async () => {
    const changed = vi.fn().mockResolvedValue(undefined);
    const ways = new Ways(changed);
    server.get.mockResolvedValueOnce(sheet());
    await ways.load();
    server.put.mockResolvedValueOnce(sheet({ dries: 2 }));
    await ways.choose('lips', 'lips_never');
    expect(server.put).toHaveBeenCalledWith('ways/schools', { schools: ['lips_never', 'gems_self_stick'] });
    expect([ways.sheet?.dries, changed.mock.calls.length]).toEqual([2, 1]);
  });

  it('show what each school costs on a design', async () => {
    const ways = new Ways(() => Promise.resolve());
    server.get.mockResolvedValueOnce([{ school: 'lips_never', totalMs: 90_000 }]);
    await ways.timeSchools('d');
    expect(server.get.mock.lastCall?.[0]).toBe('designs/d/schools');
    expect(ways.times).toEqual([{ school: 'lips_never', totalMs: 90_000 }]);
  });

  it('send the weather and the touch test, and forget it', async () => {
    const ways = new Ways(() => Promise.resolve());
    server.put.mockResolvedValue(sheet());
    server.delete.mockResolvedValue(sheet());
    await ways.setWeather(28, 40, 1.5);
    expect(server.put).toHaveBeenLastCalledWith('ways/weather', { celsius: 28, humidity: 40, wind: 1.5 });
    await ways.keepTouchTest('wax', 40_000, 52_000);
    expect(server.put).toHaveBeenLastCalledWith('ways/touch-test', {
      paintKind: 'wax',
      tackyMs: 40_000,
      dryMs: 52_000,
    });
    await ways.forgetTouchTest();
    expect(server.delete).toHaveBeenCalledWith('ways/touch-test');
  });

  it('say what the server has against it, and stay as they were', async () => {
    const changed = vi.fn();
    const ways = new Ways(changed);
    server.get.mockResolvedValueOnce(sheet());
    await ways.load();
    server.put.mockRejectedValueOnce(new Refusal(422, '80 degrees is no weather to paint in.'));
    await ways.setWeather(80, 50, 0);
    expect([ways.form.general, ways.sheet?.celsius]).toEqual(['80 degrees is no weather to paint in.', 20]);
    expect(changed).not.toHaveBeenCalled();
  });

  it('keep what typed seconds hold, and numbers of the painter’s own', async () => {
    const changed = vi.fn().mockResolvedValue(undefined);
    const ways = new Ways(changed);
    server.put.mockResolvedValue(sheet({ timing: 'strokes_alone' }));
    await ways.setTiming('strokes_alone');
    expect(server.put).toHaveBeenLastCalledWith('ways/timing', { timing: 'strokes_alone' });
    expect(ways.sheet?.timing).toBe('strokes_alone');
    await ways.setNumber('wax_seconds', 20);
    expect(server.put).toHaveBeenLastCalledWith('ways/number', { number: 'wax_seconds', value: 20 });
    await ways.setNumber('wax_seconds', null);
    expect(server.put).toHaveBeenLastCalledWith('ways/number', { number: 'wax_seconds', value: null });
    expect(changed).toHaveBeenCalledTimes(3);
  });

  it('forget what the work says of drying', async () => {
    const ways = new Ways(() => Promise.resolve());
    server.delete.mockResolvedValue(sheet({ workedTimes: 0 }));
    await ways.forgetWork();
    expect(server.delete).toHaveBeenCalledWith('ways/work');
    expect(ways.sheet?.workedTimes).toBe(0);
  });
});
