<script lang="ts">
  import { MediumValues, ShutValues, SideValues } from '../../api/types.gen';
  import { mediumNames } from '../../lib/placements';
  import { shutNames, techniqueNames, techniquesOf } from '../../lib/techniques';
  import type { DraftStep } from './bench.svelte';

  const { step, set }: { step: DraftStep; set: (change: Partial<DraftStep>) => void } = $props();

  const sideNames = { left: 'left only', right: 'right only', both: 'both sides', centre: 'centre' } as const;
  const stops = { '': 'as the steps say', yes: 'yes', no: 'no' } as const;

  type Way = DraftStep['alternatives'][number];

  const setWay = (at: number, change: Partial<Way>) =>
    set({
      alternatives: step.alternatives.map((way, index) => (index === at ? { ...way, ...change } : way)),
    });

  function setMedium(at: number, value: string) {
    const medium = MediumValues.find((one) => one === value);
    const technique = medium === undefined ? undefined : techniquesOf[medium][0];
    if (medium !== undefined && technique !== undefined) setWay(at, { medium, technique });
  }
</script>

<div class="mt-3 flex flex-wrap items-end gap-x-5 gap-y-3">
  <label class="flex min-h-11 items-center gap-3 font-semibold">
    <input
      type="checkbox"
      class="size-6 accent-ink"
      checked={step.optional}
      onchange={(event) => set({ optional: event.currentTarget.checked })}
    />
    An extra: may be left out
  </label>
  <label class="font-semibold">
    Adds to the look
    <span class="mt-1 flex items-center gap-2 font-normal">
      <input
        type="range"
        min="0"
        max="10"
        class="h-11 w-36 accent-ink"
        value={step.look}
        onchange={(event) => set({ look: event.currentTarget.valueAsNumber })}
      />
      <span class="w-6 minutes">{step.look}</span>
    </span>
  </label>
  <label class="font-semibold">
    Keeps shut
    <select
      class="mt-1 field w-44 font-normal"
      value={step.shut ?? ''}
      onchange={(event) => set({ shut: ShutValues.find((one) => one === event.currentTarget.value) ?? null })}
    >
      <option value="">nothing</option>
      {#each ShutValues as shut (shut)}<option value={shut}>{shutNames[shut]}</option>{/each}
    </select>
  </label>
  <label class="font-semibold">
    One may stop after it
    <select
      class="mt-1 field w-44 font-normal"
      value={step.stopAfter === null ? '' : step.stopAfter ? 'yes' : 'no'}
      onchange={({ currentTarget: { value } }) => set({ stopAfter: value === '' ? null : value === 'yes' })}
    >
      {#each Object.entries(stops) as [value, words] (value)}<option {value}>{words}</option>{/each}
    </select>
  </label>
  <label class="grow font-semibold">
    Group
    <input
      class="mt-1 field min-w-32 font-normal"
      maxlength="40"
      placeholder="whiskers"
      value={step.group}
      onchange={(event) => set({ group: event.currentTarget.value })}
    />
  </label>
</div>

<fieldset class="mt-3">
  <legend class="font-semibold">Other ways to do it</legend>
  <div class="mt-1 flex flex-col gap-2">
    {#each step.alternatives as way, at (at)}
      <div class="flex flex-wrap items-center gap-2">
        <span>or</span>
        <select
          class="field w-32"
          aria-label="Other way {at + 1}, with"
          value={way.medium}
          onchange={(event) => setMedium(at, event.currentTarget.value)}
        >
          {#each MediumValues as medium (medium)}<option value={medium}>{mediumNames[medium]}</option>{/each}
        </select>
        <select
          class="field w-36"
          aria-label="Other way {at + 1}, how"
          value={way.technique}
          onchange={(event) => {
            const technique = techniquesOf[way.medium].find((one) => one === event.currentTarget.value);
            if (technique !== undefined) setWay(at, { technique });
          }}
        >
          {#each techniquesOf[way.medium] as technique (technique)}
            <option value={technique}>{techniqueNames[technique]}</option>
          {/each}
        </select>
        <input
          class="field w-40"
          aria-label="Other way {at + 1}, tool"
          placeholder="tool"
          maxlength="80"
          value={way.tool}
          onchange={(event) => setWay(at, { tool: event.currentTarget.value })}
        />
        <input
          class="field w-20 minutes"
          inputmode="numeric"
          aria-label="Other way {at + 1}, strokes a side"
          placeholder="strokes"
          value={way.count ?? ''}
          onchange={(event) => setWay(at, { count: Number.parseInt(event.currentTarget.value, 10) || null })}
        />
        <input
          class="field w-20 minutes"
          inputmode="numeric"
          aria-label="Other way {at + 1}, coats"
          placeholder="coats"
          value={way.coats ?? ''}
          onchange={(event) => setWay(at, { coats: Number.parseInt(event.currentTarget.value, 10) || null })}
        />
        <select
          class="field w-32"
          aria-label="Other way {at + 1}, side"
          value={way.side ?? ''}
          onchange={(event) =>
            setWay(at, { side: SideValues.find((one) => one === event.currentTarget.value) ?? null })}
        >
          <option value="">same side</option>
          {#each SideValues as side (side)}<option value={side}>{sideNames[side]}</option>{/each}
        </select>
        <input
          class="field w-24 minutes"
          aria-label="Other way {at + 1}, time"
          placeholder="0:20"
          value={way.time}
          onchange={(event) => setWay(at, { time: event.currentTarget.value })}
        />
        <button
          type="button"
          class="min-h-11 px-3 text-xl"
          aria-label="Take other way {at + 1} off"
          onclick={() => set({ alternatives: step.alternatives.filter((_, index) => index !== at) })}
          >×</button
        >
      </div>
    {/each}
    {#if step.alternatives.length < 4}
      <button
        type="button"
        class="key self-start"
        onclick={() =>
          set({
            alternatives: [
              ...step.alternatives,
              {
                medium: step.medium,
                technique: step.technique,
                tool: step.tool,
                time: '',
                count: null,
                side: null,
                look: null,
                coats: null,
              },
            ],
          })}>Add another way</button
      >
    {/if}
  </div>
</fieldset>
<label class="mt-3 block font-semibold">
  Note for the chair
  <input
    class="mt-1 field font-normal"
    maxlength="500"
    value={step.note}
    onchange={(event) => set({ note: event.currentTarget.value })}
  />
</label>
