<script lang="ts">
  import type { GuideKind } from '../../../api/types.gen';
  import { figureParts } from '../../../api/tables.gen';
  import { landmarks } from '../../../facemap/zones';
  import type { DraftStep } from '../draft';
  import Choice from '../../../ui/Choice.svelte';

  const { step, set }: { step: DraftStep; set: (change: Partial<DraftStep>) => void } = $props();

  const plain = (value: string) => value.replaceAll('_', ' ').replace(' centre', '');

  /** A place on a figure is said in the line, which knows what is above. */
  type Chosen = Exclude<GuideKind, 'figure'>;

  const choices: Record<
    Chosen,
    { name: string; values: readonly string[]; word: (value: string) => string }
  > = {
    clock: {
      name: 'by the clock',
      values: Array.from({ length: 12 }, (_, index) => String(index + 1)),
      word: (value) => `at ${value} o'clock`,
    },
    portion: {
      name: 'in a half or third',
      values: ['upper', 'lower', 'inner', 'outer']
        .flatMap((where) => [`${where}_half`, `${where}_third`])
        .concat('middle_third'),
      word: plain,
    },
    angle: {
      name: 'at an angle',
      values: Array.from({ length: 24 }, (_, index) => String(index * 15 - 180)),
      word: (value) => `at ${value} degrees`,
    },
    aim: { name: 'aimed at', values: Object.keys(landmarks), word: (value) => `aim ${plain(value)}` },
    part: { name: 'a part of it', values: [], word: (value) => `${plain(value)} part` },
  };
  const parts = $derived(step.shape === null ? [] : figureParts[step.shape]);
  const kinds = $derived(
    (Object.keys(choices) as Chosen[]).filter((kind) => kind !== 'part' || parts.length > 0),
  );
  const valuesOf = (kind: Chosen) => (kind === 'part' ? parts : choices[kind].values);

  function add(kind: Chosen, value: string) {
    set({
      guides: [
        ...step.guides.filter(({ by }) => by !== kind),
        { by: kind, value, words: choices[kind].word(value) },
      ],
    });
  }
</script>

<fieldset class="mt-3">
  <legend class="font-semibold">Placed by</legend>
  <div class="mt-1 flex flex-wrap items-center gap-2">
    {#each step.guides as guide, at (at)}
      <span class="flex items-center rounded-lg border-2 border-ink bg-field pl-3">
        {guide.words}
        <button
          type="button"
          class="min-h-11 px-3 text-xl"
          aria-label="Take “{guide.words}” off"
          onclick={() => set({ guides: step.guides.filter((_, index) => index !== at) })}>×</button
        >
      </span>
    {/each}
    {#each kinds as kind (kind)}
      {#if !step.guides.some(({ by }) => by === kind) && step.guides.length < 4}
        <Choice
          class="w-auto"
          label="Placed {choices[kind].name}"
          hint={choices[kind].name}
          value=""
          options={valuesOf(kind).map((value) => ({ value, words: choices[kind].word(value) }))}
          onchoose={(value) => add(kind, value)}
        />
      {/if}
    {/each}
  </div>
</fieldset>
