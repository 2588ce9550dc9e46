<script lang="ts">
  import type { DayLog } from '../../api/types.gen';
  import { clockTime, minutes } from '../../lib/minutes';

  const { log }: { log: DayLog } = $props();
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
          <td class={['text-right minutes', face.paintedMs > face.plannedMs && 'text-rust']}
            >{minutes(face.paintedMs)}</td
          >
          <td class="text-right text-soft">{minutes(face.plannedMs)}</td>
        </tr>
      {/each}
    </tbody>
  </table>
</section>
