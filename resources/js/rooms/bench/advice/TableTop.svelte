<script lang="ts">
  import { minutes } from '../../../lib/minutes';
  import type { Bench } from '../bench.svelte';
  import NotInKit from './NotInKit.svelte';

  const { bench }: { bench: Bench } = $props();

  const sheet = $derived(bench.sheet);
</script>

{#if sheet.brushesToKeep.length > 0}
  <div>
    <h2 class="text-xl">One brush more</h2>
    <ul class="mt-1">
      {#each sheet.brushesToKeep.slice(0, 3) as brush (brush.colour)}
        <li class="flex items-center gap-2">
          <span class="size-4 shrink-0 rounded-full border-2 border-ink" style:background-color={brush.hex}
          ></span>
          a {brush.colour} brush of its own saves <strong class="minutes">{minutes(brush.savedMs)}</strong> a face
        </li>
      {/each}
    </ul>
  </div>
{/if}
<NotInKit {bench} />
{#if sheet.layOut.length > 0}
  <div>
    <h2 class="text-xl">On the table</h2>
    <ol class="mt-1 text-[15px]">
      {#each sheet.layOut as thing (thing.kind + thing.name)}
        <li class="flex items-center gap-2 border-t border-seam py-1">
          <span
            class="size-4 shrink-0 rounded-full border-2 border-ink"
            style:background-color={thing.hex ?? 'transparent'}
          ></span>
          <span class={['grow', !thing.owned && 'text-rust']}>{thing.name}</span>
          <span class="text-soft">{thing.steps.length === 1 ? 'step' : 'steps'} {thing.steps.join(', ')}</span
          >
        </li>
      {/each}
    </ol>
  </div>
{/if}
