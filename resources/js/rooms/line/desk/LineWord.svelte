<script lang="ts">
  import type { LineBoard } from '../../../api/types.gen';
  import { clockTime, minutes } from '../../../lib/minutes';
  import type { Chair } from '../chair.svelte';

  const { chair, board }: { chair: Chair; board: LineBoard } = $props();

  const time = (at: number) => clockTime(at, board.day.timezone);
  const promise = $derived(chair.child?.promiseMs ?? null);
  const over = $derived(promise === null || chair.child === null ? 0 : chair.headingMs - promise);
  const lastCall = $derived(board.waiting.at(-1)?.callAt);
</script>

<div class="hidden flex-col gap-4 md:flex">
  {#if chair.child !== null && promise !== null && chair.step !== undefined}
    <div class={['border-l-[6px] pl-3', over > 15_000 ? 'border-rust' : 'border-kelp']}>
      <p class="text-lg font-bold">Heading for {minutes(chair.headingMs)}</p>
      <p class="text-soft">
        promised {minutes(promise)}{over > 15_000 ? `, ${minutes(over)} over` : ', on time'}
      </p>
    </div>
  {/if}
  <div class="border-l-[6px] border-sea pl-3">
    <p class="text-lg font-bold">
      {board.waiting.length === 0 ? 'Nobody waiting' : `${board.waiting.length} waiting`}
    </p>
    <p class="text-soft">
      {#if lastCall !== undefined}last one called about {time(lastCall)};{/if}
      {#if !board.isOpen}
        the line is closed
      {:else if board.moreFaces > 0}
        about {board.moreFaces} more {board.moreFaces === 1 ? 'face fits' : 'faces fit'} before {time(
          board.day.closesAt,
        )}
      {:else}
        <strong class="text-rust">take no more names</strong>: {time(board.day.closesAt)} is full
      {/if}
    </p>
  </div>
</div>
