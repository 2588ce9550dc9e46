import { expect, it } from 'vitest';
import type { ChairState, Plan, WaitingChild } from '../../../resources/js/api/types.gen';
import type { Saying } from '../../../resources/js/api/outbox.svelte';
import { planFor } from '../../../resources/js/line/board';
import { Line } from '../../../resources/js/line/line.svelte';

const design = {
  id: 'seal',
  name: 'Seal pup',
  planId: 'team',
  plannedMs: 200_000,
  own: [{ painterId: 'tobi', planId: 'own', plannedMs: 260_000 }],
  versions: '0f',
};

const plan = (id: string, totalMs: number, rungs: Plan['rungs'], ...paintedBy: string[]) =>
  ({ id, designId: 'seal', totalMs, rungs, paintedBy }) as unknown as Plan;

const plans = [
  plan('team-party', 300, ['party']),
  plan('team-quick', 200, ['quick']),
  plan('tobi-quick', 250, ['quick'], 'tobi'),
  plan('as-typed', 310, []),
];

/** A line without its questions to the server. */
function lineWith(said: Saying[]): Line {
  return Object.create(Line.prototype, {
    say: { value: (...sayings: Saying[]) => said.push(...sayings) },
    board: { get: () => ({ designs: [design] }) },
    plans: { get: () => new Map(plans.map((one) => [one.id, one])) },
  }) as Line;
}

const chair = (more: Partial<ChairState>) => ({
  chair: 1,
  painterId: null,
  awayUntil: null,
  child: null,
  undoable: [],
  next: null,
  ...more,
});

const child = { id: 't1', designId: 'seal' } as WaitingChild;

it('plans by whoever paints, else by the team', () => {
  expect(planFor(design, 'tobi')).toMatchObject({ planId: 'own', plannedMs: 260_000 });
  expect(planFor(design, 'ines')).toEqual({ planId: 'team', plannedMs: 200_000 });
  expect(planFor(design, null)).toEqual({ planId: 'team', plannedMs: 200_000 });
  expect(planFor(undefined, 'tobi')).toEqual({ planId: null, plannedMs: 0 });
});

it('offers the versions as the painter paints them, and the team’s where theirs is no other', () => {
  const line = lineWith([]);

  expect(line.rungsOf('seal', 'tobi').map(({ id }) => id)).toEqual(['tobi-quick', 'team-party']);
  expect(line.rungsOf('seal', 'ines').map(({ id }) => id)).toEqual(['team-quick', 'team-party']);
  expect(line.rungsOf('seal', null).map(({ id }) => id)).toEqual(['team-quick', 'team-party']);
  expect(line.rungsOf('crab', 'tobi')).toEqual([]);
});

it('seats a child with the plan of whoever sits there, and ends their break with the same tap', () => {
  const said: Saying[] = [];
  lineWith(said).seat(chair({ painterId: 'tobi', awayUntil: 99 }), child);

  expect(said).toEqual([
    { kind: 'break_ended', chair: 1 },
    { kind: 'seated', ticket: 't1', chair: 1, plan: 'own' },
  ]);
});

it('finishes the face before, and seats nobody without a plan', () => {
  const said: Saying[] = [];
  const line = lineWith(said);
  line.seat(chair({ child: { id: 't0' } as ChairState['child'] }), child);
  line.seat(chair({}), { ...child, designId: 'crab' });

  expect(said).toEqual([
    { kind: 'finished', ticket: 't0' },
    { kind: 'seated', ticket: 't1', chair: 1, plan: 'team' },
  ]);
});
