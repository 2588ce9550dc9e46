<script lang="ts">
  const { lying = false }: { lying?: boolean } = $props();

  const dots = 'M3 3v0M11 3v0M3 10v0M11 10v0M3 17v0M11 17v0';
</script>

<!-- Dots to drag a row by. -->
<svg
  width="14"
  height="20"
  viewBox="0 0 14 20"
  class={[lying && 'rotate-90']}
  aria-hidden="true"
  fill="none"
  stroke="currentColor"
  stroke-width="4"
  stroke-linecap="round"><path d={dots} /></svg
>
