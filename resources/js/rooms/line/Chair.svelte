<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { outbox } from '../../api/outbox.svelte';
  import type { Plan } from '../../api/types.gen';
  import { chairAtHand, dayAtChair, dayChosen } from '../../lib/remembered.svelte';
  import { clock } from '../../lib/clock.svelte';
  import { Line } from '../../line/line.svelte';
  import { nearDays } from '../../line/questions';
  import Loading from '../../ui/Loading.svelte';
  import Trouble from '../../ui/Trouble.svelte';
  import Beginning from '../begin/Beginning.svelte';
  import JustBegun from '../begin/JustBegun.svelte';
  import TourOfChair from '../begin/TourOfChair.svelte';
  import { Chair, dayAtHand } from './chair.svelte';
  import ChairBench from './ChairBench.svelte';

  const days = createQuery(nearDays);
  const day = $derived(
    days.data?.find((one) => one.id === dayChosen.value) ?? dayAtHand(days.data ?? [], clock.now),
  );
  const line = new Line(() => day?.id ?? '');

  $effect(() => {
    dayAtChair.value = day?.id ?? dayAtChair.value;
  });
  $effect(() => line.listen());
  $effect(() => outbox.account(line.setAside));

  const number = $derived(Math.min(Number(chairAtHand.value), day?.chairs ?? 1));
  const chair = new Chair(line, () => number);

  let touring = $state(false);
  /** As it was when the tour began: what is planned anew meanwhile does not begin it anew. */
  let toured = $state.raw<Plan>();
  /** The shortest face of the menu that has steps enough to show all keys on. */
  const tourPlan = $derived(
    (line.board?.designs ?? [])
      .flatMap(({ id }) => line.plan(line.planOf(id, null)) ?? [])
      .filter(({ steps }) => steps.length >= 4)
      .toSorted((one, other) => one.steps.length - other.steps.length)[0],
  );
  const tour = $derived(
    tourPlan === undefined
      ? undefined
      : () => {
          toured = tourPlan;
          touring = true;
        },
  );
</script>

{#if line.board !== undefined}
  <JustBegun board={line.board} {tour} />
  <ChairBench {chair} board={line.board} days={days.data ?? []} {tour} />
  {#if toured !== undefined}<TourOfChair bind:open={touring} plan={toured} />{/if}
{:else if days.data?.length === 0}
  <Beginning />
{:else if line.error ?? days.error}
  <Trouble error={line.error ?? days.error ?? new Error()} retry={() => days.refetch()} />
{:else}
  <Loading what="Setting up the chair" />
{/if}
