<script lang="ts">
  import { PlacementValues } from '../../api/types.gen';
  import { placementNames } from '../../lib/placements';
  import type { Shelf } from './shelf.svelte';

  const { shelf }: { shelf: Shelf } = $props();
</script>

<search class="mb-4 flex flex-wrap items-end gap-x-4 gap-y-3" aria-label="Find a design">
  <label class="flex grow basis-52 flex-col font-semibold sm:max-w-80">
    Find
    <input
      type="search"
      class="mt-1 field font-normal"
      placeholder="seal, sea, glitter …"
      bind:value={shelf.search}
    />
  </label>
  <label class="flex flex-col font-semibold">
    Painted on
    <select class="mt-1 field w-32 font-normal" bind:value={shelf.placement}>
      <option value="">anywhere</option>
      {#each PlacementValues as value (value)}<option {value}>{placementNames[value]}</option>{/each}
    </select>
  </label>
  {#if shelf.tags.length > 0}
    <label class="flex flex-col font-semibold">
      Tag
      <select class="mt-1 field w-32 font-normal" bind:value={shelf.tag}>
        <option value="">any</option>
        {#each shelf.tags as tag (tag)}<option value={tag}>{tag}</option>{/each}
      </select>
    </label>
  {/if}
  <label class="flex flex-col font-semibold">
    Done within
    <select class="mt-1 field w-32 font-normal" bind:value={shelf.within}>
      <option value={0}>any time</option>
      {#each [1, 2, 3, 4, 5] as minutes (minutes)}<option value={minutes}>{minutes} min</option>{/each}
    </select>
  </label>
  <label class="flex min-h-11 items-center gap-2">
    <input type="checkbox" class="size-5 accent-ink" bind:checked={shelf.gentle} /> spares eyes and lips
  </label>
  <label class="flex min-h-11 items-center gap-2">
    <input type="checkbox" class="size-5 accent-ink" bind:checked={shelf.archived} /> put away
  </label>
  <fieldset class="ml-auto flex">
    <legend class="sr-only">Show as</legend>
    {#each ['tapes', 'pictures'] as const as view (view)}
      <label
        class="key cursor-pointer first-of-type:rounded-r-none last-of-type:-ml-0.5 last-of-type:rounded-l-none has-checked:key-ink has-focus-visible:outline-3"
      >
        <input type="radio" class="sr-only" name="view" value={view} bind:group={shelf.view} />{view}
      </label>
    {/each}
  </fieldset>
</search>
