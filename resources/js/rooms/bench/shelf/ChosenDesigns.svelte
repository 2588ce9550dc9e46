<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../../api/client';
  import type { MenuListed } from '../../../api/types.gen';
  import Menu from '../../../ui/Menu.svelte';
  import type { ShelfWork } from './designs.svelte';
  import type { Shelf } from './shelf.svelte';

  const { shelf, work }: { shelf: Shelf; work: ShelfWork } = $props();

  const menus = createQuery(() => ({ queryKey: ['menus'], queryFn: () => api.get<MenuListed[]>('menus') }));
  let tag = $state('');
  const none = $derived(shelf.chosen.length === 0);

  async function putTag(event: SubmitEvent) {
    event.preventDefault();
    if (tag.trim() !== '' && (await work.tag(shelf.chosen, tag.trim()))) {
      tag = '';
    }
  }
</script>

<section
  class="sticky bottom-0 z-10 -mx-3 mt-6 flex flex-wrap items-center gap-x-3 gap-y-2 border-t-2 border-ink bg-card px-3 py-3 sm:-mx-8 sm:px-8"
  aria-label="Designs chosen together"
>
  <p class="min-w-28 text-lg font-bold" aria-live="polite">{shelf.chosen.length} chosen</p>
  <button type="button" class="key" onclick={() => shelf.chooseShown()}>All shown</button>
  <form class="flex gap-2" onsubmit={putTag}>
    <input
      class="field w-32"
      aria-label="Tag for the chosen designs"
      placeholder="a tag"
      maxlength="24"
      list="known-tags"
      bind:value={tag}
    />
    <datalist id="known-tags"
      >{#each shelf.tags as known (known)}<option value={known}></option>{/each}</datalist
    >
    <button class="key" disabled={none}>Tag</button>
  </form>
  {#if (menus.data ?? []).length > 0 && !none}
    <Menu
      name="Put the chosen designs on a menu"
      words="On a menu"
      acts={(menus.data ?? []).map((menu) => ({
        words: menu.name,
        act: () => void work.putOn(menu, shelf.chosen),
      }))}
    />
  {/if}
  <button
    type="button"
    class="key"
    disabled={none}
    onclick={() => void work.putAway(shelf.chosen, !shelf.archived)}
    >{shelf.archived ? 'Take out' : 'Put away'}</button
  >
  <button type="button" class="ml-auto key key-ink" onclick={() => shelf.chooseNoMore()}>Done</button>
</section>
