import { untrack } from 'svelte';
import { QUICKER_WORTH_MS, WATER_FACES } from '../../api/tables.gen';
import type {
  AfterFace,
  Caution,
  CautionShown,
  ChairState,
  LineBoard,
  PauseReason,
  Payment,
  Plan,
  PlanStep,
  SeatedChild,
  StepProgress,
  WaitingChild,
} from '../../api/types.gen';
import { clock } from '../../lib/clock.svelte';
import type { Line } from '../../line/line.svelte';
import { type FilmNow, filmsNow, stillFor } from './skin';
import { faceTime, leftToPaint, stepTime } from '../../line/face';

/** What the big button does now. A child can be seated once its plan is at hand. */
export type BigMove = 'seat' | 'ask' | 'refuse' | 'done' | 'resume' | 'next' | 'free' | 'back' | 'wait';

/** One chair of a day: who sits in it, the step under the hand, and the clocks. */
export class Chair {
  readonly state: ChairState | undefined = $derived.by(() => this.line.chair(this.number()));
  readonly child: SeatedChild | null = $derived.by(() => this.state?.child ?? null);
  readonly plan: Plan | undefined = $derived.by(() => this.line.plan(this.child?.planId ?? null));
  readonly stepIndex: number = $derived.by(
    () => this.child?.steps.findIndex((step) => step.status === 'pending') ?? -1,
  );
  readonly step: PlanStep | undefined = $derived.by(() => this.planned(this.stepIndex));
  readonly nextStep: PlanStep | undefined = $derived.by(() =>
    this.planned(
      this.child?.steps.findIndex((step, at) => at > this.stepIndex && step.status === 'pending') ?? -1,
    ),
  );
  /** The same as long as no step is another: a picture is not made anew because a second has passed. */
  private readonly stepsStand: string = $derived.by(() =>
    (this.child?.steps ?? []).map(({ stepId, status }) => `${stepId} ${status}`).join(),
  );
  /** For the picture: what is painted already, also by an earlier plan, then the plan's own steps. */
  readonly shownSteps: PlanStep[] = $derived.by(() => {
    const own = this.plan?.steps ?? [];
    const ids = new Set(own.map((step) => step.id));
    const earlier = this.runs()
      .filter((run) => run.status === 'done' && !ids.has(run.stepId))
      .flatMap((run) => this.line.stepOf(run.stepId) ?? []);

    return [...earlier, ...own];
  });
  /** How many of them are painted, one that was left for later and what was skipped among them. */
  readonly paintedSteps: number = $derived.by(() => {
    const at = this.shownSteps.findIndex((step) => step.id === this.step?.id);
    const done = new Set(this.runs().flatMap((run) => (run.status === 'done' ? [run.stepId] : [])));

    return at < 0
      ? this.shownSteps.length
      : Math.max(at, 1 + this.shownSteps.findLastIndex((step) => done.has(step.id)));
  });
  /** What is left out of the picture so far. */
  readonly skippedSteps: string[] = $derived.by(() => {
    const unpainted = new Set(this.runs().flatMap((run) => (run.status === 'done' ? [] : [run.stepId])));

    return this.shownSteps
      .filter(({ id }, at) => unpainted.has(id) && (at < this.paintedSteps || this.isSkipped(id)))
      .map(({ id }) => id);
  });
  /** What would not be painted if one stopped here, where that looks finished. */
  readonly mayStopWithout: readonly string[] = $derived.by(() => {
    const last = this.child?.steps.findLast((step) => step.status === 'done');
    const current = this.step?.id;

    return current === undefined || last === undefined
      ? []
      : (this.plan?.stops.find((stop) => stop.stepId === last.stepId)?.still ?? []);
  });
  /** Who paints here; undefined where nobody is known to. */
  readonly painter: string | undefined = $derived.by(() => this.nameOf(this.state?.painterId ?? null));
  readonly next: WaitingChild | undefined = $derived.by(() =>
    this.line.board?.waiting.find(({ id }) => id === this.state?.next?.ticketId),
  );
  /** Those who stand before the next one and are passed for now. */
  readonly passed: readonly WaitingChild[] = $derived.by(() => {
    const waiting = this.line.board?.waiting ?? [];

    return waiting.slice(
      0,
      Math.max(
        0,
        waiting.findIndex(({ id }) => id === this.next?.id),
      ),
    );
  });
  /** Nobody has said yet that what has to be asked was asked, and nothing is painted. */
  readonly isAsking: boolean = $derived.by(
    () =>
      this.step !== undefined &&
      this.child?.cautions === null &&
      !this.child.steps.some(({ status }) => status === 'done'),
  );
  private marked = $state.raw<{ child: string; answers: readonly Caution[] }>({ child: '', answers: [] });
  /** What is marked on the screen, and not said yet. */
  readonly answers: readonly Caution[] = $derived.by(() =>
    this.marked.child === this.child?.id ? this.marked.answers : [],
  );
  /** What the answers mean for the design: those marked while one asks, else those given. */
  readonly advice: readonly CautionShown[] = $derived.by(() => {
    const given = this.isAsking ? this.answers : (this.child?.cautions ?? []);

    return (this.plan?.cautions ?? []).filter(({ caution }) => given.includes(caution));
  });
  /** Faces finished at this chair since its water was changed, as far as they are told of. */
  readonly facesSinceWater: number = $derived.by(() => {
    const here = this.line.board?.ended.filter(
      (one) => one.chair === this.number() && one.outcome === 'finished',
    );
    const changed = here?.findIndex((one) => one.freshWater) ?? -1;

    return changed < 0 ? (here?.length ?? 0) : changed;
  });
  readonly wantsWater: boolean = $derived.by(() => this.facesSinceWater + 1 >= WATER_FACES);
  readonly stepMs: number = $derived.by(() => (this.child === null ? 0 : stepTime(this.child, clock.now)));
  readonly stepPlannedMs: number = $derived.by(() => this.child?.steps[this.stepIndex]?.plannedMs ?? 0);
  /** What lies below the step under the hand, or below the one after a wait: dry in so long, or wet for so long. */
  readonly films: readonly FilmNow[] = $derived.by(() => {
    const step = this.step?.technique === 'wait' ? this.nextStep : this.step;

    return this.child === null || step === undefined ? [] : filmsNow(this.child, step.films, clock.now);
  });
  /** How long the child must hold still from now on, as planned; 0 where it need not. */
  readonly stillMs: number = $derived.by(() => {
    const from = this.plan?.steps.findIndex(({ id }) => id === this.step?.id) ?? -1;

    return this.plan === undefined || from < 0
      ? 0
      : stillFor(this.plan.steps.slice(from), this.child?.steps ?? [], this.stepMs);
  });
  readonly faceMs: number = $derived.by(() => (this.child === null ? 0 : faceTime(this.child, clock.now)));
  readonly headingMs: number = $derived.by(() =>
    this.child === null ? 0 : this.faceMs + leftToPaint(this.child, clock.now),
  );
  /** Mirror, photo, wipe down: how long since the last step. */
  readonly turnaroundMs: number = $derived.by(() =>
    this.child?.paintedAt == null ? 0 : Math.max(0, clock.now - this.child.paintedAt),
  );
  readonly move: BigMove = $derived.by(() => this.bigMove());

  constructor(
    readonly line: Line,
    readonly number: () => number,
  ) {}

  press(): void {
    const { child, step, state, next } = this;
    if (this.move === 'done' && child !== null && step !== undefined) {
      this.line.say({ kind: 'step_done', ticket: child.id, step: step.id });
    } else if (this.move === 'ask' && child !== null) {
      this.line.ask(child.id, this.answers, [...new Set(this.advice.flatMap(({ without }) => without))]);
    } else if (this.move === 'refuse') {
      this.childLeft();
    } else if (this.move === 'resume') {
      this.togglePause();
    } else if (this.move === 'back') {
      this.line.endBreak(this.number());
    } else if (this.move === 'free') {
      this.finish();
    } else if (state !== undefined && next !== undefined) {
      this.line.seat(state, next);
    }
  }

  /** Marks an answer, or takes the mark back. */
  mark(caution: Caution): void {
    const answers = this.answers.includes(caution)
      ? this.answers.filter((one) => one !== caution)
      : [...this.answers, caution];
    this.marked = { child: this.child?.id ?? '', answers };
  }

  /** Another child than the one that is proposed. */
  seat(child: WaitingChild): void {
    if (this.state !== undefined) {
      this.line.seat(this.state, child);
    }
  }

  /** Somebody who stands there while nobody waits: a number and the chair at once. */
  seatWalkUp(design: string): void {
    if (this.state !== undefined && this.child === null) {
      this.line.seatWalkUp(this.state, design);
    }
  }

  /** Why the clocks stand. */
  pauseFor(reason: PauseReason): void {
    if (this.child !== null) {
      this.line.say({ kind: 'paused', ticket: this.child.id, reason });
    }
  }

  /** To be painted once more: the step under the hand, or the one before it. */
  wipeOff(step: string): void {
    if (this.child !== null) {
      this.line.say({ kind: 'wiped_off', ticket: this.child.id, step });
    }
  }

  /** Painted as one with the next step. */
  bothDone(): void {
    if (this.child !== null && this.step !== undefined && this.nextStep !== undefined) {
      this.line.say({ kind: 'both_done', ticket: this.child.id, step: this.step.id });
    }
  }

  /** The step under the hand, or the rest of it, after the next one. */
  later(): void {
    if (this.child !== null && this.step !== undefined && this.nextStep !== undefined) {
      this.line.say({ kind: 'left_for_later', ticket: this.child.id, step: this.step.id });
    }
  }

  /** Of another mind half-way: from now on by that design's plan. */
  changeTo(design: string): void {
    const plan = this.line.planOf(design, this.state?.painterId ?? null);
    if (this.child !== null && plan !== null) {
      this.line.say({ kind: 'trimmed', ticket: this.child.id, plan, design });
    }
  }

  after(part: AfterFace): void {
    if (this.child !== null) {
      this.line.say({ kind: 'part_done', ticket: this.child.id, part });
    }
  }

  pay(cents: number, payment: Payment): void {
    if (this.child !== null) {
      this.line.say({ kind: 'paid', ticket: this.child.id, cents, payment });
    }
  }

  skip(): void {
    if (this.child !== null && this.step !== undefined) {
      this.line.say({ kind: 'step_skipped', ticket: this.child.id, step: this.step.id });
    }
  }

  /** Ways to go on that are known without asking: the named versions, less what is painted. */
  quickerWays(): { plan: Plan; leftMs: number }[] {
    return this.ways().filter((way) => this.headingMs - this.faceMs - way.leftMs >= QUICKER_WORTH_MS);
  }

  /** Ways to paint more than is planned that still keep what was promised. */
  richerWays(): { plan: Plan; leftMs: number }[] {
    const promised = this.child?.promiseMs ?? null;

    return promised === null
      ? []
      : this.ways().filter(
          (way) =>
            way.leftMs - (this.headingMs - this.faceMs) >= QUICKER_WORTH_MS &&
            this.faceMs + way.leftMs <= promised,
        );
  }

  /** The named versions as they could be gone on by, less what is painted. */
  private ways(): { plan: Plan; leftMs: number }[] {
    const done = new Set(
      this.child?.steps.filter((step) => step.status !== 'pending').map((step) => step.stepId),
    );

    return this.line
      .rungsOf(this.child?.designId ?? '', this.state?.painterId ?? null)
      .filter((plan) => plan.id !== this.child?.planId)
      .filter((plan) => plan.steps.some((step) => !done.has(step.id)))
      .map((plan) => ({
        plan,
        // What was spent on the step under the hand counts for it, and for no other one.
        leftMs: plan.steps
          .filter((step) => !done.has(step.id))
          .reduce(
            (sum, step) => sum + Math.max(0, step.plannedMs - (step.id === this.step?.id ? this.stepMs : 0)),
            0,
          ),
      }));
  }

  goOnBy(plan: Plan): void {
    if (this.child !== null) {
      this.line.trim(this.child.id, plan.id);
    }
  }

  togglePause(): void {
    if (this.child !== null && this.step !== undefined) {
      this.line.say({ kind: this.child.pausedAt === null ? 'paused' : 'resumed', ticket: this.child.id });
    }
  }

  undo(): void {
    this.line.undo(...(this.state?.undoable ?? []));
  }

  /** Painted as it is: what is not painted stays unpainted, and the turnaround begins. */
  enough(): void {
    const { child } = this;
    if (child !== null) {
      const left = child.steps.filter((step) => step.status === 'pending');
      this.line.say(
        ...left.map(({ stepId }) => ({ kind: 'step_skipped' as const, ticket: child.id, step: stepId })),
      );
    }
  }

  /** Off the chair, with nobody to follow. */
  finish(): void {
    if (this.child !== null) {
      this.line.say({ kind: 'finished', ticket: this.child.id });
    }
  }

  childLeft(): void {
    if (this.child !== null) {
      this.line.takeOff(this.child.id, 'left');
    }
  }

  /** Until the face in hand is painted and turned around, as planned: a break begins after it. */
  busyMs(): number {
    const turnaround = this.line.board?.day.turnaroundMs ?? 0;

    return this.child === null
      ? 0
      : this.headingMs - this.faceMs + Math.max(0, turnaround - this.turnaroundMs);
  }

  nameOf(painter: string | null): string | undefined {
    return this.line.board?.roster.painters.find(({ id }) => id === painter)?.name;
  }

  /** How far the hook is along the plan: it waits at the end of a step that runs over. */
  hook(): number {
    if (this.plan === undefined) {
      return 0;
    }
    const lead = this.plan.spans.find((span) => span.stepId === this.step?.id);

    return lead === undefined ? this.plan.totalMs : lead.startMs + Math.min(this.stepMs, this.stepPlannedMs);
  }

  /** For what hangs on no more than which steps are painted. */
  private runs(): readonly StepProgress[] {
    return this.stepsStand === '' ? [] : untrack(() => this.child?.steps ?? []);
  }

  private isSkipped(id: string): boolean {
    return this.runs().some((run) => run.stepId === id && run.status === 'skipped');
  }

  /** A step under the hand or to come. Skipped steps of another plan may stand among the runs. */
  private planned(at: number): PlanStep | undefined {
    const id = at < 0 ? undefined : this.child?.steps[at]?.stepId;

    return this.plan?.steps.find((step) => step.id === id);
  }

  private bigMove(): BigMove {
    const ready =
      this.next !== undefined &&
      this.state !== undefined &&
      this.line.plan(this.line.planIdFor(this.state, this.next)) !== undefined;
    if (this.child === null) {
      if (this.state?.awayUntil != null) {
        return 'back';
      }

      return ready ? 'seat' : 'wait';
    }
    if (this.isAsking) {
      return this.advice.some(({ refused }) => refused) ? 'refuse' : 'ask';
    }
    if (this.child.pausedAt !== null) {
      return 'resume';
    }
    if (this.step !== undefined) {
      return 'done';
    }

    return ready ? 'next' : 'free';
  }
}

/** The day that is running, else the next to come, else the last. */
export function dayAtHand<T extends Pick<LineBoard['day'], 'opensAt' | 'closesAt'>>(
  days: readonly T[],
  now: number,
): T | undefined {
  const hour = 3_600_000;
  const running = days.find((day) => day.opensAt - hour < now && now < day.closesAt + 2 * hour);

  return running ?? days.findLast((day) => day.opensAt > now) ?? days[0];
}
