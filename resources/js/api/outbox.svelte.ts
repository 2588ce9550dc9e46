import type { QueryClient } from '@tanstack/svelte-query';
import { clock, type Clock } from '../lib/clock.svelte';
import { newId } from '../lib/ids';
import { api, Refusal, ServerFault, Unreachable } from './client';
import { keepLine, sinceOf, type ToldLine, withNews } from '../line/told';
import { kept, type KeptTap, type Tap, type TapStore } from './kept';
import type { LineNews, TapOutcome, TapsAnswer } from './types.gen';

/** What a tap says, its id and time apart. */
export type Saying = Omit<Tap, 'id' | 'at'>;

/** What an outbox stands on. */
export interface OutboxParts {
  store: TapStore;
  /** The server's time. */
  clock: Pick<Clock, 'moment' | 'inDoubt' | 'slip' | 'onSettled'>;
  /** Asks the server something of that day, so that the clock learns what time it is. */
  askTime(dayId: string): Promise<unknown>;
  /** @param since what is known of the line already */
  post(teamId: string, dayId: string, taps: Tap[], since: string | undefined): Promise<TapsAnswer>;
  keepLine(dayId: string, line: ToldLine): Promise<void>;
  /** Only one window of this browser sends at a time, so that their taps keep their order. */
  alone(work: () => Promise<void>): Promise<unknown>;
  /** To the other windows of this browser. */
  channel: Pick<BroadcastChannel, 'postMessage' | 'close' | 'onmessage'>;
}

type News = { kept: KeptTap[] } | { dropped: string[] };

const RETRY_MS = 2_000;
const BATCH = 500;
/** A server that fails on a tap so often will fail on it again. */
const MOST_FAULTS = 3;

/** Taps on their way to the server: shown at once, kept in the browser until the server has them, sent in order, once. */
export class Outbox {
  waiting = $state.raw<KeptTap[]>([]);
  /** Laid aside, each with the reason: the server would not take them, and they must not hold up the others. */
  parked = $state.raw<KeptTap[]>([]);
  /** What the server had no use for, newest last. */
  complaints = $state.raw<TapOutcome[]>([]);
  /** The server asked who is there before it takes the waiting taps. */
  signInNeeded = $state(false);
  private teamId = '';
  private lastAt = 0;
  private sending = false;
  private again = false;
  private keeping: Promise<unknown> = Promise.resolve();
  private queryClient: QueryClient | undefined;
  private retry: ReturnType<typeof setTimeout> | undefined;
  private readonly deaf: () => void;
  private readonly faults = new Map<string, number>();
  /** Taps of this page that the server took. */
  private readonly taken = new Set<string>();

  constructor(private readonly parts: OutboxParts) {
    this.deaf = parts.clock.onSettled((since, slip) => this.setRight(since, slip));
    parts.channel.onmessage = ({ data }: MessageEvent<News>) => this.hear(data);
  }

  /** Takes up what an earlier page left unsent, and sends it. */
  async open(teamId: string, queryClient: QueryClient): Promise<void> {
    this.teamId = teamId;
    this.queryClient = queryClient;
    this.signInNeeded = false;
    await this.unsent();
    void this.send();
  }

  dispose(): void {
    clearTimeout(this.retry);
    this.deaf();
    this.parts.channel.onmessage = null;
    this.parts.channel.close();
  }

  /**
   * Keeps the sayings as taps of one instant and starts sending; the screen may show them at once.
   *
   * @param seen the newest moment of the line that the painter had before the eyes: whatever the clocks say, this came later
   */
  tap(dayId: string, seen: number, ...sayings: Saying[]): void {
    const at = Math.max(this.parts.clock.moment(), this.lastAt + 1, seen + 1);
    this.lastAt = at;
    const { slip } = this.parts.clock;
    const taps = sayings.map((saying): KeptTap => {
      const id = newId(at);

      return { id, teamId: this.teamId, dayId, tap: { ...saying, id, at }, slip };
    });
    this.waiting = [...this.waiting, ...taps];
    const keep = this.parts.store.keepTaps(taps);
    this.keeping = this.keeping.then(() => keep);
    this.tellOthers({ kept: taps });
    void this.keeping.then(() => this.send());
  }

  /**
   * What counted when it was sent may count no more once an earlier tap of another device has come in: that is told too.
   *
   * @param setAside reasons by tap
   */
  account(setAside: ReadonlyMap<string, string>): void {
    const displaced = [...setAside].filter(([id]) => this.taken.delete(id));
    if (displaced.length > 0) {
      const told = displaced.map(([id, message]): TapOutcome => ({ id, fate: 'set_aside', message }));
      this.complaints = [...this.complaints, ...told];
    }
  }

  dismissComplaints(): void {
    this.complaints = [];
  }

  /** Sends what was laid aside once more. */
  async tryAgain(): Promise<void> {
    await this.parts.store.keepTaps(
      this.parked.map(({ id, teamId, dayId, tap }) => ({ id, teamId, dayId, tap })),
    );
    this.faults.clear();
    await this.unsent();
    await this.send();
  }

  async throwAwayParked(): Promise<void> {
    await this.drop(this.parked.map((one) => one.id));
    this.parked = [];
  }

  async send(): Promise<void> {
    if (this.sending) {
      this.again = true;

      return;
    }
    this.sending = true;
    this.again = false;
    clearTimeout(this.retry);
    try {
      await this.parts.alone(() => this.sendAll());
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
      const all = await this.inTime(await this.unsent());
      const first = all[0];
      if (first === undefined) {
        return;
      }
      const ofDay = all.filter((one) => one.dayId === first.dayId);
      // What the server failed on before is sent alone, so that it is known which tap it was.
      await this.sendBatch(first.dayId, this.faults.has(first.id) ? [first] : ofDay.slice(0, BATCH));
    }
  }

  /** The device slept, or was set: when these were tapped is known once the server has said what time it is. */
  private async inTime(taps: KeptTap[]): Promise<KeptTap[]> {
    const first = taps[0];
    if (first === undefined || !this.parts.clock.inDoubt) {
      return taps;
    }
    try {
      await this.parts.askTime(first.dayId);
    } catch (error) {
      // Whoever may not ask is told so when the taps are sent.
      if (!(error instanceof Refusal)) {
        throw error;
      }
    }

    return this.unsent();
  }

  /** Taps of a device that was set forward, made since, happened as much earlier as it was set. */
  private setRight(since: number, slip: number): void {
    const right = (one: KeptTap): KeptTap => {
      const by = one.tap.at < since ? 0 : slip - (one.slip ?? slip);

      return by === 0 ? one : { ...one, slip, tap: { ...one.tap, at: Math.round(one.tap.at + by) } };
    };
    const all = [...this.waiting, ...this.parked];
    const mended = all.map(right).filter((one) => !all.includes(one));
    if (mended.length > 0) {
      this.waiting = this.waiting.map(right);
      this.lastAt = Math.max(0, ...this.waiting.map((one) => one.tap.at));
      const keep = this.parts.store.keepTaps(mended);
      this.keeping = this.keeping.then(() => keep);
      this.tellOthers({ kept: mended });
    }
  }

  /** In the order they were made; those that another window of this browser has sent meanwhile are let go. */
  private async unsent(): Promise<KeptTap[]> {
    await this.keeping;
    const here = this.waiting;
    const all = (await this.parts.store.taps()).filter((one) => one.teamId === this.teamId);
    const unsent = all.filter((one) => one.parked === undefined);
    const added = this.waiting.filter((one) => !here.includes(one));
    this.waiting = [...unsent, ...added.filter((one) => !unsent.some(({ id }) => id === one.id))];
    this.parked = all.filter((one) => one.parked !== undefined);
    this.lastAt = Math.max(this.lastAt, ...all.map((one) => one.tap.at));

    return unsent;
  }

  private async sendBatch(dayId: string, batch: KeptTap[]): Promise<void> {
    let answer: TapsAnswer;
    try {
      answer = await this.parts.post(
        this.teamId,
        dayId,
        batch.map((one) => one.tap),
        sinceOf(this.told(dayId)),
      );
    } catch (error) {
      await this.failed(batch, error);

      return;
    }
    await this.drop(batch.map((one) => one.id));
    await this.learn(dayId, answer.news);
    const sent = new Set(batch.map((one) => one.id));
    this.waiting = this.waiting.filter((one) => !sent.has(one.id));
    this.complaints = [...this.complaints, ...answer.outcomes.filter((one) => one.message !== '')];
    answer.outcomes.filter((one) => one.message === '').forEach((one) => this.taken.add(one.id));
    this.signInNeeded = false;
    void this.queryClient?.invalidateQueries({ queryKey: ['logbook'] });
  }

  private told(dayId: string): ToldLine | undefined {
    return this.queryClient?.getQueryData<ToldLine>(['line', dayId]);
  }

  private async learn(dayId: string, news: LineNews): Promise<void> {
    const queryKey = ['line', dayId];
    // A read that is on its way knows nothing of these taps: its answer must not overwrite this one.
    await this.queryClient?.cancelQueries({ queryKey });
    const line = withNews(this.told(dayId), news);
    if (line === undefined) {
      await this.queryClient?.refetchQueries({ queryKey });
    } else {
      this.queryClient?.setQueryData<ToldLine>(queryKey, line);
      await this.parts.keepLine(dayId, line);
    }
  }

  /** A batch that the server refuses whole, and a tap that it fails on again and again, are laid aside. */
  private async failed(batch: KeptTap[], error: unknown): Promise<void> {
    if (error instanceof Refusal && [403, 404, 413, 422].includes(error.status)) {
      await this.park(batch, error.message);

      return;
    }
    if (error instanceof ServerFault) {
      const first = batch[0];
      batch.forEach((one) => this.faults.set(one.id, (this.faults.get(one.id) ?? 0) + 1));
      if (batch.length === 1 && first !== undefined && (this.faults.get(first.id) ?? 0) >= MOST_FAULTS) {
        await this.park(batch, error.message);

        return;
      }
    }
    throw error;
  }

  private async park(batch: KeptTap[], why: string): Promise<void> {
    await this.parts.store.keepTaps(batch.map((one) => ({ ...one, parked: why })));
    await this.unsent();
  }

  private async drop(ids: string[]): Promise<void> {
    await this.parts.store.dropTaps(ids);
    ids.forEach((id) => this.faults.delete(id));
    this.tellOthers({ dropped: ids });
  }

  private putOff(error: unknown): void {
    if (error instanceof Refusal && [401, 409].includes(error.status)) {
      this.signInNeeded = true;

      return;
    }
    if (error instanceof Unreachable || error instanceof ServerFault || error instanceof Refusal) {
      this.retry = setTimeout(() => void this.send(), RETRY_MS);

      return;
    }
    throw error;
  }

  private tellOthers(news: News): void {
    // The windows get a plain copy: what is shown here may be a proxy, which no message can hold.
    this.parts.channel.postMessage(JSON.parse(JSON.stringify(news)));
  }

  /** What another window of this browser has tapped is shown here too, also while both are out of reach. */
  private hear(news: News): void {
    if ('kept' in news) {
      const taps = news.kept.filter((one) => one.teamId === this.teamId);
      const told = new Map(taps.map((one) => [one.id, one]));
      const known = new Set(this.waiting.map((one) => one.id));
      this.waiting = [
        ...this.waiting.map((one) => told.get(one.id) ?? one),
        ...taps.filter((one) => !known.has(one.id)),
      ];
      this.lastAt = Math.max(this.lastAt, ...taps.map((one) => one.tap.at));
    } else {
      const gone = new Set(news.dropped);
      this.waiting = this.waiting.filter((one) => !gone.has(one.id));
      void this.queryClient?.invalidateQueries({ queryKey: ['line'] });
    }
  }
}

export const outbox = new Outbox({
  store: kept,
  clock,
  askTime: (dayId) => api.ask(`days/${dayId}/line`),
  post: (teamId, dayId, taps, since) => api.postAs<TapsAnswer>(teamId, `days/${dayId}/taps`, { taps, since }),
  keepLine,
  alone: (work) => navigator.locks.request('inch-timer-outbox', work),
  channel: new BroadcastChannel('inch-timer-outbox'),
});
