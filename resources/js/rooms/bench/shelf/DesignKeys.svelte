<script lang="ts">
  import type { DesignTape } from '../../../api/types.gen';
  import Menu from '../../../ui/Menu.svelte';
  import type { ShelfWork } from './designs.svelte';
  import type { Shelf } from './shelf.svelte';

  const { design, shelf, work }: { design: DesignTape; shelf: Shelf; work: ShelfWork } = $props();

  const compared = $derived(shelf.compared.includes(design.id));
  const acts = $derived([
    {
      words: compared ? 'Compare no more' : 'Compare',
      act: () => shelf.compare(design.id),
    },
    { words: 'Copy', act: () => void work.copy(design) },
    { words: 'Choose with others', act: () => shelf.choose(design.id) },
    {
      words: design.archived ? 'Take out' : 'Put away',
      act: () => void work.putAway([design], !design.archived),
    },
    { words: 'Delete', act: () => void work.remove(design) },
  ]);
</script>

<div class="flex items-center gap-2">
  {#if compared}<span class="bg-ink px-2 py-0.5 text-[15px] font-bold text-paper">compared</span>{/if}
  <Menu name="More for {design.name}" {acts} />
</div>
