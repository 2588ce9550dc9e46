import type { QueryClient } from '@tanstack/svelte-query';
import { newId } from '../lib/ids';
import { clock } from '../lib/clock.svelte';
import { api, Refusal, Unreachable } from './client';
import { kept, type KeptTap, type Tap } from './kept';
import type { LineBoard, TapOutcome, TapsAnswer } from './types.gen';

/** What a tap says, its id and time apart. */
export type Saying = Omit<Tap, 'id' | 'at'>;

const RETRY_MS = 2_000;
/** No more than the line says it has heard of. */
const BATCH = 50;

/** Taps on their way to the server: shown at once, kept in the browser until the server has them, sent in order, once. */
class Outbox {
  waiting = $state.raw<KeptTap[]>([]);
  /** What the server would not keep or had no use for, newest last. */
  complaints = $state.raw<TapOutcome[]>([]);
  /** The server asked who is there before it takes the waiting taps. */
  signInNeeded = $state(false);
  private teamId = '';
  private lastAt = 0;
  private sending = false;
  private again = false;
  private keeping: Promise<unknown> = Promise.resolve();
  private queryClient: QueryClient | undefined;

  /** Takes up what an earlier page left unsent, and sends it. */
  async open(teamId: string, queryClient: QueryClient): Promise<void> {
    this.teamId = teamId;
    this.queryClient = queryClient;
    this.signInNeeded = false;
    this.waiting = (await kept.taps()).filter((one) => one.teamId === teamId);
    void this.send();
  }

  /** Keeps the sayings as taps of one instant and starts sending; the screen may show them at once. */
  tap(dayId: string, ...sayings: Saying[]): void {
    // Never earlier than the tap before, even if the clock was set back in between.
    const at = Math.max(clock.moment(), this.lastAt);
    this.lastAt = at;
    const taps = sayings.map((saying): KeptTap => {
      const id = newId(at);

      return { id, teamId: this.teamId, dayId, tap: { ...saying, id, at } };
    });
    this.waiting = [...this.waiting, ...taps];
    const keep = kept.keepTaps(taps);
    this.keeping = this.keeping.then(() => keep);
    void this.keeping.then(() => this.send());
  }

  dismissComplaints(): void {
    this.complaints = [];
  }

  /** One window at a time sends, so that taps of two windows of this browser keep their order. */
  async send(): Promise<void> {
    if (this.sending) {
      this.again = true;

      return;
    }
    this.sending = true;
    this.again = false;
    try {
      await navigator.locks.request('inch-timer-outbox', () => this.sendAll());
    } catch (error) {
      this.putOff(error);
    } finally {
      this.sending = false;
    }
    if (this.again as boolean) {
      await this.send();
    }
  }

  private async sendAll(): Promise<void> {
    for (;;) {
      const all = await this.unsent();
      const dayId = all[0]?.dayId;
      if (dayId === undefined) {
        return;
      }
      await this.sendBatch(dayId, all.filter((one) => one.dayId === dayId).slice(0, BATCH));
    }
  }

  /** In the order they were made; those that another window of this browser has sent meanwhile are let go. */
  private async unsent(): Promise<KeptTap[]> {
    await this.keeping;
    const here = this.waiting;
    const unsent = (await kept.taps()).filter((one) => one.teamId === this.teamId);
    const ids = new Set(unsent.map((one) => one.id));
    const gone = new Set(here.filter((one) => !ids.has(one.id)));
    this.waiting = this.waiting.filter((one) => !gone.has(one));

    return unsent;
  }

  private async sendBatch(dayId: string, batch: KeptTap[]): Promise<void> {
    const answer = await this.post(dayId, batch);
    const sent = new Set(batch.map((one) => one.id));
    await kept.dropTaps([...sent]);
    // A read that is on its way knows nothing of these taps: its answer must not overwrite this one.
    await this.queryClient?.cancelQueries({ queryKey: ['line', dayId] });
    if (answer.line !== null) {
      this.queryClient?.setQueryData<LineBoard>(['line', dayId], answer.line);
      await kept.keepAnswer(`days/${dayId}/line`, answer.line);
    }
    this.waiting = this.waiting.filter((one) => !sent.has(one.id));
    const news = answer.outcomes.filter((one) => one.message !== '');
    this.complaints = [...this.complaints, ...news];
    this.signInNeeded = false;
    void this.queryClient?.invalidateQueries({ queryKey: ['logbook'] });
  }

  /** A batch that the server refuses whole is taken out of the way and said, or it would hold up all taps to come. */
  private async post(
    dayId: string,
    batch: KeptTap[],
  ): Promise<{ outcomes: TapOutcome[]; line: LineBoard | null }> {
    try {
      return await api.post<TapsAnswer>(`days/${dayId}/taps`, { taps: batch.map((one) => one.tap) });
    } catch (error) {
      if (error instanceof Refusal && [404, 413, 422].includes(error.status)) {
        const { message } = error;

        return { outcomes: batch.map(({ id }) => ({ id, fate: 'refused', message })), line: null };
      }
      throw error;
    }
  }

  private putOff(error: unknown): void {
    if (error instanceof Refusal && error.status === 401) {
      this.signInNeeded = true;

      return;
    }
    if (error instanceof Unreachable || error instanceof Refusal) {
      setTimeout(() => void this.send(), RETRY_MS);

      return;
    }
    throw error;
  }
}

export const outbox = new Outbox();
