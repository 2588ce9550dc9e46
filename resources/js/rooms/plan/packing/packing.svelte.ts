import { api } from '../../../api/client';
import type { ExtraPacked, PackedThing, PackingSheet, UsedThing } from '../../../api/types.gen';
import { Submission } from '../../../lib/form.svelte';

/** Packing for an event, and what is done with the stock after it: each change is kept at once and has its way back. */
export class Packing {
  sheet: PackingSheet = $state.raw() as PackingSheet;
  /** What was put right by hand of what is left, by item. */
  private typed: Readonly<Record<string, number>> = $state.raw({});
  undo = $state.raw<{ text: string; back: () => Promise<void> } | null>(null);
  readonly form = new Submission();
  private readonly path: string;

  constructor(
    sheet: PackingSheet,
    private readonly keep: (sheet: PackingSheet) => void,
  ) {
    this.sheet = sheet;
    this.path = `days/${sheet.day.id}`;
  }

  has(thing: string): boolean {
    return this.sheet.ticked.includes(thing);
  }

  /** Ticked at once; taken back where the server did not hear of it. */
  async turn(thing: string): Promise<void> {
    const before = this.sheet.ticked;
    const isPacked = !before.includes(thing);
    this.show({
      ...this.sheet,
      ticked: isPacked ? [...before, thing] : before.filter((one) => one !== thing),
    });
    const isKept = await this.form.run(() => api.put(`${this.path}/packing/ticks`, { thing, isPacked }));
    if (!isKept) {
      this.show({ ...this.sheet, ticked: before });
    }
  }

  async add(name: string, howMany: number): Promise<boolean> {
    return this.write([...this.sheet.extras, { name, howMany }], `${name} is on the list of every event.`);
  }

  async drop(extra: ExtraPacked): Promise<void> {
    await this.write(
      this.sheet.extras.filter((one) => one.name !== extra.name),
      `${extra.name} is off the list.`,
    );
  }

  /** What is left of a thing: as typed, else as estimated. */
  left(thing: UsedThing): number | null {
    return this.typed[thing.itemId] ?? thing.left;
  }

  weigh(thing: UsedThing, left: number | null): void {
    const others = Object.entries(this.typed).filter(([itemId]) => itemId !== thing.itemId);
    this.typed = Object.fromEntries(left === null ? others : [...others, [thing.itemId, left]]);
  }

  async takeOff(): Promise<void> {
    const left = (this.sheet.stock?.things ?? []).flatMap((thing) => {
      const amount = this.left(thing);

      return amount === null
        ? []
        : [{ itemId: thing.itemId, left: amount, isWeighed: thing.itemId in this.typed }];
    });
    await this.form.run(async () => {
      await this.showAfter(api.put(`${this.path}/stock`, { left }));
      this.undo = {
        text: 'It is off the stock.',
        back: () => this.showAfter(api.delete(`${this.path}/stock`)),
      };
    });
  }

  async takeBack(): Promise<void> {
    const { undo } = this;
    if (undo !== null) {
      await this.form.run(async () => {
        await undo.back();
        this.undo = null;
      });
    }
  }

  private async write(extras: readonly ExtraPacked[], text: string): Promise<boolean> {
    const before = this.sheet.extras;

    return this.form.run(async () => {
      await this.put(extras);
      this.undo = { text, back: () => this.put(before) };
    });
  }

  private put(extras: readonly ExtraPacked[]): Promise<void> {
    return this.showAfter(api.put(`${this.path}/packing/extras`, { extras }));
  }

  private async showAfter(written: Promise<unknown>): Promise<void> {
    await written;
    this.show(await api.get<PackingSheet>(`${this.path}/packing`));
  }

  private show(sheet: PackingSheet): void {
    this.sheet = sheet;
    this.keep(sheet);
  }
}

export function keyOf({ kind, name }: Pick<PackedThing, 'kind' | 'name'>): string {
  return `${kind} ${name}`;
}

/** "8.4 g", "40", "3 times". */
export function amountOf(amount: number, { unit }: Pick<PackedThing, 'unit'>): string {
  const whole =
    unit === 'grams'
      ? amount.toFixed(amount < 10 && !Number.isInteger(amount) ? 1 : 0)
      : String(Math.ceil(amount));

  return unit === 'grams' ? `${whole} g` : unit === 'times' ? `${whole} times` : whole;
}

const KINDS: Record<string, string> = {
  paint: 'Paint',
  sponge: 'Sponges',
  tool: 'On the table',
  glitter: 'Glitter',
  gem: 'Gems',
  glue: 'Glue',
  wipe: 'Wipes and water',
  water: 'Wipes and water',
};

/** Under their headings, in the order of the bag. */
export function grouped(things: readonly PackedThing[]): { heading: string; things: PackedThing[] }[] {
  const groups = new Map<string, PackedThing[]>();
  for (const thing of things) {
    const heading = KINDS[thing.kind] ?? 'Other';
    groups.set(heading, [...(groups.get(heading) ?? []), thing]);
  }

  return [...groups].map(([heading, ofIt]) => ({ heading, things: ofIt }));
}
