<script lang="ts">
  import {
    FinishValues,
    ItemKindValues,
    type KitThing,
    type PainterName,
    PaintKindValues,
  } from '../../api/types.gen';
  import Colours from '../../ui/Colours.svelte';
  import Said from '../../ui/Said.svelte';
  import { blankThing, type DraftThing, type KitWork } from './kit.svelte';
  import ThingPicture from './ThingPicture.svelte';
  import { finishNames, kindNames, paintKindNames } from './words';
  import Choice from '../../ui/Choice.svelte';
  import Tick from '../../ui/Tick.svelte';

  interface Props {
    thing: DraftThing;
    known: KitThing | undefined;
    /** Whose bags there can be. */
    painters: readonly PainterName[];
    work: KitWork;
  }

  const { thing, known, painters, work }: Props = $props();

  // The form has its own copy until it is kept.
  // svelte-ignore state_referenced_locally
  let draft = $state.raw(thing);
  const set = (change: Partial<DraftThing>) => (draft = { ...draft, ...change });
  const number = (event: Event & { currentTarget: HTMLInputElement }) =>
    event.currentTarget.value === '' ? null : Number(event.currentTarget.value);
  const isSplit = $derived(draft.paintKind === 'split');
  const hasColour = $derived(['paint', 'glitter', 'gem'].includes(draft.kind));
  const said = (field: string) => work.form.of(field);

  function keep(event: SubmitEvent) {
    event.preventDefault();
    void work.save(draft);
  }
</script>

{#snippet count(label: string, field: 'gramsLeft' | 'lengthMm' | 'widthMm')}
  <label class="font-semibold"
    >{label}
    <input
      type="number"
      class="mt-1 field font-normal"
      min="0"
      value={draft[field] ?? ''}
      oninput={(event) => set({ [field]: number(event) })}
    /></label
  >
{/snippet}
{#snippet yes(label: string, field: 'skinSafe' | 'latex' | 'gel' | 'selfStick')}
  <Tick checked={draft[field]} onturn={(checked) => set({ [field]: checked })}>{label}</Tick>
{/snippet}

{#snippet whose(label: string, nobody: string, field: 'ownerId' | 'homeId')}
  <Choice
    {label}
    caption="strong"
    value={draft[field]}
    options={[
      { value: null, words: nobody },
      ...painters.map(({ id, name }) => ({ value: id, words: name })),
    ]}
    onchoose={(value) => set({ [field]: value })}
  />
{/snippet}

<form class="flex flex-col gap-4" onsubmit={keep}>
  <div class="flex items-center gap-5">
    <span class="flex min-h-16 min-w-16 items-center justify-center"><ThingPicture thing={draft} /></span>
    <label class="grow font-semibold">
      What you call it
      <input
        class="mt-1 field text-xl font-normal"
        maxlength="40"
        required
        value={draft.name}
        oninput={(event) => set({ name: event.currentTarget.value })}
        placeholder="marked round 2"
      />
    </label>
  </div>
  {#if known === undefined}
    <Choice
      label="What it is"
      caption="strong"
      value={draft.kind}
      options={ItemKindValues.map((value) => ({ value, words: kindNames[value] }))}
      onchoose={(kind) => (draft = { ...blankThing(kind), name: draft.name })}
    />
  {/if}
  <div class="grid grid-cols-2 gap-4 sm:grid-cols-3">
    <label class="font-semibold"
      >How many
      <input
        type="number"
        class="mt-1 field font-normal"
        min="0"
        max="999"
        value={draft.howMany}
        oninput={(event) => set({ howMany: number(event) ?? 0 })}
      /></label
    >
    {#if draft.kind === 'paint'}
      <Choice
        label="Made as"
        caption="strong"
        value={draft.paintKind}
        options={PaintKindValues.map((value) => ({ value, words: paintKindNames[value] }))}
        onchoose={(paintKind) => set({ paintKind })}
      />
      <Choice
        label="Finish"
        caption="strong"
        value={draft.finish}
        options={FinishValues.map((value) => ({ value, words: finishNames[value] }))}
        onchoose={(finish) => set({ finish })}
      />
    {/if}
    {#if draft.kind === 'paint' || draft.kind === 'glitter'}{@render count('Grams left', 'gramsLeft')}{/if}
    {#if isSplit}{@render count('Length in mm', 'lengthMm')}{/if}
    {#if draft.kind === 'sponge'}{@render count('Width in mm', 'widthMm')}{/if}
    {#if draft.kind === 'brush'}
      <label class="col-span-2 font-semibold"
        >Kept for one colour
        <input
          class="mt-1 field font-normal"
          maxlength="40"
          value={draft.reservedFor}
          oninput={(event) => set({ reservedFor: event.currentTarget.value })}
          placeholder="black"
        /></label
      >
    {/if}
  </div>
  {#if painters.length > 1}
    <div class="grid grid-cols-2 gap-4">
      {@render whose('In whose bag', 'the team’s', 'ownerId')}
      {#if draft.ownerId === null}{@render whose('Who takes it home', 'not said', 'homeId')}{/if}
    </div>
  {/if}
  {#if hasColour}
    {#if isSplit}
      <Colours
        legend="Colours, in the order they lie in the cake"
        colours={draft.colours}
        change={(colours) => set({ colours })}
      />
    {:else}
      <label class="flex items-center gap-3 font-semibold">
        Colour
        <input
          type="color"
          class="h-12 w-20 cursor-pointer rounded-lg border-2 border-ink"
          value={draft.colours[0]?.hex ?? '#3f8fc6'}
          oninput={(event) => set({ colours: [{ name: '', hex: event.currentTarget.value }] })}
        />
        <input
          class="field w-32 font-normal"
          aria-label="Colour as hex"
          maxlength="7"
          value={draft.colours[0]?.hex ?? ''}
          onchange={(event) => set({ colours: [{ name: '', hex: event.currentTarget.value }] })}
        />
      </label>
    {/if}
  {/if}
  <div class="flex flex-wrap gap-x-6">
    {#if ['paint', 'glitter', 'gem', 'glue'].includes(draft.kind)}{@render yes(
        'made for skin (cosmetic grade)',
        'skinSafe',
      )}{/if}
    {#if draft.kind === 'glue'}{@render yes('contains latex', 'latex')}{/if}
    {#if draft.kind === 'glitter'}{@render yes('in a gel: sticks to dry paint', 'gel')}{/if}
    {#if draft.kind === 'gem'}{@render yes('self-stick', 'selfStick')}{/if}
  </div>
  <Said message={said('name') ?? said('colours') ?? work.form.general} />
  <div class="flex flex-wrap gap-2">
    <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.form.busy}
      >{known === undefined ? 'Put it in the kit' : 'Keep the change'}</button
    >
    {#if known !== undefined}
      <button type="button" class="key min-h-14" onclick={() => work.takeOut(known)}
        >Take it out of the kit</button
      >
    {/if}
  </div>
</form>
