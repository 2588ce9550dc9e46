<script lang="ts">
  import type { LastLinesShown } from '../../../api/types.gen';
  import type { EventPlan } from './plan.svelte';

  const { last, plan }: { last: LastLinesShown; plan: EventPlan } = $props();

  const isOpenLine = $derived(plan.terms.kind !== 'party');
  const together = $derived(Math.round(last.groups.slice(1).reduce((sum, share) => sum + share, 0)));
  const isTaken = $derived(
    String(plan.terms.profile) === String(last.profile) &&
      String(plan.terms.groups) === String(last.groups) &&
      plan.terms.patienceMinutes === last.patienceMinutes,
  );
</script>

<section class="px-3 pt-6 sm:px-8" aria-labelledby="last-lines">
  <h2 id="last-lines" class="text-2xl">What your last lines say</h2>
  <p class="max-w-4xl text-lg">
    {last.children} children on {last.days === 1 ? 'one day' : `${last.days} days`}: {last.anHour} an hour, {together}
    of 100 groups more than one child. {last.notTherePercent} of 100 were not there when called{last.patienceMinutes ===
    null
      ? ', and hardly anybody gave up waiting'
      : `, and half have given up after ${last.patienceMinutes} minutes`}. Each choice of a design draws
    another
    {last.drawsPercent} % of the menu to it.
  </p>
  <p class="text-soft">
    Who is not there is reckoned into the times that you say at the line; what a choice draws, into this
    forecast and what you pack.
  </p>
  {#if isOpenLine && isTaken}
    <p class="mt-1">This plan has its busy hours, groups and patience from them.</p>
  {:else if isOpenLine}
    <button
      type="button"
      class="mt-2 key min-h-11"
      onclick={() =>
        void plan.let('Busy hours, groups and patience as on the last days.', {
          arrivals: 'by_profile',
          profile: [...last.profile],
          groups: [...last.groups],
          patienceMinutes: last.patienceMinutes,
        })}>Plan by them</button
    >
  {/if}
</section>
