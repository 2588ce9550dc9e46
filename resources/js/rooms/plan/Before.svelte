<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { ChecklistSheet } from '../../api/types.gen';
  import { idInAddress } from '../../router';
  import Fetched from '../../ui/Fetched.svelte';
  import AirStrip from './forecast/AirStrip.svelte';
  import BeforeList from './BeforeList.svelte';
  import EventHead from './EventHead.svelte';

  const id = $derived(idInAddress());
  const list = createQuery(() => ({
    queryKey: ['checklist', id],
    queryFn: () => api.get<ChecklistSheet>(`days/${id}/checklist`),
    enabled: id !== '',
  }));
</script>

<Fetched query={list} what="Going through it all">
  {#snippet children(sheet)}
    <EventHead day={sheet.day} here="before" />
    <div class="flex flex-col gap-8 px-3 pb-12 sm:px-8">
      <BeforeList {sheet} />
      {#if sheet.air.length > 1}<AirStrip air={sheet.air} timezone={sheet.day.timezone} />{/if}
    </div>
  {/snippet}
</Fetched>
