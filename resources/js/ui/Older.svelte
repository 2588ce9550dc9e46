<script lang="ts">
  import type { Snippet } from 'svelte';

  interface Props {
    query: { hasNextPage: boolean; isFetchingNextPage: boolean; fetchNextPage(): unknown };
    children: Snippet;
  }

  const { query, children }: Props = $props();
</script>

{#if query.hasNextPage}
  <button
    type="button"
    class="mt-4 key min-h-14 w-full text-lg"
    disabled={query.isFetchingNextPage}
    onclick={() => void query.fetchNextPage()}>{@render children()}</button
  >
{/if}
