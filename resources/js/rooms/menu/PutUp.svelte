<script lang="ts">
  import { nearDays } from '../../line/questions';
  import { toldWhole } from '../../line/told';
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DaySummary, LineBoard, MenuSheet } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { dayName } from '../../lib/minutes';
  import Said from '../../ui/Said.svelte';

  const { sheet }: { sheet: MenuSheet } = $props();

  const queryClient = useQueryClient();
  const days = createQuery(nearDays);
  const work = new Submission();
  let done = $state('');

  async function putUp(day: DaySummary) {
    done = '';
    const went = await work.run(async () => {
      const line = await api.put<LineBoard>(`days/${day.id}/menus/${sheet.id}`, {});
      queryClient.setQueryData(['line', day.id], toldWhole(line));
      await queryClient.invalidateQueries({ queryKey: ['menu', sheet.id] });
      await queryClient.invalidateQueries({ queryKey: ['plan', day.id] });
    });
    done = went ? `${day.name} offers this now.` : '';
  }
</script>

{#if sheet.offers.length > 0 && (days.data?.length ?? 0) > 0}
  <section aria-labelledby="put-up">
    <h2 id="put-up" class="text-xl">Put it up at</h2>
    <ul>
      {#each days.data ?? [] as day (day.id)}
        <li>
          <button
            type="button"
            class="flex min-h-11 w-full items-baseline justify-between gap-3 border-t border-seam py-2 text-left hover:bg-card"
            disabled={work.busy}
            onclick={() => putUp(day)}
          >
            <span class="font-semibold">{day.name}</span>
            <span class="text-soft">{dayName(day.opensAt, day.timezone)}</span>
          </button>
        </li>
      {/each}
    </ul>
    <p role="status">{done}</p>
    <Said message={work.general} />
    {#if sheet.days.length > 0}
      <p class="text-soft">Changes here go to {sheet.days.join(' and ')} as long as it has not opened.</p>
    {/if}
  </section>
{/if}
