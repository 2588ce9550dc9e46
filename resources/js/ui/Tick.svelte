<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import { Checkbox } from 'bits-ui';
  import type { Snippet } from 'svelte';

  interface Props {
    checked: boolean;
    disabled?: boolean;
    onturn?: (checked: boolean) => void;
    /** Read out where no words stand beside it. */
    name?: string;
    /** The words beside it: they turn it as well. */
    children?: Snippet;
  }

  let { checked = $bindable(), disabled = false, onturn, name, children }: Props = $props();

  function turn(to: boolean) {
    checked = to;
    onturn?.(to);
  }
</script>

{#snippet box()}
  <Checkbox.Root
    class="inline-flex size-6 shrink-0 cursor-pointer items-center justify-center rounded-[5px] border-2 border-ink bg-field disabled:opacity-45 data-[state=checked]:bg-ink data-[state=checked]:text-paper"
    aria-label={name}
    {disabled}
    bind:checked={() => checked, turn}
  >
    <Check class={['size-4 shrink-0', !checked && 'invisible']} strokeWidth={3.5} aria-hidden="true" />
  </Checkbox.Root>
{/snippet}

{#if children === undefined}
  {@render box()}
{:else}
  <label class="flex min-h-11 cursor-pointer items-center gap-2">
    {@render box()}
    <span class="min-w-0">{@render children()}</span>
  </label>
{/if}
