import { api } from '../api/client';
import type { PartKind, ReadLine, StepLine } from '../api/types.gen';

const PAUSE_MS = 120;

/** Lines as they are typed, and what the server makes of them; an answer that newer letters have overtaken is dropped. */
export class TypedLines {
  text = $state('');
  readings = $state.raw<ReadLine[]>([]);
  trouble = $state('');
  readonly clear: StepLine[] = $derived.by(() => this.readings.flatMap((reading) => reading.step ?? []));
  readonly asked: ReadLine[] = $derived.by(() => this.readings.filter((reading) => reading.step === null));
  /** There is something, and nothing is left to ask. */
  readonly isClear: boolean = $derived.by(() => this.asked.length === 0 && this.clear.length > 0);
  private timer: ReturnType<typeof setTimeout> | undefined;

  get lines(): string[] {
    return this.text.split('\n').filter((line) => line.trim() !== '');
  }

  /** Reads what was typed once the typing pauses. */
  type(text: string): void {
    this.text = text;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.read(), PAUSE_MS);
  }

  /** Reads what is there now. True when the answer is about the text as it stands. */
  async read(): Promise<boolean> {
    clearTimeout(this.timer);
    const { text, lines } = this;
    if (lines.length === 0) {
      this.readings = [];
      this.trouble = '';

      return true;
    }
    try {
      const readings = await api.post<ReadLine[]>('step-lines', { lines });
      if (text !== this.text) {
        return false;
      }
      this.readings = readings;
      this.trouble = '';

      return true;
    } catch (error) {
      this.trouble = error instanceof Error ? error.message : String(error);

      return false;
    }
  }
}

/** A stretch of a line: understood as something, or not part of anything. */
export interface Stretch {
  text: string;
  kind: PartKind | null;
}

/** Cuts a line into what was understood and what stands between. */
export function stretches({ text, parts }: Pick<ReadLine, 'text' | 'parts'>): Stretch[] {
  const letters = Array.from(text);
  const cut = (from: number, to: number) => letters.slice(from, to).join('');
  let at = 0;
  const out = parts.flatMap(({ kind, start, length }): Stretch[] => {
    const before = cut(at, start);
    at = start + length;

    return [...(before === '' ? [] : [{ text: before, kind: null }]), { text: cut(start, at), kind }];
  });

  return at < letters.length ? [...out, { text: cut(at, letters.length), kind: null }] : out;
}
