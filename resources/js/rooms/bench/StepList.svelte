<script lang="ts">
  import { tick } from 'svelte';
  import { dragHandle, dragHandleZone } from 'svelte-dnd-action';
  import { minutes } from '../../lib/minutes';
  import type { Severity } from '../../api/types.gen';
  import type { Bench, DraftStep } from './bench.svelte';
  import { Pinning } from './pinning.svelte';
  import PinHandle from './PinHandle.svelte';
  import Pins from './Pins.svelte';
  import StepFlag from './StepFlag.svelte';

  const { bench, typeLines }: { bench: Bench; typeLines: () => void } = $props();

  /** The order while a step is dragged; the design's own otherwise. */
  let dragged = $state.raw<DraftStep[] | null>(null);
  const steps = $derived(dragged ?? bench.draft.steps);
  const pinning = new Pinning((before, after) => bench.pin({ kind: 'before', steps: [before, after] }));
  /** The gravest that is said of each step. */
  const gravest = $derived.by(() => {
    const found = new Map<string, Severity>();
    for (const finding of bench.sheet.craft.findings.toReversed()) {
      finding.steps.slice(-1).forEach((step) => found.set(step, finding.severity));
    }

    return found;
  });
  /** A group is named at its first step. */
  const under = (step: DraftStep, at: number) =>
    [step.group !== steps[at - 1]?.group ? step.group : '', step.optional ? 'an extra' : '']
      .filter((words) => words !== '')
      .join(', ');
  const flipDurationMs = matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 150;

  function onkey(event: KeyboardEvent, step: DraftStep) {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (by === 0) {
      if (event.key === 'Delete') bench.removeStep(step.id);
      return;
    }
    event.preventDefault();
    if (event.altKey) {
      bench.moveStep(step.id, by);
      // What is moved on the page loses the focus.
      void tick().then(() => document.getElementById(`step-${step.id}`)?.focus());
      return;
    }
    const to = bench.draft.steps[bench.draft.steps.indexOf(step) + by];
    if (to !== undefined) {
      bench.selectedId = to.id;
      document.getElementById(`step-${to.id}`)?.focus();
    }
  }
</script>

<section class="flex flex-col gap-2 px-3 py-4 sm:px-8 md:pr-5" aria-label="Steps in painting order">
  <ol
    class="flex flex-col"
    use:dragHandleZone={{
      items: steps,
      flipDurationMs,
      dropTargetStyle: {},
      zoneTabIndex: -1,
      delayTouchStart: 120,
    }}
    onconsider={(event) => (dragged = event.detail.items)}
    onfinalize={(event) => {
      dragged = null;
      bench.reorder(event.detail.items.map((step) => step.id));
    }}
  >
    {#each steps as step, index (step.id)}
      <li
        class={[
          'flex items-stretch rounded-lg',
          step.id === bench.selectedId && 'bg-card',
          // A brace along the steps of one group.
          step.group !== '' && 'border-l-4 border-kelp',
          step.id === pinning.over && 'outline-3 outline-rust',
        ]}
        data-step={step.id}
      >
        <span
          class="flex w-8 shrink-0 touch-none items-center justify-center text-soft"
          use:dragHandle
          aria-label="Drag {step.name}"
          tabindex="-1"
        >
          <svg width="14" height="20" viewBox="0 0 14 20" aria-hidden="true">
            <path
              d="M3 3v0M11 3v0M3 10v0M11 10v0M3 17v0M11 17v0"
              stroke="currentColor"
              stroke-width="4"
              stroke-linecap="round"
            />
          </svg>
        </span>
        <button
          type="button"
          id="step-{step.id}"
          class="flex min-h-12 min-w-0 grow items-center gap-2 pr-1 text-left text-lg"
          aria-current={step.id === bench.selectedId ? 'true' : undefined}
          onclick={() => (bench.selectedId = step.id)}
          onkeydown={(event) => onkey(event, step)}
        >
          <svg width="16" height="30" class="shrink-0 border border-ink" aria-hidden="true">
            <rect width="16" height="30" fill="url(#tape-{step.medium})" />
          </svg>
          <span class="min-w-0 grow"
            ><span class="block truncate">{index + 1} {step.name}</span>
            {#if under(step, index) !== ''}<span class="block truncate text-[14px] text-soft"
                >{under(step, index)}</span
              >{/if}</span
          >
          {#if gravest.has(step.id)}<StepFlag severity={gravest.get(step.id) ?? 'tip'} />{/if}
          <span class="minutes">{minutes(bench.timeOf(step.id))}</span>
        </button>
        <PinHandle {pinning} step={step.id} />
      </li>
    {/each}
  </ol>
  <div class="mt-1 flex flex-wrap gap-2">
    <button type="button" class="key" onclick={() => bench.addStep()}>Add a step</button>
    <button type="button" class="key" onclick={typeLines}>Type or paste lines</button>
  </div>
  <p class="hidden text-[15px] text-soft md:block">
    Drag the dots, or Alt with the arrow keys, to change the order. Ctrl Z undoes.
  </p>
  {#if bench.draft.steps.length > 1}<Pins {bench} />{/if}
</section>
