<script lang="ts">
  import type { DayLog } from '../../api/types.gen';
  import { clockTime, isOver, minutes } from '../../lib/minutes';
  import MendFace from './MendFace.svelte';

  const { log }: { log: DayLog } = $props();

  let chosen = $state('');
  let mending = $state(false);
  const face = $derived(log.faces.find(({ id }) => id === chosen));
</script>

<section>
  <h2 class="text-2xl">Every face</h2>
  <table class="mt-1 w-full text-[15px]">
    <thead class="text-left text-soft">
      <tr
        ><th class="font-normal">No.</th><th class="font-normal">Seated</th><th class="font-normal">Design</th
        ><th class="text-right font-normal">Took</th><th class="text-right font-normal">Plan</th></tr
      >
    </thead>
    <tbody>
      {#each log.faces.toReversed() as face (face.id)}
        <tr class="border-t border-seam">
          <td class="py-1 minutes">{face.number}</td>
          <td>{clockTime(face.seatedAt, log.day.timezone)}</td>
          <td>{face.design}{face.outcome === 'finished' ? '' : ', left'}</td>
          <td class={['text-right minutes', isOver(face.paintedMs, face.plannedMs) && 'text-rust']}
            ><button
              type="button"
              class="min-h-8 underline decoration-dotted underline-offset-4"
              aria-label="Mend the times of No. {face.number}"
              onclick={() => {
                chosen = face.id;
                mending = true;
              }}>{minutes(face.paintedMs)}</button
            >{#if face.steps.some((step) => step.mendedFromMs != null)}<span
                class="block text-[13px] text-soft">mended</span
              >{/if}</td
          >
          <td class="text-right text-soft">{minutes(face.plannedMs)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</section>

{#if face !== undefined}<MendFace dayId={log.day.id} {face} bind:open={mending} />{/if}
