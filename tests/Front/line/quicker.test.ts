import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Plan, SeatedChild, StepProgress, ToldTap } from '../../../resources/js/api/types.gen';
import { clock } from '../../../resources/js/lib/clock.svelte';
import type { Line } from '../../../resources/js/line/line.svelte';
import { effectOf, goneOnBy } from '../../../resources/js/line/dropping';
import { leftToPaint } from '../../../resources/js/line/face';
import { FoldedLine } from '../../../resources/js/line/line';
import { Outlook } from '../../../resources/js/line/outlook';
import { Roster } from '../../../resources/js/line/seats';
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

describe('what it does to those who wait', () => {
  const told = (id: string, ...seconds: number[]) => ({
    id,
    design: 'Seal pup',
    steps: seconds.map((one, at) => ({ id: `s${at}`, name: `step ${at}`, plannedMs: 1000 * one })),
  });
  const plans = new Map([told('whole', 60, 40, 30), told('core', 60)].map((one) => [one.id, one]));
  const tap = (id: string, kind: ToldTap['kind'], at: number, more: Partial<ToldTap> = {}): ToldTap => ({
    id,
    kind,
    at,
    ...more,
  });
  const joined = (number: number) =>
    tap(`j${number}`, 'joined', 1000 + number, { ticket: `t${number}`, number, design: 'seal' });

  /** One face in hand on each chair, begun at 10 s; it is 40 s by now. */
  function outlook(chairs: number, waiting: number): Outlook {
    const line = new FoldedLine(
      { finished: 0, highestNumber: 0, until: null, plans: [], taps: [] },
      (id) => plans.get(id),
      [
        tap('o', 'opened', 0),
        ...Array.from({ length: chairs + waiting }, (_, at) => joined(at + 1)),
        ...Array.from({ length: chairs }, (_, at) =>
          tap(`s${at}`, 'seated', 10_000, { ticket: `t${at + 1}`, chair: at + 1, plan: 'whole' }),
        ),
      ],
    );

    return new Outlook(line, () => 120_000, new Roster([]), 60_000, chairs, 40_000);
  }
  function dropped(of: Outlook, closesAt: number) {
    const seated = of.line.seatedOn(1);
    const plan = plans.get('core');

    return seated?.face == null || plan === undefined
      ? expect.fail('nobody sits there')
      : effectOf(of, seated, goneOnBy(seated.face, plan, of.now), closesAt);
  }

  it('calls all of one chair’s line sooner by what is dropped', () => {
    // 100 s are left and 30 s with the core: 70 s less for each of the three.
    expect(dropped(outlook(1, 3), 9e9)).toEqual({ children: 3, soonerMs: 70_000, beforeClosing: 0 });
    // Finished at 320 s, or at 250 s: what closes between them is what counts.
    expect(dropped(outlook(1, 1), 300_000)).toEqual({ children: 1, soonerMs: 70_000, beforeClosing: 1 });
  });

  it('takes a face for painted where it is to stop, or nothing of the plan is left', () => {
    const face = outlook(1, 1).line.seatedOn(1)?.face ?? expect.fail('nobody sits there');
    expect(goneOnBy(face, null, 40_000).paintedAt).toBe(40_000);
    const painted = { ...face, paintedAt: 30_000 };
    expect(goneOnBy(painted, told('core', 60), 40_000).paintedAt).toBe(30_000);
    const [first, ...rest] = face.runs;
    const begun = { ...face, runs: [{ ...(first ?? expect.fail()), status: 'done' as const }, ...rest] };
    expect(goneOnBy(begun, told('core', 60), 40_000).paintedAt).toBe(40_000);
    expect(goneOnBy(begun, told('whole', 60, 40, 30), 40_000).paintedAt).toBeNull();
  });

  it('counts the other chair too, and says when nobody would notice', () => {
    // The second child is called to the other chair, at the time it would have been called anyway.
    expect(dropped(outlook(2, 2), 9e9)).toEqual({ children: 1, soonerMs: 70_000, beforeClosing: 0 });
    expect(dropped(outlook(1, 0), 9e9)).toEqual({ children: 0, soonerMs: 0, beforeClosing: 0 });
  });
});

it('offers more than is planned only as long as the promise is kept', () => {
  const richer = plan(
    'full',
    ['base', 30_000],
    ['lines', 20_000],
    ['dots', 10_000],
    ['glitter', 15_000],
    ['gem', 20_000],
  );
  const { chair, child } = chairAfter(5000, richer);
  expect(chair.richerWays()).toEqual([]);
  const offer = (promiseMs: number) => {
    Object.assign(child, { promiseMs });

    return new Chair(chair.line, () => 1).richerWays().map((way) => [way.plan.id, way.leftMs]);
  };
  // 35 s are painted and 60 s would be left.
  expect(offer(95_000)).toEqual([['full', 60_000]]);
  expect(offer(94_000)).toEqual([]);
});
