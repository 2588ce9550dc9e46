<script lang="ts">
  import { createInfiniteQuery } from '@tanstack/svelte-query';
  import { after, page } from '../../api/pages';
  import type { DaySummary } from '../../api/types.gen';
  import { clock } from '../../lib/clock.svelte';
  import { clockTime, dayName } from '../../lib/minutes';
  import { whetherPaints } from '../../lib/session';
  import { p } from '../../router';
  import Fetched from '../../ui/Fetched.svelte';
  import Older from '../../ui/Older.svelte';
  import DayForm from './DayForm.svelte';

  const days = createInfiniteQuery(() => ({
    queryKey: ['days', 'pages'],
    queryFn: ({ pageParam }) => page<DaySummary>('days', pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last) => after(last, ({ id }) => id),
  }));
  const paints = whetherPaints();
  let making = $state(false);

  function when(day: DaySummary): string {
    return clock.now > day.closesAt ? 'over' : clock.now >= day.opensAt ? 'running now' : 'to come';
  }
</script>

<div class="mx-auto w-full max-w-4xl px-3 py-5 sm:px-8">
  <div class="mb-5 flex flex-wrap items-center gap-3">
    <h1 class="grow text-4xl">Events</h1>
    {#if paints()}
      <button type="button" class="key key-ink" onclick={() => (making = true)}>New event day</button>
    {/if}
  </div>

  <Fetched query={days} what="Opening the diary">
    {#snippet children({ pages })}
      {@const all = pages.flat()}
      {#if all.length === 0}
        <p class="max-w-xl text-xl">
          No events yet. Make a day, choose its menu, and open the line when the first child stands there.
        </p>
      {:else}
        <ul>
          {#each all as day (day.id)}
            <li class="border-t border-seam">
              <a
                class="grid gap-x-6 px-2 py-4 hover:bg-card sm:grid-cols-[1fr_auto]"
                href={p('/events/:id', { params: { id: day.id } })}
              >
                <span class="font-display text-2xl font-bold">{day.name}</span>
                <span class={['font-semibold', when(day) === 'running now' ? 'text-kelp' : 'text-soft']}
                  >{when(day)}</span
                >
                <span class="text-lg text-soft">
                  {day.place === '' ? '' : `${day.place}, `}{dayName(day.opensAt, day.timezone)}
                </span>
                <span class="minutes text-lg">
                  {clockTime(day.opensAt, day.timezone)} to {clockTime(day.closesAt, day.timezone)}
                </span>
              </a>
            </li>
          {/each}
        </ul>
        <Older query={days}>Earlier days</Older>
      {/if}
    {/snippet}
  </Fetched>
</div>

<DayForm bind:open={making} day={null} />
