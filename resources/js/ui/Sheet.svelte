<script lang="ts">
  import { Dialog } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    open: boolean;
    title: string;
    /** For what lies beside each other. */
    wide?: boolean;
    children: Snippet;
  }

  let { open = $bindable(), title, wide = false, children }: Props = $props();
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-[#1b2630]/45" />
    <Dialog.Content
      class={[
        'fixed inset-x-0 bottom-0 z-50 mx-auto max-h-[92dvh] w-full overflow-y-auto rounded-t-xl border-2 border-b-0 border-ink bg-paper p-5 sm:top-[8dvh] sm:bottom-auto sm:max-h-[84dvh] sm:rounded-xl sm:border-b-2 sm:p-7',
        wide ? 'max-w-5xl' : 'max-w-2xl',
      ]}
    >
      <div class="mb-4 flex items-start justify-between gap-4">
        <Dialog.Title class="font-display text-3xl font-bold">{title}</Dialog.Title>
        <Dialog.Close class="key shrink-0">Close</Dialog.Close>
      </div>
      {@render children()}
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>
