<script lang="ts">
  import type { DaySummary, LineBoard } from '../../api/types.gen';
  import { chairAtHand, dayChosen } from '../../lib/remembered.svelte';
  import type { Chair } from './chair.svelte';

  const { chair, board, days }: { chair: Chair; board: LineBoard; days: DaySummary[] } = $props();
</script>

<div class="flex flex-wrap items-center gap-x-2 text-[15px]">
  <label class="min-w-0 grow">
    <span class="sr-only">Event day</span>
    <select
      class="min-h-11 w-full truncate bg-transparent font-semibold"
      value={board.day.id}
      onchange={(event) => (dayChosen.value = event.currentTarget.value)}
    >
      {#each days as day (day.id)}
        <option value={day.id}>{day.place || day.name}</option>
      {/each}
    </select>
  </label>
  {#if board.day.chairs > 1}
    <label>
      <span class="sr-only">Which chair is this?</span>
      <select
        class="min-h-11 bg-transparent font-semibold"
        value={String(chair.number())}
        onchange={(event) => (chairAtHand.value = event.currentTarget.value)}
      >
        {#each board.chairs as { chair: number } (number)}
          <option value={String(number)}>Chair {number}</option>
        {/each}
      </select>
    </label>
  {/if}
</div>
