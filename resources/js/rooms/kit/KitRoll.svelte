<script lang="ts">
  import type { ItemKind, KitThing, PainterName } from '../../api/types.gen';
  import { markOf } from './bags';
  import type { KitWork } from './kit.svelte';
  import { blankThing } from './kit.svelte';
  import ThingButton from './ThingButton.svelte';

  interface Props {
    things: readonly KitThing[];
    painters: readonly PainterName[];
    work: KitWork;
  }

  const { things, painters, work }: Props = $props();

  const isOf =
    (...kinds: ItemKind[]) =>
    (thing: KitThing) =>
      kinds.includes(thing.kind);
  const isSplit = (thing: KitThing) => thing.paintKind === 'split';
  const groups = $derived([
    {
      title: 'Paints',
      kind: 'paint',
      things: things.filter((thing) => thing.kind === 'paint' && !isSplit(thing)),
    },
    { title: 'Split cakes', kind: 'paint', things: things.filter(isSplit) },
    { title: 'Sponges', kind: 'sponge', things: things.filter(isOf('sponge', 'applicator')) },
    { title: 'Stencils', kind: 'stencil', things: things.filter(isOf('stencil')) },
    { title: 'Sparkle', kind: 'glitter', things: things.filter(isOf('glitter', 'gem', 'glue')) },
    {
      title: 'Beside the chair',
      kind: 'wipe',
      things: things.filter(isOf('bud', 'wipe', 'water_pot', 'spritz', 'towel', 'mirror', 'practice_board')),
    },
  ] as const);
  const brushes = $derived(things.filter(isOf('brush')));
  const colourOf = (name: string) =>
    things.find((thing) => thing.kind === 'paint' && thing.name.toLowerCase() === name.toLowerCase())
      ?.colours[0]?.hex;
  const edit = (thing: KitThing) => (work.editing = thing);
  const add = (kind: ItemKind, split = false) =>
    (work.editing = { ...blankThing(kind), ...(split ? { paintKind: 'split', lengthMm: 50 } : {}) });
</script>

{#snippet heading(title: string, onadd: () => void)}
  <div class="flex items-baseline gap-3">
    <h2 class="text-2xl">{title}</h2>
    <button
      type="button"
      class="min-h-11 px-2 font-semibold underline underline-offset-4"
      aria-label="Add to {title.toLowerCase()}"
      onclick={onadd}>Add</button
    >
  </div>
{/snippet}

<section aria-label="Brushes">
  {@render heading('Brushes', () => add('brush'))}
  <!-- The roll: a pocket for each kind of brush. -->
  <ul
    class="flex [scrollbar-width:thin] overflow-x-auto rounded-xl border-2 border-ink bg-canvas px-2 pt-3 pb-2"
  >
    {#each brushes as thing (thing.id)}
      <li class="min-w-24 shrink-0 border-r-2 border-dashed border-[#9b8458] px-1 last:border-r-0">
        <ThingButton
          {thing}
          mark={markOf(thing.ownerId, painters)}
          paint={thing.reservedFor === '' ? undefined : colourOf(thing.reservedFor)}
          onpress={() => edit(thing)}
        />
      </li>
    {:else}
      <li class="p-3 text-lg">No brushes yet.</li>
    {/each}
  </ul>
</section>

{#each groups as { title, kind, things: own } (title)}
  <section aria-label={title}>
    {@render heading(title, () => add(kind, title === 'Split cakes'))}
    <ul
      class={[
        'grid items-start gap-x-2 gap-y-3',
        // The cakes have their true lengths.
        title === 'Split cakes'
          ? 'grid-cols-[repeat(auto-fill,minmax(178px,1fr))]'
          : 'grid-cols-[repeat(auto-fill,minmax(108px,1fr))]',
      ]}
    >
      {#each own as thing (thing.id)}
        <li><ThingButton {thing} mark={markOf(thing.ownerId, painters)} onpress={() => edit(thing)} /></li>
      {:else}
        <li class="text-soft">None yet.</li>
      {/each}
    </ul>
  </section>
{/each}
