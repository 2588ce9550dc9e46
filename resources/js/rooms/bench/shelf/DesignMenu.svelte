<script lang="ts">
  import { isTyping } from '../../../lib/typing';
  import { navigate } from '../../../router';
  import KeyList from '../../../ui/KeyList.svelte';
  import Menu from '../../../ui/Menu.svelte';
  import Sheet from '../../../ui/Sheet.svelte';
  import DryingSheet from '../../account/ways/DryingSheet.svelte';
  import SchoolsSheet from '../../account/ways/SchoolsSheet.svelte';
  import { Ways } from '../../account/ways/ways.svelte';
  import type { Bench } from '../bench.svelte';
  import BestOrder from '../advice/BestOrder.svelte';
  import { OrderSearch } from '../advice/order.svelte';
  import PhotoSheet from '../photo/PhotoSheet.svelte';
  import WhoItSuits from './WhoItSuits.svelte';

  const { bench }: { bench: Bench } = $props();

  const keys = [
    ['↑ ↓', 'the step above or below'],
    ['Tab', 'into the line of the chosen step'],
    ['Enter', 'on a step, a new line below it; in a line, it is read'],
    ['Alt ↑ ↓', 'carries the step; on the tape Alt ← →'],
    ['Shift ← →', 'on the tape, changes its time'],
    ['Delete', 'takes the step off'],
    ['Ctrl Z, Ctrl Y', 'undo, redo'],
    ['?', 'these keys'],
  ] as const;
  const USUAL_SECONDS = 8;
  const ways = new Ways(() => bench.readAgain());
  const titles = {
    ways: 'My ways and the air',
    suits: 'Who it suits',
    photo: 'Own photo',
    keys: 'Keys of the bench',
  } as const;
  let search = $state.raw<OrderSearch | null>(null);
  let sheet = $state<keyof typeof titles | null>(null);

  function order() {
    search = new OrderSearch(bench.sheet.id);
    void search.run(USUAL_SECONDS);
  }

  function showWays() {
    sheet = 'ways';
    void ways.load().then(() => ways.timeSchools(bench.sheet.id));
  }

  function saveAsFile() {
    const link = document.createElement('a');
    link.href = `/api/designs/${bench.sheet.id}/file`;
    link.download = `${bench.draft.name}.json`;
    link.click();
  }

  const acts = $derived([
    { words: 'My ways and the air', act: showWays },
    { words: 'Who it suits', act: () => (sheet = 'suits') },
    { words: 'Own photo', act: () => (sheet = 'photo') },
    {
      words: 'Big picture, to show or print',
      act: () => void navigate('/designs/:id/picture', { params: { id: bench.sheet.id } }),
    },
    { words: 'Save as a file', act: saveAsFile },
    { words: 'Keys of the bench', act: () => (sheet = 'keys') },
  ]);

  function onkey(event: KeyboardEvent) {
    if (event.key === '?' && !isTyping(event)) {
      event.preventDefault();
      sheet = 'keys';
    }
  }
</script>

<svelte:window onkeydown={onkey} />

<div class="flex gap-1.5">
  <button type="button" class="key px-3 key-ink" disabled={bench.draft.steps.length < 2} onclick={order}
    >Best order</button
  >
  <Menu name="More for this design" {acts} />
</div>

<BestOrder {bench} bind:search />
<Sheet
  bind:open={() => sheet !== null, (open) => open || (sheet = null)}
  title={sheet === null ? '' : titles[sheet]}
>
  {#if sheet === 'ways'}
    <DryingSheet {ways} />
    <h3 class="mt-7 mb-2 text-2xl">My ways</h3>
    <SchoolsSheet {ways} />
  {:else if sheet === 'suits'}<WhoItSuits {bench} />{:else if sheet === 'photo'}<PhotoSheet
      {bench}
    />{:else if sheet === 'keys'}<KeyList {keys} />{/if}
</Sheet>
