<script lang="ts">
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Bench } from './bench.svelte';
  import { TypedLines } from './lines.svelte';
  import Understood from './Understood.svelte';

  let { bench, open = $bindable(), text = '' }: { bench: Bench; open: boolean; text?: string } = $props();

  const typed = new TypedLines();
  const clear = $derived(typed.readings.flatMap((reading) => reading.step ?? []));
  const asked = $derived(typed.readings.filter((reading) => reading.step === null));

  $effect.pre(() => {
    if (open) typed.type(text);
  });

  async function add() {
    if (!(await typed.read()) || asked.length > 0 || clear.length === 0) {
      return;
    }
    bench.addSteps(clear);
    open = false;
  }
</script>

<Sheet bind:open title="Steps in lines">
  <p>
    A step a line, in the order you paint: what with, which colour, where, how long. “sponge pearl white
    muzzle, 2 coats, 40s, optional”.
  </p>
  <label class="mt-3 block font-semibold">
    The lines
    <textarea
      class="mt-1 field min-h-40 font-normal"
      spellcheck="false"
      value={typed.text}
      oninput={(event) => typed.type(event.currentTarget.value)}></textarea>
  </label>
  <Said message={typed.trouble} />
  <div class="mt-3 flex flex-col gap-4" aria-live="polite">
    {#each asked as reading, at (at)}
      <div><Understood {reading} /></div>
    {/each}
    {#if typed.readings.length > 0}
      <p class="text-soft">
        {clear.length} of {typed.readings.length}
        {typed.readings.length === 1 ? 'line is' : 'lines are'} understood.
      </p>
    {/if}
  </div>
  <button
    type="button"
    class="mt-4 key min-h-14 w-full text-lg key-ink"
    disabled={asked.length > 0 || clear.length === 0}
    onclick={add}
  >
    {clear.length === 1 ? 'Add the step' : `Add ${clear.length} steps`}
  </button>
</Sheet>
