<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { untrack } from 'svelte';
  import { api } from '../../api/client';
  import { reach } from '../../api/reach.svelte';
  import type { DesignSheet } from '../../api/types.gen';
  import { idInAddress } from '../../router';
  import Loading from '../../ui/Loading.svelte';
  import Trouble from '../../ui/Trouble.svelte';
  import { Bench } from './bench.svelte';
  import { unsavedOf } from './unsaved';
  import Workbench from './Workbench.svelte';

  const queryClient = useQueryClient();
  const id = $derived(idInAddress());
  const sheet = createQuery(() => ({
    queryKey: ['design', id],
    queryFn: () => api.get<DesignSheet>(`designs/${id}`),
    enabled: id !== '',
    // What is on the bench is this screen's to change: no answer may overwrite it while it is open.
    staleTime: Infinity,
    gcTime: 0,
  }));
  const bench = $derived.by(() => {
    const loaded = sheet.data;

    return loaded === undefined
      ? undefined
      : untrack(() => new Bench(loaded, () => void queryClient.invalidateQueries({ queryKey: ['designs'] })));
  });

  $effect(() => {
    const opened = bench;
    if (opened !== undefined) {
      void untrack(() => unsavedOf(opened.sheet.id)).then((unsaved) =>
        unsaved === undefined ? undefined : opened.takeUp(unsaved),
      );
    }
  });

  $effect(() =>
    reach.onFound(() => {
      if (bench?.saving === 'away') {
        void bench.save();
      }
    }),
  );
</script>

{#if bench !== undefined}
  <Workbench {bench} />
{:else if sheet.error !== null}
  <Trouble error={sheet.error} retry={() => sheet.refetch()} />
{:else}
  <Loading what="Laying the design on the bench" />
{/if}
