<script lang="ts">
  import type { DesignTape } from '../../../api/types.gen';
  import { lookOf } from '../../../facemap/looks';
  import NearFaceMap from '../../../facemap/NearFaceMap.svelte';
  import { minutes } from '../../../lib/minutes';
  import { photoOn } from '../../../lib/photo';
  import { p } from '../../../router';

  const { designs }: { designs: readonly DesignTape[] } = $props();
</script>

<ul
  class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-4 gap-y-6 sm:grid-cols-[repeat(auto-fill,minmax(210px,1fr))]"
>
  {#each designs as design (design.id)}
    <li>
      <a class="group flex flex-col items-center" href={p('/designs/:id', { params: { id: design.id } })}>
        <span class="h-52 w-full sm:h-72">
          <NearFaceMap
            photo={photoOn('team', design.photo)}
            title={design.name}
            placement={design.placement}
            steps={design.steps}
            look={lookOf(design.id)}
          />
        </span>
        <span class="mt-1 font-display text-[22px] leading-tight font-bold group-hover:underline"
          >{design.name}</span
        >
        <span class="minutes text-lg text-soft">{minutes(design.totalMs)}</span>
      </a>
    </li>
  {/each}
</ul>
