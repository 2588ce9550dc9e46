import { api, Refusal, Unreachable } from '../../api/client';
import { kept, type UnsavedDesign } from '../../api/kept';
import type {
  DesignSheet,
  FixShown,
  PhotoShown,
  PinShown,
  Placement,
  ReadList,
  RungWish,
  StepLine,
  TapeSpan,
} from '../../api/types.gen';
import { newId } from '../../lib/ids';
import { echoOf, knownMs } from './advice/local-timeline';
import {
  asTyped,
  cutInTwo,
  type Draft,
  draftOf,
  type DraftStep,
  heldBy,
  merged,
  OTHER_SIDE,
  partedSides,
  typed,
  withFigure,
} from './draft';
import { History } from './history.svelte';
import { pinsOf, StepWords } from './steps/words.svelte';
import { TriedOn } from './tried-on.svelte';

/** Where a design is kept until the server has it. */
export interface UnsavedStore {
  keepUnsaved(design: UnsavedDesign<Draft>): Promise<void>;
  dropUnsaved(designId: string): Promise<void>;
}

type Saving = 'saved' | 'saving' | 'refused' | 'away' | 'changed elsewhere';

/** A design on the bench: every change is saved at once, and can be undone and done again without end. */
export class Bench {
  sheet: DesignSheet = $state.raw() as DesignSheet;
  draft: Draft = $state.raw() as Draft;
  selectedId = $state('');
  saving = $state<Saving>('saved');
  message = $state('');
  fields = $state.raw<Record<string, string[]>>({});
  readonly history = new History<Draft>();
  readonly triedOn: TriedOn;
  /** Steps that the finding under the pointer speaks of. */
  hinted = $state.raw<readonly string[]>([]);
  /** What stands in the new line and is no step yet. */
  halfTyped = '';
  private pointed = $state.raw<readonly string[]>([]);
  private again = false;
  private readonly words = new Map<string, StepWords>();
  /** The tape's pieces: as the server timed them, or about so while it has not yet. */
  readonly spans: TapeSpan[] = $derived.by(() => echoOf(this.sheet, this.draft.steps));
  readonly totalMs: number = $derived.by(() =>
    Math.max(0, ...this.spans.map((span) => span.startMs + span.lengthMs)),
  );
  /** The steps that a finding speaks of while one looks at it, or as long as one of them is the selected one. */
  readonly pointedAt: readonly DraftStep[] = $derived.by(() => {
    const ids =
      this.hinted.length > 0 ? this.hinted : this.pointed.includes(this.selectedId) ? this.pointed : [];

    return this.draft.steps.filter((step) => ids.includes(step.id));
  });
  readonly selected: DraftStep | undefined = $derived.by(() =>
    this.draft.steps.find((step) => step.id === this.selectedId),
  );

  constructor(
    sheet: DesignSheet,
    private readonly saved: (sheet: DesignSheet) => void,
    private readonly unsaved: UnsavedStore = kept,
  ) {
    this.sheet = sheet;
    this.draft = draftOf(sheet);
    this.selectedId = sheet.steps[0]?.id ?? '';
    this.triedOn = new TriedOn(sheet.id);
  }

  /** Goes on with what was edited here while the server was away, or this page was closed. */
  async takeUp({ revision, draft }: UnsavedDesign<Draft>): Promise<void> {
    this.history.keep(this.draft);
    this.draft = draft;
    if (revision === this.sheet.revision) {
      await this.save();

      return;
    }
    this.saving = 'changed elsewhere';
    this.message = 'This design was changed on another screen meanwhile. What you did is still here.';
  }

  /** Shows steps on the face, the last of them as the one under the hand. */
  point(ids: readonly string[]): void {
    this.pointed = ids;
    this.selectedId = ids.at(-1) ?? this.selectedId;
  }

  /** To the step before or after the one under the hand, where there is one. */
  goOn(by: -1 | 1): void {
    const at = this.draft.steps.findIndex((step) => step.id === this.selectedId);
    this.selectedId = this.draft.steps[at + by]?.id ?? this.selectedId;
  }

  rename(name: string): void {
    this.change({ ...this.draft, name });
  }

  setPlacement(placement: Placement): void {
    this.change({ ...this.draft, placement });
  }

  /** Kept by the server by itself: it is no part of what is saved with the steps. */
  setPhoto(photo: PhotoShown | null): void {
    this.sheet = { ...this.sheet, photo };
    this.saved(this.sheet);
  }

  setPromise(promise: string): void {
    this.change({ ...this.draft, promise });
  }

  setAudience(change: Partial<Pick<Draft, 'tags' | 'stillFor' | 'gentle' | 'fromAge'>>): void {
    this.change({ ...this.draft, ...change });
  }

  setStep(id: string, change: Partial<DraftStep>): void {
    this.setSteps(
      this.draft.steps.map((step) =>
        // How new colours come out is not known until the server says it.
        step.id === id ? { ...step, ...(change.colours === undefined ? {} : { seen: [] }), ...change } : step,
      ),
    );
  }

  /** The same for all steps that paint that step's figure. */
  setFigure(id: string, change: Partial<DraftStep>): void {
    this.setSteps(withFigure(this.draft.steps, id, change));
  }

  /** Steps read from a list, after that one, with what they want of the order. */
  addList(reading: ReadList, after: string = this.selectedId): void {
    const at = this.draft.steps.findIndex((step) => step.id === after) + 1;
    const steps = reading.lines.flatMap((line) => line.steps.map(({ step }) => ({ ...step, id: newId() })));
    const ids = [...this.draft.steps.slice(0, at), ...steps].map((step) => step.id);
    this.change({
      ...this.draft,
      steps: this.draft.steps.toSpliced(at, 0, ...steps),
      pins: [...this.draft.pins, ...pinsOf(reading, ids)],
    });
    this.selectedId = steps.at(-1)?.id ?? this.selectedId;
  }

  /** The line of a step as somebody types in it, kept until it is the step. */
  wordsOf(id: string): StepWords {
    const known = this.words.get(id);
    if (known !== undefined) {
      return known;
    }
    const words = new StepWords({
      placement: () => this.draft.placement,
      called: () => this.draft.name,
      above: () => this.linesUpTo(this.stepBefore(id)),
      idsAbove: () => this.idsUpTo(this.stepBefore(id)),
      become: (step, pins) => {
        this.become(id, step, pins);
      },
    });
    this.words.set(id, words);

    return words;
  }

  /** Lines of the steps down to that one, as the server last wrote them; none without one. */
  linesUpTo(id: string): string[] {
    return this.upTo(id)
      .map((step) => step.line)
      .filter((line) => line !== '');
  }

  copyStep(id: string): void {
    const step = this.draft.steps.find((one) => one.id === id);
    if (step !== undefined) {
      this.insert({ ...step, id: newId() }, id);
    }
  }

  /** To the other side, as it is. */
  mirrorStep(id: string): void {
    const step = this.stepOf(id);
    if (step !== undefined) {
      this.setStep(id, { side: OTHER_SIDE[step.side] });
    }
  }

  /** The same again on the other side, right after. */
  repeatOtherSide(id: string): void {
    const step = this.stepOf(id);
    if (step !== undefined) {
      this.insert({ ...step, id: newId(), side: OTHER_SIDE[step.side] }, id);
    }
  }

  /** One step for both sides becomes one for the left and one for the right; a typed time is shared out. */
  partSides(id: string): void {
    const step = this.stepOf(id);
    if (step !== undefined) {
      this.replace(id, 1, partedSides(step, this.timeOf(id)));
    }
  }

  /** Cuts a step in two, so many seconds after its start. */
  splitStep(id: string, afterSeconds: number): void {
    const step = this.stepOf(id);
    const rest = this.timeOf(id) - afterSeconds * 1000;
    if (step !== undefined && afterSeconds > 0 && rest > 0) {
      this.replace(id, 1, cutInTwo(step, afterSeconds * 1000, rest));
    }
  }

  /** This step takes up the places, colours and minutes of the next one. */
  mergeWithNext(id: string): void {
    const at = this.draft.steps.findIndex((step) => step.id === id);
    const [step, next] = this.draft.steps.slice(at, at + 2);
    if (step === undefined || next === undefined) {
      return;
    }
    this.replace(id, 2, [merged(step, next, this.timeOf(step.id) + this.timeOf(next.id))]);
  }

  /** Milliseconds of a step's own. */
  timeOf(id: string): number {
    const step = this.stepOf(id);

    return step === undefined ? 0 : knownMs(step, this.sheet);
  }

  removeStep(id: string): void {
    const at = this.draft.steps.findIndex((step) => step.id === id);
    const steps = this.draft.steps.filter((step) => step.id !== id);
    this.setSteps(steps);
    this.selectedId = steps[Math.min(at, steps.length - 1)]?.id ?? '';
  }

  /** @param by -1 for one place earlier, 1 for one later */
  moveStep(id: string, by: number): void {
    const at = this.draft.steps.findIndex((step) => step.id === id);
    const step = this.draft.steps[at];
    const to = at + by;
    if (step !== undefined && to >= 0 && to < this.draft.steps.length) {
      this.setSteps(this.draft.steps.toSpliced(at, 1).toSpliced(to, 0, step));
    }
  }

  /** @param to place among the steps, the first being 0 */
  placeStep(id: string, to: number): void {
    const step = this.stepOf(id);
    if (step !== undefined && this.draft.steps.indexOf(step) !== to) {
      this.setSteps(this.draft.steps.filter((one) => one !== step).toSpliced(to, 0, step));
    }
  }

  setTime(id: string, milliseconds: number): void {
    if (milliseconds !== this.timeOf(id)) {
      this.setStep(id, { time: typed(milliseconds) });
    }
  }

  /** Brings the steps of a group together, behind its first. */
  gather(group: string): void {
    const first = this.draft.steps.findIndex((step) => step.group === group);
    const [own, others] = [true, false].map((isOwn) =>
      this.draft.steps.filter((step) => (step.group === group) === isOwn),
    );
    this.setSteps([...(others ?? []).slice(0, first), ...(own ?? []), ...(others ?? []).slice(first)]);
  }

  reorder(ids: readonly string[]): void {
    const byId = new Map(this.draft.steps.map((step) => [step.id, step]));
    const steps = ids.flatMap((id) => byId.get(id) ?? []);
    if (steps.length === byId.size && steps.some((step, at) => step !== this.draft.steps[at])) {
      this.setSteps(steps);
    }
  }

  /** Does what a finding or the best order proposes, as one change. */
  apply(fix: FixShown): void {
    const byId = new Map<string, DraftStep>(this.draft.steps.map((step) => [step.id, step]));
    for (const step of fix.changed) {
      byId.set(step.id, step);
    }
    const steps = fix.order.flatMap((id) => byId.get(id) ?? []);
    this.change({
      ...this.draft,
      steps,
      pins: heldBy(steps, this.draft.pins),
      promise: fix.promise ?? this.draft.promise,
      fromAge: fix.fromAge ?? this.draft.fromAge,
    });
  }

  pin(pin: PinShown): void {
    if (!this.draft.pins.some((one) => JSON.stringify(one) === JSON.stringify(pin))) {
      this.change({ ...this.draft, pins: [...this.draft.pins, pin] });
    }
  }

  unpin(pin: PinShown): void {
    this.change({ ...this.draft, pins: this.draft.pins.filter((one) => one !== pin) });
  }

  /** The rule is not asked of this design any more, for a reason. */
  silence(rule: string, title: string, reason: string): void {
    this.change({
      ...this.draft,
      silences: [...this.draft.silences.filter((one) => one.rule !== rule), { rule, title, reason }],
    });
  }

  askAgain(rule: string): void {
    this.change({ ...this.draft, silences: this.draft.silences.filter((one) => one.rule !== rule) });
  }

  /** Nothing of the design changed, but what it is painted in did: weather, ways of working. */
  async readAgain(): Promise<void> {
    const sheet = await api.get<DesignSheet>(`designs/${this.sheet.id}`);
    if (sheet.revision === this.sheet.revision && this.saving === 'saved') {
      this.sheet = sheet;
      this.draft = draftOf(sheet);
    }
  }

  /** By that name this version is meant from now on. */
  nameRung(wish: RungWish): void {
    this.change({
      ...this.draft,
      rungs: [...this.draft.rungs.filter((one) => one.name !== wish.name), wish],
    });
  }

  /** That name goes back to the version that the ladder itself gives it. */
  forgetRung(name: RungWish['name']): void {
    this.change({ ...this.draft, rungs: this.draft.rungs.filter((one) => one.name !== name) });
  }

  undo(): void {
    const draft = this.history.undone(this.draft);
    if (draft !== undefined) {
      this.show(draft);
    }
  }

  redo(): void {
    const draft = this.history.redone(this.draft);
    if (draft !== undefined) {
      this.show(draft);
    }
  }

  /** Throws this screen's changes away for what another one saved. */
  async loadTheirs(): Promise<void> {
    const sheet = await api.get<DesignSheet>(`designs/${this.sheet.id}`);
    this.sheet = sheet;
    this.history.keep(this.draft);
    this.draft = draftOf(sheet);
    this.saving = 'saved';
    this.message = '';
    await this.unsaved.dropUnsaved(sheet.id);
  }

  /** Saves this screen's design over what another one saved. */
  async keepMine(): Promise<void> {
    this.sheet = {
      ...this.sheet,
      // Nothing of theirs is kept: every step is sent whole.
      steps: [],
      revision: (await api.get<DesignSheet>(`designs/${this.sheet.id}`)).revision,
    };
    await this.save();
  }

  /** Saves the newest draft; a change made meanwhile is saved right after. */
  async save(): Promise<void> {
    if (this.saving === 'saving') {
      this.again = true;

      return;
    }
    this.saving = 'saving';
    this.again = false;
    const { revision, id } = this.sheet;
    void this.unsaved.keepUnsaved({ designId: id, revision, draft: this.draft });
    try {
      await this.put();
      this.saving = 'saved';
      this.message = '';
      this.fields = {};
    } catch (error) {
      this.refused(error);
    }
    // A change made meanwhile is newer than what was sent, and may mend what was refused.
    if (this.again as boolean) {
      await this.save();
    }
  }

  private upTo(id: string): DraftStep[] {
    return this.draft.steps.slice(0, this.draft.steps.findIndex((step) => step.id === id) + 1);
  }

  /** Of the steps whose lines stand above. */
  private idsUpTo(id: string): string[] {
    return this.upTo(id)
      .filter((step) => step.line !== '')
      .map((step) => step.id);
  }

  private stepBefore(id: string): string {
    return this.draft.steps[this.draft.steps.findIndex((step) => step.id === id) - 1]?.id ?? '';
  }

  /** A typed line is the step from now on, wherever that stands by now. */
  private become(id: string, read: StepLine, pins: PinShown[]): void {
    if (this.stepOf(id) === undefined) {
      return;
    }
    const known = new Set(this.draft.pins.map((pin) => JSON.stringify(pin)));
    const own = pins.map((pin) => ({ ...pin, steps: pin.steps.map((one) => (one === '' ? id : one)) }));
    this.change({
      ...this.draft,
      steps: this.draft.steps.map((step) => (step.id === id ? { ...read, id } : step)),
      pins: [...this.draft.pins, ...own.filter((pin) => !known.has(JSON.stringify(pin)))],
    });
  }

  private stepOf(id: string): DraftStep | undefined {
    return this.draft.steps.find((step) => step.id === id);
  }

  private replace(id: string, count: number, steps: DraftStep[]): void {
    const at = this.draft.steps.findIndex((step) => step.id === id);
    this.setSteps(this.draft.steps.toSpliced(at, count, ...steps));
  }

  private setSteps(steps: DraftStep[]): void {
    this.change({ ...this.draft, steps, pins: heldBy(steps, this.draft.pins) });
  }

  private insert(step: DraftStep, after: string | undefined): void {
    const at = this.draft.steps.findIndex((one) => one.id === after) + 1;
    this.setSteps(this.draft.steps.toSpliced(at, 0, step));
    this.selectedId = step.id;
  }

  private change(draft: Draft): void {
    this.history.keep(this.draft);
    this.show(draft);
  }

  private show(draft: Draft): void {
    this.draft = draft;
    if (!draft.steps.some((step) => step.id === this.selectedId)) {
      this.selectedId = draft.steps[0]?.id ?? '';
    }
    void this.save();
  }

  private async put(): Promise<void> {
    const { draft } = this;
    const theirs = new Set<DraftStep>(this.sheet.steps);
    this.sheet = await api.put<DesignSheet>(`designs/${this.sheet.id}`, {
      ...draft,
      // A step that is the server's own still is kept there: its id says enough.
      steps: draft.steps.map((step) => (theirs.has(step) ? { id: step.id } : asTyped(step))),
      silences: draft.silences.map(({ rule, reason }) => ({ rule, reason })),
      revision: this.sheet.revision,
    });
    // Typed times come back in their one written form: "40s" becomes 0:40.
    if (this.draft === draft) {
      this.draft = draftOf(this.sheet);
      await this.unsaved.dropUnsaved(this.sheet.id);
    }
    this.saved(this.sheet);
    await this.triedOn.again();
  }

  private refused(error: unknown): void {
    this.message = error instanceof Error ? error.message : String(error);
    this.fields = error instanceof Refusal ? error.fields : {};
    this.saving =
      error instanceof Unreachable
        ? 'away'
        : error instanceof Refusal && error.status === 409
          ? 'changed elsewhere'
          : 'refused';
  }
}
