<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { MoneySheet } from '../../../api/types.gen';
  import { idInAddress } from '../../../router';
  import Fetched from '../../../ui/Fetched.svelte';
  import EventHead from '../EventHead.svelte';
  import MoneyDesk from './MoneyDesk.svelte';

  const id = $derived(idInAddress());
  const money = createQuery(() => ({
    queryKey: ['money', id],
    queryFn: () => api.get<MoneySheet>(`days/${id}/money`),
    enabled: id !== '',
  }));
</script>

<Fetched query={money} what="Adding it up">
  {#snippet children(sheet)}
    <EventHead day={sheet.day} here="money" />
    {#key `${sheet.day.id} ${sheet.currency}`}<MoneyDesk {sheet} />{/key}
  {/snippet}
</Fetched>
