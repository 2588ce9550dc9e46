import { api } from '../../api/client';
import type { Drill, Side, StrokeShown, TrainedSide, TrainingSheet } from '../../api/types.gen';
import { newId } from '../../lib/ids';
import { isOver } from '../../lib/minutes';

/** What is on the board. */
export interface Target {
  drill: Drill | null;
  design: string | null;
  step: string | null;
  /** Left and right apart, one after the other. */
  apart: boolean;
}

interface Repetition {
  id: string;
  side: Side | null;
  spentMs: number;
}

/** The practice board: one key ends a repetition and begins the next. */
export class Training {
  sheet = $state.raw<TrainingSheet | null>(null);
  target = $state.raw<Target>({ drill: 'teardrop', design: null, step: null, apart: true });
  aim = $state('');
  message = $state('');
  /** When the repetition under way began. */
  startedAt = $state<number | null>(null);
  /** Kept in this sitting, the newest last. */
  kept = $state.raw<Repetition[]>([]);
  private unsent: Repetition[] = [];
  private isSending = false;
  private turn = $state(0);
  private asked = 0;
  readonly sides: TrainedSide[] = $derived.by(() => this.sheet?.sides ?? []);
  /** The side whose turn it is; null where sides are not told apart. */
  readonly side: Side | null = $derived.by(
    () => this.sides[this.turn % Math.max(1, this.sides.length)]?.side ?? null,
  );
  readonly isRunning: boolean = $derived.by(() => this.startedAt !== null);

  constructor(private readonly now: () => number = () => Date.now()) {}

  async choose(target: Target): Promise<void> {
    this.target = target;
    this.stop();
    this.kept = [];
    this.turn = 0;
    this.aim = '';
    await this.load();
  }

  async setAim(aim: string): Promise<void> {
    this.aim = aim;
    await this.load();
  }

  /** The one key: begins, or ends a repetition and begins the next. */
  press(): void {
    const began = this.startedAt;
    this.startedAt = this.now();
    if (began !== null) {
      const repetition = {
        id: newId(),
        side: this.side,
        spentMs: Math.max(1, Math.round(this.now() - began)),
      };
      this.kept = [...this.kept, repetition];
      this.turn += 1;
      void this.send(repetition);
    }
  }

  /** Ends the sitting; the repetition under way does not count. */
  stop(): void {
    this.startedAt = null;
  }

  /** Takes the newest repetition back. */
  async undo(): Promise<void> {
    const last = this.kept.at(-1);
    if (last === undefined) {
      return;
    }
    this.kept = this.kept.slice(0, -1);
    this.turn += Math.max(1, this.sides.length) - 1;
    this.startedAt = null;
    if (this.unsent.includes(last)) {
      this.unsent = this.unsent.filter((one) => one !== last);

      return;
    }
    await this.ask(async () => {
      await api.delete(`practice/runs/${last.id}`);
      await this.load();
    });
  }

  async load(): Promise<void> {
    const asked = ++this.asked;
    await this.ask(async () => {
      const sheet = await api.get<TrainingSheet>(`practice/board?${this.query()}`);
      if (asked === this.asked) {
        this.sheet = sheet;
      }
    });
  }

  /** One after the other; what could not be sent is sent with the next one. */
  private async send(repetition: Repetition): Promise<void> {
    this.unsent = [...this.unsent, repetition];
    if (this.isSending) {
      return;
    }
    this.isSending = true;
    const asked = ++this.asked;
    await this.ask(async () => {
      for (let one = this.unsent[0]; one !== undefined; one = this.unsent[0]) {
        const sheet = await api.post<TrainingSheet>('practice/runs', {
          ...Object.fromEntries(this.query(one.side)),
          id: one.id,
          spentMs: one.spentMs,
        });
        const { id } = one;
        this.unsent = this.unsent.filter((other) => other.id !== id);
        if (asked === this.asked) {
          this.sheet = sheet;
        }
      }
    });
    this.isSending = false;
  }

  private async ask(work: () => Promise<void>): Promise<void> {
    try {
      await work();
      this.message = '';
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
    }
  }

  private query(side?: Side | null): URLSearchParams {
    const { drill, design, step, apart } = this.target;
    const told = side ?? (apart && design !== null ? 'left' : null);

    return new URLSearchParams(
      Object.entries({ drill, design, step, side: told, aim: this.aim === '' ? null : this.aim }).filter(
        (pair): pair is [string, string] => pair[1] !== null,
      ),
    );
  }
}

/** Within so many hundredths of the usual a stroke goes as it should. */
const NEARLY = 10;

/** How a stroke of a design goes, against what such work usually takes. */
export function strokeWords({ percent }: Pick<StrokeShown, 'percent'>): string {
  if (percent === null) {
    return 'not timed yet';
  }

  return Math.abs(percent - 100) <= NEARLY
    ? 'as long as usual'
    : percent > 100
      ? `${(percent / 100).toFixed(1)} times as long as usual`
      : `${100 - percent} % quicker than usual`;
}

/** "3:40 after eight more", and when it is good enough. */
export function forecastWords(side: TrainedSide, minutes: (ms: number) => string, targetMs: number): string {
  const ahead = `${minutes(side.aheadMs)} after eight more`;

  // The middle is within it, but too many of ten are not.
  if (side.readyAfter === null && !isOver(side.aheadMs, targetMs)) {
    return `${ahead}; within the target, though not yet 8 times of 10`;
  }

  return side.readyAfter === null
    ? `${ahead}; not yet in sight of the target`
    : side.readyAfter === 0
      ? `${ahead}; 8 of 10 are within the target already`
      : `${ahead}; 8 of 10 within the target after ${side.readyAfter} more`;
}
