<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DayLog } from '../../api/types.gen';
  import { dayName } from '../../lib/minutes';
  import { idInAddress } from '../../router';
  import Fetched from '../../ui/Fetched.svelte';
  import DesignLog from './DesignLog.svelte';
  import FacesByTheClock from './FacesByTheClock.svelte';
  import FaceList from './FaceList.svelte';
  import TakeOut from './TakeOut.svelte';
  import Report from './Report.svelte';

  const id = $derived(idInAddress());
  const log = createQuery(() => ({
    queryKey: ['logbook', id],
    queryFn: () => api.get<DayLog>(`days/${id}/logbook`),
    enabled: id !== '',
  }));
</script>

<Fetched query={log} what="Finding the page">
  {#snippet children(page)}
    <div class="px-3 py-5 sm:px-8">
      <h1 class="text-4xl">{page.day.place || page.day.name}</h1>
      <p class="mb-4 text-lg text-soft">
        {page.day.name}, {dayName(page.day.opensAt, page.day.timezone)}
      </p>
      {#if page.isBroughtIn}<TakeOut day={page.day} />{/if}
      {#if page.faces.length === 0}
        <p class="max-w-xl text-xl">
          No face is finished yet. The first one shows here as soon as its child leaves the chair.
        </p>
      {:else}
        <Report dayId={page.day.id} />
        <div class="print:hidden"><FacesByTheClock log={page} /></div>
        <div class="mt-7 grid gap-x-12 gap-y-8 lg:grid-cols-[minmax(0,1fr)_360px] print:hidden">
          <div class="flex min-w-0 flex-col gap-7">
            {#each page.designs as design (design.designId)}
              <DesignLog {design} />
            {/each}
          </div>
          <FaceList log={page} />
        </div>
      {/if}
    </div>
  {/snippet}
</Fetched>
