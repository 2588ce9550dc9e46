<script lang="ts">
  import type { Wait } from '../lib/wait.svelte';

  const { wait, what }: { wait: Wait; what: string } = $props();
</script>

<div class="flex flex-wrap items-center gap-x-3" role="status">
  <span>{what}{wait.words === '' ? ' …' : `: ${wait.words}`}</span>
  <span class="h-2 w-24 border-2 border-ink" aria-hidden="true">
    <span class="block h-full bg-ink" style:width="{100 * wait.share}%"></span>
  </span>
  <button type="button" class="key-word" onclick={() => wait.end()}>Stop</button>
</div>
