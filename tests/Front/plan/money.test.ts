import { beforeEach, expect, it, vi } from 'vitest';
import type { MoneySheet, MoneyTermsShown, QuotePart } from '../../../resources/js/api/types.gen';
import { onDays } from '../../../resources/js/rooms/plan/forecast/answers';
import { comesBack, EventMoney, partName } from '../../../resources/js/rooms/plan/money/money.svelte';

const server = vi.hoisted(() => ({ put: vi.fn(), post: vi.fn(), get: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const terms = {
  hourCents: 3500,
  kilometreCents: 30,
  kilometres: 20,
  travelMinutes: 35,
} as unknown as MoneyTermsShown;
const sheetOf = (changed: Partial<MoneyTermsShown> = {}, artists = 1) =>
  ({
    day: { id: 'fair' },
    terms: { ...terms, ...changed },
    artists,
    hours: 2.5 * artists,
    aroundMinutes: 50,
    faces: 13.6,
  }) as unknown as MoneySheet;
let kept: MoneySheet[] = [];
let money: EventMoney;

beforeEach(() => {
  vi.clearAllMocks();
  kept = [];
  let there: MoneyTermsShown = terms;
  server.put.mockImplementation((_path: string, body: MoneyTermsShown) =>
    Promise.resolve(void (there = body)),
  );
  server.get.mockImplementation(() => Promise.resolve(sheetOf(there)));
  server.post.mockImplementation((_path: string, body: MoneyTermsShown) => Promise.resolve(sheetOf(body)));
  money = new EventMoney(sheetOf(), (sheet) => kept.push(sheet));
});

it('tries while something is dragged, and keeps it when it is let go', async () => {
  money.try({ kilometres: 30 });
  money.try({ kilometres: 40 });
  expect(money.terms.kilometres).toBe(40);
  await vi.waitFor(() => {
    expect(money.sheet.terms.kilometres).toBe(40);
  });
  expect(kept).toEqual([]);
  await money.let('Another way there.');
  expect(server.put).toHaveBeenCalledWith('days/fair/money', { ...terms, kilometres: 40 });
  expect(kept).toHaveLength(1);
  expect(money.undoable?.text).toBe('Another way there.');
  await money.undo();
  expect(money.terms.kilometres).toBe(20);
  expect(money.undoable).toBeNull();
});

it('keeps nothing where nothing was changed', async () => {
  await money.let('The same.', { kilometres: 20 });
  expect(server.put).not.toHaveBeenCalled();
});

it('goes back to what was kept when the server says no, and says why', async () => {
  server.put.mockRejectedValueOnce(new Error('Give the way as whole kilometres.'));
  await money.let('Too far.', { kilometres: 9000 });
  expect(money.terms.kilometres).toBe(20);
  expect(money.message).toBe('Give the way as whole kilometres.');
  expect(money.undoable).toBeNull();
});

it.each<[QuotePart, number, string]>([
  ['painting', 1, 'Painting, 2:30 h at 3500'],
  ['painting', 2, 'Painting, 5:00 h of 2 artists together at 3500'],
  ['set_up', 2, 'Set-up and pack-up, 0:50 h of 2 artists'],
  ['travel_time', 1, 'On the way, 1:10 h'],
  ['way', 1, '40 km at 30'],
  ['materials', 1, 'Paint, sponges and wipes for 14 faces'],
])('says what %s of %i rests on', (part, artists, said) => {
  expect(partName(part, sheetOf({}, artists), String)).toBe(said);
});

it.each([
  [0.6, 'on 6 days of 10'],
  [0.95, 'on 19 days of 20'],
  [1, 'as good as every day'],
  [0, 'hardly any day'],
])('says how often %s is', (share, said) => {
  expect(onDays(share)).toBe(said);
});

const OPENS = Date.UTC(2026, 10, 7, 11);
const laidOut = (changed: Partial<MoneySheet>) =>
  ({
    ...sheetOf(),
    day: { id: 'fair', opensAt: OPENS, closesAt: OPENS + 5 * 3_600_000, timezone: 'UTC' },
    outlayCents: 5000,
    meanPriceCents: 450,
    breakEvenFaces: 13,
    breakEvenAt: OPENS + 2_700_000,
    breakEvenCents: 250,
    ...changed,
  }) as MoneySheet;

it.each<[Partial<MoneySheet>, string]>([
  [{}, '5000 is laid out and back after 13 faces, about 11:45.'],
  [
    { breakEvenAt: OPENS + 6 * 3_600_000 },
    '5000 is laid out and back after 13 faces, more than the day has: 250 a face would do it.',
  ],
  [{ meanPriceCents: 0 }, '5000 is laid out. 250 a face would bring it back.'],
  [
    { breakEvenFaces: null, breakEvenAt: null },
    'A face costs more in materials than it brings: 5000 never comes back.',
  ],
  [{ outlayCents: 0 }, 'Nothing is laid out before the first face: from there on all of it is yours.'],
])('says when what was laid out is back', (changed, said) => {
  expect(comesBack(laidOut(changed), String)).toBe(said);
});
