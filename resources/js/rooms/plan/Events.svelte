<script lang="ts">
  import { createInfiniteQuery, createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import { api } from '../../api/client';
  import { after, page } from '../../api/pages';
  import type { ClashShown, DaySummary } from '../../api/types.gen';
  import { clock } from '../../lib/clock.svelte';
  import { clockTime, dayName } from '../../lib/minutes';
  import { whetherPaints } from '../../lib/session';
  import { p } from '../../router';
  import EmptyRoom from '../../ui/EmptyRoom.svelte';
  import Fetched from '../../ui/Fetched.svelte';
  import Older from '../../ui/Older.svelte';
  import Said from '../../ui/Said.svelte';
  import UndoBar from '../../ui/UndoBar.svelte';
  import CalendarSheet from './calendar/CalendarSheet.svelte';
  import DayForm from './DayForm.svelte';
  import { clashesOf, Diary, lastDone } from './calendar/diary.svelte';

  const days = createInfiniteQuery(() => ({
    queryKey: ['days', 'pages'],
    queryFn: ({ pageParam }) => page<DaySummary>('days', pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last) => after(last, ({ id }) => id),
  }));
  const paints = whetherPaints();
  const queryClient = useQueryClient();
  const clashes = createQuery(() => ({
    queryKey: ['days', 'clashes'],
    queryFn: () => api.get<ClashShown[]>('clashes'),
    enabled: paints(),
  }));
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
  const diary = new Diary(here, () => queryClient.invalidateQueries({ queryKey: ['days'] }));
  let making = $state(false);
  let readsCalendar = $state(false);

  /** What is to come first, the next one on top; then what is over, the last one first. */
  function inOrder(all: readonly DaySummary[]): DaySummary[] {
    const isOver = (day: DaySummary) => clock.now > day.closesAt;

    return [...all.filter((day) => !isOver(day)).reverse(), ...all.filter(isOver)];
  }

  // The next one is on top once all that are to come are there.
  $effect(() => {
    const last = days.data?.pages.flat().at(-1);
    if (
      last !== undefined &&
      last.opensAt > untrack(() => clock.now) &&
      days.hasNextPage &&
      !days.isFetching
    ) {
      void days.fetchNextPage();
    }
  });

  function when(day: DaySummary): string {
    return clock.now > day.closesAt ? 'over' : clock.now >= day.opensAt ? 'running now' : 'to come';
  }
</script>

<div class="mx-auto w-full max-w-4xl px-3 py-5 sm:px-8">
  <div class="mb-5 flex flex-wrap items-center gap-3">
    <h1 class="grow text-4xl">Events</h1>
    {#if paints()}
      <button type="button" class="key" onclick={() => (readsCalendar = true)}>Calendar</button>
      <button type="button" class="key key-ink" onclick={() => (making = true)}>New event day</button>
    {/if}
  </div>
  {#if !readsCalendar}<Said message={diary.message} />{/if}

  <Fetched query={days} what="Opening the diary">
    {#snippet children({ pages })}
      {@const all = inOrder(pages.flat())}
      {#if all.length === 0}
        <EmptyRoom room="events">
          {#snippet words()}
            No events yet. Make a day, choose its menu, and open the line when the first child stands there.
          {/snippet}
          {#snippet act()}
            {#if paints()}
              <button type="button" class="key min-h-14 text-lg key-ink" onclick={() => (making = true)}
                >Make the first day</button
              >
            {/if}
          {/snippet}
        </EmptyRoom>
      {:else}
        <ul>
          {#each all as day (day.id)}
            <li class="border-t border-seam">
              <a
                class="grid gap-x-6 px-2 py-4 hover:bg-card sm:grid-cols-[1fr_auto]"
                href={p('/events/:id', { params: { id: day.id } })}
              >
                <span class="font-display text-2xl font-bold [overflow-wrap:anywhere]">{day.name}</span>
                <span class={['font-semibold', when(day) === 'running now' ? 'text-kelp' : 'text-soft']}
                  >{when(day)}</span
                >
                <span class="text-lg text-soft">
                  {day.place === '' ? '' : `${day.place}, `}{dayName(day.opensAt, day.timezone)}
                </span>
                <span class="minutes text-lg">
                  {clockTime(day.opensAt, day.timezone)} to {clockTime(day.closesAt, day.timezone)}
                </span>
                {#each clashesOf(clashes.data ?? [], day.id) as words (words)}
                  <span class="[overflow-wrap:anywhere] text-rust sm:col-span-2">{words}</span>
                {/each}
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
<CalendarSheet bind:open={readsCalendar} {diary} />
{#if lastDone.value !== null}
  <UndoBar text={lastDone.value.text} undo={() => diary.undo()} dismiss={() => (lastDone.value = null)} />
{/if}
