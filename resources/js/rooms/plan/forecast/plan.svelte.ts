import { api } from '../../../api/client';
import { kept } from '../../../api/kept';
import type { EventPlanSheet, ForecastShown, LeverKind, PlayedDay, TermsShown } from '../../../api/types.gen';

/** A change that was kept and can be taken back. */
interface Kept {
  text: string;
  before: TermsShown;
}

/** What was reckoned of a plan last, to be looked at without a network. */
interface Figures {
  terms: TermsShown;
  forecast: ForecastShown | null;
  levers: readonly ForecastShown[];
  usual: PlayedDay | null;
}

/**
 * An event's plan while it is looked at and changed: every change is tried at once, kept when it is let go, and can be taken back.
 * While something is dragged there is one question under way; the newest one waits for its first answer.
 */
export class EventPlan {
  terms: TermsShown = $state.raw() as TermsShown;
  forecast: ForecastShown | null = $state.raw(null);
  levers: readonly ForecastShown[] = $state.raw([]);
  /** A usual day of the plan as it was kept last. */
  usual: PlayedDay | null = $state.raw(null);
  message = $state('');
  undoable: Kept | null = $state.raw(null);
  /** Whether better figures are on their way. */
  isReckoning = $state(false);
  private saved: TermsShown;
  private stopper = new AbortController();
  private leverStopper = new AbortController();
  private isAsking = false;
  private asksAgain = false;

  constructor(
    sheet: EventPlanSheet,
    private readonly keep: (sheet: EventPlanSheet) => void,
  ) {
    this.dayId = sheet.day.id;
    this.terms = this.saved = sheet.terms;
  }

  readonly dayId: string;

  /** Tries a change; nothing is kept yet. */
  try(change: Partial<TermsShown>): void {
    this.terms = { ...this.terms, ...change };
    this.ask();
  }

  /** Keeps what was tried last. */
  async let(text: string, change: Partial<TermsShown> = {}): Promise<void> {
    const before = this.saved;
    this.terms = { ...this.terms, ...change };
    if (JSON.stringify(this.terms) === JSON.stringify(before)) {
      return;
    }
    await this.write(this.terms, { text, before });
  }

  async undo(): Promise<void> {
    const kept = this.undoable;
    if (kept !== null) {
      this.terms = kept.before;
      await this.write(kept.before, null);
    }
  }

  pull(lever: LeverKind, text: string): Promise<void> {
    return this.let(text, { levers: [...this.terms.levers, lever] });
  }

  release(lever: LeverKind, text: string): Promise<void> {
    return this.let(text, { levers: this.terms.levers.filter((one) => one !== lever) });
  }

  /** Asks for the figures of the plan as it stands, and of each change to it. */
  start(): void {
    this.ask();
    void this.askBeside();
  }

  stop(): void {
    this.stopper.abort();
    this.leverStopper.abort();
  }

  private async write(terms: TermsShown, kept: Kept | null): Promise<void> {
    this.ask();
    try {
      const sheet = await api.put<EventPlanSheet>(`days/${this.dayId}/plan`, terms);
      this.saved = sheet.terms;
      this.message = '';
      this.undoable = kept;
      this.keep(sheet);
      void this.askBeside();
    } catch (error) {
      this.message = error instanceof Error ? error.message : String(error);
      this.terms = this.saved;
      this.ask();
    }
  }

  private ask(): void {
    if (this.isAsking) {
      this.asksAgain = true;

      return;
    }
    this.stopper.abort();
    this.stopper = new AbortController();
    this.isAsking = true;
    void this.figures(this.stopper.signal);
  }

  private async figures(signal: AbortSignal): Promise<void> {
    this.isReckoning = true;
    try {
      await api.lines(
        `days/${this.dayId}/forecast`,
        (line) => {
          this.forecast = JSON.parse(line) as ForecastShown;
          this.message = '';
          this.answered();
        },
        signal,
        this.terms,
      );
    } catch (error) {
      if (!signal.aborted) {
        this.message = error instanceof Error ? error.message : String(error);
        this.answered();
        await this.recall();
      }
    } finally {
      this.isReckoning = !signal.aborted ? false : this.isReckoning;
    }
  }

  /** The first answer is there: what was changed meanwhile is asked for now. */
  private answered(): void {
    this.isAsking = false;
    if (this.asksAgain) {
      this.asksAgain = false;
      this.ask();
    }
  }

  /** What is looked at when the figures are there. */
  private async askBeside(): Promise<void> {
    const terms = this.terms;
    await Promise.all([
      this.askLevers(),
      api.post<PlayedDay>(`days/${this.dayId}/played`, { ...terms, like: 'usual' }).then(
        (day) => (this.usual = terms === this.terms ? day : this.usual),
        () => (this.usual = null),
      ),
    ]);
    await this.keepFigures(terms);
  }

  /** For when there is no network: what has come so far, and of what is still to come the last. */
  private async keepFigures(terms: TermsShown): Promise<void> {
    const { forecast, levers, usual } = this;
    if (forecast === null || terms !== this.terms) {
      return;
    }
    const last = await this.lastFigures();
    await kept.keepAnswer(this.figuresKey(), {
      terms,
      forecast,
      levers: levers.length < (last?.levers.length ?? 0) ? (last?.levers ?? []) : levers,
      usual: usual ?? last?.usual ?? null,
    } satisfies Figures);
  }

  /** What this browser kept, as long as the plan is the same. */
  private async lastFigures(): Promise<Figures | undefined> {
    const last = (await kept.answer(this.figuresKey())) as Figures | undefined;

    return JSON.stringify(last?.terms) === JSON.stringify(this.terms) ? last : undefined;
  }

  private figuresKey(): string {
    return `days/${this.dayId}/figures`;
  }

  /** Out of reach, the last figures stand in. */
  private async recall(): Promise<void> {
    const last = await this.lastFigures();
    if (this.forecast === null && last !== undefined) {
      this.forecast = last.forecast;
      this.levers = last.levers;
      this.usual = last.usual;
    }
  }

  private async askLevers(): Promise<void> {
    this.leverStopper.abort();
    this.leverStopper = new AbortController();
    const { signal } = this.leverStopper;
    const { terms } = this;
    const pulled: ForecastShown[] = [];
    try {
      await api.lines(
        `days/${this.dayId}/levers`,
        (line) => {
          pulled.push(JSON.parse(line) as ForecastShown);
          this.levers = [...pulled];
          void this.keepFigures(terms);
        },
        signal,
        this.terms,
      );
      this.levers = pulled;
    } catch {
      // What is wrong with the plan is said of the forecast.
      this.levers = signal.aborted ? this.levers : [];
    }
  }
}
