<script lang="ts">
  import type { DaySummary, LineBoard } from '../../api/types.gen';
  import { chairAtHand, dayChosen } from '../../lib/remembered.svelte';
  import type { Chair } from './chair.svelte';
  import AirNow from './AirNow.svelte';
  import AtThisChair from './AtThisChair.svelte';
  import WhoSits from './WhoSits.svelte';

  interface Props {
    chair: Chair;
    board: LineBoard;
    days: DaySummary[];
    tour: (() => void) | undefined;
  }

  const { chair, board, days, tour }: Props = $props();

  let asking = $state(false);
  let setting = $state(false);
  const away = $derived(
    chair.state?.awayUntil == null ? '' : chair.child === null ? ', away' : ', break next',
  );
</script>

<div class="flex flex-wrap items-center gap-x-2 text-[15px]">
  <label class="min-w-0 grow basis-20">
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
  <button
    type="button"
    class="min-h-11 max-w-40 truncate font-semibold underline decoration-2 underline-offset-4"
    aria-label="Who paints at this chair: {chair.painter ?? 'not said'}{away}"
    onclick={() => (asking = true)}>{chair.painter ?? 'Who paints?'}{away}</button
  >
  <AirNow dayId={board.day.id} />
  <button
    type="button"
    class="min-h-11 underline decoration-2 underline-offset-4"
    aria-label="Light, hand, sounds on this device"
    onclick={() => (setting = true)}>Device</button
  >
</div>

<AtThisChair bind:open={setting} {tour} />
<WhoSits {chair} bind:open={asking} />
