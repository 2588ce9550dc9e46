<script lang="ts">
  import { tick } from 'svelte';
  import { minutes } from '../../lib/minutes';
  import { TapeHandling } from '../../tape/handling.svelte';
  import Tape from '../../tape/Tape.svelte';
  import { HEADROOM, INCH, type Piece, piecesOf, tearsOf } from '../../tape/tape';
  import type { StepLine } from '../../api/types.gen';
  import type { Bench } from './bench.svelte';
  import OnTheSkin from './advice/OnTheSkin.svelte';

  const { bench }: { bench: Bench } = $props();

  const HEIGHT = 44;
  const NUDGE_MS = 5000;

  const pick = (step: StepLine | undefined) =>
    step === undefined ? {} : { timeMs: step.timeMs, eightOfTenMs: step.eightOfTenMs };

  let width = $state(1200);
  let wasDrag = false;
  const promise = $derived(bench.sheet.promiseMs);
  const end = $derived(
    Math.max(bench.totalMs, promise ?? 0, bench.sheet.pace?.eightOfTenMs ?? 0, 60_000) + 10_000,
  );
  const scale = $derived(Math.max(INCH / 2, Math.min(INCH * 3, ((width - 4) * 60_000) / end)));
  /** The pieces with what the server last said of their minutes. */
  const pieces = $derived.by(() => {
    const timed = new Map(bench.sheet.steps.map((step) => [step.id, step]));

    return piecesOf(
      bench.spans,
      bench.draft.steps.map((step) => ({ ...step, ...pick(timed.get(step.id)) })),
    );
  });
  const softEnd = $derived.by(() => {
    const { pace } = bench.sheet;
    const length = (pace?.eightOfTenMs ?? 0) - bench.totalMs;

    return length > 0 ? { from: bench.totalMs, length } : null;
  });
  const painted = $derived(pieces.filter((piece) => piece.label !== undefined));
  const px = (milliseconds: number) => (milliseconds * scale) / 60_000;
  const handling = new TapeHandling({
    pieces: () => painted,
    pixelsPerMinute: () => scale,
    carry: (step, to) => bench.placeStep(step, to),
    pull: (step, milliseconds) => bench.setTime(step, milliseconds),
  });
  /** Where the carried piece would be put down. */
  const caret = $derived.by(() => {
    const others = painted.filter((piece) => piece.step !== handling.held?.step);
    const { dropAt } = handling;
    if (dropAt === null) {
      return null;
    }
    const before = others[dropAt - 1];

    return px(before === undefined ? 0 : before.start + before.length);
  });

  function take(event: PointerEvent & { currentTarget: HTMLElement }, step: string) {
    if (event.button !== 0) return;
    const box = event.currentTarget.getBoundingClientRect();
    const nearEnd = box.right - event.clientX < Math.min(14, box.width / 3);
    event.currentTarget.setPointerCapture(event.pointerId);
    handling.take(step, nearEnd ? 'pull' : 'carry', event.clientX);
  }

  function press(step: string) {
    if (wasDrag) {
      wasDrag = false;
    } else {
      bench.selectedId = step;
    }
  }

  /** Alt with the arrows carries a step, Shift with them pulls its end. */
  function onkey(event: KeyboardEvent, step: string) {
    const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
    if (by === 0) {
      if (event.key === 'Delete') bench.removeStep(step);
      if (event.key === 'Escape') handling.letGo();
      return;
    }
    event.preventDefault();
    if (event.altKey) carry(step, by);
    else if (event.shiftKey) bench.setTime(step, Math.max(NUDGE_MS, bench.timeOf(step) + by * NUDGE_MS));
    else focusNext(step, by);
  }

  /** A piece that is moved on the page loses the focus, and gets it back. */
  function carry(step: string, by: number) {
    bench.moveStep(step, by);
    void tick().then(() => document.getElementById(`piece-${step}`)?.focus());
  }

  function focusNext(step: string, by: number) {
    const next = painted[painted.findIndex((piece) => piece.step === step) + by]?.step;
    if (next !== undefined) {
      bench.selectedId = next;
      document.getElementById(`piece-${next}`)?.focus();
    }
  }

  const shownLength = (piece: Piece) =>
    px(piece.step === handling.held?.step ? (handling.pulledMs ?? piece.length) : piece.length);
</script>

<div class="overflow-x-auto" bind:clientWidth={width}>
  {#if width >= 600}<OnTheSkin {bench} pixelsPerMinute={scale} to={end} />{/if}
  <div class="relative w-max">
    <Tape
      {pieces}
      to={end}
      label="{bench.draft.name}, {minutes(bench.totalMs)} in {bench.draft.steps.length} steps"
      pixelsPerMinute={scale}
      height={HEIGHT}
      selected={bench.selectedId}
      tears={tearsOf(bench.spans, bench.sheet.stops)}
      {softEnd}
      mark={promise === null ? null : { at: promise, text: `promised ${minutes(promise)}` }}
    />
    {#each painted as piece (piece.id)}
      {@const step = piece.step ?? ''}
      {@const held = handling.held?.step === step && handling.held.isDrag ? handling.held : null}
      <button
        type="button"
        id="piece-{step}"
        class={[
          'absolute touch-none',
          held === null
            ? 'cursor-grab'
            : 'z-10 cursor-grabbing rounded-sm border-2 border-ink bg-paper/80 font-bold',
          bench.hinted.includes(step) && 'outline-4 outline-brass',
        ]}
        style:left="{px(piece.start)}px"
        style:top="{HEADROOM}px"
        style:width="{Math.max(8, shownLength(piece))}px"
        style:height="{HEIGHT}px"
        style:transform={held?.grip === 'carry' ? `translate(${held.by}px, -10px)` : undefined}
        aria-label="{piece.label ?? ''}, {minutes(piece.length)}"
        aria-current={step === bench.selectedId ? 'true' : undefined}
        onpointerdown={(event) => take(event, step)}
        onpointermove={(event) => handling.move(event.clientX)}
        onpointerup={() => (wasDrag = handling.drop())}
        onpointercancel={() => handling.letGo()}
        onclick={() => press(step)}
        onkeydown={(event) => onkey(event, step)}
      >
        {#if held !== null}<span class="minutes"
            >{held.grip === 'pull'
              ? minutes(handling.pulledMs ?? 0)
              : (piece.label?.split(' ')[0] ?? '')}</span
          >{/if}
        <span class="absolute inset-y-0 right-0 w-3.5 max-w-1/3 cursor-ew-resize" aria-hidden="true"></span>
      </button>
    {/each}
    {#if caret !== null}
      <span
        class="pointer-events-none absolute z-10 w-1 bg-rust"
        style:left="{caret - 2}px"
        style:top="{HEADROOM - 12}px"
        style:height="{HEIGHT + 24}px"
      ></span>
    {/if}
  </div>
</div>
