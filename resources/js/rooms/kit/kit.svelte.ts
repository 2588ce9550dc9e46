import { api } from '../../api/client';
import type {
  BenchAction,
  ItemKind,
  KitSheet,
  KitThing,
  StandIn,
  TakenOut,
  ThingUses,
} from '../../api/types.gen';
import { Submission } from '../../lib/form.svelte';

/** A thing as the form edits it. */
export type DraftThing = Omit<KitThing, 'flags'>;

export const blankThing = (kind: ItemKind): DraftThing => ({
  id: '',
  kind,
  name: '',
  howMany: 1,
  colours: kind === 'paint' || kind === 'glitter' || kind === 'gem' ? [{ name: '', hex: '#3f8fc6' }] : [],
  paintKind: kind === 'paint' ? 'wax' : null,
  finish: kind === 'paint' ? 'regular' : null,
  gramsLeft: null,
  lengthMm: null,
  widthMm: kind === 'sponge' ? 60 : null,
  reservedFor: '',
  skinSafe: true,
  latex: false,
  gel: false,
  selfStick: kind === 'gem',
  ownerId: null,
  homeId: null,
});

/** What is done in the kit room: each change is kept at once and has its way back. */
export class KitWork {
  /** The thing in the form; a blank one while it is new. */
  editing = $state.raw<DraftThing | null>(null);
  /** A thing that designs use, while it is asked what takes its place. */
  leaving = $state.raw<{ thing: KitThing; uses: ThingUses } | null>(null);
  /** Whether the file that was brought in had nothing but what is here. */
  nothingNew = $state(false);
  /** What the hands are timed at. */
  drilling = $state.raw<BenchAction | null>(null);
  undo = $state.raw<{ text: string; back: () => Promise<unknown> } | null>(null);
  readonly form = new Submission();
  private readonly work = new Submission();

  constructor(
    private readonly kit: () => KitSheet | undefined,
    private readonly changed: (sheet: KitSheet) => Promise<unknown>,
  ) {}

  get message(): string | undefined {
    return this.work.general;
  }

  /** Adds or changes the thing in the form. */
  async save(draft: DraftThing): Promise<void> {
    const before = this.kit()?.things.find((thing) => thing.id === draft.id);
    const known = new Set(this.kit()?.things.map((thing) => thing.id));
    await this.form.run(async () => {
      const sheet = await (before === undefined
        ? api.post<KitSheet>('kit', draft)
        : api.put<KitSheet>(`kit/${before.id}`, draft));
      const added = sheet.things.find((thing) => !known.has(thing.id));
      await this.changed(sheet);
      this.editing = null;
      this.undo = {
        text: before === undefined ? `${draft.name} is in the kit.` : `${draft.name} is changed.`,
        back: () =>
          before === undefined
            ? api.delete<TakenOut>(`kit/${added?.id ?? ''}`, { anyway: true }).then((out) => out.kit)
            : api.put(`kit/${before.id}`, before),
      };
    });
  }

  /** Adds what a kit file has and this kit has not. */
  async bringIn(file: File): Promise<void> {
    this.nothingNew = false;
    const known = new Set(this.kit()?.things.map(({ id }) => id));
    await this.work.run(async () => {
      const sheet = await api.postFile<KitSheet>('kit/file', await file.text());
      const added = sheet.things.filter(({ id }) => !known.has(id));
      await this.changed(sheet);
      const back = async () => {
        let kit = sheet;
        for (const { id } of added) {
          ({ kit } = await api.delete<TakenOut>(`kit/${id}`, { anyway: true }));
        }

        return kit;
      };
      this.nothingNew = added.length === 0;
      const [one] = added;
      const text =
        added.length === 1
          ? `${one?.name ?? ''} is in the kit.`
          : `${added.length} things more, as that file has them.`;
      this.undo = this.nothingNew ? null : { text, back };
    });
  }

  /** Takes a thing out, or asks first where designs use it. */
  async takeOut(thing: KitThing): Promise<void> {
    await this.work.run(async () => {
      const uses = await api.get<ThingUses>(`kit/${thing.id}/uses`);
      this.editing = null;
      if (uses.designs.length > 0) {
        this.leaving = { thing, uses };
      } else {
        await this.takenOut(thing, {});
      }
    });
  }

  async takeOutFor(thing: KitThing, instead: StandIn | null): Promise<void> {
    await this.form.run(async () => {
      await this.takenOut(thing, instead === null ? { anyway: true } : { instead: instead.id });
      this.leaving = null;
    });
  }

  async fill(): Promise<void> {
    await this.work.run(async () => this.changed(await api.post<KitSheet>('kit/starter')));
  }

  /** @param repetitions in milliseconds; none to go back to the starting value */
  async keepHand(action: BenchAction, repetitions: readonly number[]): Promise<void> {
    const before = this.kit()?.hands.find((hand) => hand.action === action);
    await this.form.run(async () => {
      await this.changed(await api.put<KitSheet>(`kit/hands/${action}`, { repetitions }));
      this.drilling = null;
      this.undo = {
        text: 'Every design is timed with it.',
        back: () =>
          api.put(`kit/hands/${action}`, {
            repetitions: before === undefined || before.repetitions === 0 ? [] : [before.timeMs],
          }),
      };
    });
  }

  async takeBack(): Promise<void> {
    const { undo } = this;
    if (undo !== null) {
      await this.work.run(async () => {
        await this.changed((await undo.back()) as KitSheet);
        this.undo = null;
      });
    }
  }

  private async takenOut(thing: KitThing, how: object): Promise<void> {
    const out = await api.delete<TakenOut>(`kit/${thing.id}`, how);
    await this.changed(out.kit);
    this.undo = {
      text: `${thing.name} is taken out.`,
      back: () => api.post(`kit/removals/${out.removalId}/undo`),
    };
  }
}
