import type { PinShown, ReadList, StepLine } from '../../../api/types.gen';
import { TypedList } from '../../../steplines/typed.svelte';

/** What the words of a step need of the bench. */
export interface WordsBench {
  placement: () => TypedListPlacement;
  called: () => string;
  /** Lines of the steps above this one. */
  above: () => string[];
  /** Ids of the steps above this one. */
  idsAbove: () => string[];
  become: (step: StepLine, pins: PinShown[]) => void;
}

type TypedListPlacement = ReturnType<ConstructorParameters<typeof TypedList>[0]>;

/** The one line that a step is typed in: it belongs to its step, whichever is on the bench by the time it is read. */
export class StepWords {
  readonly typed: TypedList;
  /** Somebody has typed what is not the step yet. */
  isTyped = $state(false);

  constructor(private readonly bench: WordsBench) {
    this.typed = new TypedList(bench.placement, bench.above, bench.called);
  }

  type(text: string): void {
    this.isTyped = true;
    this.typed.type(text);
  }

  /** Shows what the step's own line was read as. */
  look(line: string): void {
    if (!this.isTyped) {
      this.typed.type(line);
    }
  }

  /** The step's own line again. */
  drop(): void {
    this.isTyped = false;
  }

  /** What was typed becomes the step; where it cannot be read just now it stays. */
  async settle(): Promise<void> {
    if (!this.isTyped) {
      return;
    }
    if (this.typed.isEmpty) {
      this.isTyped = false;

      return;
    }
    // Another answer may have settled it meanwhile.
    if (!(await this.typed.read()) || !(this.isTyped as boolean)) {
      return;
    }
    const [step] = this.typed.steps;
    if (step !== undefined) {
      this.isTyped = false;
      this.bench.become(step, pinsOf(this.typed.reading, [...this.bench.idsAbove(), '']));
    }
  }
}

/**
 * Pins by the ids of steps, where the server names steps by their place.
 *
 * @param ids of the steps by place; empty for the one that the line is about
 */
export function pinsOf(reading: ReadList | null, ids: readonly string[]): PinShown[] {
  return (reading?.pins ?? []).map(({ kind, steps }) => ({
    kind,
    steps: steps.map((place) => ids[Number(place) - 1] ?? ''),
  }));
}
