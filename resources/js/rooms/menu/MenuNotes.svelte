<script lang="ts">
  import type { MenuSheet } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import type { MenuWork } from './menu.svelte';

  const { sheet, work }: { sheet: MenuSheet; work: MenuWork } = $props();
</script>

<section aria-labelledby="notes">
  <h2 id="notes" class="text-xl">What it does to a day</h2>
  {#if sheet.notes.length === 0}
    <p class="text-soft">Nothing speaks against it.</p>
  {:else}
    <ul>
      {#each sheet.notes as note (note.says)}
        <li class="border-t border-seam py-2">
          <p>{note.says}</p>
          {#if note.promiseMs !== null && note.designs[0] !== undefined}
            {@const design = note.designs[0]}
            <button
              type="button"
              class="min-h-11 font-semibold underline underline-offset-4"
              onclick={() => work.change('An honest promise.', design, { promiseMs: note.promiseMs })}
              >Promise {minutes(note.promiseMs)}</button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
</section>
