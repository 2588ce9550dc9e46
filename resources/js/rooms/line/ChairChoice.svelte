<script lang="ts">
  import type { DaySummary, LineBoard } from '../../api/types.gen';
  import type { Chair } from './chair.svelte';
  import AirNow from './AirNow.svelte';
  import WhichChair from './WhichChair.svelte';
  import WhoSits from './WhoSits.svelte';

  interface Props {
    chair: Chair;
    board: LineBoard;
    days: DaySummary[];
    tour: (() => void) | undefined;
  }

  const { chair, board, days, tour }: Props = $props();

  const place = $derived(board.day.place || board.day.name);
  let choosing = $state(false);
  let asking = $state(false);
  let setting = $state(false);
  const away = $derived(
    chair.state?.awayUntil == null ? '' : chair.child === null ? ', away' : ', break next',
  );
</script>

<div class="flex flex-wrap items-center gap-x-2 text-[15px]">
  <button
    type="button"
    class="min-h-11 min-w-0 grow basis-20 truncate text-left font-semibold underline decoration-2 underline-offset-4"
    aria-label="Which chair is this: {place}, chair {chair.number()}"
    onclick={() => (choosing = true)}>{place}{board.day.chairs > 1 ? `, chair ${chair.number()}` : ''}</button
  >
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

<!-- Not needed for the first child: fetched after all the rest. -->
{#if setting}
  {#await import('./AtThisChair.svelte') then { default: AtThisChair }}
    <AtThisChair bind:open={setting} {tour} />
  {/await}
{/if}
<WhoSits {chair} bind:open={asking} />
<WhichChair {chair} {days} bind:open={choosing} />
