import { api } from '../../../api/client';
import type { DesignSheet, DesignTape, ImportedDesigns, MenuListed, MenuSheet } from '../../../api/types.gen';
import { Submission } from '../../../lib/form.svelte';
import { listed } from '../../../lib/listed';
import { navigate } from '../../../router';
import { type Offered, offeredAnew, offeredOf } from '../../menu/menu.svelte';

/** What is done with designs on the shelf, each with its way back. */
export class ShelfWork {
  undo = $state.raw<{ text: string; back: () => Promise<unknown> } | null>(null);
  private readonly work = new Submission();

  constructor(private readonly refresh: () => Promise<unknown>) {}

  get message(): string | undefined {
    return this.work.general;
  }

  async copy(design: DesignTape): Promise<void> {
    await this.work.run(async () => {
      const sheet = await api.post<DesignSheet>(`designs/${design.id}/copy`);
      await this.refresh();
      void navigate('/designs/:id', { params: { id: sheet.id } });
    });
  }

  async remove(design: DesignTape): Promise<void> {
    await this.done(
      `${design.name} is deleted.`,
      () => api.delete(`designs/${design.id}`),
      () => api.post(`designs/${design.id}/restore`),
    );
  }

  async putAway(designs: readonly DesignTape[], archived: boolean): Promise<void> {
    const put = (to: boolean) => () => this.sort(designs, { archived: to });
    await this.done(
      `${namesOf(designs)} ${isOrAre(designs)} ${archived ? 'put away' : 'back on the shelf'}.`,
      put(archived),
      put(!archived),
    );
  }

  /** @returns whether all of them bear it now */
  async tag(designs: readonly DesignTape[], tag: string): Promise<boolean> {
    const without = designs.filter(
      ({ tags }) => !tags.some((one) => one.toLowerCase() === tag.toLowerCase()),
    );

    return this.done(
      `${namesOf(designs)} ${isOrAre(designs)} tagged “${tag}”.`,
      () => this.sort(designs, { addTag: tag }),
      () => (without.length === 0 ? Promise.resolve() : this.sort(without, { removeTag: tag })),
    );
  }

  /** At the end of a menu, without a promise or a price of their own; those that are on it stay as they are. */
  async putOn(menu: MenuListed, designs: readonly DesignTape[]): Promise<void> {
    let before: Offered[] = [];
    const write = (offers: Offered[]) => api.put(`menus/${menu.id}`, { name: menu.name, offers });
    await this.done(
      `${namesOf(designs)} ${isOrAre(designs)} on “${menu.name}”.`,
      async () => {
        before = (await api.get<MenuSheet>(`menus/${menu.id}`)).offers.map(offeredOf);
        const added = designs.filter(({ id }) => !before.some(({ designId }) => designId === id));
        await write([...before, ...added.map(({ id }) => offeredAnew(id))]);
      },
      () => write(before),
    );
  }

  private sort(designs: readonly DesignTape[], change: object): Promise<unknown> {
    return api.put('shelf', { designIds: designs.map(({ id }) => id), ...change });
  }

  async bringIn(file: File): Promise<void> {
    await this.work.run(async () => {
      if (file.size > 5_000_000) {
        throw new Error(
          `${file.name} is larger than 5 MB, which no design file is. Choose a file that was exported here.`,
        );
      }
      await api.postFile<ImportedDesigns>('designs/file', await file.text());
      await this.refresh();
    });
  }

  async takeBack(): Promise<void> {
    const { undo } = this;
    if (undo !== null && (await this.work.run(undo.back))) {
      this.undo = null;
      await this.refresh();
    }
  }

  private async done(
    text: string,
    act: () => Promise<unknown>,
    back: () => Promise<unknown>,
  ): Promise<boolean> {
    const isDone = await this.work.run(act);
    if (isDone) {
      this.undo = { text, back };
      await this.refresh();
    }

    return isDone;
  }
}

const namesOf = (designs: readonly DesignTape[]): string =>
  designs.length > 3 ? `${designs.length} designs` : listed(designs.map(({ name }) => name));

const isOrAre = ({ length }: readonly unknown[]): string => (length === 1 ? 'is' : 'are');
