<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import type { MoneySheet } from '../../../api/types.gen';
  import Said from '../../../ui/Said.svelte';
  import UndoBar from '../../../ui/UndoBar.svelte';
  import FaceOrHour from './FaceOrHour.svelte';
  import FacePrices from './FacePrices.svelte';
  import { EventMoney } from './money.svelte';
  import MoneyDials from './MoneyDials.svelte';
  import QuoteSlip from './QuoteSlip.svelte';

  const { sheet }: { sheet: MoneySheet } = $props();

  const queryClient = useQueryClient();
  const money = new EventMoney(
    untrack(() => sheet),
    (kept) => queryClient.setQueryData(['money', kept.day.id], kept),
  );
  const isParty = $derived(money.sheet.kind === 'party');
</script>

<div class="grid gap-x-12 gap-y-8 px-3 pb-16 sm:px-8 lg:grid-cols-[minmax(0,1fr)_330px]">
  <div class="flex min-w-0 flex-col gap-10">
    <Said message={money.message} />
    {#if isParty}
      <QuoteSlip sheet={money.sheet} />
    {/if}
    <FaceOrHour sheet={money.sheet} />
    <FacePrices sheet={money.sheet} />
    {#if !isParty}
      <QuoteSlip sheet={money.sheet} />
    {/if}
  </div>
  <MoneyDials {money} currency={sheet.currency} />
</div>

{#if money.undoable !== null}
  <UndoBar text={money.undoable.text} undo={() => money.undo()} dismiss={() => (money.undoable = null)} />
{/if}
