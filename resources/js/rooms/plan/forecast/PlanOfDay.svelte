<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { EventPlanSheet } from '../../../api/types.gen';
  import { idInAddress } from '../../../router';
  import Fetched from '../../../ui/Fetched.svelte';
  import PlanDesk from './PlanDesk.svelte';

  const id = $derived(idInAddress());
  const plan = createQuery(() => ({
    queryKey: ['plan', id],
    queryFn: () => api.get<EventPlanSheet>(`days/${id}/plan`),
    enabled: id !== '',
  }));
</script>

<Fetched query={plan} what="Laying out the day">
  {#snippet children(sheet)}
    {#key sheet.day.id}
      <PlanDesk {sheet} />
    {/key}
  {/snippet}
</Fetched>
