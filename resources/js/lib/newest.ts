/** Runs one question at a time. While one is under way, only the newest of those that come waits for it. */
export class Newest {
  private isBusy = false;
  private waiting: (() => Promise<void>) | null = null;

  async run(ask: () => Promise<void>): Promise<void> {
    this.waiting = ask;
    if (this.isBusy) {
      return;
    }
    this.isBusy = true;
    for (let next = this.take(); next !== null; next = this.take()) {
      await next();
    }
    this.isBusy = false;
  }

  private take(): (() => Promise<void>) | null {
    const next = this.waiting;
    this.waiting = null;

    return next;
  }
}
