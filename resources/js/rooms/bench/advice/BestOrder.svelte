<script lang="ts">
  import { minutes } from '../../../lib/minutes';
  import Tape from '../../../tape/Tape.svelte';
  import { INCH, type Piece, piecesOf } from '../../../tape/tape';
  import Said from '../../../ui/Said.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import type { Bench } from '../bench.svelte';
  import { OrderSearch } from './order.svelte';

  let { bench, search = $bindable() }: { bench: Bench; search: OrderSearch | null } = $props();

  const LONGER_SECONDS = 45;
  let width = $state(800);
  const best = $derived(search?.best ?? null);
  const steps = $derived.by(() => {
    const byId = new Map(bench.draft.steps.map((step) => [step.id, step]));
    best?.fix?.changed.forEach((step) => byId.set(step.id, step));

    return best?.fix?.order.flatMap((id) => byId.get(id) ?? []) ?? [];
  });
  const end = $derived(Math.max(bench.totalMs, best?.totalMs ?? 0, best?.lawfulMs ?? 0) + 20_000);
  const scale = $derived(Math.min(INCH * 3, ((width - 6) * 60_000) / end));
  const nameOf = (id: string) => bench.draft.steps.find((step) => step.id === id)?.name ?? '';
  const isSame = $derived(best?.fix?.order.every((id, at) => bench.draft.steps[at]?.id === id) ?? false);
  /** What the typed order lacks of waiting. */
  const waits = $derived(Math.max(0, (best?.lawfulMs ?? 0) - bench.totalMs));
  /** Nothing is gained by another one. */
  const isBest = $derived(
    isSame || (best?.totalMs !== null && (best?.totalMs ?? 0) >= (best?.lawfulMs ?? bench.totalMs)),
  );
  /** How sure it is, in words. */
  const sure = $derived.by(() => {
    if (best === null) return '';
    if (best.isProven) return 'Proven: no order that keeps what yours keeps is shorter.';

    return `A better one could be ${best.gapPercent} % shorter at most.`;
  });

  function close() {
    search?.stop();
    search = null;
  }

  function lookLonger() {
    search?.stop();
    search = new OrderSearch(bench.sheet.id);
    void search.run(LONGER_SECONDS);
  }

  function take() {
    if (best?.fix != null) {
      bench.apply(best.fix);
    }
    close();
  }
</script>

{#snippet tape(pieces: Piece[], label: string)}
  <div class="overflow-x-auto">
    <Tape {pieces} to={end} {label} pixelsPerMinute={scale} height={38} />
  </div>
{/snippet}

<Sheet bind:open={() => search !== null, (open) => open || close()} title="Best order" wide>
  <div bind:clientWidth={width}>
    {#if search !== null}<Said message={search.message} />{/if}
    {#if search?.isRunning}
      <div class="flex flex-wrap items-center gap-4" role="status">
        <span class="h-2 w-40 overflow-hidden bg-card"><span class="block h-2 reel bg-kelp"></span></span>
        <span>{best === null ? 'Trying orders' : `${best.looked.toLocaleString('en')} beginnings tried`}</span
        >
        <button type="button" class="key" onclick={() => search?.stop()}>Stop, keep the best so far</button>
      </div>
    {/if}
    {#if best !== null && best.totalMs !== null}
      <p class="mt-2 text-xl">
        {#if isBest && waits === 0}
          Your order is the best one.
        {:else if isBest}
          Your order is the best one; it only lacks <strong class="minutes">{minutes(waits)}</strong> of waiting
          for wet paint.
        {:else if best.totalMs < bench.totalMs}
          <strong class="minutes text-4xl">{minutes(bench.totalMs - best.totalMs)}</strong> shorter than yours{waits >
          0
            ? ', and nothing is painted on wet paint'
            : ''}.
        {:else}
          Yours needs <strong class="minutes">{minutes(waits)}</strong> of waiting for wet paint. This one
          saves
          <strong class="minutes text-4xl">{minutes(best.savedMs)}</strong> of it.
        {/if}
      </p>
      <p class="text-soft">{sure}</p>
      {#if !isBest || waits > 0}
        <div class="mt-3 flex flex-wrap gap-3">
          <button type="button" class="key min-h-14 text-lg key-ink" onclick={take}
            >{isBest ? 'Write the waits in' : 'Take this order'}</button
          >
          {#if search?.isRunning === false && !best.isProven}
            <button type="button" class="key min-h-14" onclick={lookLonger}>Look longer</button>
          {/if}
        </div>
      {/if}
      <h3 class="mt-4 text-lg">Yours now, {minutes(bench.totalMs)}</h3>
      {@render tape(piecesOf(bench.spans, bench.draft.steps), 'Your order')}
      {#if waits > 0 && best.lawfulMs !== null}
        <h3 class="mt-2 text-lg">Yours with the waits it really needs, {minutes(best.lawfulMs)}</h3>
        {@render tape(piecesOf(best.lawfulSpans, bench.draft.steps), 'Your order with its waits')}
      {/if}
      {#if !isBest}
        <h3 class="mt-2 text-lg">Best, {minutes(best.totalMs)}</h3>
        {@render tape(piecesOf(best.spans, steps), 'Best order')}
      {/if}
      {#if best.moves.length > 0}
        <h3 class="mt-3 text-lg">What moved, and why</h3>
        <ul class="mt-1 flex flex-col gap-1.5">
          {#each best.moves as move (move.stepId)}
            <li class="grid grid-cols-[auto_1fr] gap-x-3 leading-snug">
              <span class="w-16 minutes">{move.from} → {move.to}</span>
              <span><strong>{nameOf(move.stepId)}.</strong> {move.why}</span>
            </li>
          {/each}
        </ul>
      {/if}
    {:else if best !== null && best.isDone}
      {#if best.clash.length > 0}
        <p class="mt-2 text-xl">These cannot all be kept:</p>
        <ul class="mt-2 flex flex-col gap-2">
          {#each best.clash as clash (clash)}<li class="border-l-[6px] border-rust pl-3">{clash}</li>{/each}
        </ul>
        <p class="mt-3">Take one of the pins out. All else goes on without them meanwhile.</p>
      {:else}
        <p class="mt-2 text-xl">
          {best.isProven ? 'No order keeps all rules and pins.' : 'No order was found in this time.'}
        </p>
        <button type="button" class="mt-3 key" onclick={lookLonger}>Look longer</button>
      {/if}
    {/if}
  </div>
</Sheet>
