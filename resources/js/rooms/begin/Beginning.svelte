<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { occasions } from '../../api/tables.gen';
  import type { DaySummary, StartingPoint } from '../../api/types.gen';
  import FaceMap from '../../facemap/FaceMap.svelte';
  import { lookOf } from '../../facemap/looks';
  import { Submission } from '../../lib/form.svelte';
  import { minutes } from '../../lib/minutes';
  import { begunDay, chairAtHand, dayChosen } from '../../lib/remembered.svelte';
  import { p } from '../../router';
  import Loading from '../../ui/Loading.svelte';
  import Said from '../../ui/Said.svelte';
  import Trouble from '../../ui/Trouble.svelte';
  import { FirstRun } from './first-run.svelte';
  import Occasion from './Occasion.svelte';

  const queryClient = useQueryClient();
  const work = new Submission();
  const run = new FirstRun();
  const words = { party: 'a party', festival: 'a festival', practice: 'just practising' } as const;
  const points = createQuery(() => ({
    queryKey: ['designs', 'starting-points'],
    queryFn: () => api.get<StartingPoint[]>('designs/starting-points'),
    staleTime: Infinity,
  }));

  async function begin() {
    await work.run(async () => {
      const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
      const day = await api.post<DaySummary>('beginning', run.asked(timeZone));
      begunDay.value = day.id;
      dayChosen.value = day.id;
      chairAtHand.value = '1';
      await queryClient.invalidateQueries();
    });
  }
</script>

<div class="mx-auto w-full max-w-5xl px-4 py-5 pb-32 sm:px-8">
  <h1 class="text-3xl sm:text-4xl">Three taps, and the first child can sit down</h1>
  <fieldset class="mt-5">
    <legend class="text-xl font-bold">Where do you paint?</legend>
    <div class="mt-2 grid grid-cols-3 gap-2 sm:max-w-2xl sm:gap-4">
      {#each occasions as occasion (occasion)}
        <button
          type="button"
          class={[
            'flex flex-col items-center rounded-lg border-2 border-ink px-1 py-2 text-lg font-semibold sm:text-xl',
            run.occasion === occasion ? 'bg-brass' : 'hover:bg-card',
          ]}
          aria-pressed={run.occasion === occasion}
          onclick={() => (run.occasion = occasion)}><Occasion of={occasion} />{words[occasion]}</button
        >
      {/each}
    </div>
  </fieldset>
  <fieldset class="mt-5">
    <legend class="text-xl font-bold">How many paint?</legend>
    <div class="mt-2 grid grid-cols-8 gap-1.5 sm:max-w-2xl sm:gap-2">
      {#each Array.from({ length: FirstRun.mostHands }, (_, at) => at + 1) as hands (hands)}
        <button
          type="button"
          class={['key min-h-14 px-0 minutes text-2xl', run.hands === hands && 'bg-brass']}
          aria-pressed={run.hands === hands}
          aria-label={hands === 1 ? 'one paints' : `${hands} paint`}
          onclick={() => (run.hands = hands)}>{hands}</button
        >
      {/each}
    </div>
  </fieldset>
  <fieldset class="mt-5">
    <legend class="text-xl font-bold">Which of these do you paint already?</legend>
    {#if points.data === undefined}
      {#if points.error === null}<Loading what="Laying out the designs" />
      {:else}<Trouble error={points.error} retry={() => points.refetch()} />{/if}
    {:else}
      <ul class="mt-2 grid grid-cols-3 gap-2 sm:grid-cols-4 lg:grid-cols-6">
        {#each points.data as point (point.name)}
          {@const isChosen = run.designs.includes(point.name)}
          <li>
            <button
              type="button"
              class={[
                'flex h-full w-full flex-col items-center rounded-lg border-2 border-ink p-1.5 leading-tight',
                isChosen ? 'bg-brass' : 'hover:bg-card',
              ]}
              aria-pressed={isChosen}
              onclick={() => run.toggle(point.name)}
            >
              <span class="block h-28 w-full" aria-hidden="true"
                ><FaceMap
                  title=""
                  placement={point.placement}
                  steps={point.steps}
                  look={lookOf(point.name)}
                  readOut={false}
                /></span
              >
              <span class="mt-1 font-semibold">{point.name}</span>
              <span class="minutes text-[15px] text-soft">{minutes(point.totalMs)}</span>
            </button>
          </li>
        {/each}
      </ul>
    {/if}
  </fieldset>
  <p class="mt-4 text-soft">
    You get a starter kit, these designs, and an open line for now. All of it can be thrown away again. Or
    <a class="underline underline-offset-4" href={p('/events')}>make an event day</a> and
    <a class="underline underline-offset-4" href={p('/designs')}>designs of your own</a>.
  </p>
  <Said message={work.general} />
</div>
<div class="fixed inset-x-0 bottom-0 z-10 border-t-2 border-ink bg-card p-3">
  <button
    type="button"
    class="mx-auto key flex min-h-14 w-full max-w-xl text-xl key-ink"
    disabled={!run.isReady || work.busy}
    onclick={begin}>{run.isReady ? 'Begin' : `Still to tap: ${run.lacks}`}</button
  >
</div>
