<script lang="ts">
  import Sheet from '../../../ui/Sheet.svelte';
  import type { Bench } from '../bench.svelte';
  import StepLines from './StepLines.svelte';

  const { bench, onlist }: { bench: Bench; onlist: (text: string) => void } = $props();

  let listing = $state(false);
  const at = $derived(bench.draft.steps.findIndex((step) => step.id === bench.selectedId));

  function many(text: string) {
    listing = false;
    onlist(text);
  }
</script>

<!-- At the edge of a phone, whatever is above. -->
<nav
  class="fixed inset-x-0 bottom-0 z-20 grid grid-cols-[1fr_1.6fr_1fr] gap-2 border-t-2 border-ink bg-card p-2 pb-[max(0.5rem,env(safe-area-inset-bottom))]"
  aria-label="Steps"
>
  <button type="button" class="key min-h-14" disabled={at <= 0} onclick={() => bench.goOn(-1)}>Before</button>
  <button type="button" class="key min-h-14 key-ink" onclick={() => (listing = true)}
    >Steps {bench.draft.steps.length === 0 ? '' : `${at + 1} of ${bench.draft.steps.length}`}</button
  >
  <button
    type="button"
    class="key min-h-14"
    disabled={at >= bench.draft.steps.length - 1}
    onclick={() => bench.goOn(1)}>Next</button
  >
</nav>
<Sheet bind:open={listing} title="Steps">
  <StepLines {bench} onlist={many} editing={false} chosen={() => (listing = false)} />
</Sheet>
