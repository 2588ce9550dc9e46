<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { onMount, untrack } from 'svelte';
  import type { EventPlanSheet } from '../../../api/types.gen';
  import { teamCurrency } from '../../../lib/session';
  import { p } from '../../../router';
  import Said from '../../../ui/Said.svelte';
  import UndoBar from '../../../ui/UndoBar.svelte';
  import AnswerList from './AnswerList.svelte';
  import { answers } from './answers';
  import DayAhead from './DayAhead.svelte';
  import Dials from './Dials.svelte';
  import EventHead from '../EventHead.svelte';
  import LastLines from './LastLines.svelte';
  import LastTimes from './LastTimes.svelte';
  import Levers from './Levers.svelte';
  import PartyList from './PartyList.svelte';
  import { EventPlan } from './plan.svelte';

  const { sheet }: { sheet: EventPlanSheet } = $props();

  const queryClient = useQueryClient();
  const currency = teamCurrency();
  const plan = new EventPlan(
    untrack(() => sheet),
    (kept) => {
      queryClient.setQueryData(['plan', kept.day.id], kept);
      void queryClient.invalidateQueries({ queryKey: ['line', kept.day.id] });
      void queryClient.invalidateQueries({ queryKey: ['days'] });
    },
  );
  const place = $derived({ timezone: sheet.day.timezone, currency: currency() });

  onMount(() => {
    if (sheet.menu.length > 0) {
      plan.start();
    }

    return () => plan.stop();
  });
</script>

<div class="flex grow flex-col pb-16">
  <EventHead day={sheet.day} here="plan" />
  {#if sheet.menu.length === 0}
    <p class="max-w-xl px-3 text-xl sm:px-8">
      Nothing is on the menu of this day yet, so there is nothing to reckon with.
      <a class="underline" href={p('/events/:id', { params: { id: sheet.day.id } })}>Put up its menu</a> first.
    </p>
  {:else}
    <div class="px-3 sm:px-8"><Said message={plan.message} /></div>
    <div class="grid gap-x-10 gap-y-6 px-3 sm:px-8 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div class="min-w-0">
        {#if plan.forecast !== null}
          <AnswerList list={answers(plan.terms, plan.forecast, place)} isRough={!plan.forecast.isDone} />
        {:else if plan.message === ''}
          <p class="py-10 text-xl text-soft" role="status">Playing the day a few hundred times …</p>
        {/if}
      </div>
      <Dials {plan} {sheet} />
    </div>
    {#if plan.terms.kind === 'party'}<PartyList day={sheet.day} />{/if}
    {#if plan.forecast !== null}
      <DayAhead {plan} forecast={plan.forecast} timezone={sheet.day.timezone} />
      <Levers {plan} forecast={plan.forecast} {place} />
      <LastTimes met={sheet.met} />
      {#if sheet.last !== null}<LastLines last={sheet.last} {plan} />{/if}
    {/if}
  {/if}
</div>

{#if plan.undoable !== null}
  <UndoBar text={plan.undoable.text} undo={() => plan.undo()} dismiss={() => (plan.undoable = null)} />
{/if}
