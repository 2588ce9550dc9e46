import type { LineStory, Payment, TicketStatus, ToldPlan, ToldTap } from '../api/types.gen';
import { TapSetAside } from './aside';
import {
  asked,
  begin,
  bothDone,
  type Face,
  leftForLater,
  mended,
  partDone,
  paused,
  resumed,
  stepDone,
  stepSkipped,
  trimmedTo,
  wipedOff,
} from './face';
import { Layered } from './layered';
import { type Seats, seatsAfter } from './seats';

/** A child's place in the line. Mirrors Core\Line\Ticket. */
export interface Ticket {
  readonly id: string;
  /** 0 while the server has not given one yet. */
  readonly number: number;
  readonly firstName: string | null;
  readonly design: string;
  /** Place in the line, smallest first; ties go by number. */
  readonly rank: number;
  readonly status: TicketStatus;
  readonly joinedAt: number;
  readonly chair: number | null;
  readonly face: Face | null;
  readonly endedAt: number | null;
  /** The same for those who came together. */
  readonly party: string | null;
  /** The painter wished for. */
  readonly wish: string | null;
  readonly note: string | null;
  readonly calledAt: number | null;
  readonly calls: number;
  readonly paid: { readonly cents: number; readonly payment: Payment } | null;
}

const PHRASES: Record<TicketStatus, string> = {
  waiting: 'is still waiting',
  called: 'was called and is not in the chair yet',
  seated: 'is in the chair',
  finished: 'is finished',
  left: 'has left',
  no_show: 'did not come when called',
  removed: 'was taken off the line',
};

/** Order of the line's own time: by instant, then by id. */
function compare(one: ToldTap, other: ToldTap): number {
  return one.at - other.at || (one.id < other.id ? -1 : one.id > other.id ? 1 : 0);
}

/** Those that are new, each once, in order; the last that is said of one counts. */
function unknownOf(taps: readonly ToldTap[], known: Pick<ReadonlySet<string>, 'has'>): ToldTap[] {
  return [...new Map(taps.filter((tap) => !known.has(tap.id)).map((tap) => [tap.id, tap])).values()].sort(
    compare,
  );
}

/** A ULID is none, so that no ticket is called so. */
const SEATS = 'seats';

const ROSTER: readonly ToldTap['kind'][] = ['chair_taken', 'handed_over', 'break_began', 'break_ended'];

/** Who sits at which chair. */
const isOfRoster = (tap: ToldTap) => ROSTER.includes(tap.kind);

const isTicket = (before: Ticket | Seats | null): before is Ticket => before !== null && 'status' in before;

const isInLine = (ticket: Ticket) => ticket.status === 'waiting' || ticket.status === 'called';

/**
 * The state of a day's line and chairs: a fold over its taps, the same for any order of arrival and any repeats. Mirrors
 * Core\Line\Line and Core\Line\Story; tests/Front/line/stories.test.ts proves the two equal on stories told by the server's.
 */
export class FoldedLine {
  isOpen = false;
  readonly tickets = new Map<string, Ticket>();
  readonly chairs = new Map<number, string>();
  /** Who paints at which chair. */
  seats: Seats = new Map();
  /** Designs that are not offered for now. */
  readonly soldOut = new Set<string>();
  /** Why a tap changed nothing, by its id. */
  readonly setAside = new Map<string, string>();
  /** Taps of each child that stand, with what they replaced, newest last; '' holds those of the whole line, SEATS of the roster. */
  private readonly past = new Map<string, { tap: ToldTap; before: Ticket | Seats | null }[]>();
  private readonly onChair = new Map<number, ToldTap[]>();
  /** Lists that no other fold holds. */
  private readonly ownLists = new Set<readonly unknown[]>();
  private isJudged = true;
  /** Every tap that was told, with the list of `past` that holds it; null where it changed nothing. */
  private readonly told = new Layered<string, string | null>();
  private newest: ToldTap | undefined;
  private readonly finishedBefore: number;
  private readonly highestBefore: number;

  /**
   * @param plans of the faces that the taps tell of
   * @param pending taps that the story does not know yet, or knows already: each counts once
   */
  constructor(
    story: LineStory,
    private readonly plans: (id: string) => ToldPlan | undefined,
    pending: readonly ToldTap[] = [],
  ) {
    this.finishedBefore = story.finished;
    this.highestBefore = story.highestNumber;
    const unknown = unknownOf(pending, new Set(story.taps.map((tap) => tap.id)));
    const first = unknown[0];
    const taps = unknown.length === 0 ? story.taps : [...story.taps, ...unknown].sort(compare);
    for (const tap of taps) {
      // What came before all that is new is known to have become what the story says.
      this.isJudged = first === undefined || compare(tap, first) < 0;
      this.tell(tap);
    }
  }

  /**
   * With more taps on top, for less than folding all of them again; undefined where one of them came before what is folded.
   *
   * @param pending repeats allowed, also of what is folded
   */
  after(pending: readonly ToldTap[]): FoldedLine | undefined {
    const unknown = unknownOf(pending, this.told);
    const first = unknown[0];
    if (first === undefined) {
      return this;
    }
    if (this.newest !== undefined && compare(first, this.newest) < 0) {
      return undefined;
    }
    const other = Object.create(FoldedLine.prototype) as FoldedLine;
    // What is in these is replaced, never changed, but for lists of its own.
    Object.assign(other, this, {
      tickets: new Map(this.tickets),
      chairs: new Map(this.chairs),
      soldOut: new Set(this.soldOut),
      setAside: new Map(this.setAside),
      past: new Map(this.past),
      onChair: new Map(this.onChair),
      told: new Layered(this.told),
      ownLists: new Set(),
      isJudged: false,
    });
    unknown.forEach((tap) => other.tell(tap));

    return other;
  }

  /** The moment of the newest tap, whatever became of it. */
  get newestAt(): number {
    return this.newest?.at ?? 0;
  }

  /** As if a child were told of otherwise; to ask what that would change, not to go on from. */
  withTicket(ticket: Ticket): FoldedLine {
    const other = Object.create(this) as FoldedLine;
    const tickets = new Map(this.tickets).set(ticket.id, ticket);

    return Object.assign(other, { tickets });
  }

  /** Those waiting or called, first one first. */
  queue(): Ticket[] {
    return [...this.tickets.values()]
      .filter(isInLine)
      .sort((one, other) => one.rank - other.rank || one.number - other.number);
  }

  /** Those who went, newest first. */
  ended(): Ticket[] {
    return [...this.tickets.values()]
      .filter((ticket) => ticket.endedAt !== null)
      .sort((one, other) => (other.endedAt ?? 0) - (one.endedAt ?? 0) || other.number - one.number);
  }

  finishedCount(): number {
    return (
      this.finishedBefore + [...this.tickets.values()].filter(({ status }) => status === 'finished').length
    );
  }

  /** The highest number given out; 0 before the first. */
  highestNumber(): number {
    return [...this.tickets.values()].reduce(
      (most, { number }) => Math.max(most, number),
      this.highestBefore,
    );
  }

  seatedOn(chair: number): Ticket | undefined {
    return this.tickets.get(this.chairs.get(chair) ?? '');
  }

  /** The taps of the last press on a chair, newest first: what one press of "undo" takes back. */
  undoable(chair: number): string[] {
    const all = this.onChair.get(chair) ?? [];
    const newestAt = all.at(-1)?.at;
    const taps = all.slice(1 + all.findLastIndex((tap) => tap.at !== newestAt)).toReversed();
    const seats = (this.past.get(SEATS) ?? []).toReversed();
    // Who was brought back to a chair keeps it.
    const sitting = this.chairs.get(chair);
    const keepsChair = sitting !== undefined && !taps.some((tap) => tap.ticket === sitting);

    return taps
      .filter((tap) =>
        isOfRoster(tap) ? seats[0]?.tap.id === tap.id && seats.shift() !== undefined : !keepsChair,
      )
      .map((tap) => tap.id);
  }

  /** The tap to undo for a child: the newest that still stands. */
  newestEventOf(ticket: string): string | undefined {
    return this.past.get(ticket)?.at(-1)?.tap.id;
  }

  private tell(tap: ToldTap): void {
    this.told.set(tap.id, null);
    this.newest = tap;
    try {
      if (this.isJudged && tap.aside !== undefined) {
        throw new TapSetAside(tap.aside);
      }
      this.apply(tap);
    } catch (reason) {
      if (!(reason instanceof TapSetAside)) {
        throw reason;
      }
      this.setAside.set(tap.id, reason.message);
    }
  }

  private apply(tap: ToldTap): void {
    switch (tap.kind) {
      case 'opened':
      case 'closed':
        this.doors(tap, tap.kind === 'opened');
        break;
      case 'sold_out':
      case 'on_menu_again':
        this.changeOffer(tap, tap.kind === 'sold_out');
        break;
      case 'joined':
        this.join(tap);
        break;
      case 'undone':
        this.takeBack(tap);
        break;
      case 'chair_taken':
      case 'handed_over':
      case 'break_began':
      case 'break_ended':
        this.changeSeats(tap);
        break;
      default:
        this.changeTicket(tap);
    }
  }

  private doors(tap: ToldTap, open: boolean): void {
    if (this.isOpen === open) {
      throw new TapSetAside(open ? 'The line is open already.' : 'The line is closed already.');
    }
    this.isOpen = open;
    this.remember(tap, '', null, null);
  }

  private changeOffer(tap: ToldTap, isSoldOut: boolean): void {
    const design = tap.design ?? '';
    if (this.soldOut.has(design) === isSoldOut) {
      throw new TapSetAside(isSoldOut ? 'That design is sold out already.' : 'That design is on the menu.');
    }
    this.setSoldOut(design, isSoldOut);
    this.remember(tap, '', null, null);
  }

  private setSoldOut(design: string, isSoldOut: boolean): void {
    if (isSoldOut) {
      this.soldOut.add(design);
    } else {
      this.soldOut.delete(design);
    }
  }

  private changeSeats(tap: ToldTap): void {
    const before = this.seats;
    this.seats = seatsAfter(before, tap);
    this.remember(tap, SEATS, before, tap.chair ?? null);
  }

  private join(tap: ToldTap): void {
    const id = tap.ticket ?? '';
    if (!this.isOpen) {
      throw new TapSetAside('The line is closed. Open it to take another name.');
    }
    if (this.tickets.has(id)) {
      throw new TapSetAside('That child has a number already.');
    }
    this.replace(tap, null, {
      id,
      number: tap.number ?? 0,
      firstName: tap.firstName ?? null,
      design: tap.design ?? '',
      rank: tap.number ?? this.nextPlace(),
      status: 'waiting',
      joinedAt: tap.at,
      chair: null,
      face: null,
      endedAt: null,
      party: tap.party ?? null,
      wish: tap.painter ?? null,
      note: tap.note ?? null,
      calledAt: null,
      calls: 0,
      paid: null,
    });
  }

  private changeTicket(tap: ToldTap): void {
    const before = this.tickets.get(tap.ticket ?? '');
    if (before === undefined) {
      throw new TapSetAside('That child is not on this line.');
    }
    this.replace(tap, before, this.changed(tap, before));
  }

  private changed(tap: ToldTap, ticket: Ticket): Ticket {
    switch (tap.kind) {
      case 'changed':
        refuseUnless(isInLine(ticket), ticket);

        return {
          ...ticket,
          firstName: tap.firstName ?? null,
          design: tap.design ?? '',
          wish: tap.painter ?? null,
          note: tap.note ?? null,
        };
      case 'moved': {
        const rank = (this.isJudged ? tap.rank : undefined) ?? this.rankBefore(ticket, tap.before);
        refuseUnless(isInLine(ticket), ticket);

        return { ...ticket, rank };
      }
      case 'called':
        refuseUnless(isInLine(ticket), ticket);

        return { ...ticket, status: 'called', calledAt: tap.at, calls: ticket.calls + 1 };
      case 'seated':
        return this.seated(tap, ticket);
      case 'paid':
        return paid(ticket, tap);
      case 'mended':
        if (ticket.face === null) {
          throw cannot(ticket);
        }

        return { ...ticket, face: mended(ticket.face, tap.step ?? '', tap.spent ?? 0) };
      case 'finished':
        refuseUnless(ticket.status === 'seated', ticket);

        return { ...ticket, status: 'finished', endedAt: tap.at };
      case 'left':
      case 'no_show':
      case 'removed':
        refuseUnless(isInLine(ticket) || (tap.kind === 'left' && ticket.status === 'seated'), ticket);

        return { ...ticket, status: tap.kind, endedAt: tap.at };
      default:
        return {
          ...ticket,
          face: this.painted(tap, ticket),
          design: tap.kind === 'trimmed' ? (tap.design ?? ticket.design) : ticket.design,
        };
    }
  }

  private seated(tap: ToldTap, ticket: Ticket): Ticket {
    const chair = tap.chair ?? 0;
    const sitting = this.seatedOn(chair);
    if (sitting !== undefined) {
      throw new TapSetAside(`Chair ${chair} has ${childName(sitting)} in it.`);
    }
    if (ticket.status === 'seated') {
      throw new TapSetAside(`${childName(ticket)} was seated twice: chair ${ticket.chair} kept it.`);
    }
    refuseUnless(isInLine(ticket), ticket);

    return {
      ...ticket,
      status: 'seated',
      chair,
      design: tap.design ?? ticket.design,
      face: begin(this.plan(tap), tap.at),
    };
  }

  private painted(tap: ToldTap, ticket: Ticket): Face {
    const face = ticket.face;
    if (ticket.status !== 'seated' || face === null) {
      throw cannot(ticket);
    }
    switch (tap.kind) {
      case 'step_done':
        return stepDone(face, tap.step ?? '', tap.at);
      case 'both_done':
        return bothDone(face, tap.step ?? '', tap.at);
      case 'left_for_later':
        return leftForLater(face, tap.step ?? '', tap.at);
      case 'step_skipped':
        return stepSkipped(face, tap.step ?? '', tap.at);
      case 'trimmed':
        return trimmedTo(face, this.plan(tap));
      case 'paused':
        return paused(face, tap.at, tap.reason ?? null);
      case 'asked':
        return asked(face, tap.answers ?? [], tap.without ?? [], tap.at);
      case 'wiped_off':
        return wipedOff(face, tap.step ?? '', tap.at);
      case 'part_done':
        return partDone(face, tap.part ?? 'mirror', tap.at);
      default:
        return resumed(face, tap.at);
    }
  }

  private plan(tap: ToldTap): ToldPlan {
    const plan = this.plans(tap.plan ?? '');
    if (plan === undefined) {
      throw new TapSetAside('The plan of that face is not known here. Load the line again.');
    }

    return plan;
  }

  /** Behind everybody who has joined, the unnumbered too. */
  private nextPlace(): number {
    const unnumbered = [...this.tickets.values()]
      .filter(({ number }) => number === 0)
      .map(({ rank }) => Math.floor(rank));

    return 1 + Math.max(this.highestNumber(), ...unnumbered);
  }

  private rankBefore(moving: Ticket, before: string | undefined): number {
    const others = this.queue().filter((other) => other.id !== moving.id);
    if (before === undefined) {
      const last = others.at(-1);

      return last === undefined ? moving.rank : (last.rank + this.nextPlace()) / 2;
    }
    const at = others.findIndex((other) => other.id === before);
    const next = others[at];
    if (next === undefined) {
      throw new TapSetAside('The child to stand in front of is no longer in the line.');
    }

    return ((others[at - 1]?.rank ?? next.rank - 2) + next.rank) / 2;
  }

  private takeBack(undo: ToldTap): void {
    const key = this.told.get(undo.target ?? '') ?? '';
    const taps = this.past.get(key) ?? [];
    const newest = taps.at(-1);
    if (newest === undefined || newest.tap.id !== undo.target) {
      throw new TapSetAside(
        taps.some(({ tap }) => tap.id === undo.target)
          ? 'Something happened since. Undo the later tap first.'
          : 'That tap did not count or was undone before.',
      );
    }
    const { before } = newest;
    if (isTicket(before)) {
      this.refuseIfChairTaken(before);
    }
    this.past.set(key, taps.slice(0, -1));
    for (const [chair, others] of this.onChair) {
      this.onChair.set(
        chair,
        others.filter((tap) => tap.id !== undo.target),
      );
    }
    if (key === '' && newest.tap.design !== undefined) {
      this.setSoldOut(newest.tap.design, newest.tap.kind === 'on_menu_again');
    } else if (key === '') {
      this.isOpen = !this.isOpen;
    } else if (before === null || isTicket(before)) {
      this.put(key, before);
    } else {
      this.seats = before;
    }
  }

  private refuseIfChairTaken(restored: Ticket): void {
    const sitting = restored.status === 'seated' ? this.seatedOn(restored.chair ?? 0) : undefined;
    if (sitting !== undefined && sitting.id !== restored.id) {
      throw new TapSetAside(
        `Chair ${restored.chair} has ${childName(sitting)} in it by now. Undo that first.`,
      );
    }
  }

  private replace(tap: ToldTap, before: Ticket | null, after: Ticket): void {
    this.put(after.id, after);
    // Who mends the log is not at the chair.
    this.remember(tap, after.id, before, tap.kind === 'mended' ? null : after.chair);
  }

  private put(id: string, ticket: Ticket | null): void {
    const chair = this.tickets.get(id)?.chair;
    if (chair != null && this.chairs.get(chair) === id) {
      this.chairs.delete(chair);
    }
    if (ticket === null) {
      this.tickets.delete(id);

      return;
    }
    this.tickets.set(id, ticket);
    if (ticket.status === 'seated' && ticket.chair !== null) {
      this.chairs.set(ticket.chair, id);
    }
  }

  private remember(tap: ToldTap, key: string, before: Ticket | Seats | null, chair: number | null): void {
    this.append(this.past, key, { tap, before });
    this.told.set(tap.id, key);
    if (chair !== null) {
      this.append(this.onChair, chair, tap);
    }
  }

  /** A list that another fold may hold too is copied once; adding to one's own costs the same however long it is. */
  private append<Key, One>(lists: Map<Key, One[]>, key: Key, one: One): void {
    const list = lists.get(key);
    if (list !== undefined && this.ownLists.has(list)) {
      list.push(one);
    } else {
      const own = [...(list ?? []), one];
      this.ownLists.add(own);
      lists.set(key, own);
    }
  }
}

/** As it is said aloud: "No. 27 Noor", "No. 28". */
export function childName(child: { number: number; firstName: string | null }): string {
  return [child.number === 0 ? 'the new one' : `No. ${child.number}`, child.firstName ?? ''].join(' ').trim();
}

function paid(ticket: Ticket, tap: ToldTap): Ticket {
  const { face } = ticket;
  refuseUnless(ticket.status === 'finished' || ticket.status === 'seated', ticket);
  const isOpen =
    ticket.status === 'seated' && face?.paintedAt != null && !face.parts.some(({ part }) => part === 'pay');

  return {
    ...ticket,
    paid: { cents: tap.cents ?? 0, payment: tap.payment ?? 'cash' },
    face: isOpen ? partDone(face, 'pay', tap.at) : face,
  };
}

function refuseUnless(may: boolean, ticket: Ticket): void {
  if (!may) {
    throw cannot(ticket);
  }
}

function cannot(ticket: Ticket): TapSetAside {
  return new TapSetAside(`${childName(ticket)} ${PHRASES[ticket.status]}.`);
}
