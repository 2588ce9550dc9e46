import { api, Refusal, Unreachable } from '../../api/client';
import type { DesignSheet, Placement, StepLine } from '../../api/types.gen';
import { newId } from '../../lib/ids';

/** A step while it is edited: its times are the typed text, and the server says what they come to. */
export type DraftStep = Omit<StepLine, 'timeMs' | 'dryForMs'>;

/** What the bench edits and what undo goes back over. */
export interface Draft {
  name: string;
  placement: Placement;
  promise: string;
  steps: DraftStep[];
}

type Saving = 'saved' | 'saving' | 'refused' | 'away' | 'changed elsewhere';

function draftOf(sheet: DesignSheet): Draft {
  return {
    name: sheet.name,
    placement: sheet.placement,
    promise: sheet.promise ?? '',
    steps: sheet.steps,
  };
}

/** A step as the server takes it: its times are what was typed; its line is the server's to write. */
function asTyped(step: DraftStep): Omit<DraftStep, 'line'> {
  const { id, name, medium, tool, colours, zones, side, coats, time, dryFor, optional, note } = step;

  return { id, name, medium, tool, colours, zones, side, coats, time, dryFor, optional, note };
}

/** A design on the bench: every change is saved at once, and can be undone and done again without end. */
export class Bench {
  sheet: DesignSheet = $state.raw() as DesignSheet;
  draft: Draft = $state.raw() as Draft;
  selectedId = $state('');
  saving = $state<Saving>('saved');
  message = $state('');
  fields = $state.raw<Record<string, string[]>>({});
  private past = $state.raw<Draft[]>([]);
  private future = $state.raw<Draft[]>([]);
  private again = false;
  readonly canUndo = $derived.by(() => this.past.length > 0);
  readonly canRedo = $derived.by(() => this.future.length > 0);
  readonly selected: DraftStep | undefined = $derived.by(() =>
    this.draft.steps.find((step) => step.id === this.selectedId),
  );

  constructor(
    sheet: DesignSheet,
    private readonly saved: (sheet: DesignSheet) => void,
  ) {
    this.sheet = sheet;
    this.draft = draftOf(sheet);
    this.selectedId = sheet.steps[0]?.id ?? '';
  }

  rename(name: string): void {
    this.change({ ...this.draft, name });
  }

  setPlacement(placement: Placement): void {
    this.change({ ...this.draft, placement });
  }

  setPromise(promise: string): void {
    this.change({ ...this.draft, promise });
  }

  setStep(id: string, change: Partial<DraftStep>): void {
    this.setSteps(this.draft.steps.map((step) => (step.id === id ? { ...step, ...change } : step)));
  }

  /** A new step after the selected one, like it in tool and place. */
  addStep(): void {
    const like = this.selected ?? this.draft.steps.at(-1);
    const step: DraftStep = {
      id: newId(),
      name: `Step ${this.draft.steps.length + 1}`,
      medium: like?.medium ?? 'sponge',
      tool: like?.tool ?? '',
      colours: like?.colours ?? [],
      zones: like?.zones ?? ['cheek'],
      side: like?.side ?? 'both',
      coats: 1,
      time: '0:30',
      dryFor: '',
      optional: false,
      note: '',
      line: '',
    };
    this.insert(step, like?.id);
  }

  /** Steps read from lines, after the selected one. */
  addSteps(steps: readonly DraftStep[]): void {
    const at = this.draft.steps.findIndex((step) => step.id === this.selectedId) + 1;
    this.setSteps(this.draft.steps.toSpliced(at, 0, ...steps));
    this.selectedId = steps.at(-1)?.id ?? this.selectedId;
  }

  copyStep(id: string): void {
    const step = this.draft.steps.find((one) => one.id === id);
    if (step !== undefined) {
      this.insert({ ...step, id: newId() }, id);
    }
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

  reorder(ids: readonly string[]): void {
    const byId = new Map(this.draft.steps.map((step) => [step.id, step]));
    const steps = ids.flatMap((id) => byId.get(id) ?? []);
    if (steps.length === byId.size && steps.some((step, at) => step !== this.draft.steps[at])) {
      this.setSteps(steps);
    }
  }

  undo(): void {
    const last = this.past.at(-1);
    if (last !== undefined) {
      this.past = this.past.slice(0, -1);
      this.future = [...this.future, this.draft];
      this.show(last);
    }
  }

  redo(): void {
    const next = this.future.at(-1);
    if (next !== undefined) {
      this.future = this.future.slice(0, -1);
      this.past = [...this.past, this.draft];
      this.show(next);
    }
  }

  /** Throws this screen's changes away for what another one saved. */
  async loadTheirs(): Promise<void> {
    const sheet = await api.get<DesignSheet>(`designs/${this.sheet.id}`);
    this.sheet = sheet;
    this.past = [...this.past, this.draft];
    this.draft = draftOf(sheet);
    this.saving = 'saved';
    this.message = '';
  }

  /** Saves this screen's design over what another one saved. */
  async keepMine(): Promise<void> {
    this.sheet = {
      ...this.sheet,
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

  private setSteps(steps: DraftStep[]): void {
    this.change({ ...this.draft, steps });
  }

  private insert(step: DraftStep, after: string | undefined): void {
    const at = this.draft.steps.findIndex((one) => one.id === after) + 1;
    this.setSteps(this.draft.steps.toSpliced(at, 0, step));
    this.selectedId = step.id;
  }

  private change(draft: Draft): void {
    this.past = [...this.past, this.draft];
    this.future = [];
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
    this.sheet = await api.put<DesignSheet>(`designs/${this.sheet.id}`, {
      ...draft,
      steps: draft.steps.map(asTyped),
      revision: this.sheet.revision,
    });
    // Typed times come back in their one written form: "40s" becomes 0:40.
    if (this.draft === draft) {
      this.draft = draftOf(this.sheet);
    }
    this.saved(this.sheet);
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
