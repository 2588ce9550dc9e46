<script lang="ts">
  import type { BenchAction, HandTime } from '../../api/types.gen';
  import Said from '../../ui/Said.svelte';
  import { Drill } from './drill.svelte';
  import type { KitWork } from './kit.svelte';
  import { handWords } from './words';

  const { action, hand, work }: { action: BenchAction; hand: HandTime; work: KitWork } = $props();

  const drill = new Drill();
  let typed = $state('');
  const seconds = (milliseconds: number) => `${(milliseconds / 1000).toFixed(1)} s`;
  const typedMs = $derived(Math.round(Number(typed.replace(',', '.').replace(/s\s*$/, '')) * 1000));

  function keep(event: SubmitEvent) {
    event.preventDefault();
    void work.keepHand(action, typed === '' ? drill.repetitions : [typedMs]);
  }
</script>

<form class="flex flex-col gap-4" onsubmit={keep}>
  <p class="text-xl">{handWords[action].drill}</p>
  <button
    type="button"
    class={[
      'min-h-32 rounded-xl border-2 border-ink text-3xl font-bold',
      drill.startedAt === null ? 'bg-kelp text-paper' : 'bg-brass text-ink',
    ]}
    onclick={() => drill.press()}
    >{drill.startedAt === null ? (drill.repetitions.length === 0 ? 'Start' : 'Again') : 'Done'}</button
  >
  <p class="text-soft">
    The space bar does the same while the button has the focus. Three to five times are enough: the middle one
    counts, so one slip does no harm.
  </p>
  {#if drill.repetitions.length > 0}
    <div class="flex flex-wrap items-center gap-2">
      {#each drill.repetitions as one, at (at)}
        <button
          type="button"
          class="key minutes"
          aria-label="Forget {seconds(one)}"
          onclick={() => drill.drop(at)}>{seconds(one)} ×</button
        >
      {/each}
      <strong class="minutes text-3xl" role="status">{seconds(drill.middle ?? 0)}</strong>
    </div>
  {/if}
  <label class="flex items-center gap-3"
    >or type it, in seconds <input
      class="field w-28"
      inputmode="decimal"
      bind:value={typed}
      placeholder="3.5"
    /></label
  >
  <Said message={work.form.general} />
  <div class="flex flex-wrap gap-2">
    <button
      type="submit"
      class="key min-h-14 text-lg key-ink"
      disabled={work.form.busy || (typed === '' && drill.repetitions.length === 0)}>Keep it</button
    >
    {#if hand.repetitions > 0}
      <button type="button" class="key min-h-14" onclick={() => work.keepHand(action, [])}
        >Back to the team’s {seconds(hand.startingMs)}</button
      >
    {/if}
  </div>
</form>
