<script lang="ts">
  import type { Zone } from '../../api/types.gen';
  import DesignPicture from '../../facemap/DesignPicture.svelte';
  import { boxOf } from '../../facemap/handles';
  import { lookOf, looks } from '../../facemap/looks';
  import MarkHandles from '../../facemap/MarkHandles.svelte';
  import { closeTo, windowOf } from '../../facemap/sheets';
  import ZonePicker from '../../facemap/ZonePicker.svelte';
  import { pictureChosen, sitterChosen } from '../../lib/remembered.svelte';
  import type { Bench } from './bench.svelte';
  import { swiped } from './shelf/swipe';
  import WhoSits from './WhoSits.svelte';

  interface Props {
    bench: Bench;
    /** A swipe over the picture goes on to another step; it is for fingers. */
    onswipe?: (by: -1 | 1) => void;
  }

  const { bench, onswipe }: Props = $props();

  let shown = $state<'so far' | 'finished' | 'photo'>('so far');
  const photo = $derived(shown === 'photo' ? (bench.sheet.photo?.address ?? null) : null);
  const whole = $derived(shown !== 'so far');
  const kinds = $derived(
    bench.sheet.photo === null
      ? (['so far', 'finished'] as const)
      : (['so far', 'finished', 'photo'] as const),
  );
  const asDrawing = $derived(pictureChosen.value === 'drawing');
  const steps = $derived(bench.triedOn.fitted?.steps ?? bench.draft.steps);
  const at = $derived(steps.findIndex((step) => step.id === bench.selectedId));
  const current = $derived(whole ? undefined : steps[at]);
  const look = $derived(looks.find(({ name }) => name === sitterChosen.value) ?? lookOf(bench.sheet.id));
  let isClose = $state(false);
  const view = $derived.by(() => {
    const all = windowOf(
      bench.draft.placement,
      steps.filter(({ zones }) => zones.length > 0).map((step) => step.side),
    );
    const box = current === undefined || !isClose ? undefined : boxOf(current);

    return box === undefined ? all : closeTo(box, all);
  });

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
      bench.setFigure(step.id, { zones });
    }
  }
</script>

<section
  class="relative flex min-h-0 flex-col items-center border-seam px-2 py-2 md:border-l"
  aria-label="The picture"
>
  <div
    class={[
      'relative min-h-0 w-full grow',
      bench.sheet.photo === null ? 'max-md:h-[27dvh]' : 'max-md:h-[max(27dvh,17.5rem)]',
    ]}
    {@attach onswipe === undefined ? undefined : swiped(onswipe)}
  >
    <div class="absolute inset-0">
      <DesignPicture
        {photo}
        title={bench.draft.name}
        placement={bench.draft.placement}
        {steps}
        painted={current === undefined ? steps.length : at + 1}
        ghosts
        {current}
        pointed={bench.pointedAt}
        {look}
        size={bench.triedOn.fitted === null ? 'child' : bench.triedOn.person.size}
        {view}
        {asDrawing}
        eyesShut={current?.shut === 'eyes' || current?.shut === 'both'}
      />
    </div>
    {#if current !== undefined && bench.triedOn.fitted === null}
      <ZonePicker placement={bench.draft.placement} {view} zones={current.zones} {choose} />
      <MarkHandles
        {view}
        step={current}
        change={({ guides, ...change }) =>
          bench.setFigure(current.id, {
            ...change,
            ...(guides === undefined ? {} : { guides: guides.map((guide) => ({ ...guide, words: '' })) }),
          })}
      />
    {/if}
  </div>
  <div
    class="mt-1 flex shrink-0 flex-wrap justify-center gap-1.5 text-[15px] max-md:absolute max-md:right-2 max-md:bottom-2 max-md:flex-col max-md:items-end"
  >
    <fieldset class="flex max-md:flex-col">
      <legend class="sr-only">Picture of</legend>
      {#each kinds as kind (kind)}
        <label
          class="key min-h-10 cursor-pointer px-3 has-checked:key-ink has-focus-visible:outline-3 md:not-first-of-type:-ml-0.5 md:not-first-of-type:rounded-l-none md:not-last-of-type:rounded-r-none"
        >
          <input
            type="radio"
            class="sr-only"
            name="picture"
            checked={shown === kind}
            onchange={() => (shown = kind)}
          />{kind}
        </label>
      {/each}
    </fieldset>
    <button
      type="button"
      class={['key min-h-10 px-3', isClose && !whole && 'key-ink']}
      aria-pressed={isClose}
      disabled={current === undefined}
      onclick={() => (isClose = !isClose)}>close</button
    >
    <button
      type="button"
      class={['key min-h-10 px-3', asDrawing && 'key-ink']}
      aria-pressed={asDrawing}
      onclick={() => (pictureChosen.value = asDrawing ? 'painted' : 'drawing')}
      ><span class="max-md:sr-only">as a </span>drawing</button
    >
    <WhoSits {look} choose={(one) => (sitterChosen.value = one.name)} />
  </div>
</section>
