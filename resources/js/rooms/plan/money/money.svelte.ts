import { api } from '../../../api/client';
import type { MoneySheet, MoneyTermsShown, QuotePart } from '../../../api/types.gen';
import { clockTime } from '../../../lib/minutes';
import { Newest } from '../../../lib/newest';

/** A change that was kept and can be taken back. */
interface Kept {
  text: string;
  before: MoneyTermsShown;
}

/** What an event costs and brings, while it is looked at and changed. */
export class EventMoney {
  sheet: MoneySheet = $state.raw() as MoneySheet;
  terms: MoneyTermsShown = $state.raw() as MoneyTermsShown;
  message = $state('');
  undoable: Kept | null = $state.raw(null);
  private saved: MoneyTermsShown;
  private readonly newest = new Newest();

  constructor(
    sheet: MoneySheet,
    private readonly keep: (sheet: MoneySheet) => void,
  ) {
    this.sheet = sheet;
    this.terms = this.saved = sheet.terms;
  }

  /** Tries a change; nothing is kept yet. */
  try(change: Partial<MoneyTermsShown>): void {
    this.terms = { ...this.terms, ...change };
    void this.newest.run(() => this.ask());
  }

  /** Keeps what was tried last. */
  async let(text: string, change: Partial<MoneyTermsShown> = {}): Promise<void> {
    const before = this.saved;
    this.terms = { ...this.terms, ...change };
    if (JSON.stringify(this.terms) !== JSON.stringify(before)) {
      await this.write(this.terms, { text, before });
    }
  }

  async undo(): Promise<void> {
    const kept = this.undoable;
    if (kept !== null) {
      await this.write(kept.before, null);
    }
  }

  private async write(terms: MoneyTermsShown, kept: Kept | null): Promise<void> {
    try {
      const path = `days/${this.sheet.day.id}/money`;
      await api.put(path, terms);
      this.show(await api.get<MoneySheet>(path));
      this.terms = this.saved = this.sheet.terms;
      this.undoable = kept;
      this.keep(this.sheet);
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
      this.terms = this.saved;
    }
  }

  private async ask(): Promise<void> {
    try {
      this.show(await api.post<MoneySheet>(`days/${this.sheet.day.id}/money`, this.terms));
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
    }
  }

  private show(sheet: MoneySheet): void {
    this.sheet = sheet;
    this.message = '';
  }
}

/** "2 artists, 10 hours at €35": what a part of a quote rests on. */
export function partName(part: QuotePart, sheet: MoneySheet, amount: (cents: number) => string): string {
  const { terms, artists } = sheet;
  const hours = (minutes: number) =>
    `${Math.floor(minutes / 60)}:${String(Math.round(minutes % 60)).padStart(2, '0')} h`;
  const each = artists === 1 ? '' : ` of ${artists} artists`;

  return {
    painting: `Painting, ${hours(sheet.hours * 60)}${artists === 1 ? '' : ` of ${artists} artists together`} at ${amount(terms.hourCents)}`,
    set_up: `Set-up and pack-up, ${hours(sheet.aroundMinutes)}${each}`,
    travel_time: `On the way, ${hours(2 * terms.travelMinutes)}${each}`,
    way: `${2 * terms.kilometres} km at ${amount(terms.kilometreCents)}`,
    pitch: 'The place to paint at',
    materials: `Paint, sponges and wipes for ${Math.round(sheet.faces)} faces`,
    least: 'Up to the least we set out for',
    rounding: 'Rounded up',
  }[part];
}

/** When what was laid out before the first face is back. */
export function comesBack(sheet: MoneySheet, amount: (cents: number) => string): string {
  const { outlayCents, meanPriceCents, breakEvenFaces, breakEvenAt, breakEvenCents, day } = sheet;
  if (outlayCents === 0) {
    return 'Nothing is laid out before the first face: from there on all of it is yours.';
  }
  const laidOut = amount(outlayCents);
  const enough = amount(breakEvenCents ?? 0);
  if (meanPriceCents === 0) {
    return `${laidOut} is laid out. ${enough} a face would bring it back.`;
  }
  if (breakEvenFaces === null || breakEvenAt === null) {
    return `A face costs more in materials than it brings: ${laidOut} never comes back.`;
  }

  return `${laidOut} is laid out and back after ${breakEvenFaces} faces, ${
    breakEvenAt <= day.closesAt
      ? `about ${clockTime(breakEvenAt, day.timezone)}`
      : `more than the day has: ${enough} a face would do it`
  }.`;
}
