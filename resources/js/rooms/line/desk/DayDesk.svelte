<script lang="ts">
  import type { LineBoard } from '../../../api/types.gen';
  import { clockTime } from '../../../lib/minutes';
  import { whetherPaints } from '../../../lib/session';
  import Lanes from '../../../line/Lanes.svelte';
  import type { Line } from '../../../line/line.svelte';
  import DayForm from '../../plan/DayForm.svelte';
  import EventHead from '../../plan/EventHead.svelte';
  import Ended from '../Ended.svelte';
  import MenuForm from '../../plan/MenuForm.svelte';
  import RosterForm from '../../plan/RosterForm.svelte';
  import NamesDesk from './NamesDesk.svelte';
  import Waiting from './Waiting.svelte';

  const { line, board }: { line: Line; board: LineBoard } = $props();

  const paints = whetherPaints();
  let changingDay = $state(false);
  let changingMenu = $state(false);
  let changingRoster = $state(false);
  const sitting = $derived(
    board.chairs
      .map(({ chair, painterId, awayUntil }) => {
        const name = board.roster.painters.find(({ id }) => id === painterId)?.name ?? 'nobody';

        return `${chair} ${name}${awayUntil === null ? '' : ` (back about ${time(awayUntil)})`}`;
      })
      .join(', '),
  );
  const time = (at: number) => clockTime(at, board.day.timezone);
</script>

<div class="flex grow flex-col">
  <EventHead day={board.day} here="line" change={() => (changingDay = true)} />
  <div class="flex flex-wrap items-center gap-x-5 gap-y-2 px-3 pb-3 sm:px-8">
    <div class="min-w-0 grow">
      <p class="text-soft">
        {board.chairs.length === 1 ? 'Chair' : 'Chairs'}: {sitting}
        {#if paints()}
          <button
            type="button"
            class="ml-1 min-h-11 text-ink underline underline-offset-4"
            onclick={() => (changingRoster = true)}>Who sits where</button
          >
        {/if}
      </p>
    </div>
    <p class="text-lg">
      <strong>{board.isOpen ? 'The line is open' : 'The line is closed'}</strong><br />
      <span class="text-soft">
        {board.finishedCount} painted, {board.waiting.length} waiting, clear about {time(
          board.clearAt,
        )}{board.learning === null
          ? ''
          : `. Learning from the day: ${board.learning.done} of ${board.learning.total} designs`}
      </span>
    </p>
    {#if paints()}
      <button
        type="button"
        class={['key min-h-14 text-lg', !board.isOpen && 'key-ink']}
        onclick={() => line.open()}
      >
        {board.isOpen ? 'Close the line' : 'Open the line'}
      </button>
    {/if}
  </div>

  <Lanes {line} {board} chairs={board.chairs.map(({ chair }) => chair)} height={36} />

  <div class="grid grow md:grid-cols-[minmax(320px,38%)_1fr]">
    <NamesDesk {line} {board} changeMenu={() => (changingMenu = true)} />
    <div class="border-seam px-3 py-4 sm:px-8 md:border-l">
      <Waiting {line} {board} />
      <Ended {line} {board} />
    </div>
  </div>
</div>

<DayForm bind:open={changingDay} day={board.day} />
<MenuForm bind:open={changingMenu} {board} />
<RosterForm bind:open={changingRoster} {board} />
