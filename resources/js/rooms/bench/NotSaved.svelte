<script lang="ts">
  import Said from '../../ui/Said.svelte';
  import type { Bench } from './bench.svelte';

  const { bench }: { bench: Bench } = $props();
</script>

{#if bench.saving === 'refused'}
  <div class="px-3 sm:px-5"><Said message="Not saved yet, something is to be mended. {bench.message}" /></div>
{:else if bench.saving === 'away'}
  <p class="px-3 text-soft sm:px-5">
    No network. Your changes are on this screen and saved when the server is back.
  </p>
{:else if bench.saving === 'changed elsewhere'}
  <div class="mx-3 flex flex-wrap items-center gap-2 border-l-[6px] border-rust pl-3 sm:mx-5" role="alert">
    <p class="grow">{bench.message}</p>
    <button type="button" class="key" onclick={() => bench.loadTheirs()}>Load theirs</button>
    <button type="button" class="key" onclick={() => bench.keepMine()}>Keep mine</button>
  </div>
{/if}
