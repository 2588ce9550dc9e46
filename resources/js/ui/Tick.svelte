<script lang="ts">
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
    <svg class={['w-4', !checked && 'invisible']} viewBox="0 0 16 13" aria-hidden="true"
      ><path d="M1.5 6.5 6 11l8.5-9.5" fill="none" stroke="currentColor" stroke-width="3" /></svg
    >
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
