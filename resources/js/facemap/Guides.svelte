<script lang="ts">
  import { guideLines } from './guides';
  import type { PaintedStep } from './layers';

  const { step }: { step: PaintedStep } = $props();

  const lines = $derived(guideLines(step));
</script>

{#each lines as { key, half, d, dot } (key)}
  <g transform={half === 'right' ? 'translate(400 0) scale(-1 1)' : undefined} fill="none" stroke="#1b2630">
    <path {d} stroke="#ffffff" stroke-width="3" opacity="0.8" />
    <path {d} stroke-width="1.400" stroke-dasharray="3 3" />
    {#if dot !== null}<circle cx={dot[0]} cy={dot[1]} r="4" fill="#f5c53b" stroke-width="1.400" />{/if}
  </g>
{/each}
