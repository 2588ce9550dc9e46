<script lang="ts">
  import { createInfiniteQuery } from '@tanstack/svelte-query';
  import { after, page } from '../../api/pages';
  import type { LogDay } from '../../api/types.gen';
  import { dayName, minutes } from '../../lib/minutes';
  import { p } from '../../router';
  import Fetched from '../../ui/Fetched.svelte';
  import Older from '../../ui/Older.svelte';

  const days = createInfiniteQuery(() => ({
    queryKey: ['logbook', 'pages'],
    queryFn: ({ pageParam }) => page<LogDay>('logbook', pageParam),
    initialPageParam: undefined as string | undefined,
    getNextPageParam: (last) => after(last, ({ day }) => day.id),
  }));
</script>

<div class="mx-auto w-full max-w-4xl px-3 py-5 sm:px-8">
  <h1 class="mb-5 text-4xl">Logbook</h1>
  <Fetched query={days} what="Leafing through the logbook">
    {#snippet children({ pages })}
      {@const all = pages.flat()}
      {#if all.length === 0}
        <p class="max-w-xl text-xl">
          Nothing is logged yet. Paint a face through in the chair, and its minutes are written here.
        </p>
      {:else}
        <ul>
          {#each all as { day, faces, paintedMs } (day.id)}
            <li class="border-t border-seam">
              <a
                class="grid gap-x-6 px-2 py-4 hover:bg-card sm:grid-cols-[1fr_auto]"
                href={p('/logbook/:id', { params: { id: day.id } })}
              >
                <span class="font-display text-2xl font-bold">{day.place || day.name}</span>
                <span class="text-xl"
                  ><span class="minutes">{faces}</span> {faces === 1 ? 'face' : 'faces'}</span
                >
                <span class="text-lg text-soft">{day.name}, {dayName(day.opensAt, day.timezone)}</span>
                <span class="text-lg text-soft"
                  ><span class="minutes">{minutes(paintedMs / faces)}</span> a face</span
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
