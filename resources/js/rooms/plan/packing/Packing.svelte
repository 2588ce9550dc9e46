<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { PackingSheet } from '../../../api/types.gen';
  import { idInAddress } from '../../../router';
  import Fetched from '../../../ui/Fetched.svelte';
  import EventHead from '../EventHead.svelte';
  import PackingBag from './PackingBag.svelte';

  const id = $derived(idInAddress());
  const packing = createQuery(() => ({
    queryKey: ['packing', id],
    queryFn: () => api.get<PackingSheet>(`days/${id}/packing`),
    enabled: id !== '',
  }));
</script>

<Fetched query={packing} what="Counting what the day takes">
  {#snippet children(sheet)}
    <EventHead day={sheet.day} here="pack" />
    {#key sheet.day.id}<PackingBag {sheet} />{/key}
  {/snippet}
</Fetched>
