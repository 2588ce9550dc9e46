<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { everyPage } from '../../../api/pages';
  import type { DesignTape } from '../../../api/types.gen';
  import { isCommand, isTyping } from '../../../lib/typing';
  import EmptyRoom from '../../../ui/EmptyRoom.svelte';
  import Fetched from '../../../ui/Fetched.svelte';
  import KeyList from '../../../ui/KeyList.svelte';
  import BringIn from '../../../ui/BringIn.svelte';
  import Said from '../../../ui/Said.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import UndoBar from '../../../ui/UndoBar.svelte';
  import ChosenDesigns from './ChosenDesigns.svelte';
  import Compared from '../advice/Compared.svelte';
  import DesignRow from './DesignRow.svelte';
  import { ShelfWork } from './designs.svelte';
  import NewDesign from './NewDesign.svelte';
  import PictureWall from './PictureWall.svelte';
  import { Shelf } from './shelf.svelte';
  import Sieve from './Sieve.svelte';

  const queryClient = useQueryClient();
  const designs = createQuery(() => ({
    queryKey: ['designs'],
    queryFn: () => everyPage<DesignTape>('designs', showMore),
  }));
  const shelf = new Shelf(() => designs.data ?? []);
  /** The first ones are shown while the rest is on its way; what is shown is never made shorter by that. */
  function showMore(soFar: DesignTape[]) {
    queryClient.setQueryData<DesignTape[]>(['designs'], (shown) =>
      shown !== undefined && shown.length >= soFar.length ? shown : soFar,
    );
  }

  const work = new ShelfWork(() => queryClient.invalidateQueries({ queryKey: ['designs'] }));
  let width = $state(900);
  let making = $state(false);
  let listing = $state(false);
  const keys: Record<string, { does: string; act: () => void }> = {
    '/': { does: 'find a design', act: () => document.getElementById('find-design')?.focus() },
    n: { does: 'a new design', act: () => (making = true) },
    v: {
      does: 'as tapes, as pictures',
      act: () => (shelf.view = shelf.view === 'tapes' ? 'pictures' : 'tapes'),
    },
    '?': { does: 'these keys', act: () => (listing = true) },
  };

  function onkey(event: KeyboardEvent) {
    const key = keys[event.key.toLowerCase()];
    if (key !== undefined && !isTyping(event) && !isCommand(event)) {
      event.preventDefault();
      key.act();
    }
  }

  const longest = $derived(Math.max(60_000, ...shelf.shown.map((design) => design.totalMs)));
  /** What the picture, the name and the keys leave of a row. */
  const scale = $derived(
    Math.min(192, (Math.max(220, width < 700 ? width - 110 : width - 430) * 60_000) / longest),
  );
</script>

<svelte:window onkeydown={onkey} />

<div class="px-3 py-5 sm:px-8">
  <div class="mb-3 flex flex-wrap items-center gap-2 sm:mb-4 sm:gap-3">
    <h1 class="grow text-3xl sm:text-4xl">Designs</h1>
    <BringIn accept=".json,application/json" onfile={(file) => work.bringIn(file)} />
    <button type="button" class="key key-ink" onclick={() => (making = true)}>New design</button>
  </div>
  <Said message={work.message} />

  <Fetched query={designs} what="Rolling out the tapes">
    {#snippet children(all)}
      {#if all.length === 0}
        <EmptyRoom room="designs">
          {#snippet words()}
            No designs yet. Make one: name it, then type its steps in the order you paint them, with the
            minutes each takes. Or begin with one of twelve worked designs.
          {/snippet}
          {#snippet act()}
            <button type="button" class="key min-h-14 text-lg key-ink" onclick={() => (making = true)}
              >Make the first design</button
            >
          {/snippet}
        </EmptyRoom>
      {:else}
        <Sieve {shelf} />
        {#if shelf.shown.length === 0}
          <p class="max-w-xl text-xl" role="status">
            {shelf.isSifted
              ? 'No design is like that.'
              : shelf.archived
                ? 'Nothing is put away.'
                : 'Every design is put away.'}
            {#if shelf.isSifted}
              <button type="button" class="underline underline-offset-4" onclick={() => shelf.showAll()}
                >Show all</button
              >
            {/if}
          </p>
        {:else if shelf.view === 'pictures'}
          <PictureWall designs={shelf.shown} />
        {:else}
          <ul class="flex flex-col" bind:clientWidth={width}>
            {#each shelf.shown as design (design.id)}
              <DesignRow {design} {shelf} {work} pixelsPerMinute={scale} />
            {/each}
          </ul>
        {/if}
        {#if shelf.isChoosing}<ChosenDesigns {shelf} {work} />{/if}
        {#if shelf.pair.length > 0}
          <Compared pair={shelf.pair} dismiss={() => (shelf.compared = [])} />
        {/if}
      {/if}
    {/snippet}
  </Fetched>
</div>

<Sheet bind:open={listing} title="Keys of the shelf">
  <KeyList keys={Object.entries(keys).map(([key, { does }]) => [key, does])} />
</Sheet>
<NewDesign bind:open={making} designs={designs.data ?? []} />
{#if work.undo !== null}
  <UndoBar text={work.undo.text} undo={() => work.takeBack()} dismiss={() => (work.undo = null)} />
{/if}
