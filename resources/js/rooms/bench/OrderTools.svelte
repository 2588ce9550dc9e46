<script lang="ts">
  import Sheet from '../../ui/Sheet.svelte';
  import DryingSheet from '../account/DryingSheet.svelte';
  import SchoolsSheet from '../account/SchoolsSheet.svelte';
  import { Ways } from '../account/ways.svelte';
  import type { Bench } from './bench.svelte';
  import BestOrder from './BestOrder.svelte';
  import { OrderSearch } from './order.svelte';

  const { bench }: { bench: Bench } = $props();

  const USUAL_SECONDS = 8;
  const ways = new Ways(() => bench.readAgain());
  let search = $state.raw<OrderSearch | null>(null);
  let sheet = $state<'drying' | 'schools' | null>(null);

  function order() {
    search = new OrderSearch(bench.sheet.id);
    void search.run(USUAL_SECONDS);
  }

  function show(which: 'drying' | 'schools') {
    sheet = which;
    void ways.load().then(() => (which === 'schools' ? ways.timeSchools(bench.sheet.id) : undefined));
  }
</script>

<div class="flex flex-wrap gap-2">
  <button type="button" class="key px-3" onclick={() => show('drying')}>How paint dries today</button>
  <button type="button" class="key px-3" onclick={() => show('schools')}>My ways</button>
  <button type="button" class="key px-3 key-ink" disabled={bench.draft.steps.length < 2} onclick={order}
    >Best order</button
  >
</div>

<BestOrder {bench} bind:search />
<Sheet
  bind:open={() => sheet !== null, (open) => open || (sheet = null)}
  title={sheet === 'schools' ? 'My ways' : 'How paint dries today'}
>
  {#if sheet === 'drying'}<DryingSheet {ways} />{:else if sheet === 'schools'}<SchoolsSheet {ways} />{/if}
</Sheet>
