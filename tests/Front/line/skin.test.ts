import { describe, expect, it } from 'vitest';
import type { StepProgress } from '../../../resources/js/api/types.gen';
import { filmsNow, skinSays, stillFor } from '../../../resources/js/rooms/line/skin';

const done = (stepId: string, spentMs: number) => ({ stepId, status: 'done' as const, spentMs });
const pending = (stepId: string): Pick<StepProgress, 'stepId' | 'status' | 'spentMs'> => ({
  stepId,
  status: 'pending',
  spentMs: 0,
});
const skipped = (stepId: string) => ({ stepId, status: 'skipped' as const, spentMs: 0 });

describe('what lies below a step', () => {
  const child = {
    tappedAt: 100_000,
    steps: [done('white', 40_000), done('grey', 20_000), skipped('dots'), pending('red')],
  };
  const under = (stepId: string, leastMs: number, mostMs: number | null = null) => ({
    stepId,
    leastMs,
    mostMs,
  });

  it('is dry so long after its last stroke, what was painted since counted in', () => {
    // White ended when grey began, 20 s before the last tap; five seconds have gone since.
    expect(filmsNow(child, [under('white', 38_000)], 105_000)).toEqual([
      { stepId: 'white', dryInMs: 13_000, wetForMs: null },
    ]);
    expect(filmsNow(child, [under('white', 38_000)], 130_000)[0]?.dryInMs).toBe(0);
    expect(filmsNow(child, [under('grey', 0, 30_000)], 105_000)[0]?.wetForMs).toBe(25_000);
  });

  it('is nothing while it is not laid, or was left out', () => {
    expect(
      filmsNow(child, [under('dots', 38_000), under('red', 9_000), under('gone', 9_000)], 105_000),
    ).toEqual([]);
  });

  it('is said once, the wettest first, and not long before it matters', () => {
    const name = (id: string) => id;
    const film = (stepId: string, dryInMs: number, wetForMs: number | null = null) => ({
      stepId,
      dryInMs,
      wetForMs,
    });

    expect(skinSays([film('white', 4_000), film('grey', 12_000)], name, false)).toBe('grey dry in 0:12');
    expect(skinSays([film('grey', 0, 12_000)], name, false)).toBe('grey wet for 0:12 more');
    expect(skinSays([film('grey', 0, 45_000), film('white', 0, 0)], name, false)).toBe('');
    expect(skinSays([film('white', 0)], name, false)).toBe('');
    expect(skinSays([film('white', 0)], name, true)).toBe('Dry by now, go on');
    expect(skinSays([], name, true)).toBe('');
  });
});

describe('holding still', () => {
  const step = (id: string, still: boolean, plannedMs = 10_000) => ({ id, still, plannedMs });

  it('goes on through all steps that want it, less what is painted, and what is left out asks for nothing', () => {
    const steps = [
      step('lid', true),
      step('dots', true, 5_000),
      step('lash', true),
      step('cheek', false),
      step('lip', true),
    ];
    const runs = steps.map(({ id }) => pending(id));

    expect(stillFor(steps, runs, 4_000)).toBe(21_000);
    expect(stillFor(steps, runs.with(1, skipped('dots')), 4_000)).toBe(16_000);
    expect(stillFor(steps.slice(3), runs.slice(3), 0)).toBe(0);
    expect(stillFor([], [], 0)).toBe(0);
    // A step that runs over its time is not over.
    expect(stillFor(steps.slice(4), runs.slice(4), 30_000)).toBe(1_000);
  });
});
