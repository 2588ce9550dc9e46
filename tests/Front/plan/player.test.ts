import { beforeEach, expect, it, vi } from 'vitest';
import type { PlayedDay, TermsShown } from '../../../resources/js/api/types.gen';
import { Player } from '../../../resources/js/rooms/plan/forecast/player.svelte';

const server = vi.hoisted(() => ({ post: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const day = {
  opensAt: 0,
  closesAt: 3_600_000,
  faces: [{ child: 0, arrived: 0, seated: 0, painted: 3_700_000, free: 3_800_000 }],
  lost: [],
} as unknown as PlayedDay;

let frames: ((now: number) => void)[] = [];
let isReduced = false;
let player: Player;

beforeEach(() => {
  vi.clearAllMocks();
  frames = [];
  isReduced = false;
  vi.stubGlobal('matchMedia', () => ({ matches: isReduced }));
  vi.stubGlobal('requestAnimationFrame', (frame: (now: number) => void) => frames.push(frame));
  vi.stubGlobal('cancelAnimationFrame', vi.fn());
  vi.spyOn(performance, 'now').mockReturnValue(0);
  server.post.mockResolvedValue(day);
  player = new Player(() => ({ day: 'fair', terms: { children: 9 } as TermsShown }));
});

it('plays a whole day in a minute, to the last face', async () => {
  await player.load('usual');
  expect(player.length).toBe(3_800_000);
  frames.at(-1)?.(15_000);
  expect(player.at).toBeCloseTo(950_000, 0);
  frames.at(-1)?.(60_000);
  expect(player.at).toBe(3_800_000);
  expect(player.isRunning).toBe(false);
});

it('can be stopped, moved, and gone on with', async () => {
  await player.load('usual');
  frames.at(-1)?.(6000);
  player.pause();
  const stopped = player.at;
  frames.at(-1)?.(7000);
  expect(player.isRunning).toBe(false);
  player.move(9e9);
  expect(player.at).toBe(3_800_000);
  player.move(-5);
  expect(player.at).toBe(0);
  player.move(stopped);
  player.run();
  expect(player.isRunning).toBe(true);
  expect(player.at).toBe(stopped);
});

it('begins again after the end', async () => {
  await player.load('usual');
  player.pause();
  player.move(9e9);
  player.run();
  expect(player.at).toBe(0);
});

it('stands at the end at once where motion is not wanted', async () => {
  isReduced = true;
  await player.load('bad');
  expect(player.at).toBe(3_800_000);
  expect(player.isRunning).toBe(false);
});

it('asks for other children of the same kind of day', async () => {
  await player.load('bad');
  await player.another();
  expect(server.post).toHaveBeenLastCalledWith('days/fair/played', { children: 9, like: 'bad', next: 1 });
  expect(player.like).toBe('bad');
});

it('says why a day cannot be played', async () => {
  server.post.mockRejectedValueOnce(new Error('Nobody paints. Put an artist on a chair.'));
  await player.load('good');
  expect(player.message).toBe('Nobody paints. Put an artist on a chair.');
  expect(player.length).toBe(0);
});
