/** A drill under way: start and stop with one key, again and again. */
export class Drill {
  repetitions = $state.raw<number[]>([]);
  startedAt = $state<number | null>(null);

  constructor(private readonly now: () => number = () => performance.now()) {}

  readonly middle: number | null = $derived.by(() => {
    const sorted = this.repetitions.toSorted((a, b) => a - b);
    const half = Math.floor(sorted.length / 2);
    const [low, high] = [sorted[half - 1], sorted[half]];
    if (high === undefined) {
      return null;
    }

    return sorted.length % 2 === 1 ? high : ((low ?? high) + high) / 2;
  });

  press(): void {
    if (this.startedAt === null) {
      this.startedAt = this.now();

      return;
    }
    this.repetitions = [...this.repetitions, Math.round(this.now() - this.startedAt)];
    this.startedAt = null;
  }

  /** Forgets one that went wrong. */
  drop(at: number): void {
    this.repetitions = this.repetitions.filter((_, index) => index !== at);
  }
}
