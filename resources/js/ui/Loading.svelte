<script lang="ts">
  const { what }: { what: string } = $props();
</script>

<div class="flex grow flex-col items-center justify-center gap-3 p-10 text-soft" role="status">
  <svg width="192" height="34" viewBox="0 0 192 34" aria-hidden="true">
    <rect class="reel" width="192" height="34" fill="#f5c53b" />
    <path
      d="M8 0v14M32 0v8M56 0v14M80 0v8M104 0v14M128 0v8M152 0v14M176 0v8"
      stroke="#1b2630"
      stroke-width="2"
    />
  </svg>
  <p>{what} …</p>
</div>
