<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DayLog } from '../../api/types.gen';
  import { dayName } from '../../lib/minutes';
  import { idInAddress } from '../../router';
  import Loading from '../../ui/Loading.svelte';
  import Trouble from '../../ui/Trouble.svelte';
  import DesignLog from './DesignLog.svelte';
  import FacesByTheClock from './FacesByTheClock.svelte';
  import FaceList from './FaceList.svelte';

  const id = $derived(idInAddress());
  const log = createQuery(() => ({
    queryKey: ['logbook', id],
    queryFn: () => api.get<DayLog>(`days/${id}/logbook`),
    enabled: id !== '',
  }));
</script>

{#if log.data !== undefined}
  <div class="px-3 py-5 sm:px-8">
    <h1 class="text-4xl">{log.data.day.place || log.data.day.name}</h1>
    <p class="mb-4 text-lg text-soft">
      {log.data.day.name}, {dayName(log.data.day.opensAt, log.data.day.timezone)}
    </p>
    {#if log.data.faces.length === 0}
      <p class="max-w-xl text-xl">
        No face is finished yet. The first one shows here as soon as its child leaves the chair.
      </p>
    {:else}
      <FacesByTheClock log={log.data} />
      <div class="mt-7 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_360px]">
        <div class="flex min-w-0 flex-col gap-7">
          {#each log.data.designs as design (design.designId)}
            <DesignLog {design} />
          {/each}
        </div>
        <FaceList log={log.data} />
      </div>
    {/if}
  </div>
{:else if log.error !== null}
  <Trouble error={log.error} retry={() => log.refetch()} />
{:else}
  <Loading what="Finding the page" />
{/if}
