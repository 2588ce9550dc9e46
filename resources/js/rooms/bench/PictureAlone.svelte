<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DesignSheet } from '../../api/types.gen';
  import FaceMap from '../../facemap/FaceMap.svelte';
  import { lookOf } from '../../facemap/looks';
  import { minutes } from '../../lib/minutes';
  import { idInAddress, p } from '../../router';
  import Fetched from '../../ui/Fetched.svelte';

  const id = $derived(idInAddress());
  const design = createQuery(() => ({
    queryKey: ['design', id],
    queryFn: () => api.get<DesignSheet>(`designs/${id}`),
  }));
</script>

<Fetched query={design} what="Painting the picture">
  {#snippet children(sheet)}
    <div class="flex grow flex-col items-center px-3 py-4 print:p-0">
      <div class="h-[calc(100dvh-16rem)] w-full print:h-[80vh]">
        <FaceMap title={sheet.name} placement={sheet.placement} steps={sheet.steps} look={lookOf(sheet.id)} />
      </div>
      <h1 class="mt-3 text-5xl">{sheet.name}</h1>
      <p class="minutes text-2xl text-soft">{minutes(sheet.totalMs)}</p>
      <p class="mt-2 flex gap-2 print:hidden">
        <a class="key" href={p('/designs/:id', { params: { id: sheet.id } })}>Back to the bench</a>
        <button type="button" class="key" onclick={() => print()}>Print</button>
      </p>
    </div>
  {/snippet}
</Fetched>
