<script lang="ts">
  import Said from '../../ui/Said.svelte';
  import type { Bench } from './bench.svelte';
  import BenchTape from './BenchTape.svelte';
  import DesignTitle from './DesignTitle.svelte';
  import Findings from './Findings.svelte';
  import FitTo from './FitTo.svelte';
  import LadderBeside from './LadderBeside.svelte';
  import OrderTools from './OrderTools.svelte';
  import PasteSteps from './PasteSteps.svelte';
  import Picture from './Picture.svelte';
  import SavingWord from './SavingWord.svelte';
  import StepForm from './StepForm.svelte';
  import StepList from './StepList.svelte';
  import TableTop from './TableTop.svelte';
  import WhereItGoes from './WhereItGoes.svelte';
  import WhoItSuits from './WhoItSuits.svelte';

  const { bench }: { bench: Bench } = $props();

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
    <BenchTape {bench}>{#snippet tools()}<OrderTools {bench} />{/snippet}</BenchTape>
  </div>

  <div class="grid grow md:grid-cols-[minmax(260px,27%)_1fr_minmax(250px,25%)]">
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
      <Picture {bench} />
      <LadderBeside {bench} />
      <Findings {bench} />
      <SavingWord {bench} />
      <Said message={bench.saving === 'refused' ? bench.message : undefined} />
      <WhereItGoes sheet={bench.sheet} />
      <TableTop {bench} />
      <WhoItSuits {bench} />
      <FitTo {bench} />
    </aside>
  </div>
</div>

<PasteSteps {bench} bind:open={pasting} text={pasted} />
