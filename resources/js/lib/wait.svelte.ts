import type { Waiting } from '../api/client';

/** A wait for what takes the server a while: how far it is, and the way out of it. */
export class Wait implements Waiting {
  /** In words; empty as long as nothing is known of it. */
  words = $state('');
  /** Of the longest that it may take, 0 to 1. */
  share = $state(0);
  isEnded = $state(false);
  private readonly stopper = new AbortController();
  readonly signal = this.stopper.signal;

  readonly told: NonNullable<Waiting['told']> = ({ ahead, runsMs, mostMs }) => {
    this.words =
      ahead > 0
        ? `${ahead} ${ahead === 1 ? 'search comes' : 'searches come'} first`
        : `${Math.round(runsMs / 1000)} s of ${Math.round(mostMs / 1000)} s at most`;
    this.share = ahead > 0 ? 0 : Math.min(1, runsMs / mostMs);
  };

  /** What comes of it; nothing where it was ended. */
  async for<T>(work: Promise<T>): Promise<T | undefined> {
    try {
      return await work;
    } catch (error) {
      if (this.isEnded) {
        return undefined;
      }
      throw error;
    }
  }

  end(): void {
    this.isEnded = true;
    this.stopper.abort();
  }
}
