import { createQuery } from '@tanstack/svelte-query';
import { untrack } from 'svelte';
import { api } from '../api/client';
import { outbox, type Saying } from '../api/outbox.svelte';
import type {
  Caution,
  ChairState,
  LineBoard,
  LineStory,
  LiveLadder,
  LiveRung,
  MenuOffer,
  Plan,
  PlanStep,
  PublicPicture,
  ToldPlan,
  ToldTap,
  WaitingChild,
} from '../api/types.gen';
import { clock } from '../lib/clock.svelte';
import { newId } from '../lib/ids';
import { Push, Seldom } from '../lib/push.svelte';
import { whetherPaints } from '../lib/session';
import { boardOf, outlookOf, planFor } from './board';
import { type Effect, effectOf, goneOnBy } from './dropping';
import { Forecast } from './forecast';
import { childName, FoldedLine } from './line';
import { lineOf, picturesOf, plansOf } from './questions';
import { newestOf, type ToldLine } from './told';
import { type Window, windowsOf } from './windows';

const POLL_MS = 3_000;
/** Where word of changes comes in, what it missed is found so. */
const SELDOM_MS = 30_000;
/** To the minute they are told; between two taps they are played anew so often. */
const WINDOWS_EVERY_MS = 15_000;
/** However fast others tap, no screen asks more often. */
const LEAST_MS = 400;

/** What is told of a child beside its design; nothing where it is empty. */
export interface Wanted {
  firstName: string;
  /** The painter wished for. */
  wish?: string | null;
  note?: string | null;
}

const said = ({ firstName, wish = null, note = null }: Wanted): Partial<Saying> => ({
  ...(firstName.trim() === '' ? {} : { firstName: firstName.trim() }),
  ...(wish === null || wish === '' ? {} : { painter: wish }),
  ...(note === null || note.trim() === '' ? {} : { note: note.trim() }),
});

/** A day's line as this screen shows it: folded from the taps that the server has told of and from those it has not heard yet. */
export class Line {
  private readonly query;
  private push = $state.raw<Push | undefined>();
  private readonly channel: string | null = $derived.by(() => this.query.data?.channel ?? null);
  private readonly planQuery;
  private readonly pictureQuery;
  /** Plans worked out for one face, which the day's own do not hold yet. */
  private offered = $state.raw<readonly Plan[]>([]);
  private readonly plans = $derived.by(
    () =>
      new Map<string, Plan>([...this.offered, ...(this.planQuery.data ?? [])].map((plan) => [plan.id, plan])),
  );
  /** As far as the server has told. */
  private readonly heard: FoldedLine | undefined = $derived.by(() => {
    const told = this.query.data;

    return told === undefined ? undefined : this.hear(told);
  });
  private last: { story: LineStory; plans: ReadonlyMap<string, Plan>; heard: FoldedLine } | undefined;
  private readonly folded: FoldedLine | undefined = $derived.by(() => {
    const told = this.query.data;
    const pending = this.pending();

    // What the server says of a tap counts more than what was sent.
    return told === undefined
      ? undefined
      : (this.heard?.after(pending) ?? this.fold(told, [...pending, ...told.news.taps]));
  });
  private readonly second = $derived(1000 * Math.floor(clock.now / 1000));
  /** The line to show, as it stands this second; undefined while it is loaded for the first time. */
  readonly board: LineBoard | undefined = $derived.by(() => {
    const told = this.query.data;

    return told === undefined || this.folded === undefined
      ? undefined
      : boardOf(told, this.folded, this.second);
  });
  readonly error: Error | null = $derived.by(() => this.query.error);

  constructor(readonly dayId: () => string) {
    this.query = createQuery(() => ({
      ...lineOf(this.dayId()),
      enabled: this.dayId() !== '',
      refetchInterval: () => (this.isTold() ? SELDOM_MS : POLL_MS),
    }));
    // How a design is painted is the business of who paints.
    const paints = whetherPaints();
    this.pictureQuery = createQuery(() => ({
      ...picturesOf(this.dayId(), this.query.data),
      enabled: this.dayId() !== '' && this.query.data !== undefined && !paints(),
      placeholderData: (last: PublicPicture[] | undefined) => last,
    }));
    this.planQuery = createQuery(() => ({
      ...plansOf(this.dayId(), this.query.data),
      enabled: this.dayId() !== '' && this.query.data !== undefined && paints(),
      placeholderData: (last: Plan[] | undefined) => last,
    }));
  }

  /** Why a tap changed nothing, by its id. */
  readonly setAside: ReadonlyMap<string, string> = $derived.by(() => this.folded?.setAside ?? new Map());

  /** Asks as soon as something is known to have changed; ends with what it returns. */
  listen(): (() => void) | undefined {
    if (this.channel === null) {
      return undefined;
    }
    const asking = new Seldom(() => void this.query.refetch(), LEAST_MS);
    const push = new Push(this.channel, (newest) => {
      if (newest === 0 || newest > newestOf(this.query.data?.version ?? '')) {
        asking.call();
      }
    });
    this.push = push;

    return () => {
      this.push = undefined;
      asking.end();
      push.end();
    };
  }

  plan(id: string | null): Plan | undefined {
    return id === null ? undefined : this.plans.get(id);
  }

  /** What an offer's picture is drawn from. */
  picture(offer: MenuOffer): Pick<PublicPicture, 'placement' | 'steps'> | undefined {
    return this.plan(offer.planId) ?? this.pictureQuery.data?.find(({ key }) => key === offer.designId);
  }

  /** A step of any plan of the day. */
  stepOf(id: string): PlanStep | undefined {
    for (const plan of this.plans.values()) {
      const step = plan.steps.find((one) => one.id === id);
      if (step !== undefined) return step;
    }

    return undefined;
  }

  /** The named versions of a design as somebody paints them, the quickest first. */
  rungsOf(design: string, painter: string | null): Plan[] {
    const named = [...this.plans.values()].filter(
      (plan) => plan.designId === design && plan.rungs.length > 0,
    );
    const own = named.filter((plan) => painter !== null && plan.paintedBy.includes(painter));
    const known = new Set(own.flatMap((plan) => plan.rungs));

    return [
      ...own,
      ...named.filter((plan) => plan.paintedBy.length === 0 && !plan.rungs.some((rung) => known.has(rung))),
    ].sort((one, other) => one.totalMs - other.totalMs);
  }

  /** What a half-painted face can still become, as the server works it out from what is painted. */
  async liveRungs(ticket: string): Promise<LiveRung[]> {
    const { rungs } = await api.post<LiveLadder>(`days/${this.dayId()}/faces/${ticket}/ladder`, {});
    this.offered = [...this.offered, ...rungs.map((rung) => rung.plan)];

    return rungs;
  }

  /**
   * What painting a face on by another plan does to all who wait.
   *
   * @param plan null to stop here
   */
  effectOf(ticket: string, plan: Plan | null): Effect | undefined {
    const told = this.query.data;
    const seated = this.folded?.tickets.get(ticket);
    if (told === undefined || this.folded === undefined || seated?.face == null) {
      return undefined;
    }
    const outlook = outlookOf(told, this.folded, this.second);
    const by = plan === null ? null : { id: plan.id, design: plan.name, steps: plan.steps };

    return effectOf(outlook, seated, goneOnBy(seated.face, by, this.second), told.day.closesAt);
  }

  /** From now on by that plan. */
  trim(ticket: string, plan: string): void {
    this.say({ kind: 'trimmed', ticket, plan });
  }

  chair(number: number): ChairState | undefined {
    return this.board?.chairs.find((chair) => chair.chair === number);
  }

  open(): void {
    this.say({ kind: this.board?.isOpen === true ? 'closed' : 'opened' });
  }

  /** Puts a child in the line, and says under which ticket. */
  join(design: string, wanted: Wanted): string {
    const ticket = newId();
    this.say({ kind: 'joined', ticket, design, ...said(wanted) });

    return ticket;
  }

  /** Puts children who came together in the line, one after another and with one tap; all for one painter where that is wished. */
  joinTogether(
    children: readonly { design: string; firstName: string }[],
    wish: string | null = null,
  ): string[] {
    const party = children.length > 1 ? newId() : undefined;
    const tickets = children.map(() => newId());
    this.say(
      ...children.map(({ design, firstName }, at): Saying => ({
        kind: 'joined',
        ticket: tickets[at] ?? newId(),
        design,
        ...said({ firstName, wish }),
        ...(party === undefined ? {} : { party }),
      })),
    );

    return tickets;
  }

  change(ticket: string, design: string, wanted: Wanted): void {
    this.say({ kind: 'changed', ticket, design, ...said(wanted) });
  }

  /** Those who came together, in front of whoever is first, in their order. */
  toFront(tickets: readonly string[]): void {
    const front = this.board?.waiting.find(({ id }) => !tickets.includes(id))?.id;
    if (front !== undefined) {
      this.say(...tickets.map((ticket): Saying => ({ kind: 'moved', ticket, before: front })));
    }
  }

  /** What taking a child, and those who came with it, to the front costs the others. */
  costOfFront(tickets: readonly string[]): { others: number; laterMs: number; pastClosing: number } {
    const board = this.board;
    const moved = new Set(tickets);
    const before = (board?.waiting ?? []).findIndex(({ id }) => moved.has(id));
    const passed = (board?.waiting ?? []).slice(0, Math.max(0, before)).filter(({ id }) => !moved.has(id));
    const painters = Math.max(1, board?.chairs.filter((chair) => chair.painterId !== null).length ?? 1);
    const takes = (board?.waiting ?? [])
      .filter(({ id }) => moved.has(id))
      .reduce((sum, child) => sum + child.plannedMs + (board?.day.turnaroundMs ?? 0), 0);
    const laterMs = takes / painters;
    const closes = board?.day.closesAt ?? 0;

    return {
      others: passed.length,
      laterMs,
      pastClosing: passed.filter((one) => one.beforeClosing && one.finishedAt + laterMs > closes).length,
    };
  }

  /** How much sooner a child would be called if it did not wait for the painter it wishes for. */
  costOfWish(ticket: string): number {
    const told = this.query.data;
    const folded = this.folded;
    const child = folded?.tickets.get(ticket);
    if (told === undefined || folded === undefined || child?.wish == null) {
      return 0;
    }
    const called = (line: FoldedLine) =>
      new Forecast(outlookOf(told, line, this.second)).calls.find((call) => call.ticket.id === ticket)
        ?.callAt ?? 0;

    return Math.max(0, called(folded) - called(folded.withTicket({ ...child, wish: null })));
  }

  sellOut(design: string, isSoldOut: boolean): void {
    this.say({ kind: isSoldOut ? 'sold_out' : 'on_menu_again', design });
  }

  /** @param before the child to stand in front of; undefined for the end of the line */
  move(ticket: string, before: string | undefined): void {
    this.say({ kind: 'moved', ticket, ...(before === undefined ? {} : { before }) });
  }

  call(ticket: string): void {
    this.say({ kind: 'called', ticket });
  }

  takeOff(ticket: string, how: 'left' | 'no_show' | 'removed'): void {
    this.say({ kind: how, ticket });
  }

  undo(...events: string[]): void {
    this.say(...events.map((target): Saying => ({ kind: 'undone', target })));
  }

  /** Seats a child, after the one before it is finished, as one tap. */
  seat(chair: ChairState, child: WaitingChild): void {
    const plan = this.planIdFor(chair, child);
    if (plan === null) {
      return;
    }
    const finish: Saying[] = chair.child === null ? [] : [{ kind: 'finished', ticket: chair.child.id }];
    const back: Saying[] = chair.awayUntil === null ? [] : [{ kind: 'break_ended', chair: chair.chair }];
    this.say(...finish, ...back, { kind: 'seated', ticket: child.id, chair: chair.chair, plan });
  }

  /** Gives a child a number and a chair, as one tap. */
  seatWalkUp(chair: ChairState, design: string): void {
    const plan = this.planOf(design, chair.painterId);
    if (plan !== null) {
      const ticket = newId();
      this.say({ kind: 'joined', ticket, design }, { kind: 'seated', ticket, chair: chair.chair, plan });
    }
  }

  /** Before painting it was asked what has to be asked. */
  ask(ticket: string, answers: readonly Caution[], without: readonly string[]): void {
    this.say({ kind: 'asked', ticket, answers: [...answers], without: [...without] });
  }

  /** What a child is seated with on a chair: the plan of whoever paints there. */
  planIdFor(chair: ChairState, child: WaitingChild): string | null {
    return this.planOf(child.designId, chair.painterId);
  }

  planOf(design: string, painter: string | null): string | null {
    return planFor(
      this.board?.designs.find((one) => one.id === design),
      painter,
    ).planId;
  }

  private readonly quarter = $derived(WINDOWS_EVERY_MS * Math.floor(clock.now / WINDOWS_EVERY_MS));
  /** Between when and when each waiting child is called, by ticket: as played at the last tap, or at a quarter of a minute since. */
  readonly windows: ReadonlyMap<string, Window> = $derived.by(() => {
    const told = this.query.data;
    // The second that it is, asked for once a quarter only.
    const now = Math.max(
      this.quarter,
      untrack(() => this.second),
    );

    return told === undefined || this.folded === undefined
      ? new Map()
      : windowsOf(outlookOf(told, this.folded, now));
  });

  /** Those who came with a child and are not painted yet: the chair, and when they are called there; null for who sits there. */
  companyOf(ticket: string): { name: string; chair: number; callAt: number | null }[] {
    const party = this.folded?.tickets.get(ticket)?.party ?? null;
    const others = [...(this.folded?.tickets.values() ?? [])].filter(
      (one) => party !== null && one.party === party && one.id !== ticket,
    );

    return others.flatMap((one) => {
      const waits = this.board?.waiting.find(({ id }) => id === one.id);
      const chair = one.status === 'seated' ? one.chair : waits?.callChair;

      return chair == null ? [] : [{ name: childName(one), chair, callAt: waits?.callAt ?? null }];
    });
  }

  /** Where each painter has a line of their own: who paints now, and when a child whose name is taken now is called there. */
  readonly linesEach: readonly { painter: string; name: string; callAt: number; waiting: number }[] =
    $derived.by(() => {
      const told = this.query.data;
      const { board, folded } = this;
      if (told === undefined || folded === undefined || board === undefined) {
        return [];
      }
      const forecast = new Forecast(outlookOf(told, folded, this.second));
      const painting = new Set(board.chairs.map(({ painterId }) => painterId));

      return board.roster.painters
        .filter(({ id }) => painting.has(id))
        .map(({ id, name }) => ({
          painter: id,
          name,
          callAt: forecast.nextNameCalledAt(id),
          waiting: board.waiting.filter(({ wishId }) => wishId === id).length,
        }));
    });

  /** Sits down at a chair, after whoever sat there, as was said before. */
  takeChair(chair: number, painter: string): void {
    const sitting = this.folded?.seats.get(chair)?.painter ?? null;
    this.say({ kind: sitting === null ? 'chair_taken' : 'handed_over', chair, painter });
  }

  /** @param until when the break is meant to end */
  beginBreak(chair: number, until: number): void {
    this.say({ kind: 'break_began', chair, until });
  }

  endBreak(chair: number): void {
    this.say({ kind: 'break_ended', chair });
  }

  say(...sayings: Saying[]): void {
    outbox.tap(this.dayId(), this.folded?.newestAt ?? 0, ...sayings);
  }

  /** Of what changes, as soon as it does. Once a line is closed a worker learns from it, which says nothing of how far it is. */
  private isTold(): boolean {
    return this.push?.isOpen === true && navigator.onLine && this.folded?.isOpen === true;
  }

  /** What is told on goes on from what was heard before; plans that came since may change what became of a tap. */
  private hear(told: ToldLine): FoldedLine {
    const { last, plans } = this;
    const goesOn = last?.story === told.story && last.plans === plans;
    const heard = (goesOn ? last.heard.after(told.news.taps) : undefined) ?? this.fold(told, told.news.taps);
    this.last = { story: told.story, plans, heard };

    return heard;
  }

  private fold(told: ToldLine, taps: readonly ToldTap[]): FoldedLine {
    // What is told on later may bring a plan that this one did not.
    return new FoldedLine(told.story, (id) => this.toldPlan(this.query.data ?? told, id), taps);
  }

  private toldPlan(told: ToldLine, id: string): ToldPlan | undefined {
    const plan = this.plans.get(id);

    return (
      told.story.plans.find((one) => one.id === id) ??
      told.news.plans.find((one) => one.id === id) ??
      (plan === undefined ? undefined : { id: plan.id, design: plan.name, steps: plan.steps })
    );
  }

  private pending() {
    return outbox.waiting.filter((one) => one.dayId === this.dayId()).map((one) => one.tap);
  }
}
