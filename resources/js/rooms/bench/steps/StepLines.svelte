<script lang="ts">
  import { tick, untrack } from 'svelte';
  import { dragHandle, dragHandleZone } from 'svelte-dnd-action';
  import type { Severity } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';
  import Grip from '../../../ui/Grip.svelte';
  import type { Bench } from '../bench.svelte';
  import type { DraftStep } from '../draft';
  import ChosenStep from './ChosenStep.svelte';
  import NewLine from '../shelf/NewLine.svelte';
  import { Pinning } from './pinning.svelte';
  import PinHandle from './PinHandle.svelte';
  import StepFlag from './StepFlag.svelte';

  interface Props {
    bench: Bench;
    /** Several lines were pasted at once, or are to be typed. */
    onlist: (text: string) => void;
    /** The chosen step is edited here, in its line. */
    editing?: boolean;
    chosen?: () => void;
  }

  const { bench, onlist, editing = true, chosen }: Props = $props();

  /** The order while a step is dragged; the design's own otherwise. */
  let dragged = $state.raw<DraftStep[] | null>(null);
  /** A new line was asked for below this step; else it stands at the end. */
  let newBelow = $state<string | null>(null);
  const steps = $derived(dragged ?? bench.draft.steps);
  /** The dragging sets every line up anew for another list, which an edit of a step is not. */
  const order = $derived(steps.map(({ id }) => id).join());
  const items = $derived(order === '' ? [] : untrack(() => steps));
  const below = $derived(steps.some(({ id }) => id === newBelow) ? newBelow : null);
  const pinning = new Pinning((before, after) => bench.pin({ kind: 'before', steps: [before, after] }));
  /** The gravest that is said of each step. */
  const gravest = $derived.by(() => {
    const found = new Map<string, Severity>();
    for (const finding of bench.sheet.craft.findings.toReversed()) {
      finding.steps.slice(-1).forEach((step) => found.set(step, finding.severity));
    }

    return found;
  });
  /** What the line says behind the step's name. */
  const rest = (step: DraftStep) =>
    step.line.startsWith(`${step.name}: `) ? step.line.slice(step.name.length + 2) : step.line;
  const flipDurationMs = matchMedia('(prefers-reduced-motion: reduce)').matches ? 0 : 150;

  /** What is moved or made anew on the page loses the focus, and gets it back. */
  const focus = (id: string) => void tick().then(() => document.getElementById(id)?.focus());

  function remove(step: DraftStep) {
    bench.removeStep(step.id);
    focus(bench.selectedId === '' ? 'new-line' : `step-${bench.selectedId}`);
  }

  function onkey(event: KeyboardEvent, step: DraftStep) {
    const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0;
    if (by === 0) {
      if (event.key === 'Delete') remove(step);
      if (event.key === 'Enter') {
        event.preventDefault();
        newBelow = step.id;
        bench.selectedId = step.id;
        focus('new-line');
      }
      return;
    }
    event.preventDefault();
    if (event.altKey) {
      bench.moveStep(step.id, by);
      focus(`step-${step.id}`);
      return;
    }
    const to = bench.draft.steps[bench.draft.steps.indexOf(step) + by];
    if (to !== undefined) {
      bench.selectedId = to.id;
      document.getElementById(`step-${to.id}`)?.focus();
    } else if (by === 1) {
      document.getElementById('new-line')?.focus();
    }
  }

  // Wherever it was chosen, it is in sight here.
  $effect(() => {
    const { selectedId } = bench;
    void tick().then(() =>
      document.querySelector(`[data-step="${selectedId}"]`)?.scrollIntoView({ block: 'nearest' }),
    );
  });

  function choose(step: DraftStep) {
    bench.selectedId = step.id;
    chosen?.();
  }
</script>

<section class="flex min-h-0 flex-col px-2 pt-2 md:pl-3" aria-label="Steps in painting order">
  <div class="min-h-0 md:overflow-y-auto">
    <ol
      class="flex flex-col"
      use:dragHandleZone={{
        items,
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
        {@const isChosen = step.id === bench.selectedId}
        <li
          class={[
            'rounded-lg',
            isChosen && 'bg-card',
            // A brace along the steps of one group.
            step.group !== '' && 'border-l-4 border-kelp',
            step.id === pinning.over && 'outline-3 outline-rust',
            bench.hinted.includes(step.id) && 'outline-2 outline-brass',
          ]}
          data-step={step.id}
        >
          <div class="flex items-stretch">
            <span
              class="flex w-6 shrink-0 touch-none items-center justify-center text-soft"
              use:dragHandle
              aria-label="Drag {step.name}"
              tabindex="-1"
            >
              <Grip />
            </span>
            <button
              type="button"
              id="step-{step.id}"
              class="flex min-h-11 min-w-0 grow items-center gap-2 pr-1 text-left md:min-h-9"
              aria-current={isChosen ? 'true' : undefined}
              onclick={() => choose(step)}
              onkeydown={(event) => onkey(event, step)}
            >
              <svg width="14" height="24" class="shrink-0 border border-ink" aria-hidden="true">
                <rect width="14" height="24" fill="url(#tape-{step.medium})" />
              </svg>
              <span class={['min-w-0 grow truncate', isChosen && 'text-lg']}
                ><span class={isChosen ? 'font-bold' : 'font-semibold'}>{index + 1} {step.name}</span>
                {#if !isChosen || !editing}<span class="text-[15px] text-soft">{rest(step)}</span>{/if}</span
              >
              {#if gravest.has(step.id)}<StepFlag severity={gravest.get(step.id) ?? 'tip'} />{/if}
              <span class="minutes">{minutes(bench.timeOf(step.id))}</span>
            </button>
            <PinHandle {pinning} step={step.id} />
          </div>
          {#if isChosen && editing}
            {#key step.id}
              <div class="px-2 pb-2 pl-6">
                <ChosenStep {bench} {step} {onlist} remove={() => remove(step)} />
              </div>
            {/key}
          {/if}
          {#if below === step.id}
            <NewLine {bench} after={step.id} {onlist} close={() => (newBelow = null)} />
          {/if}
        </li>
      {/each}
    </ol>
    {#if steps.length === 0}
      <p class="px-2 text-lg">
        What is painted first, with what and where, as you say it. Then the next, in the order you paint.
      </p>
    {/if}
  </div>
  {#if below === null}
    <!-- Always at hand, however long the list. -->
    <div class="shrink-0 pb-2 md:max-h-1/2 md:overflow-y-auto">
      <NewLine {bench} after={steps.at(-1)?.id} {onlist} />
    </div>
  {/if}
</section>
