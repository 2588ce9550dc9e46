<script lang="ts">
  import FaceMap from '../../facemap/FaceMap.svelte';
  import { lookOf } from '../../facemap/looks';
  import { p } from '../../router';
  import type { Bench } from './bench.svelte';

  const { bench }: { bench: Bench } = $props();

  let whole = $state(false);
  const steps = $derived(bench.fitted?.steps ?? bench.draft.steps);
  const at = $derived(steps.findIndex((step) => step.id === bench.selectedId));
  const current = $derived(whole ? undefined : steps[at]);
</script>

<div>
  <div class="h-72">
    <FaceMap
      title={bench.draft.name}
      placement={bench.draft.placement}
      {steps}
      painted={current === undefined ? steps.length : at + 1}
      ghosts
      {current}
      pointed={bench.pointedAt}
      look={lookOf(bench.sheet.id)}
      eyesShut={current?.shut === 'eyes' || current?.shut === 'both'}
    />
  </div>
  <fieldset class="mt-1 flex justify-center text-[15px]">
    <legend class="sr-only">Picture of</legend>
    {#each [{ all: false, words: 'up to this step' }, { all: true, words: 'finished' }] as { all, words } (words)}
      <label
        class="key min-h-10 cursor-pointer px-3 first-of-type:rounded-r-none last-of-type:-ml-0.5 last-of-type:rounded-l-none has-checked:key-ink has-focus-visible:outline-3"
      >
        <input
          type="radio"
          class="sr-only"
          name="picture"
          checked={whole === all}
          onchange={() => (whole = all)}
        />{words}
      </label>
    {/each}
  </fieldset>
  <p class="mt-1 text-center">
    <a
      class="inline-flex min-h-11 items-center underline underline-offset-4"
      href={p('/designs/:id/picture', { params: { id: bench.sheet.id } })}>Big picture, to show or print</a
    >
  </p>
</div>
