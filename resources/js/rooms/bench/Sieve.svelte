<script lang="ts">
  import { PlacementValues } from '../../api/types.gen';
  import { placementNames } from '../../lib/placements';
  import Sheet from '../../ui/Sheet.svelte';
  import { orders, type Shelf } from './shelf.svelte';

  const { shelf }: { shelf: Shelf } = $props();

  let open = $state(false);
</script>

{#snippet sieves()}
  <label class="flex flex-col font-semibold">
    Painted on
    <select class="mt-1 field w-28 font-normal" bind:value={shelf.placement}>
      <option value="">anywhere</option>
      {#each PlacementValues as value (value)}<option {value}>{placementNames[value]}</option>{/each}
    </select>
  </label>
  {#if shelf.tags.length > 0}
    <label class="flex flex-col font-semibold">
      Tag
      <select class="mt-1 field w-28 font-normal" bind:value={shelf.tag}>
        <option value="">any</option>
        {#each shelf.tags as tag (tag)}<option value={tag}>{tag}</option>{/each}
      </select>
    </label>
  {/if}
  <label class="flex flex-col font-semibold">
    Done within
    <select class="mt-1 field w-28 font-normal" bind:value={shelf.within}>
      <option value={0}>any time</option>
      {#each [1, 2, 3, 4, 5] as minutes (minutes)}<option value={minutes}>{minutes} min</option>{/each}
    </select>
  </label>
  <label class="flex flex-col font-semibold">
    Order by
    <select class="mt-1 field w-32 font-normal" bind:value={shelf.order}>
      {#each orders as order (order)}<option value={order}>{order}</option>{/each}
    </select>
  </label>
  <label class="flex min-h-11 items-center gap-2">
    <input type="checkbox" class="size-5 accent-ink" bind:checked={shelf.gentle} /> spares eyes and lips
  </label>
  <label class="flex min-h-11 items-center gap-2">
    <input type="checkbox" class="size-5 accent-ink" bind:checked={shelf.archived} /> put away
  </label>
{/snippet}

<search
  class="mb-4 flex flex-wrap items-end gap-x-3 gap-y-3 max-md:flex-nowrap max-md:gap-x-2"
  aria-label="Find a design"
>
  <label class="flex min-w-0 grow basis-52 flex-col font-semibold max-md:basis-0 sm:max-w-60">
    <span class="max-md:sr-only">Find</span>
    <input
      id="find-design"
      type="search"
      class="field font-normal md:mt-1"
      placeholder="seal, sea, glitter …"
      bind:value={shelf.search}
    />
  </label>
  <div class="contents max-md:hidden">{@render sieves()}</div>
  <button
    type="button"
    class={['key px-3 md:hidden', shelf.isSifted && 'bg-brass']}
    onclick={() => (open = true)}>Sieve</button
  >
  <fieldset class="ml-auto flex">
    <legend class="sr-only">Show as</legend>
    {#each ['tapes', 'pictures'] as const as view (view)}
      <label
        class="key cursor-pointer px-3 first-of-type:rounded-r-none last-of-type:-ml-0.5 last-of-type:rounded-l-none has-checked:key-ink has-focus-visible:outline-3"
      >
        <input type="radio" class="sr-only" name="view" value={view} bind:group={shelf.view} />{view}
      </label>
    {/each}
  </fieldset>
</search>
<Sheet bind:open title="Which designs">
  <div class="flex flex-wrap items-end gap-x-4 gap-y-3">{@render sieves()}</div>
</Sheet>
