import type { DaySummary } from '../../../api/types.gen';
import { Remembered } from '../../../lib/remembered.svelte';

const PREFIX = 'inch-timer.party.';

const keys = () => Object.keys(localStorage).filter((key) => key.startsWith(PREFIX));

/** The guests of a party, as they were typed on this device; they go with the day, whenever that is by now. */
export function guestsOf({ id, closesAt }: Pick<DaySummary, 'id' | 'closesAt'>): Remembered {
  const key = `${PREFIX}${id}.${closesAt}`;
  const last = keys().find((one) => one.startsWith(`${PREFIX}${id}.`));
  const guests = last === undefined ? '' : (localStorage.getItem(last) ?? '');
  if (last !== undefined && last !== key) {
    localStorage.removeItem(last);
    localStorage.setItem(key, guests);
  }

  return new Remembered(key, guests);
}

/** Lists of parties that were over before a moment. */
export function forgetGuests(before: number): void {
  for (const key of keys()) {
    if (!(Number(key.split('.').at(-1)) >= before)) {
      localStorage.removeItem(key);
    }
  }
}
