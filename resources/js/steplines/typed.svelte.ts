import { api } from '../api/client';
import type { PartKind, Placement, ReadLine, ReadList, StepLine } from '../api/types.gen';

const PAUSE_MS = 120;

/** A list as it is typed, and what the server makes of it; an answer that newer letters have overtaken is dropped. */
export class TypedList {
  text = $state('');
  reading = $state.raw<ReadList | null>(null);
  trouble = $state('');
  private timer: ReturnType<typeof setTimeout> | undefined;

  /**
   * @param placement where the design is painted; null where the list tells it
   * @param above lines of the steps that stand above the list already
   * @param called the name of the design, which tells what it is a picture of
   */
  constructor(
    private readonly placement: () => Placement | null,
    private readonly above: () => string[] = () => [],
    private readonly called: () => string = () => '',
  ) {}

  // A list outlives the screen that it is typed on, so these are no $derived: those go with their screen.
  get lines(): ReadLine[] {
    return this.reading?.lines ?? [];
  }

  get steps(): StepLine[] {
    return this.lines.flatMap((line) => line.steps.map(({ step }) => step));
  }

  get questions(): number {
    return this.lines.filter((line) => line.question !== null).length;
  }

  get isEmpty(): boolean {
    return this.text.trim() === '';
  }

  /** Reads what was typed once the typing pauses. */
  type(text: string): void {
    this.text = text;
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.read(), PAUSE_MS);
  }

  /** Takes a choice: the line says it from now on. */
  async choose(line: ReadLine, says: string): Promise<void> {
    const lines = this.text.split(/\r\n|\r|\n/);
    lines[line.number - 1] = says;
    this.text = lines.join('\n');
    await this.read();
  }

  /** Reads what is there now. True when the answer is about the text as it stands. */
  async read(): Promise<boolean> {
    clearTimeout(this.timer);
    const { text } = this;
    if (this.isEmpty) {
      this.reading = null;
      this.trouble = '';

      return true;
    }
    try {
      const reading = await api.post<ReadList>('step-lists', {
        list: text,
        placement: this.placement(),
        above: this.above(),
        called: this.called(),
      });
      if (text !== this.text) {
        return false;
      }
      this.reading = reading;
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
