import { describe, expect, it } from 'vitest';
import type { Tap } from '../../../resources/js/api/kept';
import type { LineBoard, Plan, WaitingChild } from '../../../resources/js/api/types.gen';
import { faceTime, leftToPaint, stepTime, withPending } from '../../../resources/js/line/pending';
import { planStep } from '../steps';

const plan: Plan = {
  id: 'p',
  name: 'Wave band',
  placement: 'cheek',
  totalMs: 60_000,
  spans: [],
  designId: 'd',
  rungs: [],
  changes: [],
  stops: [],
  eightOfTenMs: null,
  steps: ['a', 'b'].map((id, index) => planStep({ id, name: id, plannedMs: index === 0 ? 40_000 : 20_000 })),
};
const plans = new Map([[plan.id, plan]]);

const child = (id: string, number: number): WaitingChild => ({
  id,
  number,
  firstName: null,
  designId: 'd',
  design: 'Wave band',
  planId: 'p',
  plannedMs: 60_000,
  called: false,
  joinedAt: 0,
  callAt: 0,
  callChair: 1,
  finishedAt: 60_000,
  beforeClosing: true,
});

const board: LineBoard = {
  day: {
    id: 'day',
    name: 'Fair',
    place: '',
    timezone: 'UTC',
    opensAt: 0,
    closesAt: 9e6,
    chairs: 1,
    turnaroundMs: 60_000,
  },
  now: 0,
  isOpen: true,
  nextNumber: 4,
  menu: [
    {
      designId: 'd',
      name: 'Wave band',
      placement: 'cheek',
      promiseMs: 75_000,
      priceCents: null,
      planId: 'p',
      plannedMs: 60_000,
      rung: null,
    },
  ],
  waiting: [child('t1', 1), child('t2', 2), child('t3', 3)],
  chairs: [{ chair: 1, child: null, undoable: [] }],
  ended: [],
  finishedCount: 0,
  nextNameCalledAt: 0,
  clearAt: 0,
  moreFaces: 5,
  heard: [],
};

let count = 0;
const tap = (kind: Tap['kind'], at: number, more: Partial<Tap> = {}): Tap => ({
  id: `e${String(count++).padStart(4, '0')}`,
  kind,
  at,
  ...more,
});
const seat = tap('seated', 1_000, { ticket: 't1', chair: 1, plan: 'p' });

describe('taps the server has not answered yet', () => {
  it('seat a child at once', () => {
    const shown = withPending(board, [seat], plans);

    expect(shown.waiting.map(({ id }) => id)).toEqual(['t2', 't3']);
    expect(shown.chairs[0]?.child?.steps.map(({ status }) => status)).toEqual(['pending', 'pending']);
    expect(shown.chairs[0]?.undoable).toEqual([seat.id]);
  });

  it('paint a face through, pauses off', () => {
    const taps = [
      seat,
      tap('paused', 11_000, { ticket: 't1' }),
      tap('resumed', 31_000, { ticket: 't1' }),
      tap('step_done', 51_000, { ticket: 't1', step: 'a' }),
      tap('step_skipped', 60_000, { ticket: 't1', step: 'b' }),
    ];
    const face = withPending(board, taps, plans).chairs[0]?.child;

    expect(face?.steps.map(({ status, spentMs }) => [status, spentMs])).toEqual([
      ['done', 30_000],
      ['skipped', 0],
    ]);
    expect(face?.paintedAt).toBe(60_000);
    expect(face === null || face === undefined ? 0 : faceTime(face, 99_000)).toBe(30_000);
  });

  it('are taken back by an undo that waits beside them', () => {
    const done = tap('step_done', 9_000, { ticket: 't1', step: 'a' });
    const shown = withPending(board, [seat, done, tap('undone', 10_000, { target: done.id })], plans);

    expect(shown).toEqual(withPending(board, [seat], plans));
  });

  it('show an undo of what the server has already', () => {
    const painting = withPending(board, [seat, tap('step_done', 21_000, { ticket: 't1', step: 'a' })], plans);
    const target = painting.chairs[0]?.undoable[0] ?? '';
    const face = withPending(painting, [tap('undone', 30_000, { target })], plans).chairs[0]?.child;

    expect(face?.steps[0]).toMatchObject({ status: 'pending', spentMs: 0 });
    expect(face === null || face === undefined ? 0 : stepTime(face, 31_000)).toBe(30_000);
  });

  it('move, change, call and take off', () => {
    const shown = withPending(
      board,
      [
        tap('moved', 1, { ticket: 't3', before: 't1' }),
        tap('called', 2, { ticket: 't3' }),
        tap('changed', 3, { ticket: 't2', design: 'd', firstName: 'Noor' }),
        tap('no_show', 4, { ticket: 't1' }),
        tap('joined', 5, { ticket: 't9', design: 'd' }),
        tap('closed', 6),
      ],
      plans,
    );

    expect(shown.waiting.map(({ id, called, firstName }) => [id, called, firstName])).toEqual([
      ['t3', true, null],
      ['t2', false, 'Noor'],
      ['t9', false, null],
    ]);
    expect(shown.isOpen).toBe(false);
  });

  it('are left out once the line has heard of them', () => {
    const taps = [
      tap('joined', 500, { ticket: 't9', design: 'd' }),
      seat,
      tap('step_done', 21_000, { ticket: 't1', step: 'a' }),
      tap('paused', 22_000, { ticket: 't1' }),
    ];
    for (let heard = 0; heard <= taps.length; heard++) {
      const known = taps.slice(0, heard);
      const told = { ...withPending(board, known, plans), heard: known.map(({ id }) => id) };

      expect({ ...withPending(told, taps, plans), heard: [] }).toEqual(withPending(board, taps, plans));
    }
  });

  it('change nothing when they speak of nobody here', () => {
    const taps = [tap('seated', 1, { ticket: 'x', chair: 1, plan: 'p' }), tap('moved', 2, { ticket: 'x' })];

    expect(withPending(board, taps, plans).waiting).toEqual(board.waiting);
  });
});

describe('clocks', () => {
  const face = withPending(board, [seat], plans).chairs[0]?.child;

  it('count down what is left, and not below the steps to come', () => {
    expect(face).toBeDefined();
    if (face === undefined || face === null) return;
    expect(leftToPaint(face, 1_000)).toBe(60_000);
    expect(leftToPaint(face, 31_000)).toBe(30_000);
    expect(leftToPaint(face, 500_000)).toBe(20_000);
  });
});

it('goes on by another plan: what is painted stays, what that leaves out is skipped', () => {
  const shorter: Plan = {
    ...plan,
    id: 'q',
    steps: ['a', 'c'].map((id) => planStep({ id, name: id, plannedMs: 10_000 })),
  };
  const both = new Map([...plans, [shorter.id, shorter]]);
  const taps = [
    tap('seated', 0, { ticket: 't1', chair: 1, plan: 'p' }),
    tap('step_done', 30_000, { ticket: 't1', step: 'a' }),
    tap('trimmed', 40_000, { ticket: 't1', plan: 'q' }),
  ];
  const shown = withPending(board, taps, both).chairs[0]?.child;
  expect(shown?.planId).toBe('q');
  expect(shown?.steps.map(({ stepId, status }) => [stepId, status])).toEqual([
    ['a', 'done'],
    ['b', 'skipped'],
    ['c', 'pending'],
  ]);
  expect(withPending(board, taps, plans).chairs[0]?.child?.planId).toBe('p');
});
