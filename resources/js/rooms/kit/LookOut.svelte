<script lang="ts">
  import type { KitThing } from '../../api/types.gen';
  import type { KitWork } from './kit.svelte';
  import { cautionsOf } from './words';

  const { things, work }: { things: readonly KitThing[]; work: KitWork } = $props();

  const flagged = $derived(things.filter((thing) => thing.flags.length > 0));
</script>

<section aria-label="To look out for">
  <h2 class="text-2xl">Look out for</h2>
  <ul class="mt-2 flex flex-col gap-2">
    {#each flagged as thing (thing.id)}
      <li class="border-l-[6px] border-brass pl-3 leading-snug">
        <button
          type="button"
          class="font-semibold underline-offset-4 hover:underline"
          onclick={() => (work.editing = thing)}>{thing.name}</button
        >
        {#each cautionsOf(thing) as caution (caution)}<span class="block text-soft">{caution}</span>{/each}
      </li>
    {:else}
      <li class="text-soft">Nothing: all is for skin, and nothing runs out.</li>
    {/each}
  </ul>
  <p class="mt-3 text-[15px] text-soft">
    One child, one clean sponge. Only cosmetic-grade paint and glitter. Local rules and licensed practice come
    first.
  </p>
</section>
