<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DaySummary } from '../../api/types.gen';
  import { Submission } from '../../lib/form.svelte';
  import { dayName, isoDate } from '../../lib/minutes';
  import { navigate } from '../../router';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import { lastDone } from './calendar/diary.svelte';
  import { again, OFTEN, type Often, whichOfMonth } from './again';
  import Choice from '../../ui/Choice.svelte';
  import Tick from '../../ui/Tick.svelte';

  let { open = $bindable(), day }: { open: boolean; day: DaySummary } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  const often = Object.keys(OFTEN) as Often[];
  const MOST = 26;
  let how = $state<Often>('week');
  let times = $state(3);
  /** Dates that were ticked off again, and those typed besides. */
  let without: readonly string[] = $state.raw([]);
  let besides: readonly string[] = $state.raw([]);
  const date = $derived(isoDate(day.opensAt, day.timezone));
  const proposed = $derived([...new Set([...again(date, how, times), ...besides])].sort());
  const chosen = $derived(proposed.filter((one) => !without.includes(one)));

  const named = (one: string) => `${dayName(Date.parse(`${one}T12:00:00Z`), 'UTC')} ${one.slice(0, 4)}`;

  function turn(one: string) {
    without = without.includes(one) ? without.filter((other) => other !== one) : [...without, one];
  }

  async function make(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const made = await api.post<DaySummary[]>(`days/${day.id}/copies`, { dates: chosen });
      await queryClient.invalidateQueries({ queryKey: ['days'] });
      lastDone.made(
        made,
        made.length === 1 ? 'One day more is in the diary.' : `${made.length} days more are in the diary.`,
      );
      open = false;
      await navigate('/events');
    });
  }
</script>

<Sheet bind:open title="Again, on other days">
  <form class="flex flex-col gap-4" onsubmit={make}>
    <p class="text-lg">
      {day.name} with its hours, menu, roster, plan and money. Each can be changed by itself afterwards.
    </p>
    <div class="grid grid-cols-2 gap-4 sm:grid-cols-3">
      <Choice
        label="How often"
        caption="strong"
        bind:value={how}
        options={often.map((value) => ({
          value,
          words: value === 'month' ? `${OFTEN[value]}, ${whichOfMonth(date)}` : OFTEN[value],
        }))}
      />
      <label class="font-semibold">
        How many times
        <input class="mt-1 field font-normal" type="number" min="0" max={MOST} required bind:value={times} />
      </label>
      <label class="font-semibold">
        Another date
        <input
          class="mt-1 field font-normal"
          type="date"
          onchange={({ currentTarget }) => {
            besides = currentTarget.value === '' ? besides : [...besides, currentTarget.value];
            currentTarget.value = '';
          }}
        />
      </label>
    </div>
    <ul class="columns-1 sm:columns-2">
      {#each proposed as one (one)}
        <li class="break-inside-avoid">
          <Tick checked={!without.includes(one)} onturn={() => turn(one)}
            ><span class="text-lg">{named(one)}</span></Tick
          >
        </li>
      {/each}
    </ul>
    <Said message={work.general} />
    <button type="submit" class="key min-h-14 text-lg key-ink" disabled={work.busy || chosen.length === 0}>
      {chosen.length === 1 ? 'Make this day' : `Make these ${chosen.length} days`}
    </button>
  </form>
</Sheet>
