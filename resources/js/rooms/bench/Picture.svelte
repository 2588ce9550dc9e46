<script lang="ts">
  import type { Zone } from '../../api/types.gen';
  import FaceMap from '../../facemap/FaceMap.svelte';
  import { lookOf } from '../../facemap/looks';
  import MarkHandles from '../../facemap/MarkHandles.svelte';
  import ZonePicker from '../../facemap/ZonePicker.svelte';
  import type { Bench } from './bench.svelte';

  const { bench }: { bench: Bench } = $props();

  let whole = $state(false);
  const steps = $derived(bench.fitted?.steps ?? bench.draft.steps);
  const at = $derived(steps.findIndex((step) => step.id === bench.selectedId));
  const current = $derived(whole ? undefined : steps[at]);

  /** A step is somewhere: its last place is not taken away. */
  function choose(zone: Zone) {
    const step = bench.selected;
    if (step === undefined) {
      return;
    }
    const zones = step.zones.includes(zone)
      ? step.zones.filter((one) => one !== zone)
      : [...step.zones, zone];
    if (zones.length > 0) {
      bench.setStep(step.id, { zones });
    }
  }
</script>

<section
  class="relative flex min-h-0 flex-col items-center border-seam px-2 py-2 md:border-l"
  aria-label="The picture"
>
  <div class="relative min-h-0 w-full grow max-md:h-[27dvh]">
    <div class="absolute inset-0">
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
    {#if current !== undefined && bench.fitted === null}
      <ZonePicker
        placement={bench.draft.placement}
        sides={steps.map((step) => step.side)}
        zones={current.zones}
        {choose}
      />
      <MarkHandles
        placement={bench.draft.placement}
        sides={steps.map((step) => step.side)}
        step={current}
        change={({ guides, ...change }) =>
          bench.setStep(current.id, {
            ...change,
            ...(guides === undefined ? {} : { guides: guides.map((guide) => ({ ...guide, words: '' })) }),
          })}
      />
    {/if}
  </div>
  <fieldset
    class="mt-1 flex shrink-0 justify-center text-[15px] max-md:absolute max-md:right-2 max-md:bottom-2 max-md:flex-col"
  >
    <legend class="sr-only">Picture of</legend>
    {#each [{ all: false, words: 'so far' }, { all: true, words: 'finished' }] as { all, words } (words)}
      <label
        class="key min-h-10 cursor-pointer px-3 has-checked:key-ink has-focus-visible:outline-3 md:first-of-type:rounded-r-none md:last-of-type:-ml-0.5 md:last-of-type:rounded-l-none"
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
</section>
