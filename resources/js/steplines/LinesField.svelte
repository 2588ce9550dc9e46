<script lang="ts">
  import Said from '../ui/Said.svelte';
  import type { TypedLines } from './lines.svelte';
  import Understood from './Understood.svelte';

  const { typed }: { typed: TypedLines } = $props();
</script>

<p>
  A step a line, in the order you paint: what with, which colour, where, how long. “sponge pearl white muzzle,
  2 coats, 40s, optional”.
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
  {#each typed.asked as reading, at (at)}
    <div><Understood {reading} /></div>
  {/each}
  {#if typed.readings.length > 0}
    <p class="text-soft">
      {typed.clear.length} of {typed.readings.length}
      {typed.readings.length === 1 ? 'line is' : 'lines are'} understood.
    </p>
  {/if}
</div>
