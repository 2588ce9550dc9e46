<script lang="ts">
  import type { Packing } from './packing.svelte';
  import { keyOf } from './packing.svelte';
  import Tick from '../../../ui/Tick.svelte';

  const { packing }: { packing: Packing } = $props();

  let name = $state('');
  let howMany = $state(1);

  async function add(event: SubmitEvent) {
    event.preventDefault();
    if (name.trim() !== '' && (await packing.add(name.trim(), howMany))) {
      name = '';
      howMany = 1;
    }
  }
</script>

<h2 class="mt-4 border-b-2 border-ink text-xl">Besides the kit</h2>
<ul>
  {#each packing.sheet.extras as extra (extra.name)}
    {@const thing = keyOf({ kind: 'extra', name: extra.name })}
    <li class="flex items-center gap-4 border-b border-seam">
      <label class="flex min-h-12 grow items-center gap-4 text-lg">
        <Tick checked={packing.has(thing)} onturn={() => packing.turn(thing)} />
        <span class={['grow', packing.has(thing) && 'text-soft line-through']}>{extra.name}</span>
        <span class="minutes">{extra.howMany}</span>
      </label>
      <button
        type="button"
        class="min-h-11 px-2 text-soft underline underline-offset-4 print:hidden"
        aria-label="Off the list: {extra.name}"
        onclick={() => packing.drop(extra)}>Off the list</button
      >
    </li>
  {/each}
</ul>
<form class="mt-3 flex flex-wrap gap-3 print:hidden" onsubmit={add}>
  <input
    class="field max-w-64"
    maxlength="60"
    aria-label="What else is packed"
    placeholder="lamp, folding chair …"
    bind:value={name}
  />
  <input class="field max-w-24" type="number" min="1" max="999" aria-label="How many" bind:value={howMany} />
  <button type="submit" class="key" disabled={packing.form.busy}>Add it to every event</button>
</form>
