<script lang="ts">
  import type { LineBoard, WaitingChild } from '../../../api/types.gen';
  import { clock } from '../../../lib/clock.svelte';
  import { clockTime, minutes, roughly } from '../../../lib/minutes';
  import { linesKept } from '../../../lib/remembered.svelte';
  import type { Line } from '../../../line/line.svelte';
  import ChildForm from './ChildForm.svelte';

  const { line, board }: { line: Line; board: LineBoard } = $props();

  let chosen = $state<string | null>(null);

  /** Those who came together, in the order of the line. */
  const together = (child: WaitingChild) =>
    child.party === null ? [child] : board.waiting.filter(({ party }) => party === child.party);
  const company = (child: WaitingChild) =>
    together(child)
      .filter(({ id }) => id !== child.id)
      .map(({ number }) => number)
      .join(', ');
  const painterName = (id: string | null) => board.roster.painters.find((one) => one.id === id)?.name;
  const about = (child: WaitingChild) => line.windows.get(child.id)?.about ?? child.callAt;
  function between(child: WaitingChild) {
    const window = line.windows.get(child.id);

    return window === undefined || window.until - clock.now < 60_000
      ? `in ${roughly(child.callAt - clock.now)}`
      : time(window.from) === time(window.until)
        ? `in ${roughly(window.about - clock.now)}`
        : `${time(window.from)} to ${time(window.until)}`;
  }
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
            {#if child.called}<span class="ml-1 rounded bg-brass px-1.5 font-semibold"
                >{child.overdue
                  ? 'called, not there'
                  : child.calls > 1
                    ? `called ${child.calls} times`
                    : 'called'}</span
              >{/if}
            {#if company(child) !== '' || child.wishId !== null || child.note !== null}
              <span class="block truncate text-[15px] text-soft"
                >{[
                  company(child) === '' ? '' : `with No. ${company(child)}`,
                  child.wishId === null
                    ? ''
                    : linesKept.value === 'each'
                      ? `in the line of ${painterName(child.wishId) ?? 'somebody who left'}`
                      : `wishes for ${painterName(child.wishId) ?? 'somebody who left'}`,
                  child.note ?? '',
                ]
                  .filter((part) => part !== '')
                  .join(' · ')}</span
              >
            {/if}
          </span>
          <span class="text-right leading-tight">
            <span class="minutes text-xl">{time(about(child))}</span><br />
            {#if child.beforeClosing}
              <span class="text-[15px] text-soft">{between(child)}</span>
            {:else}
              <span class="text-[15px] font-semibold text-rust"
                >{child.callAt < board.day.closesAt ? 'done after closing' : 'after closing'}</span
              >
            {/if}
          </span>
        </button>
        {#if chosen === child.id}
          <div class="flex flex-wrap gap-2 px-2 pb-3">
            <button type="button" class="key" onclick={() => line.call(child.id)}
              >{child.called ? 'Call again' : 'Call'}</button
            >
            {#if at > 0}
              <button
                type="button"
                class="key"
                onclick={() => line.toFront(together(child).map(({ id }) => id))}>To the front</button
              >
            {/if}
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
          {#if at > 0}
            {@const cost = line.costOfFront(together(child).map(({ id }) => id))}
            {#if cost.others > 0}
              <p class="px-2 pb-2 text-soft">
                To the front, as for a birthday child: {cost.others === 1
                  ? 'one waits'
                  : `${cost.others} wait`} about
                {roughly(cost.laterMs)} longer{cost.pastClosing === 0
                  ? ''
                  : `, and ${cost.pastClosing === 1 ? 'one of them is' : `${cost.pastClosing} of them are`} not painted before closing`}.
              </p>
            {/if}
          {/if}
          <ChildForm {line} {board} {child} done={() => (chosen = null)} />
        {/if}
      </li>
    {/each}
  </ol>
{/if}
