import type { PackedThing } from '../../api/types.gen';
import { Remembered } from '../../lib/remembered.svelte';

/** What was put into the bag already, on this device: whoever packs has it in the hand. */
export class Ticked {
  private readonly kept: Remembered;

  constructor(dayId: string) {
    this.kept = new Remembered(`inch-timer.packed.${dayId}`, '[]');
  }

  get names(): string[] {
    try {
      const names: unknown = JSON.parse(this.kept.value);

      return Array.isArray(names) ? names.filter((name): name is string => typeof name === 'string') : [];
    } catch {
      return [];
    }
  }

  has(thing: PackedThing): boolean {
    return this.names.includes(keyOf(thing));
  }

  turn(thing: PackedThing): void {
    const key = keyOf(thing);
    const names = this.names;
    this.kept.value = JSON.stringify(
      names.includes(key) ? names.filter((name) => name !== key) : [...names, key],
    );
  }
}

export function keyOf({ kind, name }: PackedThing): string {
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
