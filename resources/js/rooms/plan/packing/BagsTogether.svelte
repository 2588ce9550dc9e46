<script lang="ts">
  import type { BagsTogether } from '../../../api/types.gen';
  import { listed } from '../../../lib/listed';
  import { minutes, roughly } from '../../../lib/minutes';

  const { bags, faces }: { bags: BagsTogether; faces: number } = $props();
</script>

<section aria-labelledby="bags">
  <h2 id="bags" class="text-xl">{bags.artists} artists, {bags.artists} bags</h2>
  {#each bags.shared as { name, pieces, artists, waitMs } (name)}
    <p class="mt-2 border-l-[6px] border-brass pl-3 leading-snug">
      <strong
        >{pieces === 1 ? 'One' : pieces} “{name}” in {artists.length === 2 ? 'two' : artists.length} hands</strong
      >:
      {listed(artists)} wait {minutes(waitMs)} a face for it, {roughly(waitMs * faces)} over the day. One more would
      save that.
    </p>
  {/each}
  {#each bags.lacking as { name, things, savedMs } (name)}
    <p class="mt-2 leading-snug">
      <strong>{name}</strong> has no {listed(things)} of {things.length === 1 ? 'its' : 'their'} own{savedMs >=
      60_000
        ? `: kept brushes would save ${roughly(savedMs)} of the day`
        : ''}.
    </p>
  {/each}
  {#if bags.alike.length > 0}
    <p class="mt-2 leading-snug">Mark the handles: {listed(bags.alike)} lie in more than one bag.</p>
  {/if}
  {#if bags.shared.length + bags.lacking.length + bags.alike.length === 0}
    <p class="text-soft">Nobody waits for another one’s tools.</p>
  {/if}
  <p class="mt-2 text-soft">Whose a thing is, and who takes the team’s home, is said in the kit.</p>
</section>
