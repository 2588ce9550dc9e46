<script lang="ts">
  import { Tooltip } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    words: string;
    /** What it is said of; it spreads the given attributes on its element. */
    children: Snippet<[Record<string, unknown>]>;
  }

  const { words, children }: Props = $props();
</script>

<Tooltip.Provider delayDuration={300}>
  <Tooltip.Root disableHoverableContent>
    <Tooltip.Trigger>
      {#snippet child({ props })}{@render children(props)}{/snippet}
    </Tooltip.Trigger>
    <Tooltip.Portal>
      <Tooltip.Content class="z-60 max-w-64 rounded-lg bg-ink px-3 py-1.5 text-paper" sideOffset={6}
        >{words}</Tooltip.Content
      >
    </Tooltip.Portal>
  </Tooltip.Root>
</Tooltip.Provider>
