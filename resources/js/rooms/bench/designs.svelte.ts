import { api } from '../../api/client';
import type { DesignSheet, DesignTape, ImportedDesigns } from '../../api/types.gen';
import { Submission } from '../../lib/form.svelte';
import { navigate } from '../../router';

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

  async putAway(design: DesignTape): Promise<void> {
    const put = (archived: boolean) => () => api.put(`designs/${design.id}/archived`, { archived });
    await this.done(
      design.archived ? `${design.name} is back on the shelf.` : `${design.name} is put away.`,
      put(!design.archived),
      put(design.archived),
    );
  }

  async bringIn(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
    const file = event.currentTarget.files?.[0];
    if (file === undefined) {
      return;
    }
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

  private async done(text: string, act: () => Promise<unknown>, back: () => Promise<unknown>): Promise<void> {
    if (await this.work.run(act)) {
      this.undo = { text, back };
      await this.refresh();
    }
  }
}
