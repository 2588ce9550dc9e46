<script lang="ts">
  import type { TrainingSheet } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import { restsOn } from '../../lib/paces';
  import Curve from './Curve.svelte';
  import { forecastWords, type Training } from './practice.svelte';
  import Tick from '../../ui/Tick.svelte';

  const { training, sheet }: { training: Training; sheet: TrainingSheet } = $props();

  const isPair = $derived(sheet.sides.length > 1);
  const canPart = $derived(training.target.step !== null);
  /** How much slower one side is than the other, as a rule. */
  const apart = $derived.by(() => {
    const [left, right] = sheet.sides.map((side) => side.pace?.middleMs);
    if (left === undefined || right === undefined) return null;

    return { slower: left > right ? 'left' : 'right', by: Math.abs(left - right) };
  });
</script>

<section class="flex flex-col gap-3" aria-label="How it goes">
  <form class="flex flex-wrap items-end gap-3" onsubmit={(event) => event.preventDefault()}>
    <label class="font-semibold">
      Target
      <input
        class="mt-1 field w-24 minutes text-xl"
        value={training.aim}
        placeholder={minutes(sheet.targetMs)}
        onchange={(event) => void training.setAim(event.currentTarget.value)}
      />
    </label>
    {#if canPart}
      <Tick
        checked={training.target.apart}
        onturn={(apart) => void training.choose({ ...training.target, apart })}>left against right</Tick
      >
    {/if}
  </form>
  <Curve sides={sheet.sides} targetMs={sheet.targetMs} />
  {#each sheet.sides as side, at (at)}
    <div class={['border-l-[6px] pl-3', at === 0 ? 'border-kelp' : 'border-sea']}>
      <p class="text-lg leading-tight font-semibold">
        {isPair ? `${side.side ?? ''}: ` : ''}{side.pace === null
          ? `no pace yet, planned ${minutes(side.plannedMs)}`
          : `half by ${minutes(side.pace.middleMs)}, 8 of 10 by ${minutes(side.pace.eightOfTenMs)}`}
      </p>
      {#if side.pace !== null}
        <p class="leading-tight">{forecastWords(side, minutes, sheet.targetMs)}.</p>
        <p class="text-[15px] text-soft">{restsOn(side.pace)}</p>
      {/if}
    </div>
  {/each}
  {#if apart !== null && apart.by >= 500}
    <p class="text-lg">
      The {apart.slower} side takes {(apart.by / 1000).toFixed(1)} s longer. Give it the next ten.
    </p>
  {/if}
  <p class="text-[15px] text-soft">
    Open marks are on the board and count half of a face; filled ones are faces. The dotted line is where 8 of
    10 are done.
  </p>
</section>
