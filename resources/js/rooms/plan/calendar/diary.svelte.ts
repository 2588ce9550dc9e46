import { api } from '../../../api/client';
import { everyPage } from '../../../api/pages';
import type { BookingFound, CalendarShown, ClashShown, DaySummary } from '../../../api/types.gen';
import { listed } from '../../../lib/listed';
import { roughly } from '../../../lib/minutes';

/** What was done to the diary and can be taken back. */
interface Done {
  text: string;
  /** Days that are new. */
  made: string[];
  /** Days that were taken out. */
  gone: string[];
  /** Bookings as they were before. */
  before: BookingFound[];
}

/** The last thing done to the diary, on whichever screen: it can be taken back where the events are listed. */
class LastDone {
  value: Done | null = $state.raw(null);

  made(days: readonly DaySummary[], text: string, before: BookingFound[] = []): void {
    this.value = { text, made: days.map(({ id }) => id), gone: [], before };
  }

  tookOut({ id, name }: DaySummary): void {
    this.value = { text: `${name} is out of the diary.`, made: [], gone: [id], before: [] };
  }
}

export const lastDone = new LastDone();

/** The diary while bookings of another calendar are looked at, taken, and taken back. */
export class Diary {
  look: CalendarShown | null = $state.raw(null);
  ticked: readonly string[] = $state.raw([]);
  message = $state('');
  busy = $state(false);

  constructor(
    private readonly timezone: string,
    private readonly changed: () => Promise<unknown>,
  ) {}

  async read(file: File): Promise<void> {
    await this.work(async () => {
      if (file.size > MOST_BYTES) {
        throw new Error(
          `That calendar has ${Math.ceil(file.size / 1_000_000)} MB, more than the 5 MB that are read. Export only this year’s events.`,
        );
      }
      const look = await api.postFile<CalendarShown>(
        `calendar/look?timezone=${encodeURIComponent(this.timezone)}`,
        await file.text(),
      );
      this.look = look;
      this.ticked = look.found.filter(({ state }) => USUALLY_TAKEN.includes(state)).map(({ key }) => key);
    });
  }

  turn(key: string): void {
    this.ticked = this.ticked.includes(key)
      ? this.ticked.filter((one) => one !== key)
      : [...this.ticked, key];
  }

  async take(): Promise<void> {
    await this.work(async () => {
      const chosen = (this.look?.found ?? []).filter(({ key }) => this.ticked.includes(key));
      const known = await everyPage<DaySummary>('days');
      const days = await api.post<DaySummary[]>('calendar/bookings', { bookings: chosen });
      const isMade = (_: DaySummary, at: number) => chosen[at]?.state !== 'changed';
      lastDone.made(
        days.filter(isMade),
        days.length === 1 ? 'One booking is taken.' : `${days.length} bookings are taken.`,
        days.flatMap(({ id }, at) => {
          const was = known.find((day) => day.id === id);
          const taken = chosen[at];

          return was === undefined || taken?.state !== 'changed' ? [] : [{ ...taken, ...was }];
        }),
      );
      this.look = null;
      await this.changed();
    });
  }

  async undo(): Promise<void> {
    const done = lastDone.value;
    lastDone.value = null;
    await this.work(async () => {
      await Promise.all([
        ...(done?.made ?? []).map((id) => api.delete(`days/${id}`)),
        ...(done?.gone ?? []).map((id) => api.post(`days/${id}/restore`)),
      ]);
      if (done !== null && done.before.length > 0) {
        await api.post('calendar/bookings', { bookings: done.before });
      }
      await this.changed();
    });
  }

  private async work(task: () => Promise<void>): Promise<void> {
    this.busy = true;
    this.message = '';
    try {
      await task();
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
    } finally {
      this.busy = false;
    }
  }
}

const MOST_BYTES = 5_000_000;

const USUALLY_TAKEN = ['fresh', 'changed'];

/** Seen from one of the two: what the other one has to do with it. */
export function clashWords(clash: ClashShown, id: string): string {
  const isFirst = clash.firstId === id;
  const other = isFirst ? clash.secondName : clash.firstName;
  const who = clash.painters.length === 0 ? '' : ` ${listed(clash.painters)}.`;
  if (clash.kind === 'overlap') {
    return `At the same time as ${other}, for ${roughly(clash.betweenMs)} with set-up and pack-up.${
      who === '' ? ' There are not enough of you for both.' : ` At both:${who}`
    }`;
  }
  const between = clash.betweenMs === 0 ? 'no time' : roughly(clash.betweenMs);

  return `${isFirst ? 'Before' : 'After'} ${other} there is ${between} from pack-up to set-up; by way of home it takes ${roughly(
    clash.wayMs,
  )}.${who === '' ? '' : ` At both:${who}`}`;
}

/** Of one booking, as seen from it. */
export function clashesOf(clashes: readonly ClashShown[], id: string): string[] {
  const own = clashes.filter(({ firstId, secondId }) => firstId === id || secondId === id);

  // Two days of one name clash in the same words.
  return [...new Set(own.map((clash) => clashWords(clash, id)))];
}
