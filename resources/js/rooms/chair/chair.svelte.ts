import type { ChairState, LineBoard, Plan, PlanStep, SeatedChild, WaitingChild } from '../../api/types.gen';
import { clock } from '../../lib/clock.svelte';
import type { Line } from '../../line/line.svelte';
import { faceTime, leftToPaint, stepTime } from '../../line/pending';

/** What the big button does now. A child can be seated once its plan is at hand. */
export type BigMove = 'seat' | 'done' | 'resume' | 'next' | 'free' | 'wait';

/** One chair of a day: who sits in it, the step under the hand, and the clocks. */
export class Chair {
  readonly state: ChairState | undefined = $derived.by(() => this.line.chair(this.number()));
  readonly child: SeatedChild | null = $derived.by(() => this.state?.child ?? null);
  readonly plan: Plan | undefined = $derived.by(() => this.line.plan(this.child?.planId ?? null));
  readonly stepIndex: number = $derived.by(
    () => this.child?.steps.findIndex((step) => step.status === 'pending') ?? -1,
  );
  readonly step: PlanStep | undefined = $derived.by(() => this.plan?.steps[this.stepIndex]);
  readonly nextStep: PlanStep | undefined = $derived.by(() =>
    this.stepIndex < 0 ? undefined : this.plan?.steps[this.stepIndex + 1],
  );
  readonly next: WaitingChild | undefined = $derived.by(() => this.line.board?.waiting[0]);
  readonly stepMs: number = $derived.by(() => (this.child === null ? 0 : stepTime(this.child, clock.now)));
  readonly stepPlannedMs: number = $derived.by(() => this.child?.steps[this.stepIndex]?.plannedMs ?? 0);
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
    } else if (this.move === 'resume') {
      this.togglePause();
    } else if (this.move === 'free') {
      this.finish();
    } else if (state !== undefined && next !== undefined) {
      this.line.seat(state, next);
    }
  }

  skip(): void {
    if (this.child !== null && this.step !== undefined) {
      this.line.say({ kind: 'step_skipped', ticket: this.child.id, step: this.step.id });
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

  /** Done as it is: what is not painted stays unpainted. */
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

  /** How far the hook is along the plan: it waits at the end of a step that runs over. */
  hook(): number {
    if (this.plan === undefined) {
      return 0;
    }
    const lead = this.plan.spans.find((span) => span.stepId === this.step?.id);

    return lead === undefined ? this.plan.totalMs : lead.startMs + Math.min(this.stepMs, this.stepPlannedMs);
  }

  private bigMove(): BigMove {
    const ready = this.next !== undefined && this.line.plan(this.next.planId) !== undefined;
    if (this.child === null) {
      return ready ? 'seat' : 'wait';
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

/** "No. 27 Noor"; a child whose number the server has not given yet is "the new one". */
export function childName(child: { number: number; firstName: string | null }): string {
  const number = child.number === 0 ? 'the new one' : `No. ${child.number}`;

  return child.firstName === null ? number : `${number} ${child.firstName}`;
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
