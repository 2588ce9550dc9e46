<script lang="ts">
  import { useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DaySummary } from '../../api/types.gen';
  import { clock } from '../../lib/clock.svelte';
  import { Draft } from '../../lib/draft.svelte';
  import { Submission } from '../../lib/form.svelte';
  import { clockTime, isoDate, minutes } from '../../lib/minutes';
  import { navigate } from '../../router';
  import Overtaken from '../../ui/Overtaken.svelte';
  import Said from '../../ui/Said.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import { lastDone } from './calendar/diary.svelte';

  /** @prop day the day to change; null for a new one */
  let { open = $bindable(), day }: { open: boolean; day: DaySummary | null } = $props();

  const queryClient = useQueryClient();
  const work = new Submission();
  const here = Intl.DateTimeFormat().resolvedOptions().timeZone;

  function filledIn() {
    const zone = day?.timezone ?? here;

    return {
      name: day?.name ?? '',
      place: day?.place ?? '',
      timezone: zone,
      date: isoDate(day?.opensAt ?? clock.moment(), zone),
      opens: day === null ? '11:00' : clockTime(day.opensAt, zone),
      closes: day === null ? '16:00' : clockTime(day.closesAt, zone),
      chairs: day?.chairs ?? 1,
      turnaround: day === null ? '1:00' : minutes(day.turnaroundMs),
    };
  }

  const draft = new Draft(filledIn, () => open);

  async function takeOut(gone: DaySummary) {
    await work.run(async () => {
      await api.delete(`days/${gone.id}`);
      lastDone.tookOut(gone);
      await queryClient.invalidateQueries({ queryKey: ['days'] });
      open = false;
      await navigate('/events');
    });
  }

  async function save(event: SubmitEvent) {
    event.preventDefault();
    await work.run(async () => {
      const saved =
        day === null
          ? await api.post<DaySummary>('days', draft.values)
          : await api.put<DaySummary>(`days/${day.id}`, draft.values);
      await queryClient.invalidateQueries({ queryKey: ['days'] });
      await queryClient.invalidateQueries({ queryKey: ['line', saved.id] });
      open = false;
      if (day === null) {
        await navigate('/events/:id', { params: { id: saved.id } });
      }
    });
  }
</script>

<Sheet bind:open title={day === null ? 'New event day' : 'The day'}>
  <Overtaken {draft} />
  <form class="grid gap-4 sm:grid-cols-2" onsubmit={save}>
    <div class="empty:hidden sm:col-span-2"><Said message={work.general} /></div>
    <label class="font-semibold sm:col-span-2">
      Name
      <input class="mt-1 field text-xl font-normal" maxlength="80" required bind:value={draft.values.name} />
      <Said message={work.of('name')} />
    </label>
    <label class="font-semibold">
      Place
      <input class="mt-1 field font-normal" maxlength="80" bind:value={draft.values.place} />
    </label>
    <label class="font-semibold">
      Date
      <input class="mt-1 field font-normal" type="date" required bind:value={draft.values.date} />
      <Said message={work.of('date')} />
    </label>
    <label class="font-semibold">
      Opens
      <input class="mt-1 field font-normal" required bind:value={draft.values.opens} />
      <Said message={work.of('opens')} />
    </label>
    <label class="font-semibold">
      Closes
      <input class="mt-1 field font-normal" required bind:value={draft.values.closes} />
      <Said message={work.of('closes')} />
    </label>
    <label class="font-semibold">
      Chairs
      <input
        class="mt-1 field font-normal"
        type="number"
        min="1"
        max="8"
        required
        bind:value={draft.values.chairs}
      />
      <Said message={work.of('chairs')} />
    </label>
    <label class="font-semibold">
      Turnaround between children
      <input class="mt-1 field font-normal" required bind:value={draft.values.turnaround} />
      <Said message={work.of('turnaround')} />
    </label>
    <button type="submit" class="key min-h-14 text-lg key-ink sm:col-span-2" disabled={work.busy}>
      {day === null ? 'Make the day' : 'Save the day'}
    </button>
    {#if day !== null}
      <p class="flex flex-wrap gap-x-6 sm:col-span-2">
        <a
          class="flex min-h-11 items-center underline underline-offset-4"
          href="/api/days/{day.id}/calendar"
          download>As a calendar file</a
        >
        <button type="button" class="key-word" onclick={() => void takeOut(day)}
          >Take it out of the diary</button
        >
      </p>
    {/if}
  </form>
</Sheet>
