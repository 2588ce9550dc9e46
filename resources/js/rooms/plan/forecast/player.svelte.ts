import { api } from '../../../api/client';
import type { PlayedDay, TermsShown } from '../../../api/types.gen';

export type Like = 'good' | 'usual' | 'bad';

/** One day that may come, played in a minute: its hand can be stopped and moved. */
export class Player {
  day: PlayedDay | null = $state.raw(null);
  like: Like = $state('usual');
  /** Milliseconds since the opening. */
  at = $state(0);
  isRunning = $state(false);
  message = $state('');
  private seed = 0;
  private frame = 0;

  /** A whole day goes by in so many milliseconds. */
  static readonly MINUTE = 60_000;

  constructor(private readonly what: () => { day: string; terms: TermsShown }) {}

  get length(): number {
    const day = this.day;

    return day === null ? 0 : Math.max(day.closesAt - day.opensAt, ...day.faces.map((face) => face.free));
  }

  async load(like: Like): Promise<void> {
    this.pause();
    this.like = like;
    const { day, terms } = this.what();
    try {
      this.day = await api.post<PlayedDay>(`days/${day}/played`, { ...terms, like, next: this.seed });
      this.message = '';
      this.at = 0;
      this.run();
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
    }
  }

  another(): Promise<void> {
    this.seed++;

    return this.load(this.like);
  }

  run(): void {
    if (matchMedia('(prefers-reduced-motion: reduce)').matches) {
      this.at = this.length;

      return;
    }
    this.isRunning = true;
    this.at = this.at >= this.length ? 0 : this.at;
    let last = performance.now();
    const tick = (now: number) => {
      this.move(this.at + ((now - last) / Player.MINUTE) * this.length);
      last = now;
      if (this.at >= this.length) {
        this.pause();
      } else if (this.isRunning) {
        this.frame = requestAnimationFrame(tick);
      }
    };
    this.frame = requestAnimationFrame(tick);
  }

  pause(): void {
    this.isRunning = false;
    cancelAnimationFrame(this.frame);
  }

  move(at: number): void {
    this.at = Math.max(0, Math.min(this.length, at));
  }
}

/** Who stands in the line at a moment, first in line first. */
export function inLine(day: PlayedDay, at: number): number[] {
  return day.faces
    .filter((face) => face.arrived <= at && face.seated > at)
    .sort((one, other) => one.arrived - other.arrived || one.child - other.child)
    .map((face) => face.child);
}
