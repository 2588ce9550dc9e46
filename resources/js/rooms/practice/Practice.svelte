<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { onMount } from 'svelte';
  import { api } from '../../api/client';
  import type { PracticeSheet } from '../../api/types.gen';
  import Loading from '../../ui/Loading.svelte';
  import Trouble from '../../ui/Trouble.svelte';
  import Board from './Board.svelte';
  import Choice from './Choice.svelte';
  import HowItGoes from './HowItGoes.svelte';
  import { Training } from './practice.svelte';

  const sheet = createQuery(() => ({
    queryKey: ['practice'],
    queryFn: () => api.get<PracticeSheet>('practice'),
  }));
  const training = new Training();

  onMount(() => void training.load());

  /** As in the chair, the pedal is the space bar. */
  function onkey(event: KeyboardEvent) {
    const typing = event.target instanceof Element && event.target.closest('input, select, textarea, dialog');
    if (typing || event.key !== ' ' || event.ctrlKey || event.metaKey || event.altKey) {
      return;
    }
    event.preventDefault();
    if (event.type === 'keydown' && !event.repeat) {
      training.press();
    }
  }
</script>

<svelte:window onkeydown={onkey} onkeyup={onkey} />

{#if sheet.data !== undefined}
  <div class="grid grow grid-cols-1 md:grid-cols-[minmax(230px,23%)_1fr_minmax(320px,36%)]">
    <div class="order-3 px-4 py-4 md:order-none md:border-r md:border-seam">
      <Choice sheet={sheet.data} {training} />
    </div>
    <div class="px-4 py-4 sm:px-7">
      {#if training.sheet === null}
        <Loading what="Laying out the board" />
      {:else}
        <Board {training} sheet={training.sheet} />
      {/if}
    </div>
    <div class="border-seam px-4 py-4 sm:px-6 md:border-l">
      {#if training.sheet !== null}<HowItGoes {training} sheet={training.sheet} />{/if}
    </div>
  </div>
{:else if sheet.error !== null}
  <Trouble error={sheet.error} retry={() => sheet.refetch()} />
{:else}
  <Loading what="Looking through your minutes" />
{/if}
