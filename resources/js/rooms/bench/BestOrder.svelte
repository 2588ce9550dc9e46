<script lang="ts">
  import { minutes } from '../../lib/minutes';
  import Tape from '../../tape/Tape.svelte';
  import { INCH, piecesOf } from '../../tape/tape';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Bench } from './bench.svelte';
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
  const end = $derived(Math.max(bench.totalMs, best?.totalMs ?? 0) + 20_000);
  const scale = $derived(Math.min(INCH * 3, ((width - 6) * 60_000) / end));
  const nameOf = (id: string) => bench.draft.steps.find((step) => step.id === id)?.name ?? '';
  const isSame = $derived(
    best?.fix?.changed.length === 0 && best.fix.order.every((id, at) => bench.draft.steps[at]?.id === id),
  );
  /** How sure it is, in words. */
  const sure = $derived.by(() => {
    if (best === null) return '';
    if (best.isProven) return 'Proven best: no order that keeps your rules and pins is shorter.';

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
        {#if isSame}
          Your order is already the best.
        {:else if best.savedMs > 0}
          <strong class="minutes text-4xl">{minutes(best.savedMs)}</strong> less than your order{best.lawfulMs !==
            null && best.lawfulMs > bench.totalMs
            ? `, which needs ${minutes(best.lawfulMs)} with the waits for wet paint`
            : ''}.
        {:else if best.lawfulMs === null}
          Your order breaks a rule that no wait mends. This one keeps them all.
        {:else}
          No order is shorter; this one waits where the paint must dry.
        {/if}
      </p>
      <p class="text-soft">{sure}</p>
      <div class="mt-3 flex flex-wrap gap-3">
        <button type="button" class="key min-h-14 text-lg key-ink" disabled={isSame} onclick={take}
          >Take this order</button
        >
        {#if search?.isRunning === false && !best.isProven}
          <button type="button" class="key min-h-14" onclick={lookLonger}>Look longer</button>
        {/if}
      </div>
      <h3 class="mt-4 text-lg">Yours, {minutes(bench.totalMs)}</h3>
      <div class="overflow-x-auto">
        <Tape
          pieces={piecesOf(bench.spans, bench.draft.steps)}
          to={end}
          label="Your order"
          pixelsPerMinute={scale}
          height={38}
        />
      </div>
      <h3 class="mt-2 text-lg">Best, {minutes(best.totalMs)}</h3>
      <div class="overflow-x-auto">
        <Tape
          pieces={piecesOf(best.spans, steps)}
          to={end}
          label="Best order"
          pixelsPerMinute={scale}
          height={38}
        />
      </div>
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
        <p class="mt-2 text-xl">No order keeps all of these:</p>
        <ul class="mt-2 flex flex-col gap-2">
          {#each best.clash as clash (clash)}<li class="border-l-[6px] border-rust pl-3">{clash}</li>{/each}
        </ul>
        <p class="mt-3">
          Take a pin out, change a step (gel instead of loose glitter, say), or silence one of the rules for
          this design.
        </p>
      {:else}
        <p class="mt-2 text-xl">
          {best.isProven ? 'No order keeps all rules and pins.' : 'No order was found in this time.'}
        </p>
        <button type="button" class="mt-3 key" onclick={lookLonger}>Look longer</button>
      {/if}
    {/if}
  </div>
</Sheet>
