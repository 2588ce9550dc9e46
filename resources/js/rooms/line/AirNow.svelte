<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { AirThen, WaysSheet } from '../../api/types.gen';
  import { clock } from '../../lib/clock.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import DryingSheet from '../account/ways/DryingSheet.svelte';
  import { Ways } from '../account/ways/ways.svelte';
  import { airAt, isAnotherAir } from './air';

  const { dayId }: { dayId: string } = $props();

  const SETTLED_MS = 1_500;
  const client = useQueryClient();
  /** What is glanced at now and then comes after the face. */
  let isSettled = $state(false);
  $effect(() => {
    const settling = setTimeout(() => (isSettled = true), SETTLED_MS);

    return () => clearTimeout(settling);
  });
  const known = createQuery(() => ({
    queryKey: ['ways'],
    queryFn: () => api.get<WaysSheet>('ways'),
    enabled: isSettled,
  }));
  const expected = createQuery(() => ({
    enabled: isSettled,
    queryKey: ['air', dayId],
    queryFn: () => api.get<AirThen[]>(`days/${dayId}/air`),
    staleTime: 3_600_000,
  }));
  /** What the plans rest on now is what was set here last. */
  const ways: Ways = new Ways(() => Promise.resolve(client.setQueryData(['ways'], ways.sheet)));

  let open = $state(false);
  const now = $derived(airAt(expected.data ?? [], clock.now));
  const isOther = $derived(known.data !== undefined && now !== undefined && isAnotherAir(known.data, now));

  function show() {
    open = true;
    void ways.load();
  }
</script>

{#if known.data !== undefined}
  <button
    type="button"
    class="min-h-11 underline decoration-2 underline-offset-4"
    aria-label="The air at the chair, touch test{isOther ? ': the air is another by now' : ''}"
    onclick={show}
    ><span class={[isOther && 'rounded bg-brass px-1.5 leading-tight text-ink']}
      >{known.data.isTouched ? 'Touched' : `${Math.round(known.data.celsius)}°`}</span
    ></button
  >
{/if}

<Sheet bind:open title="How paint dries now">
  {#if isOther && now !== undefined && ways.sheet !== null}
    <div class="mb-4 border-l-[6px] border-brass pl-3 text-lg">
      <p>
        The feed says {Math.round(now.celsius)}°, {Math.round(now.humidity)} % humid, wind {Math.round(
          now.wind,
        )} m/s by now: paint dries {(now.dries / ways.sheet.dries).toFixed(1)} times as fast as is reckoned with.
      </p>
      <button
        type="button"
        class="mt-2 key min-h-14 key-ink"
        disabled={ways.form.busy}
        onclick={() => void ways.setWeather(now.celsius, now.humidity, now.wind)}>Reckon with that</button
      >
    </div>
  {/if}
  <DryingSheet {ways} />
  <p class="mt-5 text-soft">
    Waits and times go by it from the next child on. The face in hand keeps its plan.
  </p>
</Sheet>
