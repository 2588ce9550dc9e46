<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DesignSheet, DesignTape, ImportedDesigns } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { minutes } from '../../lib/minutes';
  import { placementNames } from '../../lib/placements';
  import { navigate, p } from '../../router';
  import Tape from '../../tape/Tape.svelte';
  import { piecesOf } from '../../tape/tape';
  import Fetched from '../../ui/Fetched.svelte';
  import Said from '../../ui/Said.svelte';
  import UndoBar from '../../ui/UndoBar.svelte';
  import NewDesign from './NewDesign.svelte';

  const queryClient = useQueryClient();
  const designs = createQuery(() => ({
    queryKey: ['designs'],
    queryFn: () => api.get<DesignTape[]>('designs'),
  }));
  const longest = $derived(Math.max(60_000, ...(designs.data ?? []).map((design) => design.totalMs)));
  let width = $state(900);
  const scale = $derived(Math.min(192, ((width - 4) * 60_000) / longest));
  let making = $state(false);
  let removed = $state<DesignTape | null>(null);
  const work = new Submission();

  const refresh = () => queryClient.invalidateQueries({ queryKey: ['designs'] });

  async function copy(design: DesignTape) {
    await work.run(async () => {
      const sheet = await api.post<DesignSheet>(`designs/${design.id}/copy`);
      await refresh();
      void navigate('/designs/:id', { params: { id: sheet.id } });
    });
  }

  async function remove(design: DesignTape) {
    if (await work.run(() => api.delete(`designs/${design.id}`))) {
      removed = design;
      await refresh();
    }
  }

  async function restore(design: DesignTape) {
    if (await work.run(() => api.post(`designs/${design.id}/restore`))) {
      removed = null;
      await refresh();
    }
  }

  async function bringIn(event: Event & { currentTarget: HTMLInputElement }) {
    const file = event.currentTarget.files?.[0];
    if (file === undefined) {
      return;
    }
    await work.run(async () => {
      if (file.size > 5_000_000) {
        throw new Error(
          `${file.name} is larger than 5 MB, which no design file is. Choose a file that was exported here.`,
        );
      }
      await api.postFile<ImportedDesigns>('designs/file', await file.text());
      await refresh();
    });
  }
</script>

<div class="px-3 py-5 sm:px-8">
  <div class="mb-5 flex flex-wrap items-center gap-3">
    <h1 class="grow text-4xl">Designs</h1>
    <label class="key cursor-pointer has-focus-visible:outline-3">
      Bring in a file
      <input type="file" accept=".json,application/json" class="sr-only" onchange={bringIn} />
    </label>
    <button type="button" class="key key-ink" onclick={() => (making = true)}>New design</button>
  </div>
  <Said message={work.message} />

  <Fetched query={designs} what="Rolling out the tapes">
    {#snippet children(all)}
      {#if all.length === 0}
        <p class="max-w-xl text-xl">
          No designs yet. Make one: name it, then type its steps in the order you paint them, with the minutes
          each takes.
        </p>
      {:else}
        <ul class="flex flex-col">
          {#each all as design (design.id)}
            <li class="grid gap-x-6 border-t border-seam py-2 md:grid-cols-[220px_1fr_auto] md:items-center">
              <div>
                <h2 class="text-[22px]">
                  <a class="hover:underline" href={p('/designs/:id', { params: { id: design.id } })}
                    >{design.name}</a
                  >
                </h2>
                <p class="text-soft">
                  <span class="minutes text-xl text-ink">{minutes(design.totalMs)}</span>
                  {placementNames[design.placement]}{design.promiseMs === null
                    ? ''
                    : ` · promise ${minutes(design.promiseMs)}`}
                </p>
              </div>
              <a
                class="block min-w-0 overflow-hidden py-1"
                href={p('/designs/:id', { params: { id: design.id } })}
                bind:clientWidth={width}
                tabindex="-1"
              >
                {#if design.totalMs === 0}
                  <span class="text-soft">No steps yet: open it and type the first.</span>
                {:else}
                  <Tape
                    pieces={piecesOf(design.spans, design.steps)}
                    to={design.totalMs}
                    label="{design.name}, {minutes(design.totalMs)}"
                    pixelsPerMinute={scale}
                    height={26}
                    words="none"
                  />
                {/if}
              </a>
              <div class="flex gap-2">
                <button type="button" class="key" aria-label="Copy {design.name}" onclick={() => copy(design)}
                  >Copy</button
                >
                <button
                  type="button"
                  class="key"
                  aria-label="Delete {design.name}"
                  onclick={() => remove(design)}>Delete</button
                >
              </div>
            </li>
          {/each}
        </ul>
      {/if}
    {/snippet}
  </Fetched>
</div>

<NewDesign bind:open={making} />
{#if removed !== null}
  {@const design = removed}
  <UndoBar text="{design.name} is deleted." undo={() => restore(design)} dismiss={() => (removed = null)} />
{/if}
