<script lang="ts">
  const { message }: { message: string | undefined } = $props();
</script>

{#if message !== undefined && message !== ''}
  <p class="mt-1 border-l-[6px] border-rust pl-3 font-semibold text-rust" role="alert">{message}</p>
{/if}
