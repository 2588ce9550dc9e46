<script lang="ts">
  import type { DesignTape } from '../../api/types.gen';
  import type { ShelfWork } from './designs.svelte';
  import type { Shelf } from './shelf.svelte';

  const { design, shelf, work }: { design: DesignTape; shelf: Shelf; work: ShelfWork } = $props();

  const compared = $derived(shelf.compared.includes(design.id));
</script>

<div class="flex flex-wrap gap-1.5">
  <button
    type="button"
    class={['key px-3', compared && 'key-ink']}
    aria-pressed={compared}
    aria-label="Compare {design.name}"
    onclick={() => shelf.compare(design.id)}>Compare</button
  >
  <button type="button" class="key px-3" aria-label="Copy {design.name}" onclick={() => work.copy(design)}
    >Copy</button
  >
  <button
    type="button"
    class="key px-3"
    aria-label="{design.archived ? 'Take out' : 'Put away'} {design.name}"
    onclick={() => work.putAway(design)}>{design.archived ? 'Take out' : 'Put away'}</button
  >
  <button type="button" class="key px-3" aria-label="Delete {design.name}" onclick={() => work.remove(design)}
    >Delete</button
  >
</div>
