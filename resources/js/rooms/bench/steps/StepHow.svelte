<script lang="ts">
  import { LoadValues, type Medium, MediumValues } from '../../../api/types.gen';
  import { mediumNames } from '../../../api/tables.gen';
  import { isCounted, loadNames, techniqueNames, techniquesOf } from '../../../lib/techniques';
  import type { DraftStep } from '../draft';
  import type { OwnTool } from './own';
  import Choice from '../../../ui/Choice.svelte';

  interface Props {
    step: DraftStep;
    /** What the kit has for each medium. */
    tools: readonly OwnTool[];
    set: (change: Partial<DraftStep>) => void;
  }

  const { step, tools, set }: Props = $props();

  const id = $props.id();

  const number = (text: string): number | null => (text.trim() === '' ? null : Math.round(Number(text)));

  /** What the new medium cannot do is not kept. */
  function setMedium(medium: Medium) {
    const usual = techniquesOf[medium][0];
    const technique = techniquesOf[medium].includes(step.technique)
      ? step.technique
      : (usual ?? step.technique);
    set({ medium, ...technical(technique) });
  }

  const technical = (technique: DraftStep['technique']): Partial<DraftStep> =>
    isCounted(technique) ? { technique } : { technique, count: null, smallCount: null };
</script>

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
          onchange={() => setMedium(medium)}
        />
        <svg width="14" height="20" class="border border-current" aria-hidden="true"
          ><rect width="14" height="20" fill="url(#tape-{medium})" /></svg
        >
        {mediumNames[medium]}
      </label>
    {/each}
  </div>
</fieldset>
<div class="mt-3 flex flex-wrap items-end gap-x-4 gap-y-3">
  <label class="grow font-semibold">
    Tool
    <input
      class="mt-1 field min-w-36 font-normal"
      placeholder="round 3, half sponge …"
      maxlength="80"
      list="{id}-tools"
      value={step.tool}
      onchange={(event) => set({ tool: event.currentTarget.value })}
    />
    <datalist id="{id}-tools">
      {#each tools.filter(({ medium }) => medium === step.medium) as { name } (name)}<option value={name}
        ></option>{/each}
    </datalist>
  </label>
  <Choice
    label="How"
    caption="strong"
    class="w-40"
    value={step.technique}
    options={techniquesOf[step.medium].map((value) => ({ value, words: techniqueNames[value] }))}
    onchoose={(technique) => set(technical(technique))}
  />
  {#if isCounted(step.technique)}
    <label class="flex flex-col font-semibold">
      How many a side
      <input
        type="number"
        min="1"
        max="60"
        class="mt-1 field w-24 font-normal"
        value={step.count ?? ''}
        onchange={(event) => set({ count: number(event.currentTarget.value) })}
      />
    </label>
    <label class="flex flex-col font-semibold">
      On a small face
      <input
        type="number"
        min="1"
        max="60"
        class="mt-1 field w-24 font-normal"
        placeholder={step.count === null || step.count < 3 ? '' : String(step.count - 1)}
        value={step.smallCount ?? ''}
        onchange={(event) => set({ smallCount: number(event.currentTarget.value) })}
      />
    </label>
  {/if}
  <label class="flex flex-col font-semibold">
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
  <Choice
    label="Load"
    caption="strong"
    class="w-36"
    value={step.load}
    options={LoadValues.map((value) => ({ value, words: loadNames[value] }))}
    onchoose={(load) => set({ load })}
  />
</div>
