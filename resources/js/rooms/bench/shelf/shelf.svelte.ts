import type { DesignTape, Placement } from '../../../api/types.gen';

export type View = 'tapes' | 'pictures';

/** By what the shelf can be ordered. */
export const orders = ['name', 'minutes', 'look', 'last painted'] as const;

export type Order = (typeof orders)[number];

/** How much there is to see of it: what its steps add to the look. */
const lookOf = (design: DesignTape): number => design.steps.reduce((sum, step) => sum + step.look, 0);

const before: Record<Order, (one: DesignTape, other: DesignTape) => number> = {
  name: (one, other) => one.name.localeCompare(other.name),
  minutes: (one, other) => one.totalMs - other.totalMs,
  look: (one, other) => lookOf(other) - lookOf(one),
  'last painted': (one, other) => (other.lastPaintedAt ?? 0) - (one.lastPaintedAt ?? 0),
};

/** What of the shelf is shown: searched, sifted, archived or not, as tapes or as pictures, and two to compare. */
export class Shelf {
  search = $state('');
  placement = $state<Placement | ''>('');
  tag = $state('');
  /** Only what a child can sit through who keeps still this long, in minutes; 0 for all. */
  within = $state(0);
  gentle = $state(false);
  archived = $state(false);
  view = $state<View>('tapes');
  order = $state<Order>('name');
  compared = $state.raw<string[]>([]);
  /** Ids of designs that something is to be done with together; null while none are being chosen. */
  private chosenIds = $state.raw<readonly string[] | null>(null);

  constructor(private readonly all: () => readonly DesignTape[]) {}

  readonly shown: DesignTape[] = $derived.by(() => {
    const words = this.search.toLowerCase().split(/\s+/).filter(Boolean);

    return this.all()
      .filter(
        (design) =>
          design.archived === this.archived &&
          words.every((word) => wordsOf(design).includes(word)) &&
          (this.placement === '' || design.placement === this.placement) &&
          (this.tag === '' || design.tags.includes(this.tag)) &&
          (this.within === 0 || design.totalMs <= this.within * 60_000) &&
          (!this.gentle || design.gentle),
      )
      .toSorted(before[this.order]);
  });

  readonly tags: string[] = $derived.by(() =>
    [...new Set(this.all().flatMap((design) => design.tags))].sort((a, b) => a.localeCompare(b)),
  );

  readonly isSifted: boolean = $derived.by(
    () => this.search !== '' || this.placement !== '' || this.tag !== '' || this.within !== 0 || this.gentle,
  );

  readonly pair: DesignTape[] = $derived.by(() =>
    this.compared.flatMap((id) => this.all().find((design) => design.id === id) ?? []),
  );

  /** Of those that are shown. */
  readonly chosen: DesignTape[] = $derived.by(() =>
    this.shown.filter((design) => this.chosenIds?.includes(design.id) === true),
  );

  get isChoosing(): boolean {
    return this.chosenIds !== null;
  }

  isChosen(id: string): boolean {
    return this.chosenIds?.includes(id) === true;
  }

  choose(id: string): void {
    const ids = this.chosenIds ?? [];
    this.chosenIds = ids.includes(id) ? ids.filter((one) => one !== id) : [...ids, id];
  }

  chooseShown(): void {
    this.chosenIds = this.shown.map(({ id }) => id);
  }

  chooseNoMore(): void {
    this.chosenIds = null;
  }

  showAll(): void {
    this.search = '';
    this.placement = '';
    this.tag = '';
    this.within = 0;
    this.gentle = false;
  }

  /** Two at most: a third takes the place of the first. */
  compare(id: string): void {
    this.compared = this.compared.includes(id)
      ? this.compared.filter((one) => one !== id)
      : [...this.compared, id].slice(-2);
  }
}

/** All the words that a design may be found by. */
const wordsOf = (design: DesignTape): string =>
  [
    design.name,
    design.placement.replaceAll('_', ' '),
    ...design.tags,
    ...design.steps.map((step) => step.name),
  ]
    .join(' ')
    .toLowerCase();
