<script lang="ts">
  import { onMount } from 'svelte';
  import { MediaQuery } from 'svelte/reactivity';
  import type { Bench } from './bench.svelte';
  import BenchTape from './BenchTape.svelte';
  import BesidePicture from './BesidePicture.svelte';
  import ChosenStep from './steps/ChosenStep.svelte';
  import DesignTitle from './DesignTitle.svelte';
  import NotSaved from './NotSaved.svelte';
  import PasteSteps from './steps/PasteSteps.svelte';
  import Picture from './Picture.svelte';
  import StepLines from './steps/StepLines.svelte';
  import StepPager from './steps/StepPager.svelte';

  const { bench }: { bench: Bench } = $props();

  /** On a phone the steps lie behind a key, and the chosen one stands below the picture. */
  const narrow = new MediaQuery('max-width: 767px');
  let pasting = $state(false);
  let pasted = $state('');

  function onlist(text: string) {
    pasted = text;
    pasting = true;
  }

  function onkey(event: KeyboardEvent) {
    const key = event.key.toLowerCase();
    if (!(event.ctrlKey || event.metaKey) || (key !== 'z' && key !== 'y')) {
      return;
    }
    event.preventDefault();
    if (event.shiftKey || key === 'y') bench.redo();
    else bench.undo();
  }

  // Whoever comes to the bench goes on with the keys where the work is.
  onMount(() => {
    if (document.activeElement === document.body) {
      document
        .getElementById(bench.selectedId === '' ? 'new-line' : `step-${bench.selectedId}`)
        ?.focus({ preventScroll: true });
    }
  });
</script>

<svelte:window onkeydown={onkey} />

<div class="flex grow flex-col max-md:pb-24 md:h-[calc(100dvh-4rem)] md:min-h-[560px] md:overflow-hidden">
  <DesignTitle {bench} />
  <NotSaved {bench} />
  <div class="shrink-0 border-b border-seam px-3 sm:px-5"><BenchTape {bench} /></div>

  <div
    class="grid min-h-0 grow grid-cols-1 md:grid-cols-[minmax(330px,1.3fr)_minmax(220px,0.8fr)_minmax(260px,0.95fr)]"
  >
    {#if narrow.current}
      <Picture {bench} onswipe={(by) => bench.goOn(by)} />
      {#if bench.selected !== undefined}
        <section class="px-3 py-2" aria-label="The chosen step">
          {#key bench.selectedId}<ChosenStep {bench} step={bench.selected} {onlist} named />{/key}
        </section>
      {/if}
      <StepPager {bench} {onlist} />
    {:else}
      <StepLines {bench} {onlist} />
      <Picture {bench} />
    {/if}
    <BesidePicture {bench} />
  </div>
</div>

<PasteSteps {bench} bind:open={pasting} text={pasted} />
