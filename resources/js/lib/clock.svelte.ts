/** How far the server's clock is from this device's, kept for when the page is opened out of reach. */
const KEY = 'inch-timer.clock-offset';
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
  private offset: number;
  private bestRoundTrip = Infinity;
  private last: number;
  private readonly ticking: ReturnType<typeof setInterval>;

  constructor(
    private readonly memory: Memory,
    private readonly device: () => number = Date.now,
  ) {
    const kept = Number(memory.getItem(KEY) ?? 0);
    this.offset = Number.isFinite(kept) ? kept : 0;
    this.last = device();
    this.now = this.moment();
    this.ticking = setInterval(() => this.tick(), TICK_MS);
  }

  dispose(): void {
    clearInterval(this.ticking);
  }

  /** Learns from an answer how far the two clocks are apart; the quickest answer is believed. */
  learn(serverNow: number, askedAt: number): void {
    const answeredAt = this.device();
    const roundTrip = answeredAt - askedAt;
    const offset = serverNow - (askedAt + answeredAt) / 2;
    const wasSet = Math.abs(offset - this.offset) > roundTrip + SET_MS;
    if (roundTrip < 0 || (roundTrip > this.bestRoundTrip + SLOWER_MS && !wasSet)) {
      return;
    }
    this.bestRoundTrip = Math.min(wasSet ? Infinity : this.bestRoundTrip, roundTrip);
    this.believe(offset);
  }

  /** The exact moment, for a tap. */
  moment(): number {
    return Math.round(this.device() + this.offset);
  }

  private tick(): void {
    const device = this.device();
    // Time does not run back: the device was set. Forward is no proof, for a device sleeps.
    if (device < this.last - SET_MS) {
      this.believe(this.offset + this.last - device);
    }
    this.last = device;
    this.now = this.moment();
  }

  private believe(offset: number): void {
    this.offset = offset;
    this.memory.setItem(KEY, String(offset));
    this.now = this.moment();
  }
}

export const clock = new Clock(localStorage);
