import { api } from '../../../api/client';
import type { ProposedOrder } from '../../../api/types.gen';

/** A search for the best order: each better one is kept as it comes, and stopping keeps the last. */
export class OrderSearch {
  best: ProposedOrder | null = $state.raw(null);
  isRunning = $state(false);
  message = $state('');
  private readonly stopper = new AbortController();

  constructor(private readonly design: string) {}

  async run(seconds: number): Promise<void> {
    this.isRunning = true;
    try {
      await api.lines(
        `designs/${this.design}/best-order?seconds=${seconds}`,
        (line) => (this.best = JSON.parse(line) as ProposedOrder),
        this.stopper.signal,
      );
    } catch (error) {
      if (!this.stopper.signal.aborted) {
        this.message = error instanceof Error ? error.message : String(error);
      }
    } finally {
      this.isRunning = false;
    }
  }

  stop(): void {
    this.stopper.abort();
    this.isRunning = false;
  }
}
