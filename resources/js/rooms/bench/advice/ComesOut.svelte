<script lang="ts">
  import type { ColourSeen } from '../../../api/types.gen';
  import Tip from '../../../ui/Tip.svelte';

  const { colours }: { colours: readonly ColourSeen[] } = $props();
</script>

{#if colours.length > 0}
  <div class="mt-3" role="group" aria-label="How it comes out">
    <h3 class="text-base">How it comes out on what lies below</h3>
    <ul class="mt-1 flex flex-wrap gap-x-6 gap-y-2">
      {#each colours as colour, at (at)}
        <li class="flex items-center gap-2">
          <span class="flex border-2 border-ink">
            {#each [colour.meant, ...colour.coats] as seen, coat (coat)}
              <Tip words={coat === 0 ? 'The paint itself' : `After coat ${coat}`}>
                {#snippet children(tip)}
                  <span
                    {...tip}
                    class={['h-8', coat === 0 ? 'w-8' : 'w-10 border-l-2 border-dashed border-ink']}
                    style:background-color={seen}
                  ></span>
                {/snippet}
              </Tip>
            {/each}
          </span>
          <span class={colour.hasTurned ? 'font-semibold text-rust' : 'text-soft'}
            >{colour.hasTurned ? `turns ${colour.word}` : colour.word}</span
          >
        </li>
      {/each}
    </ul>
  </div>
{/if}
