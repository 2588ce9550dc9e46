<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { dragHandleZone } from 'svelte-dnd-action';
  import type { MenuSheet, OfferSheet } from '../../api/types.gen';
  import { p } from '../../router';
  import Said from '../../ui/Said.svelte';
  import UndoBar from '../../ui/UndoBar.svelte';
  import AddDesign from './AddDesign.svelte';
  import { MenuWork } from './menu.svelte';
  import MenuNotes from './MenuNotes.svelte';
  import OfferRow from './OfferRow.svelte';
  import PutUp from './PutUp.svelte';
  import Recommended from './Recommended.svelte';

  const { sheet }: { sheet: MenuSheet } = $props();

  /** Dragged by its id. */
  interface Row {
    id: string;
    offer: OfferSheet;
  }

  const queryClient = useQueryClient();
  const work = new MenuWork(
    () => sheet,
    (kept) => {
      queryClient.setQueryData(['menu', kept.id], kept);
      void queryClient.invalidateQueries({ queryKey: ['menus'] });
      void queryClient.invalidateQueries({ queryKey: ['line'] });
    },
  );
  /** The order while a design is dragged; the menu's own otherwise. */
  let dragged = $state.raw<Row[] | null>(null);
  const shown = $derived(dragged ?? sheet.offers.map((offer): Row => ({ id: offer.designId, offer })));
  const flipDurationMs = matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 150;

  async function drop(rows: Row[]) {
    dragged = rows;
    await work.order(rows.map(({ id }) => id));
    dragged = null;
  }

  const best = $derived(Math.max(0, ...sheet.offers.map((offer) => offer.takingsAnHour)));
</script>

<div class="flex grow flex-col px-3 py-4 pb-20 sm:px-8">
  <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1">
    <h1 class="grow text-3xl">
      <a class="text-soft underline decoration-2 underline-offset-4 hover:text-ink" href={p('/menu')}>Menu</a>
      <input
        class="ml-2 w-56 border-b-2 border-seam bg-transparent font-display font-bold focus:border-ink"
        aria-label="Name of the menu"
        maxlength="80"
        value={sheet.name}
        onchange={({ currentTarget }) => work.rename(currentTarget.value)}
      />
    </h1>
    {#if sheet.offers.length > 0}
      <a
        class="flex min-h-11 items-center text-lg font-semibold underline underline-offset-4"
        href={p('/menu/:id/board', { params: { id: sheet.id } })}>Board and cards</a
      >
    {/if}
  </div>
  <Said message={work.message} />
  <div class="mt-2 grid gap-x-10 gap-y-8 lg:grid-cols-[minmax(0,1fr)_330px]">
    <div class="min-w-0">
      {#if sheet.offers.length === 0}
        <p class="max-w-xl py-6 text-xl">Nothing stands on this menu yet. Put a design on it.</p>
      {:else}
        <ol
          use:dragHandleZone={{
            items: shown,
            flipDurationMs,
            dropTargetStyle: {},
            zoneTabIndex: -1,
            delayTouchStart: 120,
          }}
          onconsider={(event) => (dragged = event.detail.items)}
          onfinalize={(event) => drop(event.detail.items)}
        >
          {#each shown as { id, offer }, at (id)}
            <OfferRow
              {offer}
              {at}
              last={sheet.offers.length - 1}
              {work}
              isBest={offer.takingsAnHour === best && best > 0}
            />
          {/each}
        </ol>
      {/if}
      <AddDesign {sheet} {work} />
    </div>
    <aside class="flex flex-col gap-7 lg:border-l lg:border-seam lg:pl-6" aria-label="What the menu tells">
      <MenuNotes {sheet} {work} />
      <Recommended {sheet} {work} />
      <PutUp {sheet} />
    </aside>
  </div>
</div>

{#if work.undoable !== null}
  <UndoBar text={work.undoable.text} undo={() => work.undo()} dismiss={() => (work.undoable = null)} />
{/if}
