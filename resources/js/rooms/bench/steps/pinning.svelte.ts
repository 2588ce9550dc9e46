/** A step's pin carried over the list, to be stuck into the step that it must come before. */
export class Pinning {
  from = $state<string | null>(null);
  over = $state<string | null>(null);

  constructor(
    private readonly pin: (before: string, after: string) => void,
    private readonly stepAt: (x: number, y: number) => string | null = stepUnder,
  ) {}

  take(step: string): void {
    this.from = step;
    this.over = null;
  }

  move(x: number, y: number): void {
    if (this.from !== null) {
      const step = this.stepAt(x, y);
      this.over = step === this.from ? null : step;
    }
  }

  drop(): void {
    const { from, over } = this;
    this.letGo();
    if (from !== null && over !== null) {
      this.pin(from, over);
    }
  }

  letGo(): void {
    this.from = null;
    this.over = null;
  }
}

const stepUnder = (x: number, y: number): string | null =>
  document.elementFromPoint(x, y)?.closest<HTMLElement>('[data-step]')?.dataset['step'] ?? null;
