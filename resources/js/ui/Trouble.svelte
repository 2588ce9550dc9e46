<script lang="ts">
  const { error, retry }: { error: Error; retry?: () => unknown } = $props();
</script>

<div class="mx-auto flex max-w-xl grow flex-col justify-center gap-4 p-8" role="alert">
  <h1 class="text-3xl">That did not work</h1>
  <p class="text-lg">{error.message}</p>
  {#if retry !== undefined}
    <p><button type="button" class="key key-ink" onclick={() => retry()}>Try again</button></p>
  {/if}
</div>
