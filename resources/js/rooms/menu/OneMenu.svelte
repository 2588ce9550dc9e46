<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { MenuSheet } from '../../api/types.gen';
  import { idInAddress } from '../../router';
  import Fetched from '../../ui/Fetched.svelte';
  import MenuTable from './MenuTable.svelte';

  const RANKING_MS = 1000;
  const id = $derived(idInAddress());
  const menu = createQuery(() => ({
    queryKey: ['menu', id],
    queryFn: () => api.get<MenuSheet>(`menus/${id}`),
    enabled: id !== '',
    // Shorter versions are worked out after a save was answered.
    refetchInterval: ({ state }) =>
      state.data?.offers.some(({ isRanked }) => !isRanked) ? RANKING_MS : false,
  }));
</script>

<Fetched query={menu} what="Unfolding the menu">
  {#snippet children(sheet)}
    {#key sheet.id}<MenuTable {sheet} />{/key}
  {/snippet}
</Fetched>
