<script lang="ts">
  import type { LineBoard } from '../api/types.gen';
  import { clock } from '../lib/clock.svelte';
  import { clockTime } from '../lib/minutes';
  import Tape from '../tape/Tape.svelte';
  import { lanePieces } from './lane';
  import type { Line } from './line.svelte';

  interface Props {
    line: Line;
    board: LineBoard;
    /** A tape for each of these chairs, under each other. */
    chairs: readonly number[];
    height: number;
  }

  const { line, board, chairs, height }: Props = $props();

  let width = $state(1280);
  const minute = 60_000;
  const scale = $derived(width < 600 ? 20 : 28);
  /** A second moves it by half a pixel. */
  const now = $derived(1000 * Math.floor(clock.now / 1000));
  const from = $derived(now - (width < 600 ? 3 : 9) * minute);
</script>

<div class="shrink-0 overflow-hidden border-y border-ink bg-card" bind:clientWidth={width}>
  {#each chairs as chair (chair)}
    <Tape
      pieces={lanePieces(line, board, chair, now)}
      {from}
      to={from + (width / scale) * minute}
      label="The line at chair {chair}: {board.waiting.length} waiting"
      pixelsPerMinute={scale}
      {height}
      words="inside"
      hook={now}
      number={(at) => clockTime(at, board.day.timezone)}
    />
  {/each}
</div>
