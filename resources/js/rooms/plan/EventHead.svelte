<script lang="ts">
  import type { DaySummary } from '../../api/types.gen';
  import { clockTime, dayName } from '../../lib/minutes';
  import { whetherPaints } from '../../lib/session';
  import { p } from '../../router';
  import CopyDay from './CopyDay.svelte';

  interface Props {
    day: DaySummary;
    here: 'line' | 'plan' | 'money' | 'before' | 'pack';
    /** Changes name, place and hours, where that can be done. */
    change?: () => void;
  }

  const { day, here, change }: Props = $props();
  const paints = whetherPaints();
  let comesAgain = $state(false);

  const sheets = $derived([
    { key: 'plan', name: 'Plan', path: p('/events/:id/plan', { params: { id: day.id } }) },
    { key: 'money', name: 'Money', path: p('/events/:id/money', { params: { id: day.id } }) },
    { key: 'before', name: 'Before', path: p('/events/:id/before', { params: { id: day.id } }) },
    { key: 'pack', name: 'Packing', path: p('/events/:id/packing', { params: { id: day.id } }) },
    { key: 'line', name: 'Line', path: p('/events/:id', { params: { id: day.id } }) },
  ]);
</script>

<div class="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-3 pt-4 pb-3 sm:px-8">
  <h1 class="text-3xl">{day.name}</h1>
  <p class="grow text-soft">
    {day.place === '' ? '' : `${day.place}, `}{dayName(day.opensAt, day.timezone)}, {clockTime(
      day.opensAt,
      day.timezone,
    )} to {clockTime(day.closesAt, day.timezone)}
    {#if paints() && change !== undefined}
      <button type="button" class="ml-2 min-h-11 text-ink underline underline-offset-4" onclick={change}
        >Change</button
      >
      <button
        type="button"
        class="ml-2 min-h-11 text-ink underline underline-offset-4"
        onclick={() => (comesAgain = true)}>Again on other days</button
      >
    {/if}
  </p>
  {#if paints()}
    <nav class="flex gap-5" aria-label="Of this event">
      {#each sheets as { key, name, path } (key)}
        <a
          href={path}
          aria-current={key === here ? 'page' : undefined}
          class={[
            'flex min-h-11 items-center text-lg font-semibold underline-offset-8',
            key === here ? 'underline decoration-brass decoration-4' : 'text-soft hover:text-ink',
          ]}>{name}</a
        >
      {/each}
    </nav>
  {/if}
</div>

{#if paints()}<CopyDay bind:open={comesAgain} {day} />{/if}
