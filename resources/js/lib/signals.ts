/** What a signal says, in short notes: pitch in hertz, length in seconds. */
const NOTES = {
  /** The step has taken its time. */
  over: [[440, 0.12]],
  /** The wait is over. */
  dry: [
    [523, 0.1],
    [659, 0.14],
  ],
  /** Eyes or lips may open. */
  open: [
    [784, 0.08],
    [784, 0.08],
    [988, 0.16],
  ],
} as const satisfies Record<string, readonly (readonly [number, number])[]>;

export type Signal = keyof typeof NOTES;

const GAP = 0.05;
const LOUD = 0.25;

/** What a signal is given with. */
export interface SignalParts {
  audio(): Pick<AudioContext, 'createOscillator' | 'createGain' | 'currentTime' | 'destination'>;
  vibrate(pattern: number[]): boolean;
}

/** Sounds of the app's own, made when they are wanted: nothing is loaded for them. */
export class Signals {
  private context: ReturnType<SignalParts['audio']> | undefined;

  constructor(private readonly parts: SignalParts) {}

  give(signal: Signal, how: { sounds: boolean; shakes: boolean }): void {
    const notes = NOTES[signal];
    if (how.shakes) {
      this.parts.vibrate(notes.flatMap(([, seconds]) => [1000 * seconds, 1000 * GAP]));
    }
    if (!how.sounds) {
      return;
    }
    this.context ??= this.parts.audio();
    let at = this.context.currentTime;
    for (const [pitch, seconds] of notes) {
      const gain = this.context.createGain();
      const tone = this.context.createOscillator();
      tone.frequency.value = pitch;
      gain.gain.setValueAtTime(LOUD, at);
      gain.gain.exponentialRampToValueAtTime(0.001, at + seconds);
      tone.connect(gain).connect(this.context.destination);
      tone.start(at);
      tone.stop(at + seconds);
      at += seconds + GAP;
    }
  }
}

/** Which signal the clock calls for between two moments of one face. */
export function signalBetween(before: Moment | undefined, now: Moment): Signal | undefined {
  if (before === undefined || before.face !== now.face) {
    return undefined;
  }
  if (before.shut && !now.shut) {
    return 'open';
  }

  return before.step === now.step && !before.isOver && now.isOver ? (now.waits ? 'dry' : 'over') : undefined;
}

/** What a signal hangs on. */
export interface Moment {
  readonly face: string;
  readonly step: string;
  readonly isOver: boolean;
  /** The step is a wait. */
  readonly waits: boolean;
  /** Eyes or lips are shut. */
  readonly shut: boolean;
}
