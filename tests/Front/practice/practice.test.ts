import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Unreachable } from '../../../resources/js/api/client';
import type { TrainedSide, TrainingSheet } from '../../../resources/js/api/types.gen';
import { minutes } from '../../../resources/js/lib/minutes';
import { forecastWords, strokeWords, Training } from '../../../resources/js/rooms/practice/practice.svelte';

const server = vi.hoisted(() => ({ get: vi.fn(), post: vi.fn(), delete: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const side = (more: Partial<TrainedSide> = {}): TrainedSide => ({
  side: null,
  repetitions: [],
  curve: [],
  pace: null,
  plannedMs: 9000,
  aheadMs: 8000,
  readyAfter: null,
  ...more,
});
const sheet = (...sides: TrainedSide[]) => ({ title: 'A swirl', sides }) as unknown as TrainingSheet;

let now = 0;

async function training(...sides: TrainedSide[]): Promise<Training> {
  server.get.mockResolvedValue(sheet(...sides));
  server.post.mockResolvedValue(sheet(...sides));
  server.delete.mockResolvedValue(null);
  const one = new Training(() => now);
  await one.load();

  return one;
}

beforeEach(() => {
  vi.clearAllMocks();
  now = 1000;
});

const settled = () => new Promise((resolve) => setTimeout(resolve, 0));
const sent = () => server.post.mock.calls.map(([, body]) => body as { spentMs: number; side?: string });

describe('one key', () => {
  it('begins, ends a repetition and begins the next, one side after the other', async () => {
    const one = await training(side({ side: 'left' }), side({ side: 'right' }));
    expect(one.side).toBe('left');
    one.press();
    expect(one.isRunning).toBe(true);
    now = 9500;
    one.press();
    expect(one.side).toBe('right');
    now = 17_000;
    one.press();
    await settled();
    expect(sent().map(({ spentMs, side: where }) => [spentMs, where])).toEqual([
      [8500, 'left'],
      [7500, 'right'],
    ]);
  });

  it('stops without counting the one under way', async () => {
    const one = await training(side());
    one.press();
    now = 5000;
    one.stop();
    expect(one.kept).toEqual([]);
    expect(sent()).toEqual([]);
    one.press();
    now = 9000;
    one.press();
    await settled();
    expect(sent().map(({ spentMs }) => spentMs)).toEqual([4000]);
  });

  it('takes the newest back, and it is that side’s turn again', async () => {
    const one = await training(side({ side: 'left' }), side({ side: 'right' }));
    one.press();
    now = 4000;
    one.press();
    await settled();
    const id = one.kept[0]?.id ?? '';
    await one.undo();
    expect(server.delete).toHaveBeenCalledWith(`practice/runs/${id}`);
    expect([one.side, one.kept.length, one.isRunning]).toEqual(['left', 0, false]);
  });

  it('keeps what could not be sent, and sends it with the next', async () => {
    const one = await training(side());
    server.post.mockRejectedValueOnce(new Unreachable());
    one.press();
    now = 4000;
    one.press();
    await settled();
    expect(one.message).toContain('out of reach');
    now = 9000;
    one.press();
    await settled();
    expect(sent().map(({ spentMs }) => spentMs)).toEqual([3000, 3000, 5000]);
    expect(one.message).toBe('');
  });

  it('forgets the sitting when something else is chosen, and asks for it', async () => {
    const one = await training(side());
    one.press();
    now = 4000;
    one.press();
    await one.choose({ drill: null, design: 'd', step: 's', apart: true });
    expect([one.kept.length, one.isRunning]).toEqual([0, false]);
    expect(server.get).toHaveBeenLastCalledWith('practice/board?design=d&step=s&side=left');
    await one.setAim('0:40');
    expect(server.get).toHaveBeenLastCalledWith('practice/board?design=d&step=s&side=left&aim=0%3A40');
  });
});

it.each([
  [null, '0:08 after eight more; not yet in sight of the target'],
  [0, '0:08 after eight more; 8 of 10 are within the target already'],
  [6, '0:08 after eight more; 8 of 10 within the target after 6 more'],
])('puts the forecast in words', (readyAfter, words) => {
  expect(forecastWords(side({ readyAfter }), minutes, 0)).toBe(words);
});

it('says of a target that the middle keeps, and eight of ten do not, that it is kept by the middle', () => {
  const words = forecastWords(side({ readyAfter: null }), minutes, side({}).aheadMs);
  expect(words).toMatch(/; within the target, though not yet 8 times of 10$/);
  expect(forecastWords(side({ readyAfter: null }), minutes, side({}).aheadMs - 1000)).toMatch(
    /not yet in sight/,
  );
});

it.each([
  [null, 'not timed yet'],
  [104, 'as long as usual'],
  [90, 'as long as usual'],
  [150, '1.5 times as long as usual'],
  [70, '30 % quicker than usual'],
])('says how a stroke goes: %s', (percent, words) => {
  expect(strokeWords({ percent })).toBe(words);
});
