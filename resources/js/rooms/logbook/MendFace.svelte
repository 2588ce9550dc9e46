<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DayLog, LoggedFace } from '../../api/types.gen';
  import { minutes, parseMinutes } from '../../lib/minutes';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';

  let { dayId, face, open = $bindable() }: { dayId: string; face: LoggedFace; open: boolean } = $props();

  const queryClient = useQueryClient();
  let said = $state('');
  let isForgotten = $state(false);

  async function mend(position: number, typed: string) {
    const spentMs = parseMinutes(typed);
    said = spentMs === null ? `“${typed}” is no time. Type it such as 0:25 or 25s.` : '';
    if (spentMs === null) {
      return;
    }
    try {
      queryClient.setQueryData(
        ['logbook', dayId],
        await api.put<DayLog>(`days/${dayId}/faces/${face.id}/steps/${position}`, { spentMs }),
      );
      await queryClient.invalidateQueries({ queryKey: ['report', dayId] });
    } catch (error) {
      said = error instanceof Error ? error.message : String(error);
    }
  }

  async function forget() {
    try {
      await api.delete(`days/${dayId}/children/${face.number}`);
      isForgotten = true;
      await queryClient.invalidateQueries({ queryKey: ['line', dayId] });
    } catch (error) {
      said = error instanceof Error ? error.message : String(error);
    }
  }
</script>

<Sheet bind:open title="No. {face.number}, {face.design}">
  <p class="text-soft">
    A tap that was forgotten makes one step long. Say what it really took; what was logged stays beside it.
  </p>
  <ul class="mt-3">
    {#each face.steps as step, position (position)}
      <li class="grid min-h-14 grid-cols-[1fr_7rem] items-center gap-3 border-t border-seam py-1">
        <label for="mend-{position}">
          <span class="font-semibold">{step.name}</span>
          <span class="block text-[15px] text-soft"
            >planned {minutes(step.plannedMs)}{step.mendedFromMs === null
              ? ''
              : `, logged ${minutes(step.mendedFromMs)}`}</span
          >
        </label>
        {#if step.status === 'done'}
          <input
            id="mend-{position}"
            class="field text-right minutes"
            value={minutes(step.spentMs)}
            onchange={({ currentTarget }) => mend(position, currentTarget.value)}
          />
        {:else}
          <span class="text-right text-soft">left out</span>
        {/if}
      </li>
    {/each}
  </ul>
  <Said message={said} />
  {#if isForgotten}
    <p class="mt-4" role="status">The name of No. {face.number}, and all words about it, are gone.</p>
  {:else}
    <button type="button" class="mt-4 key-word" onclick={forget}>A guardian asks: forget this child</button>
  {/if}
</Sheet>
