<script lang="ts">
  import type { RungShown } from '../../../api/types.gen';
  import Said from '../../../ui/Said.svelte';
  import type { Bench } from '../bench.svelte';
  import type { Ladder } from './ladder.svelte';
  import Rails from '../advice/Rails.svelte';
  import RungOfLadder from './RungOfLadder.svelte';

  const { bench, ladder }: { bench: Bench; ladder: Ladder } = $props();

  const some = $derived((ladder.sheet?.choices ?? 0) > 0);

  function open(rung: RungShown) {
    void ladder.open(rung);
  }
</script>

<section aria-label="The ladder">
  <h2 class="text-xl">The ladder</h2>
  <Said message={ladder.message === '' ? undefined : ladder.message} />
  {#if ladder.sheet === null}
    <p class="mt-1 text-soft">Working out what can go.</p>
  {:else if some && ladder.few.length > 0}
    <p class="mt-1 mb-2 text-[15px] leading-tight text-soft">
      Up is quicker. {ladder.sheet.rungs.length}
      {ladder.sheet.rungs.length === 1 ? 'version is' : 'versions are'} worth painting{ladder.few.length <
      ladder.sheet.rungs.length
        ? `, ${ladder.few.length} of them here`
        : ''}, each in its best order{ladder.sheet.isProven ? '' : ', as far as was looked'}.
    </p>
    <Rails rungs={ladder.few} choose={open} width={96} />
  {:else if bench.draft.steps.length > 0}
    <p class="mt-1 text-[15px] text-soft">
      One rung only. Mark steps as extras, or give them another way such as “or 4 petals”, and it grows.
    </p>
  {/if}
</section>

<RungOfLadder {bench} {ladder} />
