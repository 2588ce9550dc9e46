import { MOST_CHAIRS, occasions } from '../../api/tables.gen';

export type Occasion = (typeof occasions)[number];

/** As the day is called until somebody calls it otherwise. */
const NAMES: Record<Occasion, string> = { party: 'A party', festival: 'A festival', practice: 'Practice' };

/** What whoever begins has tapped so far. */
export class FirstRun {
  occasion = $state<Occasion | null>(null);
  hands = $state<number | null>(null);
  designs = $state.raw<readonly string[]>([]);
  readonly isReady: boolean = $derived.by(
    () => this.occasion !== null && this.hands !== null && this.designs.length > 0,
  );
  /** What is still to be tapped, in words; empty when nothing is. */
  readonly lacks: string = $derived.by(() =>
    [
      ...(this.occasion === null ? ['where you paint'] : []),
      ...(this.hands === null ? ['how many paint'] : []),
      ...(this.designs.length === 0 ? ['a design'] : []),
    ].join(', '),
  );
  static readonly mostHands = MOST_CHAIRS;

  toggle(design: string): void {
    this.designs = this.designs.includes(design)
      ? this.designs.filter((one) => one !== design)
      : [...this.designs, design];
  }

  asked(timezone: string) {
    return {
      occasion: this.occasion,
      name: this.occasion === null ? '' : NAMES[this.occasion],
      hands: this.hands,
      designs: this.designs,
      timezone,
    };
  }
}
