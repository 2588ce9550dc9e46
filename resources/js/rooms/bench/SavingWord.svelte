<script lang="ts">
  import type { Bench } from './bench.svelte';

  const { bench }: { bench: Bench } = $props();

  const words = {
    saved: 'Saved',
    saving: 'Saving …',
    refused: 'Not saved',
    away: 'No network',
    'changed elsewhere': 'Not saved',
  } as const;
</script>

{#snippet arrow(mirrored: boolean)}
  <svg width="22" height="20" viewBox="0 0 22 20" aria-hidden="true" class={[mirrored && '-scale-x-100']}>
    <path
      d="M8 2 2 8l6 6M3 8h10a6 5 0 0 1 0 10h-3"
      fill="none"
      stroke="currentColor"
      stroke-width="2.6"
      stroke-linecap="round"
      stroke-linejoin="round"
    />
  </svg>
{/snippet}

<div class="flex items-center">
  <button
    type="button"
    class="key rounded-r-none px-3"
    aria-label="Undo"
    disabled={!bench.history.canUndo}
    onclick={() => bench.undo()}>{@render arrow(false)}</button
  >
  <button
    type="button"
    class="-ml-0.5 key rounded-l-none px-3"
    aria-label="Redo"
    disabled={!bench.history.canRedo}
    onclick={() => bench.redo()}>{@render arrow(true)}</button
  >
  <p
    class={[
      'ml-2 w-[5.2rem] text-[15px] max-md:sr-only',
      bench.saving === 'saved' ? 'text-soft' : 'font-semibold',
    ]}
    role="status"
  >
    {words[bench.saving]}
  </p>
</div>
