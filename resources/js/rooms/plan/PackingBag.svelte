<script lang="ts">
  import { untrack } from 'svelte';
  import type { PackingSheet } from '../../api/types.gen';
  import { amountOf, grouped, keyOf, Ticked } from './packing.svelte';

  const { sheet }: { sheet: PackingSheet } = $props();

  const ticked = new Ticked(untrack(() => sheet.day.id));
  const short = $derived(sheet.things.filter((thing) => thing.short > 0));
</script>

<div class="grid gap-x-12 gap-y-6 px-3 pb-10 sm:px-8 lg:grid-cols-[minmax(0,1fr)_330px]">
  <div>
    <p class="mb-3 text-lg text-soft">
      For {sheet.faces} faces, which nine days of ten do not pass. Grams are the team’s estimate from zones, coats
      and strokes.
    </p>
    {#each grouped(sheet.things) as { heading, things } (heading)}
      <h2 class="mt-4 border-b-2 border-ink text-xl">{heading}</h2>
      <ul>
        {#each things as thing (keyOf(thing))}
          <li class="border-b border-seam">
            <label class="flex min-h-12 items-center gap-4 text-lg">
              <input
                type="checkbox"
                class="size-7 shrink-0 accent-ink"
                checked={ticked.has(thing)}
                onchange={() => ticked.turn(thing)}
              />
              {#if thing.hex !== null}
                <span
                  class="size-6 shrink-0 border border-ink"
                  style:background={thing.hex}
                  aria-hidden="true"
                ></span>
              {/if}
              <span class={['grow', ticked.has(thing) && 'text-soft line-through']}>{thing.name}</span>
              {#if thing.kind !== 'tool'}
                <span class="minutes">{amountOf(thing.amount, thing)}</span>
                <span class="w-28 text-right text-base text-soft"
                  >{thing.have === null ? '' : `${amountOf(thing.have, thing)} there`}</span
                >
              {/if}
            </label>
          </li>
        {/each}
      </ul>
    {/each}
  </div>
  <aside class="lg:border-l lg:border-seam lg:pl-6" aria-labelledby="short">
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
  </aside>
</div>
