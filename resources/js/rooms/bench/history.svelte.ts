/** What was, and what was taken back: undone and done again without end. */
export class History<T> {
  private past = $state.raw<readonly T[]>([]);
  private future = $state.raw<readonly T[]>([]);
  readonly canUndo = $derived.by(() => this.past.length > 0);
  readonly canRedo = $derived.by(() => this.future.length > 0);

  /** Something else takes the place of what is there now. */
  keep(now: T): void {
    this.past = [...this.past, now];
    this.future = [];
  }

  /** What was before, where anything was. */
  undone(now: T): T | undefined {
    const last = this.past.at(-1);
    if (last !== undefined) {
      this.past = this.past.slice(0, -1);
      this.future = [...this.future, now];
    }

    return last;
  }

  /** What was taken back last, where anything was. */
  redone(now: T): T | undefined {
    const next = this.future.at(-1);
    if (next !== undefined) {
      this.future = this.future.slice(0, -1);
      this.past = [...this.past, now];
    }

    return next;
  }
}
