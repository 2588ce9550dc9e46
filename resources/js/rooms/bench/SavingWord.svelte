<script lang="ts">
  import type { Bench } from './bench.svelte';

  const { bench }: { bench: Bench } = $props();

  const words = {
    saved: 'Saved',
    saving: 'Saving …',
    refused: 'Not saved yet: something is to be mended.',
    away: 'No network. Your changes are on this screen and saved when the server is back.',
    'changed elsewhere': '',
  } as const;
</script>

<div>
  <div class="grid grid-cols-2 gap-2">
    <button type="button" class="key" disabled={!bench.canUndo} onclick={() => bench.undo()}>Undo</button>
    <button type="button" class="key" disabled={!bench.canRedo} onclick={() => bench.redo()}>Redo</button>
  </div>
  <p class="mt-2 text-soft" role="status">{words[bench.saving]}</p>
  {#if bench.saving === 'changed elsewhere'}
    <div class="border-l-[6px] border-rust pl-3" role="alert">
      <p>{bench.message}</p>
      <div class="mt-2 flex flex-wrap gap-2">
        <button type="button" class="key" onclick={() => bench.loadTheirs()}>Load theirs</button>
        <button type="button" class="key" onclick={() => bench.keepMine()}>Keep mine</button>
      </div>
    </div>
  {/if}
</div>
