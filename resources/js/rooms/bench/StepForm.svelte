<script lang="ts">
  import { MediumValues, SideValues, ZoneValues, type Zone } from '../../api/types.gen';
  import { mediumNames, sideNames, zoneName } from '../../lib/placements';
  import Said from '../../ui/Said.svelte';
  import type { Bench, DraftStep } from './bench.svelte';
  import Colours from './Colours.svelte';
  import StepWords from './StepWords.svelte';

  const { bench, step, onlist }: { bench: Bench; step: DraftStep; onlist: (text: string) => void } = $props();

  const index = $derived(bench.draft.steps.findIndex((one) => one.id === step.id));
  const last = $derived(bench.draft.steps.length - 1);
  const set = (change: Partial<DraftStep>) => bench.setStep(step.id, change);
  const said = $derived.by(() => {
    const start = `steps.${index}.`;

    return Object.entries(bench.fields).find(([field]) => field.startsWith(start))?.[1][0];
  });

  function toggle(zone: Zone) {
    const zones = step.zones.includes(zone)
      ? step.zones.filter((one) => one !== zone)
      : [...step.zones, zone];
    set({ zones });
  }
</script>

<div class="flex flex-wrap items-center gap-2">
  <h2 class="grow text-2xl">Step {index + 1}</h2>
  <button type="button" class="key" disabled={index === 0} onclick={() => bench.moveStep(step.id, -1)}
    >Earlier</button
  >
  <button type="button" class="key" disabled={index === last} onclick={() => bench.moveStep(step.id, 1)}
    >Later</button
  >
  <button type="button" class="key" onclick={() => bench.copyStep(step.id)}>Copy</button>
  <button type="button" class="key" onclick={() => bench.removeStep(step.id)}>Delete</button>
</div>
<Said message={said} />
<div class="mt-3"><StepWords {bench} {step} {onlist} /></div>

<div class="mt-3 grid gap-x-4 gap-y-3 sm:grid-cols-[1fr_120px_120px]">
  <label class="font-semibold">
    What
    <input
      class="mt-1 field text-lg font-normal"
      maxlength="80"
      value={step.name}
      onchange={(event) => set({ name: event.currentTarget.value })}
    />
  </label>
  <label class="font-semibold">
    Time
    <input
      class="mt-1 field minutes text-xl"
      value={step.time}
      aria-invalid={bench.fields[`steps.${index}.time`] !== undefined}
      onchange={(event) => set({ time: event.currentTarget.value })}
    />
  </label>
  <label class="font-semibold">
    Dry below
    <input
      class="mt-1 field font-normal"
      placeholder="0:20"
      value={step.dryFor}
      onchange={(event) => set({ dryFor: event.currentTarget.value })}
    />
  </label>
</div>

<fieldset class="mt-3">
  <legend class="font-semibold">With</legend>
  <div class="mt-1 flex flex-wrap gap-1.5">
    {#each MediumValues as medium (medium)}
      <label class="key cursor-pointer gap-2 px-3 has-checked:key-ink has-focus-visible:outline-3">
        <input
          type="radio"
          class="sr-only"
          name="medium"
          checked={step.medium === medium}
          onchange={() => set({ medium })}
        />
        <svg width="14" height="20" class="border border-current" aria-hidden="true"
          ><rect width="14" height="20" fill="url(#tape-{medium})" /></svg
        >
        {mediumNames[medium]}
      </label>
    {/each}
    <input
      class="field max-w-64 min-w-40 flex-1"
      aria-label="Tool"
      placeholder="round 3, half sponge …"
      maxlength="80"
      value={step.tool}
      onchange={(event) => set({ tool: event.currentTarget.value })}
    />
  </div>
</fieldset>

<Colours colours={step.colours} change={(colours) => set({ colours })} />

<fieldset class="mt-3">
  <legend class="font-semibold">Where</legend>
  <div class="mt-1 flex flex-wrap gap-1.5">
    {#each ZoneValues as zone (zone)}
      <label class="key cursor-pointer px-2.5 text-[15px] has-checked:key-ink has-focus-visible:outline-3">
        <input
          type="checkbox"
          class="sr-only"
          checked={step.zones.includes(zone)}
          onchange={() => toggle(zone)}
        />
        {zoneName(zone)}
      </label>
    {/each}
  </div>
</fieldset>

<div class="mt-3 flex flex-wrap items-end gap-x-6 gap-y-3">
  <label class="font-semibold">
    Side
    <select
      class="mt-1 field w-36 font-normal"
      value={step.side}
      onchange={(event) =>
        set({ side: SideValues.find((side) => side === event.currentTarget.value) ?? step.side })}
    >
      {#each SideValues as side (side)}<option value={side}>{sideNames[side]}</option>{/each}
    </select>
  </label>
  <label class="font-semibold">
    Coats
    <input
      type="number"
      min="1"
      max="6"
      class="mt-1 field w-20 font-normal"
      value={step.coats}
      onchange={(event) => set({ coats: event.currentTarget.valueAsNumber || 1 })}
    />
  </label>
  <label class="flex min-h-11 items-center gap-3 font-semibold">
    <input
      type="checkbox"
      class="size-6 accent-ink"
      checked={step.optional}
      onchange={(event) => set({ optional: event.currentTarget.checked })}
    />
    An extra: may be left out
  </label>
</div>
<label class="mt-3 block font-semibold">
  Note for the chair
  <input
    class="mt-1 field font-normal"
    maxlength="500"
    value={step.note}
    onchange={(event) => set({ note: event.currentTarget.value })}
  />
</label>
