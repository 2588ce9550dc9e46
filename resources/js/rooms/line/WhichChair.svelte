<script lang="ts">
  import type { DaySummary } from '../../api/types.gen';
  import { dayName } from '../../lib/minutes';
  import { chairAtHand, dayChosen } from '../../lib/remembered.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Chair } from './chair.svelte';

  let { chair, days, open = $bindable() }: { chair: Chair; days: DaySummary[]; open: boolean } = $props();

  const board = $derived(chair.line.board);

  function sitAt(number: number) {
    chairAtHand.value = String(number);
    open = false;
  }

  function goTo(day: string) {
    dayChosen.value = day;
    open = false;
  }
</script>

<Sheet bind:open title="Which chair is this?">
  {#if board !== undefined && board.chairs.length > 1}
    <div class="grid grid-cols-2 gap-2 sm:grid-cols-3">
      {#each board.chairs as { chair: number } (number)}
        <button
          type="button"
          class={['key min-h-16 text-xl', number === chair.number() && 'key-ink']}
          aria-pressed={number === chair.number()}
          onclick={() => sitAt(number)}>Chair {number}</button
        >
      {/each}
    </div>
  {/if}
  <h3 class="mt-5 text-2xl">Where it stands</h3>
  <ul class="mt-2 flex flex-col gap-2">
    {#each days as day (day.id)}
      <li>
        <button
          type="button"
          class={[
            'key min-h-16 w-full justify-between text-left text-xl',
            day.id === board?.day.id && 'key-ink',
          ]}
          aria-pressed={day.id === board?.day.id}
          onclick={() => goTo(day.id)}
        >
          <strong class="min-w-0 truncate">{day.place || day.name}</strong>
          <span class="shrink-0 text-base font-normal">{dayName(day.opensAt, day.timezone)}</span>
        </button>
      </li>
    {/each}
  </ul>
</Sheet>
