<script lang="ts">
  import { Tabs } from 'bits-ui';
  import { untrack } from 'svelte';
  import type { Bench } from './bench.svelte';
  import Findings from './advice/Findings.svelte';
  import FitTo from './ladder/FitTo.svelte';
  import { Ladder } from './ladder/ladder.svelte';
  import LadderBeside from './ladder/LadderBeside.svelte';
  import Pins from './steps/Pins.svelte';
  import TableTop from './advice/TableTop.svelte';
  import WhereItGoes from './steps/WhereItGoes.svelte';

  const { bench }: { bench: Bench } = $props();

  const ladder = new Ladder();
  // Every answer of the server is a new sheet.
  $effect(() => {
    const sheet = bench.sheet;
    untrack(() => ladder.loadSoon(sheet.id));

    return () => ladder.stop();
  });

  const tabs = $derived([
    { value: 'craft', name: 'Craft', count: bench.sheet.craft.findings.length },
    { value: 'ladder', name: 'Ladder', count: ladder.sheet?.rungs.length ?? 0 },
    { value: 'minutes', name: 'Minutes', count: 0 },
    { value: 'table', name: 'Table', count: bench.sheet.layOut.length },
  ]);
  let tab = $state('craft');
</script>

<aside class="flex min-h-0 flex-col border-seam md:border-l" aria-label="The whole design">
  <Tabs.Root bind:value={tab} class="flex min-h-0 grow flex-col">
    <Tabs.List class="flex shrink-0 border-b-2 border-ink" aria-label="What is known of the design">
      {#each tabs as { value, name, count } (value)}
        <Tabs.Trigger
          {value}
          class="min-h-11 grow px-1 text-[15px] font-semibold text-soft data-[state=active]:bg-ink data-[state=active]:text-paper"
          >{name}{#if count > 0}<span class="ml-1 minutes">{count}</span>{/if}</Tabs.Trigger
        >
      {/each}
    </Tabs.List>
    <Tabs.Content value={tab} class="min-h-0 grow px-3 py-3 outline-none sm:px-4 md:overflow-y-auto">
      {#if tab === 'craft'}
        <Findings {bench} />
        {#if bench.draft.steps.length > 1}<Pins {bench} />{/if}
      {:else if tab === 'ladder'}
        <LadderBeside {bench} {ladder} />
      {:else if tab === 'minutes'}
        <WhereItGoes sheet={bench.sheet} />
        <div class="mt-5"><FitTo {bench} /></div>
      {:else}
        <TableTop {bench} />
      {/if}
    </Tabs.Content>
  </Tabs.Root>
</aside>
