<script lang="ts">
  import Menu from '../../../ui/Menu.svelte';
  import type { Bench } from '../bench.svelte';
  import type { DraftStep } from '../draft';

  interface Props {
    bench: Bench;
    step: DraftStep;
    index: number;
    remove: () => void;
    /** Shows all that is known of the step. */
    open: () => void;
  }

  const { bench, step, index, remove, open }: Props = $props();

  const last = $derived(bench.draft.steps.length - 1);
  const own = $derived(
    bench.draft.steps.flatMap((one, at) => (step.group !== '' && one.group === step.group ? [at] : [])),
  );
  const isTorn = $derived((own.at(-1) ?? 0) - (own[0] ?? 0) >= own.length && own.length > 1);
  const seconds = $derived(bench.timeOf(step.id) / 1000);
  let splitting = $state(false);
  let splitAt = $state(0);
  const other = $derived(step.side === 'left' ? 'right' : 'left');

  const acts = $derived([
    ...(step.side === 'left' || step.side === 'right'
      ? [
          { words: `Mirror to the ${other}`, act: () => bench.mirrorStep(step.id) },
          { words: `Repeat on the ${other}`, act: () => bench.repeatOtherSide(step.id) },
        ]
      : step.side === 'both'
        ? [{ words: 'Part left from right', act: () => bench.partSides(step.id) }]
        : []),
    {
      words: 'Split',
      act: () => {
        splitAt = Math.round(seconds / 2);
        splitting = true;
      },
    },
    ...(isTorn ? [{ words: `Bring ${step.group} together`, act: () => bench.gather(step.group) }] : []),
    ...(index < last ? [{ words: 'Merge with the next', act: () => bench.mergeWithNext(step.id) }] : []),
    { words: 'Earlier', act: () => bench.moveStep(step.id, -1), disabled: index === 0 },
    { words: 'Later', act: () => bench.moveStep(step.id, 1), disabled: index === last },
  ]);

  function split(event: SubmitEvent) {
    event.preventDefault();
    bench.splitStep(step.id, splitAt);
    splitting = false;
  }
</script>

<div class="mt-1 flex flex-wrap items-center gap-1.5">
  <button type="button" class="key px-3" onclick={open}>All of it</button>
  <button type="button" class="key px-3" onclick={() => bench.copyStep(step.id)}>Copy</button>
  <button type="button" class="key px-3" onclick={remove}>Delete</button>
  <Menu name="More for this step" {acts} />
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
