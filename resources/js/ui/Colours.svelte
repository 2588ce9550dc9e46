<script lang="ts">
  import type { ColourSwatch } from '../api/types.gen';

  interface Props {
    legend: string;
    colours: ColourSwatch[];
    /** Paints that there are: one that is named gives its colour. */
    paints?: readonly ColourSwatch[];
    change: (colours: ColourSwatch[]) => void;
  }

  const { legend, colours, paints = [], change }: Props = $props();

  const id = $props.id();

  const set = (at: number, colour: Partial<ColourSwatch>) =>
    change(colours.map((one, index) => (index === at ? { ...one, ...colour } : one)));

  function rename(at: number, name: string) {
    const paint = paints.find((one) => one.name.toLowerCase() === name.trim().toLowerCase());
    set(at, paint ?? { name });
  }
</script>

<fieldset class="mt-3">
  <legend class="font-semibold">{legend}</legend>
  <div class="mt-1 flex flex-wrap gap-2">
    {#each colours as colour, at (at)}
      <div class="flex items-center overflow-hidden rounded-lg border-2 border-ink bg-field">
        <input
          type="color"
          class="size-11 cursor-pointer border-0 p-0"
          aria-label="Colour {at + 1}"
          value={colour.hex}
          onchange={(event) => set(at, { hex: event.currentTarget.value })}
        />
        <input
          class="min-h-11 w-32 px-2"
          aria-label="Name of colour {at + 1}"
          placeholder="its name"
          maxlength="40"
          value={colour.name}
          list="{id}-paints"
          onchange={(event) => rename(at, event.currentTarget.value)}
        />
        <button
          type="button"
          class="min-h-11 px-3 text-xl"
          aria-label="Take {colour.name || `colour ${at + 1}`} off"
          onclick={() => change(colours.filter((_, index) => index !== at))}>×</button
        >
      </div>
    {/each}
    <button
      type="button"
      class="key"
      disabled={colours.length >= 12}
      onclick={() => change([...colours, { name: '', hex: '#f4f2ec' }])}>Add a colour</button
    >
  </div>
  <datalist id="{id}-paints">
    {#each paints as paint (paint.name)}<option value={paint.name}></option>{/each}
  </datalist>
</fieldset>
