<script lang="ts">
  import { minutes } from '../../lib/minutes';
  import Tape from '../../tape/Tape.svelte';
  import { INCH, piecesOf } from '../../tape/tape';
  import Said from '../../ui/Said.svelte';
  import type { Bench } from './bench.svelte';
  import DesignTitle from './DesignTitle.svelte';
  import PasteSteps from './PasteSteps.svelte';
  import SavingWord from './SavingWord.svelte';
  import StepForm from './StepForm.svelte';
  import StepList from './StepList.svelte';
  import WhereItGoes from './WhereItGoes.svelte';

  const { bench }: { bench: Bench } = $props();

  let width = $state(1200);
  const end = $derived(Math.max(bench.sheet.totalMs, bench.sheet.promiseMs ?? 0, 60_000) + 10_000);
  const scale = $derived(Math.max(INCH / 2, Math.min(INCH * 3, ((width - 4) * 60_000) / end)));
  const promise = $derived(bench.sheet.promiseMs);

  let pasting = $state(false);
  let pasted = $state('');

  function onlist(text: string) {
    pasted = text;
    pasting = true;
  }

  function onkey(event: KeyboardEvent) {
    if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') {
      return;
    }
    event.preventDefault();
    if (event.shiftKey) bench.redo();
    else bench.undo();
  }
</script>

<svelte:window onkeydown={onkey} />

<div class="flex grow flex-col">
  <DesignTitle {bench} />

  <div class="border-b border-seam px-3 pb-3 sm:px-8">
    <!-- svelte-ignore a11y_no_noninteractive_tabindex (what scrolls must be reached by keyboard) -->
    <div class="overflow-x-auto" tabindex="0" role="group" aria-label="The tape" bind:clientWidth={width}>
      <Tape
        pieces={piecesOf(bench.sheet.spans, bench.sheet.steps)}
        to={end}
        label="{bench.sheet.name}, {minutes(bench.sheet.totalMs)} in {bench.sheet.steps.length} steps"
        pixelsPerMinute={scale}
        selected={bench.selectedId}
        onpress={(step) => (bench.selectedId = step)}
        mark={promise === null ? null : { at: promise, text: `promised ${minutes(promise)}` }}
      />
    </div>
  </div>

  <div class="grid grow md:grid-cols-[minmax(270px,30%)_1fr_minmax(220px,22%)]">
    <StepList {bench} typeLines={() => onlist('')} />
    <section class="border-seam px-4 py-4 sm:px-7 md:border-x" aria-label="The chosen step">
      {#if bench.selected === undefined}
        <h2 class="text-2xl">No steps yet</h2>
        <p class="mt-2 max-w-md text-lg">
          Add the first: what is painted, with what, where, and how long it takes. Then the next, in the order
          you paint.
        </p>
      {:else}
        {#key bench.selectedId}
          <StepForm {bench} step={bench.selected} {onlist} />
        {/key}
      {/if}
    </section>
    <aside class="flex flex-col gap-5 px-4 py-4 sm:px-7 md:px-5" aria-label="The whole design">
      <SavingWord {bench} />
      <Said message={bench.saving === 'refused' ? bench.message : undefined} />
      <WhereItGoes sheet={bench.sheet} />
    </aside>
  </div>
</div>

<PasteSteps {bench} bind:open={pasting} text={pasted} />
