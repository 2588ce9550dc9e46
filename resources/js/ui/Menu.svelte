<script lang="ts">
  import { DropdownMenu } from 'bits-ui';

  interface Act {
    words: string;
    act: () => void;
    disabled?: boolean;
  }

  interface Props {
    /** What the acts are about, as it is read out. */
    name: string;
    /** On the key itself. */
    words?: string;
    acts: readonly Act[];
  }

  const { name, words = '…', acts }: Props = $props();
</script>

<DropdownMenu.Root>
  <DropdownMenu.Trigger class="key min-w-11 px-3" aria-label={name}>{words}</DropdownMenu.Trigger>
  <!-- Where its key stands, so that it belongs to the same part of the page. -->
  <DropdownMenu.Portal disabled>
    <DropdownMenu.Content
      class="z-50 min-w-56 rounded-lg border-2 border-ink bg-paper py-1 outline-none"
      align="end"
      strategy="fixed"
      sideOffset={4}
    >
      {#each acts as { words: said, act, disabled = false } (said)}
        <DropdownMenu.Item
          class="flex min-h-11 cursor-pointer items-center px-4 text-lg outline-none data-disabled:opacity-45 data-highlighted:bg-ink data-highlighted:text-paper"
          {disabled}
          onSelect={act}>{said}</DropdownMenu.Item
        >
      {/each}
    </DropdownMenu.Content>
  </DropdownMenu.Portal>
</DropdownMenu.Root>
