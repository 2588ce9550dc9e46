<script lang="ts">
  import { TypedLines } from '../../steplines/lines.svelte';
  import LinesField from '../../steplines/LinesField.svelte';
  import Sheet from '../../ui/Sheet.svelte';
  import type { Bench } from './bench.svelte';

  let { bench, open = $bindable(), text = '' }: { bench: Bench; open: boolean; text?: string } = $props();

  const typed = new TypedLines();

  $effect.pre(() => {
    if (open) typed.type(text);
  });

  async function add() {
    if (!(await typed.read()) || !typed.isClear) {
      return;
    }
    bench.addSteps(typed.clear);
    open = false;
  }
</script>

<Sheet bind:open title="Steps in lines">
  <LinesField {typed} />
  <button
    type="button"
    class="mt-4 key min-h-14 w-full text-lg key-ink"
    disabled={!typed.isClear}
    onclick={add}
  >
    {typed.clear.length === 1 ? 'Add the step' : `Add ${typed.clear.length} steps`}
  </button>
</Sheet>
