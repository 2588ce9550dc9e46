import type { PlanStep } from '../../api/types.gen';

/** What the made-up child's face is at: nothing of it is told to anybody. */
export type Scene = 'seat' | 'ask' | 'paint' | 'undo' | 'quicker' | 'go on' | 'painted' | 'over';

/** What may be pressed; the others are there to be seen. */
export type TourKey = 'big' | 'undo' | 'quicker';

/** A face painted through at a chair that is not there, each kind of tap once. */
export class Tour {
  scene = $state<Scene>('seat');
  /** Ids of steps, in their order. */
  done = $state.raw<readonly string[]>([]);
  skipped = $state.raw<readonly string[]>([]);
  readonly step: PlanStep | undefined = $derived.by(() =>
    this.scene === 'seat' || this.scene === 'ask'
      ? undefined
      : this.steps.find(({ id }) => !this.done.includes(id) && !this.skipped.includes(id)),
  );
  /** The key that goes on from here. */
  readonly wanted: TourKey = $derived.by(() =>
    this.scene === 'undo' ? 'undo' : this.scene === 'quicker' ? 'quicker' : 'big',
  );
  /** How much shorter it is without what is left out. */
  readonly savedMs: number = $derived.by(() =>
    this.steps
      .filter(({ id }) => this.skipped.includes(id))
      .reduce((sum, { plannedMs }) => sum + plannedMs, 0),
  );

  constructor(private readonly steps: readonly PlanStep[]) {}

  /** @returns whether the tour goes on: keys that are not wanted now do nothing */
  press(key: TourKey): boolean {
    if (key !== this.wanted || this.scene === 'over') {
      return false;
    }
    switch (this.scene) {
      case 'seat':
        this.scene = 'ask';
        break;
      case 'ask':
        this.scene = 'paint';
        break;
      case 'paint':
        this.paint();
        // With one step more it is seen what undo takes back.
        this.scene = this.done.length < 2 && this.step !== undefined ? 'paint' : 'undo';
        break;
      case 'undo':
        this.done = this.done.slice(0, -1);
        this.scene = this.extra === undefined ? 'go on' : 'quicker';
        break;
      case 'quicker':
        this.skipped = this.extra === undefined ? [] : [this.extra.id];
        this.scene = 'go on';
        break;
      case 'go on':
        this.paint();
        this.scene = this.step === undefined ? 'painted' : 'go on';
        break;
      case 'painted':
        this.scene = 'over';
        break;
    }

    return true;
  }

  /** What is seen least of what is still to be painted: the last extra, else the last step but the one under the hand. */
  private get extra(): PlanStep | undefined {
    const left = this.steps.filter(({ id }) => !this.done.includes(id) && id !== this.step?.id);

    return left.findLast(({ optional }) => optional) ?? left.at(-1);
  }

  private paint(): void {
    const { step } = this;
    this.done = step === undefined ? this.done : [...this.done, step.id];
  }
}
