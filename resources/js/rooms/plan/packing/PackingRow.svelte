<script lang="ts">
  import type { Packing } from './packing.svelte';
  import Tick from '../../../ui/Tick.svelte';

  interface Props {
    packing: Packing;
    /** Under which it is ticked. */
    thing: string;
    name: string;
    amount: string;
    there?: string;
    whose?: string;
    hex?: string | null;
  }

  const { packing, thing, name, amount, there = '', whose = '', hex = null }: Props = $props();

  const isPacked = $derived(packing.has(thing));
</script>

<li class="border-b border-seam">
  <label class="flex min-h-12 items-center gap-4 text-lg">
    <Tick checked={isPacked} onturn={() => packing.turn(thing)} />
    {#if hex !== null}
      <span class="size-6 shrink-0 border border-ink" style:background={hex} aria-hidden="true"></span>
    {/if}
    <span class={['grow', isPacked && 'text-soft line-through']}
      >{name}{#if whose !== ''}<span class="ml-3 text-base text-soft">{whose}</span>{/if}</span
    >
    <span class="minutes whitespace-nowrap">{amount}</span>
    <span class="w-24 text-right text-base text-soft empty:hidden">{there}</span>
  </label>
</li>
