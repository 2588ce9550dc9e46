import { beforeEach, expect, it, vi } from 'vitest';
import type { LadderSheet, RungShown } from '../../../resources/js/api/types.gen';
import { restsOn } from '../../../resources/js/lib/paces';
import { parseMinutes } from '../../../resources/js/lib/minutes';
import { costOf, fewOf, isSameVersion, Ladder } from '../../../resources/js/rooms/bench/ladder/ladder.svelte';
import { piecesOf, tearsOf } from '../../../resources/js/tape/tape';
import { planStep } from '../steps';

const server = vi.hoisted(() => ({ get: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const rung = (timeMs: number, more: Partial<RungShown> = {}): RungShown => ({
  timeMs,
  share: 1,
  changes: [],
  leftOut: [],
  otherWays: [],
  names: [],
  pace: null,
  isProven: true,
  ...more,
});
const sheet = (...rungs: RungShown[]): LadderSheet => ({ rungs, isProven: true, choices: 3, trouble: null });

beforeEach(() => {
  vi.clearAllMocks();
  vi.useRealTimers();
});

it('keeps the named rungs where there is little room, and some between them', () => {
  const rungs = Array.from({ length: 30 }, (_, at) =>
    rung(
      100_000 + at * 4000,
      at === 0
        ? { names: ['core'] }
        : at === 17
          ? { names: ['quick'] }
          : at === 29
            ? { names: ['party'] }
            : {},
    ),
  );
  const few = fewOf(rungs);
  expect(few).toHaveLength(6);
  expect(few.flatMap(({ names }) => names)).toEqual(['core', 'quick', 'party']);
  expect(few.map(({ timeMs }) => timeMs)).toEqual(few.map(({ timeMs }) => timeMs).toSorted((a, b) => a - b));
  expect(fewOf(rungs.slice(0, 4))).toEqual(rungs.slice(0, 4));
});

it('waits until the design has come to rest, and asks once', async () => {
  vi.useFakeTimers();
  server.get.mockResolvedValue(sheet(rung(40_000)));
  const ladder = new Ladder();
  ladder.loadSoon('d');
  ladder.loadSoon('d');
  await vi.advanceTimersByTimeAsync(2000);
  expect(server.get.mock.calls.map(([path]) => path as string)).toEqual(['designs/d/ladder']);
  expect(ladder.sheet?.rungs).toHaveLength(1);
  ladder.loadSoon('d');
  ladder.stop();
  await vi.advanceTimersByTimeAsync(2000);
  expect(server.get).toHaveBeenCalledTimes(1);
});

it('finds the best rung within a time', async () => {
  server.get.mockResolvedValue(sheet(rung(40_000), rung(55_000), rung(70_000)));
  const ladder = new Ladder();
  await ladder.load();
  expect(ladder.fitting(60_000)?.timeMs).toBe(55_000);
  expect(ladder.fitting(70_000)?.timeMs).toBe(70_000);
  expect(ladder.fitting(39_999)).toBeUndefined();
});

it('asks for a version by what is left out and painted otherwise, with the whole beside it', async () => {
  server.get.mockImplementation((path: string) => Promise.resolve({ path }));
  const ladder = new Ladder();
  await ladder.open({ leftOut: ['a', 'b'], otherWays: [{ stepId: 'c', way: 1 }] });
  expect(server.get.mock.calls.map(([path]) => decodeURIComponent(String(path)))).toEqual([
    'designs//ladder/rung?leftOut[]=a&leftOut[]=b&otherWays[]=c:1',
    'designs//ladder/rung?',
  ]);
  await ladder.open({ leftOut: [], otherWays: [] });
  expect(server.get).toHaveBeenCalledTimes(3);
  ladder.close();
  expect(ladder.rung).toBeNull();
});

it('tells versions apart, in whatever order they are said', () => {
  expect(isSameVersion({ leftOut: ['a', 'b'], otherWays: [] }, { leftOut: ['b', 'a'], otherWays: [] })).toBe(
    true,
  );
  expect(
    isSameVersion(
      { leftOut: ['a'], otherWays: [] },
      { leftOut: ['a'], otherWays: [{ stepId: 'b', way: 0 }] },
    ),
  ).toBe(false);
});

it('says what a drop costs', () => {
  expect(
    costOf({
      words: '',
      savedMs: 9000,
      lostPercent: 7.7,
      percentPerSecond: 0.86,
      leftOut: [],
      otherWays: [],
    }),
  ).toBe('7.7 % of the look, 0.86 % for each second saved');
});

it.each([
  [{ faces: 14, practised: 0, leftOut: 0, slips: 0 }, 'Rests on 14 faces.'],
  [
    { faces: 1, practised: 1, leftOut: 1, slips: 2 },
    'Rests on 1 face and 1 time on the board; 1 interrupted run and 2 slips of the tap left out.',
  ],
  [{ faces: 0, practised: 0, leftOut: 0, slips: 0 }, 'Put together from its logged steps.'],
])('says what a pace rests on', (counts, words) => {
  expect(restsOn({ middleMs: 0, eightOfTenMs: 0, ...counts })).toBe(words);
});

it.each([
  ['3', 180_000],
  ['3:30', 210_000],
  ['3m05', 185_000],
  ['210s', 210_000],
  ['1.5', 90_000],
  ['2,5 min', 150_000],
  ['soon', null],
  ['', null],
  ['3:75', null],
])('reads minutes as painters type them: %s', (typed, milliseconds) => {
  expect(parseMinutes(typed)).toBe(milliseconds);
});

it('marks tears at the ends of steps, and soft edges where times vary', () => {
  const spans = [
    { kind: 'painting' as const, stepId: 'a', startMs: 0, lengthMs: 40_000 },
    { kind: 'changeover' as const, stepId: 'b', startMs: 40_000, lengthMs: 6000 },
    { kind: 'painting' as const, stepId: 'b', startMs: 46_000, lengthMs: 9000 },
  ];
  expect(
    tearsOf(spans, [
      { stepId: 'a', isSaid: false, still: ['Dots', 'Gem'] },
      { stepId: 'gone', isSaid: true, still: [] },
    ]),
  ).toEqual([{ at: 40_000, text: 'One may stop here, without Dots, Gem' }]);
  const steps = [
    { ...planStep({ id: 'a' }), timeMs: 40_000, eightOfTenMs: 49_000 },
    { ...planStep({ id: 'b' }), timeMs: 9000, eightOfTenMs: null },
  ];
  expect(piecesOf(spans, steps).map(({ soft }) => soft)).toEqual([9000, undefined, undefined]);
});
