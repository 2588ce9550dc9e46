<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { MenuSheet } from '../../api/types.gen';
  import { idInAddress } from '../../router';
  import Fetched from '../../ui/Fetched.svelte';
  import PrintDesk from './PrintDesk.svelte';

  const id = $derived(idInAddress());
  const menu = createQuery(() => ({
    queryKey: ['menu', id],
    queryFn: () => api.get<MenuSheet>(`menus/${id}`),
    enabled: id !== '',
  }));
</script>

<Fetched query={menu} what="Painting the board">
  {#snippet children(sheet)}<PrintDesk {sheet} />{/snippet}
</Fetched>
