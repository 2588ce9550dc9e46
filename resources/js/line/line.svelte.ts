import { createQuery } from '@tanstack/svelte-query';
import { api } from '../api/client';
import { outbox, type Saying } from '../api/outbox.svelte';
import type {
  ChairState,
  LineBoard,
  LiveLadder,
  LiveRung,
  Plan,
  PlanStep,
  ToldPlan,
  WaitingChild,
} from '../api/types.gen';
import { clock } from '../lib/clock.svelte';
import { newId } from '../lib/ids';
import { boardOf, planFor } from './board';
import { FoldedLine } from './line';

const POLL_MS = 3_000;

/** A day's line as this screen shows it: folded from the taps that the server has told of and from those it has not heard yet. */
export class Line {
  private readonly query;
  private readonly planQuery;
  /** Plans worked out for one face, which the day's own do not hold yet. */
  private offered = $state.raw<readonly Plan[]>([]);
  private readonly plans = $derived.by(
    () =>
      new Map<string, Plan>([...this.offered, ...(this.planQuery.data ?? [])].map((plan) => [plan.id, plan])),
  );
  private readonly folded: FoldedLine | undefined = $derived.by(() => {
    const told = this.query.data;

    return told === undefined
      ? undefined
      : new FoldedLine(told.story, (id) => this.toldPlan(told, id), this.pending());
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
      queryKey: ['line', this.dayId()],
      queryFn: () => api.get<LineBoard>(`days/${this.dayId()}/line`),
      enabled: this.dayId() !== '',
      refetchInterval: POLL_MS,
    }));
    this.planQuery = createQuery(() => ({
      queryKey: ['plans', this.dayId(), this.plansNeeded()],
      queryFn: () => api.get<Plan[]>(`days/${this.dayId()}/plans`),
      enabled: this.dayId() !== '' && this.query.data !== undefined,
      placeholderData: (last: Plan[] | undefined) => last,
      staleTime: Infinity,
    }));
  }

  plan(id: string | null): Plan | undefined {
    return id === null ? undefined : this.plans.get(id);
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
  join(design: string, firstName: string): string {
    const ticket = newId();
    this.say({ kind: 'joined', ticket, design, ...(firstName === '' ? {} : { firstName }) });

    return ticket;
  }

  change(ticket: string, design: string, firstName: string): void {
    this.say({ kind: 'changed', ticket, design, ...(firstName === '' ? {} : { firstName }) });
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

  /** What a child is seated with on a chair: the plan of whoever paints there. */
  planIdFor(chair: ChairState, child: WaitingChild): string | null {
    const design = this.board?.designs.find((one) => one.id === child.designId);

    return planFor(design, chair.painterId).planId;
  }

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

  private toldPlan(told: LineBoard, id: string): ToldPlan | undefined {
    const plan = this.plans.get(id);

    return (
      told.story.plans.find((one) => one.id === id) ??
      (plan === undefined ? undefined : { id: plan.id, design: plan.name, steps: plan.steps })
    );
  }

  private pending() {
    return outbox.waiting.filter((one) => one.dayId === this.dayId()).map((one) => one.tap);
  }

  /** Changes whenever a plan is wanted that may not be here yet. */
  private plansNeeded(): string {
    const board = this.query.data;
    const ids = [
      ...(board?.designs ?? []).flatMap((design) => [design.planId, ...design.own.map((own) => own.planId)]),
      ...(board?.waiting ?? []).map((child) => child.planId),
      ...(board?.chairs ?? []).map((chair) => chair.child?.planId ?? null),
    ];

    return [...new Set(ids.filter((id) => id !== null))].sort().join(' ');
  }
}
