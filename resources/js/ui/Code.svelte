<script lang="ts">
  import { encode } from 'uqr';

  const { text, label }: { text: string; label: string } = $props();

  const code = $derived(encode(text, { ecc: 'M', border: 4 }));
  const path = $derived(
    code.data.flatMap((row, y) => row.map((dark, x) => (dark ? `M${x} ${y}h1v1h-1z` : ''))).join(''),
  );
</script>

<svg viewBox="0 0 {code.size} {code.size}" class="size-full bg-white" role="img" aria-label={label}>
  <path d={path} fill="#000" shape-rendering="crispEdges" />
</svg>
