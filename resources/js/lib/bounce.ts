/** Two taps within so little time are one finger, or one pedal, that bounced. */
export const BOUNCE_MS = 120;

/** Lets the first of two taps through that come too close to be two. */
export class Bounce {
  private last = -Infinity;

  /** @param at when the finger came down, not when the page had time for it: on a slow phone those are far apart */
  take(work: () => void, at: number): void {
    const isEcho = at - this.last < BOUNCE_MS;
    this.last = at;
    if (!isEcho) {
      work();
    }
  }
}
