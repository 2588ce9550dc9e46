<script lang="ts">
  import { PlacementValues } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import { placementNames } from '../../api/tables.gen';
  import type { Bench } from './bench.svelte';
  import DesignMenu from './shelf/DesignMenu.svelte';
  import SavingWord from './SavingWord.svelte';
  import Choice from '../../ui/Choice.svelte';

  const { bench }: { bench: Bench } = $props();
</script>

<div class="flex flex-wrap items-center gap-x-3 gap-y-1 px-3 pt-2 sm:px-5">
  <h1 class="sr-only">{bench.draft.name}</h1>
  <input
    class="min-w-0 grow basis-40 truncate border-b-2 border-transparent bg-transparent font-display text-3xl font-bold hover:border-seam focus:border-ink max-md:text-2xl"
    aria-label="Name of the design"
    maxlength="80"
    value={bench.draft.name}
    onchange={(event) => bench.rename(event.currentTarget.value)}
  />
  <p class="whitespace-nowrap">
    <span class="minutes text-3xl md:text-4xl">{minutes(bench.totalMs)}</span>
  </p>
  <label class="flex items-center gap-1.5 text-[15px] text-soft">
    <span class="md:hidden">of</span><span class="max-md:hidden">promised</span>
    <input
      class="field w-20 minutes text-lg"
      placeholder="4:30"
      aria-label="Promise"
      value={bench.draft.promise}
      aria-invalid={bench.fields['promise'] !== undefined}
      onchange={(event) => bench.setPromise(event.currentTarget.value)}
    />
  </label>
  <div class="max-md:hidden">
    <Choice
      class="w-36"
      label="Place of the design"
      value={bench.draft.placement}
      options={PlacementValues.map((value) => ({ value, words: placementNames[value] }))}
      onchoose={(placement) => bench.setPlacement(placement)}
    />
  </div>
  <SavingWord {bench} />
  <DesignMenu {bench} />
</div>
