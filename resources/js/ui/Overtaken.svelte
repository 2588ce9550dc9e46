<script lang="ts">
  import type { Draft } from '../lib/draft.svelte';

  const { draft }: { draft: Draft<unknown> } = $props();
</script>

{#if draft.isOvertaken}
  <p class="mb-3 flex flex-wrap items-center gap-3 border-l-8 border-rust pl-3" role="status">
    This was changed elsewhere meanwhile. Saving puts what stands here in its place.
    <button type="button" class="key" onclick={() => draft.begin()}>Show the change</button>
  </p>
{/if}
