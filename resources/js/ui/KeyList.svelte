<script lang="ts">
  /** Each key with what it does. */
  const { keys }: { keys: readonly (readonly [key: string, does: string])[] } = $props();
</script>

<dl class="grid grid-cols-[auto_1fr] items-center gap-x-5 gap-y-2 text-lg">
  {#each keys as [key, does] (key)}
    <dt><kbd class="rounded border-2 border-ink px-3 font-bold whitespace-nowrap">{key}</kbd></dt>
    <dd>{does}</dd>
  {/each}
</dl>
