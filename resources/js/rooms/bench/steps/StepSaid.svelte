<script lang="ts">
  import Said from '../../../ui/Said.svelte';
  import type { Bench } from '../bench.svelte';
  import type { DraftStep } from '../draft';
  import { secondsMeant } from './own';

  const { bench, step }: { bench: Bench; step: DraftStep } = $props();

  const index = $derived(bench.draft.steps.findIndex((one) => one.id === step.id));
  const said = $derived.by(() => {
    const start = `steps.${index}.`;

    return Object.entries(bench.fields).find(([field]) => field.startsWith(start))?.[1][0];
  });
  /** A bare number too long for minutes was meant as seconds. */
  const meant = $derived(bench.fields[`steps.${index}.time`] === undefined ? null : secondsMeant(step.time));
</script>

<Said message={said} />
{#if meant !== null}
  {@const time = meant}
  <button type="button" class="mt-1 key" onclick={() => bench.setStep(step.id, { time })}
    >Make it {time}</button
  >
{/if}
