<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import type { PackedThing, PackingSheet } from '../../../api/types.gen';
  import { clock } from '../../../lib/clock.svelte';
  import Said from '../../../ui/Said.svelte';
  import UndoBar from '../../../ui/UndoBar.svelte';
  import BagsTogether from './BagsTogether.svelte';
  import { amountOf, grouped, keyOf, Packing } from './packing.svelte';
  import PackingExtras from './PackingExtras.svelte';
  import PackingRow from './PackingRow.svelte';
  import UsedUp from './UsedUp.svelte';

  const { sheet }: { sheet: PackingSheet } = $props();

  const queryClient = useQueryClient();
  const packing = new Packing(
    untrack(() => sheet),
    (kept) => queryClient.setQueryData(['packing', kept.day.id], kept),
  );
  const short = $derived(packing.sheet.things.filter((thing) => thing.short > 0));
  const all = $derived(packing.sheet.things.length + packing.sheet.extras.length);
  /** While it runs nobody weighs anything. */
  const isOver = $derived(clock.now > packing.sheet.day.closesAt);
  const thrift = $derived(packing.sheet.thrift);
  /** Where several bring something, whoever brings it stands beside it. */
  const whose = ({ bags }: PackedThing) => (packing.sheet.bags.artists > 1 ? bags.join(', ') : '');
</script>

<div class="grid gap-x-12 gap-y-8 px-3 pb-16 sm:px-8 lg:grid-cols-[minmax(0,1fr)_340px]">
  <div>
    <Said message={packing.form.general} />
    {#if packing.sheet.stock !== null && isOver}<UsedUp {packing} stock={packing.sheet.stock} />{/if}
    <p class="mb-3 text-lg text-soft">
      For {packing.sheet.faces} faces, which nine days of ten do not pass. Grams are the team’s estimate from zones,
      coats and strokes{thrift === 1 ? '' : `, times ${thrift} as you weighed it after events`}.
      <strong class="text-ink">{packing.sheet.ticked.length} of {all} packed.</strong>
    </p>
    {#each grouped(packing.sheet.things) as { heading, things } (heading)}
      <h2 class="mt-4 border-b-2 border-ink text-xl">{heading}</h2>
      <ul>
        {#each things as thing (keyOf(thing))}
          <PackingRow
            {packing}
            thing={keyOf(thing)}
            name={thing.name}
            amount={thing.kind === 'tool' ? '' : amountOf(thing.amount, thing)}
            there={thing.have === null || thing.kind === 'tool' ? '' : `${amountOf(thing.have, thing)} there`}
            whose={whose(thing)}
            hex={thing.hex}
          />
        {/each}
      </ul>
    {/each}
    <PackingExtras {packing} />
  </div>
  <aside class="flex flex-col gap-8 lg:border-l lg:border-seam lg:pl-6">
    <section aria-labelledby="short">
      <h2 id="short" class="text-xl">To buy or to find</h2>
      {#if short.length === 0}
        <p class="text-soft">Nothing is short, as far as the kit has been weighed and counted.</p>
      {:else}
        <ul class="text-lg">
          {#each short as thing (keyOf(thing))}
            <li class="flex justify-between gap-4 border-t border-seam py-1.5">
              <span>{thing.name}{thing.isInKit ? '' : ', not in the kit'}</span>
              <span class="minutes whitespace-nowrap">{amountOf(thing.short, thing)}</span>
            </li>
          {/each}
        </ul>
      {/if}
      <button type="button" class="mt-4 key print:hidden" onclick={() => print()}>Print the list</button>
    </section>
    {#if packing.sheet.bags.artists > 1}<BagsTogether
        bags={packing.sheet.bags}
        faces={packing.sheet.faces}
      />{/if}
  </aside>
</div>

{#if packing.undo !== null}
  <UndoBar text={packing.undo.text} undo={() => packing.takeBack()} dismiss={() => (packing.undo = null)} />
{/if}
