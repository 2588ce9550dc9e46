<script lang="ts">
  import type { LineBoard } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Chair } from './chair.svelte';

  let { chair, board, open = $bindable() }: { chair: Chair; board: LineBoard; open: boolean } = $props();

  const others = $derived(
    board.menu.filter(
      ({ designId }) => designId !== chair.child?.designId && !board.soldOut.includes(designId),
    ),
  );
</script>

<Sheet bind:open title="Another design">
  <p class="text-soft">
    {chair.isAsking
      ? 'Nothing is painted yet: the other design’s steps are shown and timed from the first one.'
      : 'What is painted stays in the log; from now on the other design’s steps are shown and timed.'}
    Undo brings this one back.
  </p>
  <ul class="mt-3 grid gap-2 sm:grid-cols-2">
    {#each others as offer (offer.designId)}
      <li>
        <button
          type="button"
          class="key min-h-14 w-full justify-between text-left text-lg"
          onclick={() => {
            chair.changeTo(offer.designId);
            open = false;
          }}><strong>{offer.name}</strong><span class="minutes">{minutes(offer.plannedMs)}</span></button
        >
      </li>
    {/each}
  </ul>
</Sheet>
