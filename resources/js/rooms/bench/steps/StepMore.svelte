<script lang="ts">
  import { type Medium, MediumValues, ShutValues, SideValues } from '../../../api/types.gen';
  import { mediumNames } from '../../../api/tables.gen';
  import { shutNames, techniqueNames, techniquesOf } from '../../../lib/techniques';
  import type { DraftStep } from '../draft';
  import Choice from '../../../ui/Choice.svelte';
  import Slider from '../../../ui/Slider.svelte';
  import Tick from '../../../ui/Tick.svelte';

  const { step, set }: { step: DraftStep; set: (change: Partial<DraftStep>) => void } = $props();

  const sideNames = { left: 'left only', right: 'right only', both: 'both sides', centre: 'centre' } as const;
  const STOPS = [
    { value: null, words: 'as the steps say' },
    { value: true, words: 'yes' },
    { value: false, words: 'no' },
  ] as const;
  /** While it is pulled; the design has it when it is let go. */
  let look = $state<number | null>(null);

  type Way = DraftStep['alternatives'][number];

  const setWay = (at: number, change: Partial<Way>) =>
    set({
      alternatives: step.alternatives.map((way, index) => (index === at ? { ...way, ...change } : way)),
    });

  function setMedium(at: number, medium: Medium) {
    const technique = techniquesOf[medium][0];
    if (technique !== undefined) setWay(at, { medium, technique });
  }
</script>

<div class="mt-3 flex flex-wrap items-end gap-x-5 gap-y-3">
  <Tick checked={step.optional} onturn={(optional) => set({ optional })}
    ><span class="font-semibold">An extra: may be left out</span></Tick
  >
  <div>
    <span class="block font-semibold" aria-hidden="true">Adds to the look</span>
    <span class="mt-1 flex items-center gap-3">
      <Slider
        class="w-36"
        label="Adds to the look"
        shown="{look ?? step.look} of 10"
        value={look ?? step.look}
        min={0}
        max={10}
        turn={(to) => (look = to)}
        stay={(to) => {
          set({ look: to });
          look = null;
        }}
      />
      <span class="w-6 minutes">{look ?? step.look}</span>
    </span>
  </div>
  <Choice
    label="Keeps shut"
    caption="strong"
    class="w-44"
    value={step.shut}
    options={[
      { value: null, words: 'nothing' },
      ...ShutValues.map((value) => ({ value, words: shutNames[value] })),
    ]}
    onchoose={(shut) => set({ shut })}
  />
  <Choice
    label="One may stop after it"
    caption="strong"
    class="w-44"
    value={step.stopAfter}
    options={STOPS}
    onchoose={(stopAfter) => set({ stopAfter })}
  />
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
        <Choice
          class="w-32"
          label="Other way {at + 1}, with"
          value={way.medium}
          options={MediumValues.map((value) => ({ value, words: mediumNames[value] }))}
          onchoose={(medium) => setMedium(at, medium)}
        />
        <Choice
          class="w-36"
          label="Other way {at + 1}, how"
          value={way.technique}
          options={techniquesOf[way.medium].map((value) => ({ value, words: techniqueNames[value] }))}
          onchoose={(technique) => setWay(at, { technique })}
        />
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
        <Choice
          class="w-32"
          label="Other way {at + 1}, side"
          value={way.side}
          options={[
            { value: null, words: 'same side' },
            ...SideValues.map((value) => ({ value, words: sideNames[value] })),
          ]}
          onchoose={(side) => setWay(at, { side })}
        />
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
