<script lang="ts">
  import { PlacementValues } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import { placementNames } from '../../lib/placements';
  import type { Bench } from './bench.svelte';

  const { bench }: { bench: Bench } = $props();
</script>

<div class="flex flex-wrap items-end gap-x-5 gap-y-2 px-3 pt-4 pb-1 sm:px-8">
  <h1 class="sr-only">{bench.draft.name}</h1>
  <div class="min-w-0 grow basis-64">
    <input
      class="w-full border-b-2 border-transparent bg-transparent font-display text-4xl font-bold hover:border-seam focus:border-ink"
      aria-label="Name of the design"
      maxlength="80"
      value={bench.draft.name}
      onchange={(event) => bench.rename(event.currentTarget.value)}
    />
  </div>
  <label class="text-soft">
    <span class="block text-[15px]">Painted on</span>
    <select
      class="field w-36"
      value={bench.draft.placement}
      onchange={(event) => {
        const placement = PlacementValues.find((value) => value === event.currentTarget.value);
        if (placement !== undefined) bench.setPlacement(placement);
      }}
    >
      {#each PlacementValues as value (value)}<option {value}>{placementNames[value]}</option>{/each}
    </select>
  </label>
  <label class="text-soft">
    <span class="block text-[15px]">Promise</span>
    <input
      class="field w-28"
      placeholder="4:30"
      value={bench.draft.promise}
      aria-invalid={bench.fields['promise'] !== undefined}
      onchange={(event) => bench.setPromise(event.currentTarget.value)}
    />
  </label>
  <p class="pb-1">
    <span class="minutes text-5xl">{minutes(bench.totalMs)}</span>
    <span class="text-soft">in this order</span>
  </p>
</div>
