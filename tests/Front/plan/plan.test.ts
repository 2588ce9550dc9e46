import { beforeEach, expect, it, vi } from 'vitest';
import type { EventPlanSheet, ForecastShown, TermsShown } from '../../../resources/js/api/types.gen';
import { EventPlan } from '../../../resources/js/rooms/plan/forecast/plan.svelte';

interface Asked {
  path: string;
  take: (line: string) => void;
  signal: AbortSignal;
  body: TermsShown;
  end: () => void;
  fail: (error: Error) => void;
}

const server = vi.hoisted(() => ({ lines: vi.fn(), put: vi.fn(), post: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const browser = vi.hoisted(() => new Map<string, unknown>());

vi.mock(import('../../../resources/js/api/kept'), async (original) => ({
  ...(await original()),
  kept: {
    answer: (key: string) => Promise.resolve(browser.get(key)),
    keepAnswer: (key: string, body: unknown) => Promise.resolve(browser.set(key, body)),
  } as never,
}));

const terms = { children: 80, chairs: 2, levers: [], arrivals: 'by_profile' } as unknown as TermsShown;
const sheetOf = (changed: Partial<TermsShown> = {}) =>
  ({ day: { id: 'fair' }, terms: { ...terms, ...changed }, menu: [] }) as unknown as EventPlanSheet;
const line = (faces: number, isDone = false) => JSON.stringify({ faces, isDone, lever: null });
const settle = () => new Promise((resolve) => setTimeout(resolve));

let asked: Asked[] = [];
let plan: EventPlan;
let kept: EventPlanSheet[] = [];
const forecasts = () => asked.filter(({ path }) => path.endsWith('/forecast'));
const levers = () => asked.filter(({ path }) => path.endsWith('/levers'));

beforeEach(() => {
  vi.clearAllMocks();
  browser.clear();
  asked = [];
  kept = [];
  server.lines.mockImplementation(
    (path: string, take: Asked['take'], signal: AbortSignal, body: TermsShown) =>
      new Promise<void>((resolve, reject) => {
        signal.addEventListener('abort', () => {
          reject(new Error('aborted'));
        });
        asked.push({ path, take, signal, body, end: resolve, fail: reject });
      }),
  );
  server.put.mockImplementation((_path: string, body: TermsShown) => Promise.resolve(sheetOf(body)));
  server.post.mockResolvedValue({ faces: [] });
  plan = new EventPlan(sheetOf(), (sheet) => kept.push(sheet));
});

it('shows the first answer at once, and the better one when it comes', async () => {
  plan.start();
  expect(forecasts()).toHaveLength(1);
  expect(plan.isReckoning).toBe(true);
  forecasts()[0]?.take(line(70));
  expect(plan.forecast?.faces).toBe(70);
  forecasts()[0]?.take(line(71.2, true));
  expect(plan.forecast).toMatchObject({ faces: 71.2, isDone: true });
  forecasts()[0]?.end();
  await settle();
  expect(plan.isReckoning).toBe(false);
});

it('asks one question at a time while something is dragged, and the newest next', () => {
  plan.start();
  for (const children of [81, 82, 83, 84]) {
    plan.try({ children });
  }
  // The first is not answered yet: nothing more was asked.
  expect(forecasts()).toHaveLength(1);
  forecasts()[0]?.take(line(70));
  expect(forecasts()).toHaveLength(2);
  expect(forecasts()[1]?.body.children).toBe(84);
  // What was only to be refined is stopped.
  expect(forecasts()[0]?.signal.aborted).toBe(true);
  expect(forecasts()[1]?.signal.aborted).toBe(false);
});

it('keeps nothing of what is only tried, and what is let go once', async () => {
  plan.start();
  plan.try({ children: 90 });
  expect(server.put).not.toHaveBeenCalled();
  await plan.let('Other children expected.');
  expect(server.put).toHaveBeenCalledTimes(1);
  expect(kept[0]?.terms.children).toBe(90);
  expect(plan.undoable?.text).toBe('Other children expected.');
  // Let go where it was: nothing to keep.
  await plan.let('Other children expected.');
  expect(server.put).toHaveBeenCalledTimes(1);
});

it('takes back what was kept', async () => {
  await plan.let('Other children expected.', { children: 90 });
  await plan.undo();
  expect(server.put).toHaveBeenLastCalledWith('days/fair/plan', terms);
  expect(plan.terms.children).toBe(80);
  expect(plan.undoable).toBeNull();
  await plan.undo();
  expect(server.put).toHaveBeenCalledTimes(2);
});

it('pulls levers and releases them, and asks for the others anew', async () => {
  plan.start();
  levers()[0]?.take(JSON.stringify({ lever: 'artist_more', faces: 80 }));
  levers()[0]?.take(JSON.stringify({ lever: 'quick_only', faces: 85 }));
  expect(plan.levers.map(({ lever }: ForecastShown) => lever)).toEqual(['artist_more', 'quick_only']);
  await plan.pull('artist_more', 'One artist more: taken into the plan.');
  expect(plan.terms.levers).toEqual(['artist_more']);
  expect(levers()[0]?.signal.aborted).toBe(true);
  expect(levers().at(-1)?.body.levers).toEqual(['artist_more']);
  await plan.release('artist_more', 'Without it.');
  expect(plan.terms.levers).toEqual([]);
});

it('says what cannot be, and goes back to what was kept', async () => {
  server.put.mockRejectedValueOnce(new Error('Say how many children may come: 1 to 5000.'));
  plan.try({ children: 0 });
  await plan.let('No children.');
  expect(plan.message).toBe('Say how many children may come: 1 to 5000.');
  expect(plan.terms.children).toBe(80);
  expect(plan.undoable).toBeNull();
});

it('says what keeps it from being played, until it is mended', async () => {
  plan.start();
  forecasts()[0]?.fail(new Error('The menu is empty. Put a design on it.'));
  await settle();
  expect(plan.message).toBe('The menu is empty. Put a design on it.');
  plan.try({ children: 70 });
  expect(forecasts()).toHaveLength(2);
  forecasts()[1]?.take(line(60));
  expect(plan.message).toBe('');
});

it('shows a usual day of the plan that was kept, and none where it cannot be played', async () => {
  plan.start();
  await settle();
  expect(plan.usual).toEqual({ faces: [] });
  expect(server.post).toHaveBeenCalledWith('days/fair/played', { ...terms, like: 'usual' });
  server.post.mockRejectedValueOnce(new Error('no'));
  await plan.let('x', { children: 3 });
  await settle();
  expect(plan.usual).toBeNull();
});

it('asks for nothing more once it is left', () => {
  plan.start();
  plan.stop();
  expect(asked.every(({ signal }) => signal.aborted)).toBe(true);
});

it('shows what it reckoned last when the server is out of reach, as long as the plan is the same', async () => {
  plan.start();
  forecasts()[0]?.take(line(71.2, true));
  forecasts()[0]?.end();
  levers()[0]?.take(line(80));
  levers()[0]?.end();
  await settle();

  const again = new EventPlan(sheetOf(), () => undefined);
  const other = new EventPlan(sheetOf({ children: 90 }), () => undefined);
  server.lines.mockImplementation(() => Promise.reject(new Error('out of reach')));
  server.post.mockRejectedValue(new Error('out of reach'));
  again.start();
  other.start();
  await settle();
  expect(again.forecast).toMatchObject({ faces: 71.2 });
  expect(again.levers).toMatchObject([{ faces: 80 }]);
  expect(again.usual).toEqual({ faces: [] });
  expect(again.message).toBe('out of reach');
  expect(other.forecast).toBeNull();
});

it('keeps of the figures what has come before it was left, and of what had not come yet the last', async () => {
  plan.start();
  forecasts()[0]?.take(line(71.2, true));
  levers()[0]?.take(line(80));
  await settle();
  levers()[0]?.take(line(85));
  await settle();
  plan.stop();
  await settle();

  const second = new EventPlan(sheetOf(), () => undefined);
  server.post.mockRejectedValue(new Error('gone in the middle'));
  second.start();
  forecasts()[1]?.take(line(72, true));
  levers()[1]?.take(line(81));
  await settle();
  second.stop();

  const away = new EventPlan(sheetOf(), () => undefined);
  server.lines.mockImplementation(() => Promise.reject(new Error('out of reach')));
  away.start();
  await settle();
  expect(away.forecast).toMatchObject({ faces: 72 });
  expect(away.levers).toMatchObject([{ faces: 80 }, { faces: 85 }]);
  expect(away.usual).toEqual({ faces: [] });
});
