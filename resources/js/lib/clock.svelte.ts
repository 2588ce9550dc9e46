/** The server's clock as this browser knows it, ticking four times a second while anyone looks. */
class Clock {
  /** Server time now, in milliseconds since 1970. */
  now = $state(Date.now());
  private offset = 0;
  private bestRoundTrip = Infinity;

  constructor() {
    setInterval(() => this.tick(), 250);
  }

  /** Learns from an answer how far the two clocks are apart; the quickest answer is believed. */
  learn(serverNow: number, askedAt: number): void {
    const answeredAt = Date.now();
    const roundTrip = answeredAt - askedAt;
    if (roundTrip > this.bestRoundTrip + 50) {
      return;
    }
    this.bestRoundTrip = Math.min(this.bestRoundTrip, roundTrip);
    this.offset = serverNow - (askedAt + answeredAt) / 2;
    this.tick();
  }

  /** The exact moment, for a tap. */
  moment(): number {
    return Math.round(Date.now() + this.offset);
  }

  private tick(): void {
    this.now = this.moment();
  }
}

export const clock = new Clock();
