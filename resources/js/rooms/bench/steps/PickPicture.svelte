<script lang="ts" generics="T extends Pick<StartingPoint, 'name' | 'placement' | 'totalMs' | 'steps'>">
  import type { StartingPoint } from '../../../api/types.gen';
  import { lookOf } from '../../../facemap/looks';
  import NearFaceMap from '../../../facemap/NearFaceMap.svelte';
  import { minutes } from '../../../lib/minutes';

  interface Props {
    legend: string;
    designs: readonly T[];
    keyOf: (design: T) => string;
    chosen: T | null;
  }

  let { legend, designs, keyOf, chosen = $bindable() }: Props = $props();
</script>

<fieldset>
  <legend class="mb-1 font-semibold">{legend}</legend>
  <div class="grid max-h-96 grid-cols-2 gap-2 overflow-y-auto sm:grid-cols-4">
    {#each designs as design (keyOf(design))}
      <label
        class="flex cursor-pointer flex-col items-center rounded-lg border-2 border-transparent p-1.5 text-center hover:bg-card has-checked:border-ink has-checked:bg-card has-focus-visible:outline-3"
      >
        <input
          type="radio"
          class="sr-only"
          name={legend}
          checked={design === chosen}
          onchange={() => (chosen = design)}
        />
        <span class="h-28 w-full"
          ><NearFaceMap
            title=""
            placement={design.placement}
            steps={design.steps}
            look={lookOf(keyOf(design))}
          /></span
        >
        <span class="leading-tight font-semibold">{design.name}</span>
        <span class="minutes text-soft">{minutes(design.totalMs)}</span>
      </label>
    {/each}
  </div>
</fieldset>
