<script lang="ts">
  import type { FindingShown } from '../../../api/types.gen';
  import { Ways } from '../../account/ways/ways.svelte';
  import type { Bench } from '../bench.svelte';
  import Finding from './Finding.svelte';

  const { bench }: { bench: Bench } = $props();

  const FIRST = 5;
  const ways = new Ways(() => bench.readAgain());
  let all = $state(false);
  const findings = $derived(bench.sheet.craft.findings);
  const shown = $derived(all ? findings : findings.slice(0, FIRST));
  const keyOf = (finding: FindingShown) => finding.rule + finding.steps.join(' ') + finding.says;
</script>

<section aria-label="What the craft says">
  <h2 class="text-xl">What the craft says</h2>
  {#if findings.length === 0 && bench.draft.steps.length > 0}
    <p class="mt-1">Nothing to say: painted so, it comes out as it is meant.</p>
  {/if}
  <ul class="mt-2 flex flex-col gap-4">
    {#each shown as finding (keyOf(finding))}<li><Finding {bench} {finding} {ways} /></li>{/each}
  </ul>
  {#if findings.length > FIRST}
    <button type="button" class="key-word" onclick={() => (all = !all)}
      >{all
        ? 'Only the five that cost most'
        : `and ${findings.length - FIRST} smaller ${findings.length - FIRST === 1 ? 'one' : 'ones'}`}</button
    >
  {/if}
  {#if bench.draft.silences.length > 0}
    <h3 class="mt-3 text-base">Not asked here</h3>
    <ul>
      {#each bench.draft.silences as silence (silence.rule)}
        <li class="flex flex-wrap items-baseline gap-x-2 text-[15px]">
          <span>{silence.title}: {silence.reason}</span>
          <button type="button" class="key-word" onclick={() => bench.askAgain(silence.rule)}
            >Ask again</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <p class="mt-2 text-[14px] leading-snug text-soft">
    Usual practice and usual cautions. Local rules and licensed practice come first.
  </p>
</section>
