<script lang="ts">
  import type { LineBoard, TicketStatus } from '../../api/types.gen';
  import { clockTime } from '../../lib/minutes';
  import { canComeBack } from '../../line/board';
  import type { Line } from '../../line/line.svelte';

  const { line, board }: { line: Line; board: LineBoard } = $props();

  const outcomes: Partial<Record<TicketStatus, string>> = {
    finished: 'painted',
    left: 'left',
    no_show: 'did not come',
    removed: 'taken off',
  };
</script>

{#if board.ended.length > 0}
  <h2 class="mt-7 text-2xl">Off the line</h2>
  <ul class="mt-1">
    {#each board.ended.slice(0, 8) as child (child.id)}
      <li class="grid min-h-12 grid-cols-[3.2rem_1fr_auto] items-center gap-x-3 border-t border-seam px-2">
        <span class="minutes text-xl text-soft">{child.number}</span>
        <span class="min-w-0 truncate">
          {child.firstName ?? ''} <span class="text-soft">{child.design}, {outcomes[child.outcome]}</span>
        </span>
        <span class="flex items-center gap-3">
          <span class="minutes text-soft">{clockTime(child.endedAt, board.day.timezone)}</span>
          {#if canComeBack(board, child)}
            <button
              type="button"
              class="key"
              aria-label="Bring No. {child.number} back"
              onclick={() => line.undo(child.lastEventId)}>Bring back</button
            >
          {/if}
        </span>
      </li>
    {/each}
  </ul>
{/if}
