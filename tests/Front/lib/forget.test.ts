import 'fake-indexeddb/auto';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { kept } from '../../../resources/js/api/kept';
import { forgetChildren } from '../../../resources/js/lib/forget';
import { guestsOf } from '../../../resources/js/rooms/plan/forecast/party-names';

const HOUR = 3_600_000;
const evening = Date.UTC(2026, 10, 7, 18);

beforeEach(() => {
  localStorage.clear();
  vi.useFakeTimers({ toFake: ['Date'], now: evening });
});
afterEach(() => vi.useRealTimers());

it('forgets what names children when its time is over, and nothing else', async () => {
  await kept.keepAnswer('days/a/line', { waiting: ['Noor'] });
  await kept.keepGrown('days/a/line told', '1', () => ['Noor'], ['Mats']);
  await kept.keepAnswer('designs', ['Wave band']);
  await kept.keepTaps([
    {
      id: '1',
      teamId: 't',
      dayId: 'a',
      tap: { id: '1', kind: 'joined', at: evening, firstName: 'Noor', note: 'blue coat' } as never,
    },
  ]);

  // The fair goes on: without a network this is all that the chair has, even where names go the same evening.
  await forgetChildren(0, evening + 20 * HOUR);
  expect(await kept.answer('days/a/line')).toEqual({ waiting: ['Noor'] });
  await forgetChildren(7, evening + 100 * HOUR);
  expect(await kept.answer('days/a/line')).toEqual({ waiting: ['Noor'] });
  expect((await kept.taps())[0]?.tap.firstName).toBe('Noor');

  await forgetChildren(1, evening + 25 * HOUR);
  expect(await kept.answers(['days/a/line', 'designs'])).toEqual([undefined, ['Wave band']]);
  expect(await kept.grown('days/a/line told')).toBeUndefined();
  // What has not reached the server is not lost, but for who it was.
  expect((await kept.taps()).map(({ tap }) => tap)).toEqual([{ id: '1', kind: 'joined', at: evening }]);
});

it('keeps the guests of a party till it is over, and finds them again when it is moved', async () => {
  const party = { id: 'p', closesAt: evening };
  guestsOf(party).value = 'Noor, Mats';
  localStorage.setItem('inch-timer.party.of-long-ago', 'Ada');
  localStorage.setItem('inch-timer.hand', 'left');
  expect(guestsOf({ ...party, closesAt: evening + 48 * HOUR }).value).toBe('Noor, Mats');

  await forgetChildren(1, evening + 30 * HOUR);
  expect(guestsOf({ ...party, closesAt: evening + 48 * HOUR }).value).toBe('Noor, Mats');
  expect(Object.keys(localStorage)).toHaveLength(2);
  await forgetChildren(1, evening + 73 * HOUR);
  expect(Object.keys(localStorage)).toEqual(['inch-timer.hand']);
});
