import { api } from '../../api/client';
import type { MenuGroup, MenuSheet, OfferSheet, RungName } from '../../api/types.gen';

/** A design as it is to stand on the menu. */
export interface Offered {
  designId: string;
  rung: RungName | null;
  /** Null for what eight of ten faces keep. */
  promiseMs: number | null;
  priceCents: number | null;
  group: MenuGroup | null;
}

export function offeredOf(offer: OfferSheet): Offered {
  const { designId, rung, promises, promiseMs, priceCents, group } = offer;

  return { designId, rung, promiseMs: promises ? promiseMs : null, priceCents, group };
}

/** Without a promise or a price of its own yet. */
export const offeredAnew = (designId: string): Offered => ({
  designId,
  rung: null,
  promiseMs: null,
  priceCents: null,
  group: null,
});

/** The same designs, one of them in another place. */
export function moved<T>(list: readonly T[], from: number, to: number): T[] {
  const next = [...list];
  const [one] = next.splice(from, 1);
  if (one !== undefined) {
    next.splice(Math.max(0, Math.min(next.length, to)), 0, one);
  }

  return next;
}

/** A menu while it is worked on: every change is kept at once, and can be taken back. */
export class MenuWork {
  message = $state('');
  undoable: { text: string; name: string; offers: Offered[] } | null = $state.raw(null);
  /** What was changed and is not kept yet: the next change is one of that. */
  private wanted: { name: string; offers: Offered[] } | null = null;
  private sent: Promise<void> = Promise.resolve();

  constructor(
    private readonly sheet: () => MenuSheet,
    private readonly keep: (sheet: MenuSheet) => void,
  ) {}

  get offers(): Offered[] {
    return this.wanted?.offers ?? this.sheet().offers.map(offeredOf);
  }

  private get name(): string {
    return this.wanted?.name ?? this.sheet().name;
  }

  change(text: string, designId: string, change: Partial<Offered>): Promise<void> {
    return this.write(
      text,
      this.offers.map((offer) => (offer.designId === designId ? { ...offer, ...change } : offer)),
    );
  }

  move(from: number, to: number): Promise<void> {
    return this.write('Another order.', moved(this.offers, from, to));
  }

  /** The designs in the order of these ids; nothing is sent where it is the same. */
  async order(ids: readonly string[]): Promise<void> {
    const offers = ids.flatMap((id) => this.offers.find(({ designId }) => designId === id) ?? []);
    if (offers.length === this.offers.length && ids.some((id, at) => this.offers[at]?.designId !== id)) {
      await this.write('Another order.', offers);
    }
  }

  takeOff(designId: string, name: string): Promise<void> {
    return this.write(
      `${name} is off the menu.`,
      this.offers.filter((offer) => offer.designId !== designId),
    );
  }

  add(designId: string, name: string): Promise<void> {
    return this.write(`${name} is on the menu.`, [...this.offers, offeredAnew(designId)]);
  }

  rename(name: string): Promise<void> {
    return this.write('Another name.', this.offers, name);
  }

  write(text: string, offers: Offered[], name = this.name): Promise<void> {
    return this.send({ text, name: this.name, offers: this.offers }, name, offers);
  }

  async undo(): Promise<void> {
    const kept = this.undoable;
    if (kept !== null) {
      await this.send(null, kept.name, kept.offers);
    }
  }

  /** One after the other: what was sent first is kept first, and a late answer takes no newer change off the screen. */
  private send(undoable: MenuWork['undoable'], name: string, offers: Offered[]): Promise<void> {
    const wanted = { name, offers };
    this.wanted = wanted;
    this.sent = this.sent.then(async () => {
      try {
        const sheet = await api.put<MenuSheet>(`menus/${this.sheet().id}`, wanted);
        this.message = '';
        this.undoable = undoable;
        if (this.wanted === wanted) {
          this.keep(sheet);
        }
      } catch (error) {
        this.message = error instanceof Error ? error.message : String(error);
      } finally {
        if (this.wanted === wanted) {
          this.wanted = null;
        }
      }
    });

    return this.sent;
  }
}
