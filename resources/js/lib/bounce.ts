/** Two taps within so little time are one finger, or one pedal, that bounced. */
export const BOUNCE_MS = 120;

/** Lets the first of two taps through that come too close to be two. */
export class Bounce {
  private last = -Infinity;

  constructor(private readonly now: () => number = () => performance.now()) {}

  take(work: () => void): void {
    const now = this.now();
    const isEcho = now - this.last < BOUNCE_MS;
    this.last = now;
    if (!isEcho) {
      work();
    }
  }
}
