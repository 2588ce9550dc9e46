import { api } from '../../api/client';
import { kept, type UnsavedDesign } from '../../api/kept';
import type { DesignSheet } from '../../api/types.gen';
import { Bench } from './bench.svelte';
import type { Draft } from './draft';

/** What was edited of a design and never reached the server. */
export async function unsavedOf(designId: string): Promise<UnsavedDesign<Draft> | undefined> {
  return ((await kept.unsaved()) as UnsavedDesign<Draft>[]).find((one) => one.designId === designId);
}

/** Sends what earlier pages left, as soon as the server is there; what another screen has changed meanwhile waits for its painter. */
export async function sendUnsaved(): Promise<void> {
  for (const one of (await kept.unsaved()) as UnsavedDesign<Draft>[]) {
    // What lies on the bench of this window, that bench sends itself.
    if (location.pathname.includes(one.designId)) {
      continue;
    }
    // Another team's design is not there for this one: it waits for its own painter.
    const sheet = await api.get<DesignSheet>(`designs/${one.designId}`).catch(() => undefined);
    if (sheet?.revision === one.revision) {
      await new Bench(sheet, () => undefined).takeUp(one);
    }
  }
}
