import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Plan, SeatedChild, StepProgress } from '../../../resources/js/api/types.gen';
import { clock } from '../../../resources/js/lib/clock.svelte';
import type { Line } from '../../../resources/js/line/line.svelte';
import { leftToPaint } from '../../../resources/js/line/face';
import { Chair } from '../../../resources/js/rooms/line/chair.svelte';

const NOW = 1_000_000;

const run = (stepId: string, plannedMs: number, done = false) =>
  ({ stepId, status: done ? 'done' : 'pending', plannedMs, spentMs: done ? plannedMs : 0 }) as StepProgress;

const plan = (id: string, ...steps: [string, number][]) =>
  ({
    id,
    designId: 'd',
    stops: [],
    rungs: [],
    changes: [],
    steps: steps.map(([step, plannedMs]) => ({ id: step, plannedMs })),
  }) as unknown as Plan;

/** The base is painted; the lines are under the hand, and dots and glitter are still to come. */
const whole = plan('whole', ['base', 30_000], ['lines', 20_000], ['dots', 10_000], ['glitter', 15_000]);

function chairAfter(stepMs: number, ...rungs: Plan[]): { chair: Chair; child: SeatedChild } {
  const child = {
    id: 't',
    designId: 'd',
    planId: 'whole',
    seatedAt: NOW - 30_000 - stepMs,
    tappedAt: NOW - stepMs,
    pausedInStepMs: 0,
    pausedAt: null,
    paintedAt: null,
    steps: [run('base', 30_000, true), run('lines', 20_000), run('dots', 10_000), run('glitter', 15_000)],
  } as unknown as SeatedChild;
  const line = {
    chair: () => ({ child }),
    plan: () => whole,
    rungsOf: () => [whole, ...rungs],
    stepOf: () => undefined,
    board: {
      waiting: [],
      day: { turnaroundMs: 60_000 },
      roster: { painters: [{ id: 'ines', name: 'Ines' }] },
    },
  } as unknown as Line;

  return { chair: new Chair(line, () => 1), child };
}

const offered = (chair: Chair) => chair.quickerWays().map((way) => [way.plan.id, way.leftMs]);

beforeEach(() => {
  vi.useFakeTimers();
  clock.now = NOW;
});

describe('what the chair offers without a network', () => {
  const core = plan('core', ['base', 30_000], ['lines', 20_000]);
  const quick = plan('quick', ['base', 30_000], ['lines', 20_000], ['dots', 10_000]);
  const noLines = plan('no lines', ['base', 30_000], ['dots', 14_000], ['glitter', 15_000]);

  it('is quicker than what is planned, by the same reckoning', () => {
    const { chair, child } = chairAfter(5000, core, quick);
    expect(leftToPaint(child, NOW)).toBe(40_000);
    expect(offered(chair)).toEqual([
      ['core', 15_000],
      ['quick', 25_000],
    ]);
  });

  it('leaves out what saves next to nothing, the plan itself and what paints nothing any more', () => {
    const same = plan('same', ['base', 30_000], ['lines', 20_000], ['dots', 10_000], ['glitter', 14_000]);
    const baseOnly = plan('base only', ['base', 30_000]);
    expect(offered(chairAfter(5000, same, baseOnly, core).chair)).toEqual([['core', 15_000]]);
  });

  it('counts what was spent on the step under the hand for that step alone', () => {
    expect(offered(chairAfter(5000, noLines).chair)).toEqual([['no lines', 29_000]]);
    expect(offered(chairAfter(12_000, noLines).chair)).toEqual([['no lines', 29_000]]);
    expect(offered(chairAfter(17_000, noLines).chair)).toEqual([]);
  });

  it('still offers what is left when the step under the hand is over its time', () => {
    const { chair, child } = chairAfter(60_000, core, quick);
    expect(leftToPaint(child, NOW)).toBe(25_000);
    expect(offered(chair)).toEqual([
      ['core', 0],
      ['quick', 10_000],
    ]);
  });
});

describe('a break', () => {
  it('begins after the face in hand and its turnaround', () => {
    // Fifteen seconds of the lines, the dots, the glitter, and a minute.
    expect(chairAfter(5000).chair.busyMs()).toBe(15_000 + 10_000 + 15_000 + 60_000);
  });

  it('knows the painters of the team by name, and nobody else', () => {
    const { chair } = chairAfter(5000);

    expect(chair.nameOf('ines')).toBe('Ines');
    expect(chair.nameOf('tobi')).toBeUndefined();
    expect(chair.nameOf(null)).toBeUndefined();
  });
});
