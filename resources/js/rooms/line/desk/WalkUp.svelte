<script lang="ts">
  import type { LineBoard } from '../../../api/types.gen';
  import { lookOf } from '../../../facemap/looks';
  import NearFaceMap from '../../../facemap/NearFaceMap.svelte';
  import { minutes } from '../../../lib/minutes';
  import type { Chair } from '../chair.svelte';

  const { chair, board }: { chair: Chair; board: LineBoard } = $props();

  const offers = $derived(
    board.menu.filter(
      ({ designId, planId }) =>
        !board.soldOut.includes(designId) && planId !== null && chair.line.plan(planId) !== undefined,
    ),
  );
</script>

{#if board.isOpen && offers.length > 0}
  <h2 class="mt-5 text-xl">Somebody is here: seat them with</h2>
  <ul class="mt-2 grid grid-cols-3 gap-2 lg:grid-cols-4">
    {#each offers as offer (offer.designId)}
      {@const plan = chair.line.plan(offer.planId)}
      <li>
        <button
          type="button"
          class="flex h-full w-full flex-col items-center rounded-lg border-2 border-ink p-1.5 leading-tight hover:bg-card"
          onclick={() => chair.seatWalkUp(offer.designId)}
        >
          <span class="block h-20 w-full" aria-hidden="true">
            <NearFaceMap
              title=""
              placement={plan?.placement ?? 'cheek'}
              steps={plan?.steps ?? []}
              look={lookOf(offer.designId)}
              readOut={false}
            />
          </span>
          <span class="mt-1 font-semibold">{offer.name}</span>
          <span class="minutes text-[15px] text-soft">{minutes(offer.plannedMs)}</span>
        </button>
      </li>
    {/each}
  </ul>
{/if}
