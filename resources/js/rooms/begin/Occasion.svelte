<script lang="ts">
  import type { Occasion } from './first-run.svelte';

  const { of }: { of: Occasion } = $props();

  const lamps = [
    [14, 20, '#f5c53b'],
    [38, 29, '#b23f14'],
    [62, 31, '#2c4a8e'],
    [86, 22, '#1d7267'],
  ] as const;
</script>

<svg viewBox="0 0 100 70" class="h-20 w-28" aria-hidden="true" stroke="currentColor" fill="none">
  {#if of === 'party'}
    <path d="M2 8C30 34 70 38 98 10" stroke-width="2.5" />
    {#each lamps as [x, y, fill] (x)}
      <path d="M{x} {y}v5" stroke-width="2" />
      <rect x={x - 8} y={y + 5} width="16" height="22" rx="7" {fill} stroke-width="2" />
      <path d="M{x - 7} {y + 12}h14M{x - 7} {y + 20}h14" stroke-width="1.2" />
    {/each}
  {:else if of === 'festival'}
    <path d="M12 32 50 8l38 24v6H12z" fill="#f5c53b" stroke-width="2.5" stroke-linejoin="round" />
    <path d="M31 20 27 38M50 8v30M69 20l4 18" stroke-width="1.6" />
    <path d="M18 38v28M82 38v28" stroke-width="3" />
    <path d="M50 8V1l12 3-12 3" fill="#b23f14" stroke-width="1.8" />
    <rect x="34" y="52" width="32" height="14" fill="#2c4a8e" stroke-width="2" />
  {:else}
    <rect x="10" y="6" width="62" height="58" rx="4" fill="#efe7d8" stroke-width="2.5" />
    <path d="M20 20c8-10 14 10 22 0s12-2 18 2" stroke="#2c4a8e" stroke-width="4" stroke-linecap="round" />
    <path d="M22 38c6 8 10-8 16 0" stroke="#b23f14" stroke-width="4" stroke-linecap="round" />
    <circle cx="24" cy="53" r="3" fill="#1d7267" stroke="none" /><circle
      cx="35"
      cy="53"
      r="2.4"
      fill="#1d7267"
      stroke="none"
    /><circle cx="44" cy="53" r="1.8" fill="#1d7267" stroke="none" />
    <path d="M95 12 66 46l-4 10 9-5z" fill="#f5c53b" stroke-width="2" stroke-linejoin="round" />
  {/if}
</svg>
