import { beforeEach, expect, it, vi } from 'vitest';
import type {
  BookingFound,
  CalendarShown,
  ClashShown,
  DaySummary,
} from '../../../resources/js/api/types.gen';
import {
  clashesOf,
  clashWords,
  Diary,
  lastDone,
} from '../../../resources/js/rooms/plan/calendar/diary.svelte';

const server = vi.hoisted(() => ({ get: vi.fn(), post: vi.fn(), postFile: vi.fn(), delete: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const found = (key: string, state: string) => ({ key, state, name: key, closesAt: 2 }) as BookingFound;
const look = {
  found: [found('new', 'fresh'), found('moved', 'changed'), found('old', 'over'), found('same', 'here')],
  left: [],
  clashes: [],
} as CalendarShown;
const file = (size = 10) => ({ size, text: () => Promise.resolve('BEGIN:VCALENDAR') }) as File;
const changed = vi.fn(() => Promise.resolve());
let diary: Diary;

beforeEach(() => {
  vi.clearAllMocks();
  lastDone.value = null;
  server.postFile.mockResolvedValue(look);
  server.get.mockResolvedValue([{ id: 'day-moved', name: 'As it was', closesAt: 1 }]);
  server.post.mockResolvedValue([{ id: 'day-new' }, { id: 'day-moved' }]);
  server.delete.mockResolvedValue(null);
  diary = new Diary('Europe/Berlin', changed);
});

it('ticks what is new or changed, and leaves the rest to whoever looks', async () => {
  await diary.read(file());
  expect(server.postFile).toHaveBeenCalledWith('calendar/look?timezone=Europe%2FBerlin', 'BEGIN:VCALENDAR');
  expect(diary.ticked).toEqual(['new', 'moved']);
  diary.turn('old');
  diary.turn('new');
  expect(diary.ticked).toEqual(['moved', 'old']);
});

it('does not send what is too large, and says so', async () => {
  await diary.read(file(9_400_000));
  expect(server.postFile).not.toHaveBeenCalled();
  expect(diary.message).toBe(
    'That calendar has 10 MB, more than the 5 MB that are read. Export only this year’s events.',
  );
});

it('takes what is ticked, and takes it back', async () => {
  await diary.read(file());
  await diary.take();
  expect(server.post).toHaveBeenCalledWith('calendar/bookings', { bookings: look.found.slice(0, 2) });
  expect(diary.look).toBeNull();
  expect(changed).toHaveBeenCalledOnce();
  expect(lastDone.value?.text).toBe('2 bookings are taken.');

  await diary.undo();
  // The new one goes, the changed one is again as it was.
  expect(server.delete.mock.calls).toEqual([['days/day-new']]);
  expect(server.post).toHaveBeenLastCalledWith('calendar/bookings', {
    bookings: [{ ...look.found[1], id: 'day-moved', name: 'As it was', closesAt: 1 }],
  });
  expect(lastDone.value).toBeNull();
});

it('brings back what was taken out', async () => {
  lastDone.tookOut({ id: 'fair', name: 'Fair' } as DaySummary);
  expect(lastDone.value?.text).toBe('Fair is out of the diary.');
  await diary.undo();
  expect(server.post).toHaveBeenCalledWith('days/fair/restore');
});

it('keeps the look open when the server says no', async () => {
  await diary.read(file());
  server.post.mockRejectedValueOnce(new Error('Nothing is ticked.'));
  await diary.take();
  expect(diary.message).toBe('Nothing is ticked.');
  expect(diary.look).not.toBeNull();
  expect(diary.busy).toBe(false);
});

const clash = (changes: Partial<ClashShown>): ClashShown => ({
  kind: 'overlap',
  firstId: 'a',
  firstName: 'Fair',
  secondId: 'b',
  secondName: 'Party',
  painters: [],
  betweenMs: 3_600_000,
  wayMs: 2_400_000,
  ...changes,
});

it.each([
  [
    clash({}),
    'a',
    'At the same time as Party, for 60 min with set-up and pack-up. There are not enough of you for both.',
  ],
  [
    clash({ painters: ['Ines', 'Tobi'] }),
    'b',
    'At the same time as Fair, for 60 min with set-up and pack-up. At both: Ines and Tobi.',
  ],
  [
    clash({ kind: 'short_way', betweenMs: 0 }),
    'a',
    'Before Party there is no time from pack-up to set-up; by way of home it takes 40 min.',
  ],
  [
    clash({ kind: 'short_way', betweenMs: 900_000, painters: ['Ines'] }),
    'b',
    'After Fair there is 15 min from pack-up to set-up; by way of home it takes 40 min. At both: Ines.',
  ],
])('says what does not go together', (one, from, said) => {
  expect(clashWords(one, from)).toBe(said);
  expect(clashesOf([one], from)).toEqual([said]);
  expect(clashesOf([one], 'other')).toEqual([]);
  expect(clashesOf([one, { ...one }], from)).toEqual([said]);
});
