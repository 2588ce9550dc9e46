/** A touch test under way: the dab, then a tap when it turns tacky and one when it is dry. */
export class TouchTest {
  dabbedAt = $state<number | null>(null);
  tackyMs = $state<number | null>(null);
  dryMs = $state<number | null>(null);

  constructor(private readonly now: () => number = () => Date.now()) {}

  readonly asks = $derived.by((): 'dab' | 'tacky' | 'dry' | 'done' => {
    if (this.dabbedAt === null) return 'dab';
    if (this.tackyMs === null) return 'tacky';

    return this.dryMs === null ? 'dry' : 'done';
  });

  tap(): void {
    if (this.dabbedAt === null) {
      this.dabbedAt = this.now();
    } else if (this.tackyMs === null) {
      this.tackyMs = this.now() - this.dabbedAt;
    } else {
      this.dryMs ??= this.now() - this.dabbedAt;
    }
  }

  /** Takes the last tap back. */
  back(): void {
    if (this.dryMs !== null) {
      this.dryMs = null;
    } else if (this.tackyMs !== null) {
      this.tackyMs = null;
    } else {
      this.dabbedAt = null;
    }
  }
}
