<script lang="ts">
  import { type Placement, ShapeValues, SideValues, type Zone, ZoneValues } from '../../../api/types.gen';
  import { isLimb } from '../../../facemap/zones';
  import { sideNames, zoneNames } from '../../../api/tables.gen';
  import { shapeName } from '../../../lib/techniques';
  import { p } from '../../../router';
  import type { DraftStep } from '../draft';
  import StepGuides from './StepGuides.svelte';
  import Choice from '../../../ui/Choice.svelte';

  interface Props {
    placement: Placement;
    step: DraftStep;
    set: (change: Partial<DraftStep>) => void;
  }

  const { placement, step, set }: Props = $props();

  const onLimb = $derived(placement === 'arm' || placement === 'hand');
  const zones = $derived(ZoneValues.filter((zone) => isLimb(zone) === onLimb || step.zones.includes(zone)));

  function toggle(zone: Zone) {
    set({
      zones: step.zones.includes(zone) ? step.zones.filter((one) => one !== zone) : [...step.zones, zone],
    });
  }
</script>

<fieldset class="mt-3">
  <legend class="font-semibold">Where</legend>
  <div class="mt-1 flex flex-wrap gap-1">
    {#each zones as zone (zone)}
      <label class="key cursor-pointer px-2.5 text-[15px] has-checked:key-ink has-focus-visible:outline-3">
        <input
          type="checkbox"
          class="sr-only"
          checked={step.zones.includes(zone)}
          onchange={() => toggle(zone)}
        />
        {zoneNames[zone]}
      </label>
    {/each}
  </div>
</fieldset>
<div class="mt-3 flex flex-wrap items-end gap-x-4 gap-y-3">
  <Choice
    label="Side"
    caption="strong"
    class="w-36"
    value={step.side}
    options={SideValues.map((value) => ({ value, words: sideNames[value] }))}
    onchoose={(side) => set({ side })}
  />
  <Choice
    label="Shape"
    caption="strong"
    class="w-44"
    value={step.shape}
    options={[
      { value: null, words: 'the place itself' },
      ...ShapeValues.map((value) => ({ value, words: shapeName(value) })),
    ]}
    onchoose={(shape) => set({ shape })}
  />
  <label class="flex flex-col font-semibold">
    Size %
    <input
      type="number"
      min="10"
      max="400"
      step="5"
      class="mt-1 field w-24 font-normal"
      value={step.sizePercent}
      onchange={(event) => set({ sizePercent: event.currentTarget.valueAsNumber || 100 })}
    />
  </label>
  <label class="flex flex-col font-semibold">
    Turn °
    <input
      type="number"
      min="-180"
      max="180"
      step="5"
      class="mt-1 field w-24 font-normal"
      value={step.turnDegrees}
      onchange={(event) => set({ turnDegrees: event.currentTarget.valueAsNumber || 0 })}
    />
  </label>
  <a class="min-h-11 pt-2 underline underline-offset-4" href={p('/shapes')}>See marks and shapes</a>
</div>
<StepGuides {step} {set} />
