<script lang="ts">
  import type { TrainingSheet } from '../../api/types.gen';
  import FaceMap from '../../facemap/FaceMap.svelte';
  import { clock } from '../../lib/clock.svelte';
  import { runningMinutes } from '../../lib/minutes';
  import Said from '../../ui/Said.svelte';
  import type { Training } from './practice.svelte';

  const { training, sheet }: { training: Training; sheet: TrainingSheet } = $props();

  const current = $derived(
    sheet.practised.length === 1 ? sheet.steps.find((step) => step.id === sheet.practised[0]) : undefined,
  );
  const running = $derived(training.startedAt === null ? 0 : Math.max(0, clock.now - training.startedAt));
  /** On the side whose turn it is only. */
  const steps = $derived(
    sheet.steps.map((step) =>
      training.side !== null && sheet.practised.includes(step.id) ? { ...step, side: training.side } : step,
    ),
  );
  const shown = $derived(current === undefined ? undefined : steps.find((step) => step.id === current.id));
</script>

<section class="flex min-h-0 flex-col" aria-label="The practice board">
  <p class="text-lg text-soft">Paint this on the board</p>
  <h1 class="text-3xl sm:text-4xl">{sheet.title}</h1>
  <p class="text-lg">
    {current === undefined
      ? `${sheet.steps.length} steps, from the first to the last`
      : [current.tool, current.colours.map((colour) => colour.name).join(' and ')]
          .filter(Boolean)
          .join(' · ')}
  </p>
  <div class="mx-auto my-2 h-64 w-full max-w-lg">
    <FaceMap title={sheet.title} placement={sheet.placement} {steps} current={shown} readOut={false} />
  </div>
  <div class="flex flex-wrap items-end justify-between gap-x-6">
    <p class="text-3xl font-bold" aria-live="polite">
      {training.side === null ? '' : `${training.side} side`}
    </p>
    <p class="minutes text-[84px] leading-none" role="timer" aria-label="This repetition">
      {runningMinutes(running)}
    </p>
    <p class="text-lg text-soft">
      {training.kept.length}
      {training.kept.length === 1 ? 'time' : 'times'} in this sitting
    </p>
  </div>
  <Said message={training.message === '' ? undefined : training.message} />
  <button
    type="button"
    class="mt-2 key min-h-24 flex-col text-2xl leading-tight font-bold key-ink"
    onclick={() => training.press()}
    >{training.isRunning ? 'Done, the next begins' : 'Start'}<span
      class="hidden text-sm font-normal opacity-80 md:block">space bar or pedal</span
    ></button
  >
  <div class="mt-2 grid grid-cols-2 gap-2">
    <button
      type="button"
      class="key min-h-14"
      disabled={training.kept.length === 0}
      onclick={() => void training.undo()}>Undo the last</button
    >
    <button type="button" class="key min-h-14" disabled={!training.isRunning} onclick={() => training.stop()}
      >Stop, do not count this one</button
    >
  </div>
</section>
