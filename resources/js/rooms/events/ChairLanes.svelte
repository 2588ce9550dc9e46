<script lang="ts">
  import type { LineBoard } from '../../api/types.gen';
  import { clock } from '../../lib/clock.svelte';
  import { clockTime } from '../../lib/minutes';
  import { lanePieces } from '../../line/lane';
  import type { Line } from '../../line/line.svelte';
  import Tape from '../../tape/Tape.svelte';

  const { line, board }: { line: Line; board: LineBoard } = $props();

  let width = $state(1280);
  const minute = 60_000;
  const scale = $derived(width < 600 ? 20 : 28);
  const from = $derived(clock.now - (width < 600 ? 3 : 9) * minute);
</script>

<div class="shrink-0 overflow-hidden border-y border-ink bg-card" bind:clientWidth={width}>
  {#each board.chairs as { chair } (chair)}
    <Tape
      pieces={lanePieces(line, board, chair, clock.now)}
      {from}
      to={from + (width / scale) * minute}
      label="Chair {chair}"
      pixelsPerMinute={scale}
      height={36}
      words="inside"
      hook={clock.now}
      number={(at) => clockTime(at, board.day.timezone)}
    />
  {/each}
</div>
