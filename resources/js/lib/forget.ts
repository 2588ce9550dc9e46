import { kept } from '../api/kept';
import { forgetGuests } from '../rooms/plan/forecast/party-names';

const DAY_MS = 24 * 60 * 60_000;

/**
 * Forgets on this device what names children, so many days after it was heard. A day at least: it is needed as long as the fair
 * runs, network or not. Taps that have not reached the server by then do so without names.
 */
export async function forgetChildren(namesDays: number, now = Date.now()): Promise<void> {
  const before = now - Math.max(1, namesDays) * DAY_MS;
  forgetGuests(before);
  await Promise.all([kept.forgetDays(before), forgetNames(before)]);
}

async function forgetNames(before: number): Promise<void> {
  const old = (await kept.taps()).filter(({ tap }) => tap.at < before);
  const named = old.filter(({ tap }) => tap.firstName !== undefined || tap.note !== undefined);
  if (named.length > 0) {
    await kept.keepTaps(
      named.map((one) => {
        const tap = { ...one.tap };
        delete tap.firstName;
        delete tap.note;

        return { ...one, tap };
      }),
    );
  }
}
