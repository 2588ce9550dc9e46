<script lang="ts">
  import type { DesignMinutes } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import Tape from '../../tape/Tape.svelte';
  import type { Piece } from '../../tape/tape';

  const { design }: { design: DesignMinutes } = $props();

  const times = (count: number) => (count === 1 ? 'once' : count === 2 ? 'twice' : `${count} times`);

  let width = $state(700);
  const end = $derived(Math.max(design.plannedMs, design.meanMs) + 5_000);
  const scale = $derived(Math.min(144, ((width - 4) * 60_000) / end));

  /** The steps as long as they really were, on average, end to end. */
  const pieces = $derived.by(() => {
    let start = 0;

    return design.steps
      .filter((step) => step.times > 0)
      .map((step): Piece => {
        const piece = { id: step.name, kind: step.medium, start, length: step.meanMs };
        start += step.meanMs;

        return piece;
      });
  });
</script>

<section class="min-w-0">
  <h2 class="text-2xl">
    {design.name}
    <span class="font-sans text-lg font-normal text-soft">
      <span class="minutes text-ink">{minutes(design.meanMs)}</span> on average of {design.faces}
      {design.faces === 1 ? 'face' : 'faces'}, planned {minutes(design.plannedMs)}, from {minutes(
        design.fastestMs,
      )} to {minutes(design.slowestMs)}
    </span>
  </h2>
  <div class="mt-1 overflow-hidden" bind:clientWidth={width}>
    <Tape
      {pieces}
      to={end}
      label="{design.name} as it was painted"
      pixelsPerMinute={scale}
      height={30}
      words="none"
      mark={{ at: design.plannedMs, text: `planned ${minutes(design.plannedMs)}` }}
    />
  </div>
  <ul class="mt-2 grid gap-x-8 text-[15px] sm:grid-cols-2">
    {#each design.steps as step (step.name)}
      {@const over = step.meanMs - step.plannedMs}
      <li class="flex gap-3 py-0.5">
        <span class="grow truncate"
          >{step.name}{step.skipped > 0 ? `, left out ${times(step.skipped)}` : ''}</span
        >
        <span class="minutes">{step.times === 0 ? '–' : minutes(step.meanMs)}</span>
        <span
          class={[
            'w-16 text-right',
            over > 5_000 && step.times > 0 ? 'font-semibold text-rust' : 'text-soft',
          ]}
        >
          {step.times === 0 ? '' : `${over > 0 ? '+' : ''}${minutes(over)}`}
        </span>
      </li>
    {/each}
  </ul>
</section>
