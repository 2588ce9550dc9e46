<script lang="ts">
  import type { RungSheet } from '../../../api/types.gen';
  import FaceMap from '../../../facemap/FaceMap.svelte';
  import { lookOf } from '../../../facemap/looks';
  import { minutes } from '../../../lib/minutes';
  import Tape from '../../../tape/Tape.svelte';
  import { INCH, piecesOf } from '../../../tape/tape';
  import type { Bench } from '../bench.svelte';
  import { costOf, type Ladder } from './ladder.svelte';

  const { bench, ladder, rung }: { bench: Bench; ladder: Ladder; rung: RungSheet } = $props();

  let width = $state(640);
  const whole = $derived(ladder.whole ?? rung);
  const end = $derived(Math.max(rung.rung.timeMs, whole.rung.timeMs) + 8_000);
  const scale = $derived(Math.min(INCH * 3, ((width - 4) * 60_000) / end));
  const onlyWhole = $derived(
    whole.layOut.filter(
      (thing) => !rung.layOut.some((one) => one.kind === thing.kind && one.name === thing.name),
    ),
  );
</script>

<div class="mt-2 overflow-x-auto" bind:clientWidth={width}>
  <Tape
    pieces={piecesOf(rung.spans, rung.steps)}
    to={end}
    label="This version, {minutes(rung.rung.timeMs)} in {rung.steps.length} steps"
    pixelsPerMinute={scale}
    height={40}
    mark={rung.rung.timeMs < whole.rung.timeMs
      ? { at: whole.rung.timeMs, text: `all of it ${minutes(whole.rung.timeMs)}` }
      : null}
  />
</div>

<div class="mt-2 grid grid-cols-2 gap-4">
  {#each [{ sheet: rung, words: 'This version' }, { sheet: whole, words: 'All of it' }] as { sheet, words } (words)}
    <figure>
      <div class="h-52">
        <FaceMap
          title="{bench.draft.name}, {words.toLowerCase()}"
          placement={bench.draft.placement}
          steps={sheet.steps}
          look={lookOf(bench.sheet.id)}
        />
      </div>
      <figcaption class="text-center font-semibold">{words}</figcaption>
    </figure>
  {/each}
</div>
{#if rung.rung.changes.length > 0}
  <p class="mt-1">What the child loses: {rung.rung.changes.join('; ')}.</p>
{:else}
  <p class="mt-1">Nothing is left out.</p>
{/if}

{#if rung.next.length > 0}
  <h3 class="mt-4 text-lg">What goes next</h3>
  <ol class="mt-1">
    {#each rung.next.slice(0, 5) as drop (drop.words)}
      <li class="border-t border-seam">
        <button
          type="button"
          class="flex min-h-11 w-full flex-wrap items-baseline gap-x-3 text-left"
          onclick={() => void ladder.open(drop)}
        >
          <strong class="minutes">−{minutes(drop.savedMs)}</strong>
          <span class="grow underline underline-offset-4">{drop.words}</span>
          <span class="text-[15px] text-soft">{costOf(drop)}</span>
        </button>
      </li>
    {/each}
  </ol>
{/if}

<h3 class="mt-4 text-lg">On the table for it</h3>
<p class="text-[15px]">{rung.layOut.map((thing) => thing.name).join(', ')}.</p>
{#if onlyWhole.length > 0}
  <p class="text-[15px] text-soft">Stays in the bag: {onlyWhole.map((thing) => thing.name).join(', ')}.</p>
{/if}
