<script lang="ts">
  import type { LineBoard, WaitingChild } from '../../api/types.gen';
  import { clock } from '../../lib/clock.svelte';
  import { clockTime, minutes, roughly } from '../../lib/minutes';
  import type { Line } from '../../line/line.svelte';
  import ChildForm from './ChildForm.svelte';

  const { line, board }: { line: Line; board: LineBoard } = $props();

  let chosen = $state<string | null>(null);
  const time = (at: number) => clockTime(at, board.day.timezone);

  /** In front of the one before it, or behind the one after it. */
  function shift(child: WaitingChild, by: -1 | 1) {
    const at = board.waiting.indexOf(child);
    line.move(child.id, board.waiting[by === -1 ? at - 1 : at + 2]?.id);
  }

  function onkey(event: KeyboardEvent, child: WaitingChild) {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (event.altKey && by !== 0 && board.waiting[board.waiting.indexOf(child) + by] !== undefined) {
      event.preventDefault();
      shift(child, by);
    }
  }
</script>

<h2 class="text-2xl">Waiting</h2>
{#if board.waiting.length === 0}
  <p class="mt-2 text-lg text-soft">Nobody is waiting.</p>
{:else}
  <ol class="mt-1">
    {#each board.waiting as child, at (child.id)}
      <li class="border-t border-seam">
        <button
          type="button"
          class="grid min-h-14 w-full grid-cols-[3.2rem_1fr_auto] items-center gap-x-3 px-2 py-1 text-left hover:bg-card"
          aria-expanded={chosen === child.id}
          onclick={() => (chosen = chosen === child.id ? null : child.id)}
          onkeydown={(event) => onkey(event, child)}
        >
          <span class="minutes text-2xl">{child.number === 0 ? '…' : child.number}</span>
          <span class="min-w-0 truncate text-lg">
            {#if child.firstName !== null}<strong class="mr-1.5">{child.firstName}</strong>{/if}{child.design}
            <span class="text-soft">{minutes(child.plannedMs)}</span>
            {#if child.called}<span class="ml-1 rounded bg-brass px-1.5 font-semibold">called</span>{/if}
          </span>
          <span class="text-right leading-tight">
            <span class="minutes text-xl">{time(child.callAt)}</span><br />
            {#if child.beforeClosing}
              <span class="text-[15px] text-soft">in {roughly(child.callAt - clock.now)}</span>
            {:else}
              <span class="text-[15px] font-semibold text-rust">after closing</span>
            {/if}
          </span>
        </button>
        {#if chosen === child.id}
          <div class="flex flex-wrap gap-2 px-2 pb-3">
            <button type="button" class="key" disabled={child.called} onclick={() => line.call(child.id)}
              >Call</button
            >
            <button type="button" class="key" disabled={at === 0} onclick={() => shift(child, -1)}
              >Earlier</button
            >
            <button
              type="button"
              class="key"
              disabled={at === board.waiting.length - 1}
              onclick={() => shift(child, 1)}>Later</button
            >
            <button type="button" class="key" onclick={() => line.takeOff(child.id, 'no_show')}
              >Did not come</button
            >
            <button type="button" class="key" onclick={() => line.takeOff(child.id, 'removed')}
              >Take off</button
            >
          </div>
          <ChildForm {line} {board} {child} done={() => (chosen = null)} />
        {/if}
      </li>
    {/each}
  </ol>
{/if}
