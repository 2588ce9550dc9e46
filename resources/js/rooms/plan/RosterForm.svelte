<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import { toldWhole } from '../../line/told';
  import type { LineBoard } from '../../api/types.gen';
  import { Draft } from '../../lib/draft.svelte';
  import { Submission } from '../../lib/form.svelte';
  import { clockTime } from '../../lib/minutes';
  import Overtaken from '../../ui/Overtaken.svelte';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import Choice from '../../ui/Choice.svelte';

  let { open = $bindable(), board }: { open: boolean; board: LineBoard } = $props();

  interface Row {
    chair: number;
    /** '' for nobody. */
    painter: string;
    /** '' for the beginning of the day. */
    from: string;
  }

  const queryClient = useQueryClient();
  const work = new Submission();
  const draft = new Draft<Row[]>(
    () =>
      chairs().flatMap((chair): Row[] => {
        const shifts = board.roster.shifts.filter((shift) => shift.chair === chair);

        return shifts.length === 0
          ? [{ chair, painter: '', from: '' }]
          : shifts.map((shift) => ({
              chair,
              painter: shift.painterId ?? '',
              from: shift.from === 0 ? '' : clockTime(shift.from, board.day.timezone),
            }));
      }),
    () => open,
  );

  function chairs(): number[] {
    return Array.from({ length: board.day.chairs }, (_, at) => at + 1);
  }

  function add(chair: number) {
    const last = draft.values.findLastIndex((row) => row.chair === chair);
    draft.values.splice(last + 1, 0, { chair, painter: '', from: '' });
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const shifts = draft.values.map(({ chair, painter, from }) => ({
        chair,
        painterId: painter === '' ? null : painter,
        from: from.trim() === '' ? null : from,
      }));
      const line = await api.put<LineBoard>(`days/${board.day.id}/roster`, { shifts });
      queryClient.setQueryData(['line', board.day.id], toldWhole(line));
      open = false;
    });
  }
</script>

<Sheet bind:open title="Who sits where">
  <Overtaken {draft} />
  <form onsubmit={save}>
    <Said message={work.general} />
    {#if board.roster.isAssumed}
      <p class="text-soft">Nobody has said yet. This is assumed; change what is otherwise.</p>
    {/if}
    {#each chairs() as chair (chair)}
      <fieldset class="mt-4 border-t-2 border-ink pt-2">
        <legend class="pr-3 text-xl font-bold">Chair {chair}</legend>
        {#each draft.values as row, at (row)}
          {#if row.chair === chair}
            {@const isFirst = draft.values.findIndex((one) => one.chair === chair) === at}
            <div class="mt-2 grid grid-cols-[7.5rem_1fr_2.75rem] items-center gap-2">
              {#if isFirst}
                <span class="text-soft">from the start</span>
              {:else}
                <label class="flex items-center gap-2">
                  <span class="text-soft">from</span>
                  <input
                    class="field w-20 min-w-0 px-2"
                    aria-label="From when at chair {chair}"
                    placeholder="13:00"
                    bind:value={row.from}
                  />
                </label>
              {/if}
              <Choice
                label="Who sits at chair {chair}"
                bind:value={row.painter}
                options={[
                  ...board.roster.painters.map(({ id, name }) => ({ value: id, words: name })),
                  { value: '', words: 'nobody' },
                ]}
              />
              {#if !isFirst}
                <button
                  type="button"
                  class="min-h-11 text-2xl"
                  aria-label="Take this change out"
                  onclick={() => draft.values.splice(at, 1)}>×</button
                >
              {/if}
            </div>
            <Said message={work.of(`shifts.${at}.from`) ?? work.of(`shifts.${at}.painterId`)} />
          {/if}
        {/each}
        <button type="button" class="mt-1 key-word" onclick={() => add(chair)}
          >Somebody else, or a break, from …</button
        >
      </fieldset>
    {/each}
    <Said message={work.of('shifts')} />
    <button type="submit" class="mt-5 key min-h-14 w-full text-lg key-ink" disabled={work.busy}
      >Keep it so</button
    >
  </form>
</Sheet>
