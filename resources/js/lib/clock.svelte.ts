/** How far the server's clock is from this device's, kept for when the page is opened out of reach. */
const KEY = 'inch-timer.clock-offset';
/** Since when it is not known whether the device slept or was set forward. */
const DOUBT_KEY = 'inch-timer.clock-doubt';
/** Answers that took so much longer than the quickest say less of the time. */
const SLOWER_MS = 50;
/** So far off, one of the clocks was set: what was believed is of no use any more. */
const SET_MS = 1_000;
const TICK_MS = 250;

type Memory = Pick<Storage, 'getItem' | 'setItem'>;

/** The server's clock as this browser knows it, ticking four times a second while anyone looks. */
export class Clock {
  /** Server time now, in milliseconds since 1970. */
  now = $state(0);
  /** By how much moments that were in doubt have turned out wrong so far, all together. */
  slip = 0;
  private offset: number;
  private bestRoundTrip = Infinity;
  private last: number;
  private lastSteady: number;
  /** The moment, by the clock as it was, from which on it may be wrong; null where nothing speaks against it. */
  private doubt: number | null;
  /** When that came up, by the device: what was asked before proves nothing. */
  private doubtedAt = 0;
  private readonly hearing = new Set<(since: number, slip: number) => unknown>();
  private readonly ticking: ReturnType<typeof setInterval>;

  constructor(
    private readonly memory: Memory,
    private readonly device: () => number = Date.now,
    /** Runs evenly, whoever sets the device; it may stand while that sleeps. */
    private readonly steady: () => number = () => performance.now(),
  ) {
    const kept = Number(memory.getItem(KEY) ?? 0);
    this.offset = Number.isFinite(kept) ? kept : 0;
    const doubt = memory.getItem(DOUBT_KEY);
    this.doubt = doubt === null || doubt === '' ? null : Number(doubt);
    this.last = device();
    this.lastSteady = steady();
    this.now = this.moment();
    this.ticking = setInterval(() => this.tick(), TICK_MS);
  }

  dispose(): void {
    clearInterval(this.ticking);
  }

  get inDoubt(): boolean {
    return this.doubt !== null;
  }

  /** Tells the slip of all that was since a moment in doubt, once it is known. */
  onSettled(hear: (since: number, slip: number) => unknown): () => void {
    this.hearing.add(hear);

    return () => this.hearing.delete(hear);
  }

  /** Learns from an answer how far the two clocks are apart; the quickest answer is believed. */
  learn(serverNow: number, askedAt: number): void {
    this.look();
    const answeredAt = this.device();
    const roundTrip = answeredAt - askedAt;
    const offset = serverNow - (askedAt + answeredAt) / 2;
    const wasSet = Math.abs(offset - this.offset) > roundTrip + SET_MS;
    if (roundTrip < 0) {
      return;
    }
    const wrongBy = wasSet ? offset - this.offset : 0;
    if (wasSet || roundTrip <= this.bestRoundTrip + SLOWER_MS) {
      this.bestRoundTrip = Math.min(wasSet ? Infinity : this.bestRoundTrip, roundTrip);
      this.believe(offset);
    }
    if (askedAt >= this.doubtedAt) {
      this.settle(wrongBy);
    }
  }

  /** The exact moment, for a tap. */
  moment(): number {
    this.look();

    return Math.round(this.device() + this.offset);
  }

  private tick(): void {
    this.now = this.moment();
  }

  /** Whether the device was set since this was last looked at. */
  private look(): void {
    const [device, steady] = [this.device(), this.steady()];
    const jumped = device - this.last - (steady - this.lastSteady);
    // Time does not run back: the device was set. Forward is no proof, for a device sleeps; the server is asked then.
    if (jumped < -SET_MS) {
      this.believe(this.offset - jumped);
      this.doubtedAt += jumped;
    } else if (jumped > SET_MS && this.doubt === null) {
      this.doubtedAt = device;
      this.keepDoubt(this.last + this.offset);
    }
    this.last = device;
    this.lastSteady = steady;
  }

  private settle(wrongBy: number): void {
    const { doubt } = this;
    if (doubt !== null) {
      this.slip += wrongBy;
      this.keepDoubt(null);
      this.hearing.forEach((hear) => hear(doubt, this.slip));
    }
  }

  private keepDoubt(since: number | null): void {
    this.doubt = since;
    this.memory.setItem(DOUBT_KEY, since === null ? '' : String(since));
  }

  private believe(offset: number): void {
    this.offset = offset;
    this.memory.setItem(KEY, String(offset));
    this.now = Math.round(this.device() + offset);
  }
}

export const clock = new Clock(localStorage);
