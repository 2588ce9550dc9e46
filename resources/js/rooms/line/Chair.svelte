<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { outbox } from '../../api/outbox.svelte';
  import { chairAtHand, dayAtChair, dayChosen } from '../../lib/remembered.svelte';
  import { clock } from '../../lib/clock.svelte';
  import { Line } from '../../line/line.svelte';
  import { nearDays } from '../../line/questions';
  import { p } from '../../router';
  import Loading from '../../ui/Loading.svelte';
  import Trouble from '../../ui/Trouble.svelte';
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
</script>

{#if line.board !== undefined}
  <ChairBench {chair} board={line.board} days={days.data ?? []} />
{:else if days.data?.length === 0}
  <div class="mx-auto flex max-w-xl grow flex-col justify-center gap-4 p-8">
    <h1 class="text-4xl">No chair is set up yet</h1>
    <p class="text-lg">
      Make an event day, choose what is on its menu, open the line and take a name. Then the first child sits
      down here.
    </p>
    <p><a class="key key-ink" href={p('/events')}>Make an event day</a></p>
  </div>
{:else if line.error ?? days.error}
  <Trouble error={line.error ?? days.error ?? new Error()} retry={() => days.refetch()} />
{:else}
  <Loading what="Setting up the chair" />
{/if}
