<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { BrushWorth } from '../../api/types.gen';
  import { minutes, roughly } from '../../lib/minutes';

  const brushes = createQuery(() => ({
    queryKey: ['kit', 'brushes'],
    queryFn: () => api.get<BrushWorth[]>('kit/brushes'),
  }));
</script>

<section aria-label="What one more brush would save">
  <h2 class="text-2xl">One brush more</h2>
  {#if brushes.data?.length === 0}
    <p class="mt-1 text-soft">No further brush of its own would save anything on your designs.</p>
  {/if}
  <ul class="mt-2 flex flex-col gap-3">
    {#each brushes.data?.slice(0, 4) ?? [] as brush (brush.colour)}
      <li class="flex gap-3 leading-snug">
        <span class="mt-1 h-8 w-3 shrink-0 rounded-b border-2 border-ink" style:background-color={brush.hex}
        ></span>
        <span>
          Kept for <strong>{brush.colour}</strong>: <strong class="minutes">{minutes(brush.mostMs)}</strong> a
          face on {brush.mostDesign}{brush.designs > 1 ? `, less on ${brush.designs - 1} more` : ''}.
          {#if brush.daySavedMs > 0}
            <span class="block text-soft"
              >{brush.day}: {roughly(brush.daySavedMs)} less standing at the water pot.</span
            >
          {/if}
        </span>
      </li>
    {/each}
  </ul>
</section>
