<script lang="ts">
  import type { Bench, DraftStep } from './bench.svelte';

  const { bench, step, index }: { bench: Bench; step: DraftStep; index: number } = $props();

  const last = $derived(bench.draft.steps.length - 1);
  const sided = $derived(step.side === 'left' || step.side === 'right');
  const own = $derived(
    bench.draft.steps.flatMap((one, at) => (step.group !== '' && one.group === step.group ? [at] : [])),
  );
  const isTorn = $derived((own.at(-1) ?? 0) - (own[0] ?? 0) >= own.length && own.length > 1);
  const seconds = $derived(bench.timeOf(step.id) / 1000);
  let splitting = $state(false);
  let splitAt = $state(0);

  function split(event: SubmitEvent) {
    event.preventDefault();
    bench.splitStep(step.id, splitAt);
    splitting = false;
  }
</script>

<div class="flex flex-wrap items-center gap-1.5">
  <h2 class="grow text-2xl">Step {index + 1}</h2>
  <button type="button" class="key px-3" disabled={index === 0} onclick={() => bench.moveStep(step.id, -1)}
    >Earlier</button
  >
  <button type="button" class="key px-3" disabled={index === last} onclick={() => bench.moveStep(step.id, 1)}
    >Later</button
  >
  <button type="button" class="key px-3" onclick={() => bench.copyStep(step.id)}>Copy</button>
  <button type="button" class="key px-3" onclick={() => bench.removeStep(step.id)}>Delete</button>
</div>
<div class="mt-1.5 flex flex-wrap items-center gap-x-4 gap-y-1 text-[15px]">
  {#if sided}
    <button
      type="button"
      class="min-h-11 underline underline-offset-4"
      onclick={() => bench.mirrorStep(step.id)}
      >Mirror to the {step.side === 'left' ? 'right' : 'left'}</button
    >
    <button
      type="button"
      class="min-h-11 underline underline-offset-4"
      onclick={() => bench.repeatOtherSide(step.id)}
      >Repeat on the {step.side === 'left' ? 'right' : 'left'}</button
    >
  {:else if step.side === 'both'}
    <button
      type="button"
      class="min-h-11 underline underline-offset-4"
      onclick={() => bench.partSides(step.id)}>Part left from right</button
    >
  {/if}
  <button
    type="button"
    class="min-h-11 underline underline-offset-4"
    onclick={() => {
      splitAt = Math.round(seconds / 2);
      splitting = true;
    }}>Split</button
  >
  {#if isTorn}
    <button
      type="button"
      class="min-h-11 underline underline-offset-4"
      onclick={() => bench.gather(step.group)}>Bring {step.group} together</button
    >
  {/if}
  {#if index < last}
    <button
      type="button"
      class="min-h-11 underline underline-offset-4"
      onclick={() => bench.mergeWithNext(step.id)}>Merge with the next</button
    >
  {/if}
</div>
{#if splitting}
  <form class="mt-1 flex flex-wrap items-end gap-2" onsubmit={split}>
    <label class="font-semibold">
      Split after so many seconds
      <!-- svelte-ignore a11y_autofocus (it was asked for by the press just before) -->
      <input
        type="number"
        min="1"
        max={Math.max(1, Math.ceil(seconds) - 1)}
        required
        class="mt-1 field w-28 minutes text-xl"
        bind:value={splitAt}
        autofocus
      />
    </label>
    <button type="submit" class="key">Split it</button>
    <button type="button" class="key" onclick={() => (splitting = false)}>Leave it</button>
  </form>
{/if}
