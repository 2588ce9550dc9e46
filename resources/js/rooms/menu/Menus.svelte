<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { MenuListed, MenuSheet } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { navigate, p } from '../../router';
  import EmptyRoom from '../../ui/EmptyRoom.svelte';
  import Fetched from '../../ui/Fetched.svelte';
  import Said from '../../ui/Said.svelte';

  const queryClient = useQueryClient();
  const menus = createQuery(() => ({
    queryKey: ['menus'],
    queryFn: () => api.get<MenuListed[]>('menus'),
  }));
  const work = new Submission();
  let name = $state('');

  async function make(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const menu = await api.post<MenuSheet>('menus', { name, offers: [] });
      queryClient.setQueryData(['menu', menu.id], menu);
      await queryClient.invalidateQueries({ queryKey: ['menus'] });
      await navigate('/menu/:id', { params: { id: menu.id } });
    });
  }
</script>

<div class="mx-auto w-full max-w-4xl px-3 py-5 sm:px-8">
  <h1 class="mb-5 text-4xl">Menu</h1>
  <Fetched query={menus} what="Unfolding the menus">
    {#snippet children(list)}
      {#if list.length === 0}
        <div class="mb-4">
          <EmptyRoom room="menu">
            {#snippet words()}
              No menu yet. A menu is what you offer at many events: its designs, what you promise and what you
              take. Make one for fairs, and one for parties.
            {/snippet}
          </EmptyRoom>
        </div>
      {:else}
        <ul class="mb-6">
          {#each list as menu (menu.id)}
            <li class="border-t border-seam">
              <a
                class="flex items-baseline gap-4 px-2 py-4 hover:bg-card"
                href={p('/menu/:id', { params: { id: menu.id } })}
              >
                <span class="grow font-display text-2xl font-bold">{menu.name}</span>
                <span class="text-lg text-soft"
                  >{menu.designs === 1 ? '1 design' : `${menu.designs} designs`}</span
                >
              </a>
            </li>
          {/each}
        </ul>
      {/if}
      <form class="flex flex-wrap items-end gap-3 border-t-2 border-ink pt-4" onsubmit={make}>
        <label class="grow font-semibold">
          A new menu, called
          <input
            class="mt-1 field font-normal"
            maxlength="80"
            required
            placeholder="Fairs"
            bind:value={name}
          />
        </label>
        <button type="submit" class="key min-h-12 key-ink" disabled={work.busy}>Make the menu</button>
        <div class="w-full empty:hidden"><Said message={work.general} /></div>
      </form>
    {/snippet}
  </Fetched>
</div>
