<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { LineBoard } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { begunDay } from '../../lib/remembered.svelte';
  import Said from '../../ui/Said.svelte';

  const { board, tour }: { board: LineBoard; tour: (() => void) | undefined } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  /** Once somebody sat down there is nothing to throw away any more. */
  const isNew = $derived(
    begunDay.value === board.day.id &&
      board.ended.length === 0 &&
      board.chairs.every(({ child }) => child === null),
  );

  async function throwAway() {
    await work.run(async () => {
      await api.delete('beginning');
      begunDay.value = '';
      await queryClient.invalidateQueries();
    });
  }
</script>

{#if isNew}
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-seam bg-card px-3 py-1.5 sm:px-5">
    <p class="grow">
      Set up: a starter kit, {board.menu.length === 1 ? 'a design' : `${board.menu.length} designs`} and this line.
    </p>
    {#if tour !== undefined}<button type="button" class="key" onclick={tour}>Show me round</button>{/if}
    <button type="button" class="key" disabled={work.busy} onclick={throwAway}>Throw it all away</button>
    <button type="button" class="key" onclick={() => (begunDay.value = '')}>Keep it</button>
    <Said message={work.general} />
  </div>
{/if}
