<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { KitSheet } from '../../api/types.gen';
  import { readWhenPlanned } from '../../lib/planned';
  import EmptyRoom from '../../ui/EmptyRoom.svelte';
  import Fetched from '../../ui/Fetched.svelte';
  import BringIn from '../../ui/BringIn.svelte';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import UndoBar from '../../ui/UndoBar.svelte';
  import BagChoice from './BagChoice.svelte';
  import { inBag } from './bags';
  import DrillSheet from './DrillSheet.svelte';
  import Hands from './Hands.svelte';
  import { blankThing, KitWork } from './kit.svelte';
  import KitRoll from './KitRoll.svelte';
  import LookOut from './LookOut.svelte';
  import OneBrushMore from './OneBrushMore.svelte';
  import TakeOut from './TakeOut.svelte';
  import ThingForm from './ThingForm.svelte';
  import { handWords } from './words';

  const queryClient = useQueryClient();
  const kit = createQuery(() => ({ queryKey: ['kit'], queryFn: () => api.get<KitSheet>('kit') }));
  const work = new KitWork(
    () => kit.data,
    async (sheet) => {
      queryClient.setQueryData(['kit'], sheet);
      await Promise.all([
        queryClient.invalidateQueries({ queryKey: ['kit', 'brushes'] }),
        readWhenPlanned(queryClient),
      ]);
    },
  );
  /** Of whose bag the things are shown; null for all of them. */
  let bag = $state<string | null>(null);
  const drilled = $derived(kit.data?.hands.find((hand) => hand.action === work.drilling));
</script>

<div class="flex grow flex-col px-3 py-5 sm:px-8">
  <div class="mb-4 flex flex-wrap items-center gap-3">
    <h1 class="grow text-4xl">Kit</h1>
    <BringIn accept=".json,application/json" onfile={(file) => work.bringIn(file)} />
    <button type="button" class="key key-ink" onclick={() => (work.editing = blankThing('paint'))}
      >Add a thing</button
    >
  </div>
  <Said message={work.message} />
  {#if work.nothingNew}<p class="mb-3" role="status">All of that is in the kit already.</p>{/if}

  <Fetched query={kit} what="Unrolling the kit">
    {#snippet children(sheet)}
      <div class="grid gap-8 lg:grid-cols-[1fr_320px]">
        <div class="flex min-w-0 flex-col gap-6">
          {#if sheet.things.length === 0}
            <EmptyRoom room="kit">
              {#snippet words()}
                The bag is empty. Begin with a usual starter kit and change it, or add your things one by one.
              {/snippet}
              {#snippet act()}
                <button type="button" class="key min-h-14 text-lg key-ink" onclick={() => work.fill()}
                  >Fill it with a starter kit</button
                >
              {/snippet}
            </EmptyRoom>
          {:else}
            {#if sheet.painters.length > 1}
              <BagChoice painters={sheet.painters} bind:bag />
            {/if}
            <KitRoll things={inBag(sheet.things, bag)} painters={sheet.painters} {work} />
          {/if}
        </div>
        <aside class="flex flex-col gap-7 lg:border-l lg:border-seam lg:pl-6" aria-label="What the kit tells">
          {#if sheet.things.length > 0}
            <LookOut things={sheet.things} {work} />
            <OneBrushMore />
          {/if}
          <Hands hands={sheet.hands} {work} />
        </aside>
      </div>
    {/snippet}
  </Fetched>
</div>

<Sheet
  bind:open={() => work.editing !== null, (open) => open || (work.editing = null)}
  title={work.editing?.id === '' ? 'A new thing' : (work.editing?.name ?? '')}
>
  {#if work.editing !== null}
    <ThingForm
      thing={work.editing}
      known={kit.data?.things.find((thing) => thing.id === work.editing?.id)}
      painters={kit.data?.painters ?? []}
      {work}
    />
  {/if}
</Sheet>
<Sheet bind:open={() => work.leaving !== null, (open) => open || (work.leaving = null)} title="Take it out?">
  {#if work.leaving !== null}<TakeOut {...work.leaving} {work} />{/if}
</Sheet>
<Sheet
  bind:open={() => work.drilling !== null, (open) => open || (work.drilling = null)}
  title={work.drilling === null ? '' : handWords[work.drilling].name}
>
  {#if work.drilling !== null && drilled !== undefined}
    <DrillSheet action={work.drilling} hand={drilled} {work} />
  {/if}
</Sheet>
{#if work.undo !== null}
  <UndoBar text={work.undo.text} undo={() => work.takeBack()} dismiss={() => (work.undo = null)} />
{/if}
