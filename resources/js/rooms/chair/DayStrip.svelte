<script lang="ts">
  import type { LineBoard } from '../../api/types.gen';
  import { clock } from '../../lib/clock.svelte';
  import { clockTime } from '../../lib/minutes';
  import { lanePieces } from '../../line/lane';
  import Tape from '../../tape/Tape.svelte';
  import type { Chair } from './chair.svelte';

  const { chair, board }: { chair: Chair; board: LineBoard } = $props();

  let width = $state(1280);
  const minute = 60_000;
  const scale = $derived(width < 600 ? 20 : 28);
  const from = $derived(clock.now - (width < 600 ? 3 : 9) * minute);
  const to = $derived(from + (width / scale) * minute);
  const pieces = $derived(lanePieces(chair.line, board, chair.number(), clock.now));
</script>

<div class="shrink-0 overflow-hidden border-b border-ink bg-card" bind:clientWidth={width}>
  <Tape
    {pieces}
    {from}
    {to}
    label="The line at chair {chair.number()}: {board.waiting.length} waiting"
    pixelsPerMinute={scale}
    height={46}
    words="inside"
    hook={clock.now}
    number={(at) => clockTime(at, board.day.timezone)}
  />
</div>
