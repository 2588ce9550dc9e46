<script lang="ts">
  import ListField from '../../../steplines/ListField.svelte';
  import { TypedList } from '../../../steplines/typed.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import type { Bench } from '../bench.svelte';

  let { bench, open = $bindable(), text = '' }: { bench: Bench; open: boolean; text?: string } = $props();

  const typed = new TypedList(
    () => bench.draft.placement,
    () => bench.linesUpTo(bench.selectedId),
    () => bench.draft.name,
  );

  $effect.pre(() => {
    if (open) typed.type(text);
  });

  async function add() {
    if (!(await typed.read()) || typed.reading === null) {
      return;
    }
    bench.addList(typed.reading);
    open = false;
  }
</script>

<Sheet bind:open title="Steps in lines" wide>
  <ListField {typed} />
  <div class="sticky -bottom-5 bg-paper pt-2 pb-5 sm:-bottom-7 sm:pb-7">
    <button
      type="button"
      class="key min-h-14 w-full text-lg key-ink"
      disabled={typed.steps.length === 0}
      onclick={add}
    >
      {typed.steps.length === 1 ? 'Add the step' : `Add ${typed.steps.length} steps`}
    </button>
  </div>
</Sheet>
