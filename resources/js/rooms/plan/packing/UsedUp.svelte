<script lang="ts">
  import type { StockSheet, UsedThing } from '../../../api/types.gen';
  import { amountOf, type Packing } from './packing.svelte';

  const { packing, stock }: { packing: Packing; stock: StockSheet } = $props();

  /** Less than that nobody would weigh. */
  const WORTH_GRAMS = 0.5;
  const isWorth = ({ unit, used }: UsedThing) => unit !== 'grams' || used >= WORTH_GRAMS;
  const shown = $derived(stock.things.filter(isWorth));
  const known = $derived(stock.things.filter((thing) => packing.left(thing) !== null));
</script>

<section class="mb-8 print:hidden" aria-labelledby="used">
  <h2 id="used" class="text-2xl">What {stock.faces} faces used up</h2>
  {#if stock.isTaken}
    <p class="text-lg text-soft">It is off the stock. What you weighed is learned from.</p>
  {:else}
    <p class="text-lg text-soft">
      As estimated. Put right what you weigh or count: the next list goes by it.
    </p>
  {/if}
  <ul class="mt-2">
    {#each shown as thing (thing.itemId)}
      {@const left = packing.left(thing)}
      <li class="flex min-h-12 items-center gap-4 border-b border-seam text-lg">
        <span class="grow">{thing.name}</span>
        <span class="text-soft">{amountOf(thing.used, thing)} used</span>
        {#if stock.isTaken}
          <span class="w-28 text-right minutes"
            >{left === null ? '' : amountOf(left, thing)}{thing.isWeighed ? ' ✓' : ''}</span
          >
        {:else}
          <label class="flex items-center gap-2">
            <span class="text-soft">left</span>
            <input
              class="field w-24 text-right"
              type="number"
              min="0"
              max="5000"
              aria-label="{thing.name} left"
              value={left ?? ''}
              placeholder="?"
              oninput={({ currentTarget }) =>
                packing.weigh(
                  thing,
                  currentTarget.value === '' ? null : Math.round(Number(currentTarget.value)),
                )}
            />
            <span class="w-4 text-soft">{thing.unit === 'grams' ? 'g' : ''}</span>
          </label>
        {/if}
      </li>
    {/each}
  </ul>
  {#if shown.length < stock.things.length}
    <p class="mt-2 text-soft">
      And less than half a gram of {stock.things.length - shown.length} others.
    </p>
  {/if}
  {#if !stock.isTaken}
    <button
      type="button"
      class="mt-3 key min-h-14 text-lg key-ink"
      disabled={packing.form.busy || known.length === 0}
      onclick={() => packing.takeOff()}>Take it off the stock</button
    >
  {/if}
</section>
