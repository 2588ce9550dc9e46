import { api } from '../../../api/client';
import { Wait } from '../../../lib/wait.svelte';
import type { DropShown, LadderSheet, RungSheet, RungShown } from '../../../api/types.gen';

/** How a version is found: what is left out of it, and what is painted another way. */
export type Version = Pick<RungShown, 'leftOut' | 'otherWays'>;

const QUIET_MS = 700;

/** The ladder of the design on the bench, worked out anew when the design has come to rest. */
export class Ladder {
  sheet = $state.raw<LadderSheet | null>(null);
  /** The version that is looked at. */
  rung = $state.raw<RungSheet | null>(null);
  /** The whole design, to look at beside it. */
  whole = $state.raw<RungSheet | null>(null);
  message = $state('');
  isLoading = $state(false);
  private timer: ReturnType<typeof setTimeout> | undefined;
  private wait = new Wait();
  private asked = 0;
  private design = '';
  /** A few of the rungs, named ones among them, for where there is little room. */
  readonly few: RungShown[] = $derived.by(() => fewOf(this.sheet?.rungs ?? []));

  /** Waits until nothing was changed for a moment: a save is followed by the next more often than not. */
  loadSoon(design: string): void {
    this.design = design;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.load(), QUIET_MS);
  }

  stop(): void {
    clearTimeout(this.timer);
    this.wait.end();
  }

  async load(): Promise<void> {
    const asked = ++this.asked;
    this.isLoading = true;
    // The design has changed: nobody wants to know any more what it was.
    this.wait.end();
    this.wait = new Wait();
    const { wait } = this;
    try {
      const sheet = await wait.for(api.get<LadderSheet>(`designs/${this.design}/ladder`, wait));
      if (sheet !== undefined) {
        this.sheet = sheet;
        this.message = sheet.trouble ?? '';
      }
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
    } finally {
      this.isLoading = asked !== this.asked;
    }
  }

  async open(version: Version): Promise<void> {
    try {
      const [rung, whole] = await Promise.all([
        this.read(version),
        this.whole ?? this.read({ leftOut: [], otherWays: [] }),
      ]);
      this.rung = rung;
      this.whole = whole;
      this.message = '';
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
    }
  }

  close(): void {
    this.rung = null;
    this.whole = null;
  }

  /** The rung with the most look that is done in the time; undefined when even the quickest is not. */
  fitting(milliseconds: number): RungShown | undefined {
    return this.sheet?.rungs.findLast((rung) => rung.timeMs <= milliseconds);
  }

  private read({ leftOut, otherWays }: Version): Promise<RungSheet> {
    const query = new URLSearchParams([
      ...leftOut.map((id) => ['leftOut[]', id]),
      ...otherWays.map((taken) => ['otherWays[]', `${taken.stepId}:${taken.way}`]),
    ]);

    return api.get<RungSheet>(`designs/${this.design}/ladder/rung?${query}`);
  }
}

export function isSameVersion(one: Version, other: Version): boolean {
  const key = ({ leftOut, otherWays }: Version) =>
    [...leftOut].sort().join(' ') +
    otherWays
      .map((taken) => `${taken.stepId}:${taken.way}`)
      .sort()
      .join(' ');

  return key(one) === key(other);
}

const FEW = 6;

export function fewOf(rungs: readonly RungShown[]): RungShown[] {
  const named = rungs.filter((rung) => rung.names.length > 0);
  const others = rungs.filter((rung) => rung.names.length === 0);
  const room = Math.max(0, FEW - named.length);
  const every = Math.max(1, Math.ceil(others.length / Math.max(1, room)));
  const kept = new Set([...named, ...others.filter((_, at) => at % every === 0).slice(0, room)]);

  return rungs.filter((rung) => kept.has(rung));
}

/** What a drop costs, in words: "0.4 % of the look, 0.1 % for each second saved". */
export function costOf(drop: DropShown): string {
  return `${drop.lostPercent} % of the look, ${drop.percentPerSecond} % for each second saved`;
}
