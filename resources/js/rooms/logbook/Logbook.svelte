<script lang="ts">
  import { createInfiniteQuery, createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { after, page } from '../../api/pages';
  import type { DaySummary, LogDay, LogYear } from '../../api/types.gen';
  import { dayName, minutes } from '../../lib/minutes';
  import { Submission } from '../../lib/form.svelte';
  import { whetherAnswers } from '../../lib/session';
  import { navigate, p } from '../../router';
  import BringIn from '../../ui/BringIn.svelte';
  import EmptyRoom from '../../ui/EmptyRoom.svelte';
  import Fetched from '../../ui/Fetched.svelte';
  import Older from '../../ui/Older.svelte';
  import Said from '../../ui/Said.svelte';

  const queryClient = useQueryClient();
  const answers = whetherAnswers();
  const work = new Submission();
  const days = createInfiniteQuery(() => ({
    queryKey: ['logbook', 'pages'],
    queryFn: ({ pageParam }) => page<LogDay>('logbook', pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last) => after(last, ({ day }) => day.id),
  }));
  const years = createQuery(() => ({
    queryKey: ['logbook', 'years'],
    queryFn: () => api.get<LogYear[]>('logbook/years'),
  }));

  /** One event of another team, or of this one as it was: with its line and its faces. */
  const bringIn = (file: File) =>
    work.run(async () => {
      const { id } = await api.sendFile<DaySummary>('logbook/file', file);
      await queryClient.invalidateQueries();
      await navigate('/logbook/:id', { params: { id } });
    });

  /** How many faces an hour in the chair brings, mirror and wipe-down of the face included. */
  const anHour = ({ faces, chairMs }: { faces: number; chairMs: number }) =>
    chairMs > 0 ? Math.round((36_000_000 * faces) / chairMs) / 10 : 0;
</script>

<div class="mx-auto w-full max-w-4xl px-3 py-5 sm:px-8">
  <div class="mb-5 flex flex-wrap items-center gap-3">
    <h1 class="grow text-4xl">Logbook</h1>
    {#if answers()}<BringIn accept=".zip,application/zip" onfile={bringIn} />{/if}
  </div>
  <div class="mb-4 empty:hidden"><Said message={work.general} /></div>
  <Fetched query={days} what="Leafing through the logbook">
    {#snippet children({ pages })}
      {@const all = pages.flat()}
      {#if all.length === 0}
        <EmptyRoom room="logbook">
          {#snippet words()}
            Nothing is logged yet. Paint a face through in the chair, and its minutes are written here.
          {/snippet}
          {#snippet act()}<a class="key min-h-14 text-lg key-ink" href={p('/')}>Paint a first face</a
            >{/snippet}
        </EmptyRoom>
      {:else}
        {@const longest = Math.max(...all.map(({ faces, paintedMs }) => paintedMs / faces))}
        <ul class="mb-6 text-xl" aria-label="By year">
          {#each years.data ?? [] as year (year.year)}
            <li>
              <strong class="font-display">{year.year}</strong>: <span class="minutes">{year.faces}</span>
              faces on
              {year.days}
              {year.days === 1 ? 'day' : 'days'},
              <span class="minutes">{minutes(year.paintedMs / year.faces)}</span>
              a face, {anHour(year)} an hour in the chair
            </li>
          {/each}
        </ul>
        <ul>
          {#each all as { day, faces, paintedMs, chairMs } (day.id)}
            <li class="border-t border-seam">
              <a
                class="grid gap-x-6 px-2 py-4 hover:bg-card sm:grid-cols-[1fr_auto]"
                href={p('/logbook/:id', { params: { id: day.id } })}
              >
                <span class="font-display text-2xl font-bold [overflow-wrap:anywhere]"
                  >{day.place || day.name}</span
                >
                <span class="text-xl"
                  ><span class="minutes">{faces}</span> {faces === 1 ? 'face' : 'faces'}</span
                >
                <span class="text-lg [overflow-wrap:anywhere] text-soft"
                  >{day.name}, {dayName(day.opensAt, day.timezone)}</span
                >
                <span class="text-lg text-soft"
                  ><span class="minutes">{minutes(paintedMs / faces)}</span> a face, {anHour({
                    faces,
                    chairMs,
                  })} an hour</span
                >
                <span class="mt-1 block h-2.5 border-l-2 border-ink sm:col-span-2" aria-hidden="true"
                  ><span
                    class="block h-full bg-brass"
                    style:width="{Math.round((100 * paintedMs) / faces / longest)}%"
                  ></span></span
                >
              </a>
            </li>
          {/each}
        </ul>
        <Older query={days}>Earlier days</Older>
      {/if}
    {/snippet}
  </Fetched>
</div>
