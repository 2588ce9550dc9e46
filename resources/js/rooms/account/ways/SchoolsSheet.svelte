<script lang="ts">
  import type { School, SchoolShown } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';
  import Said from '../../../ui/Said.svelte';
  import Waits from '../../../ui/Waits.svelte';
  import type { Ways } from './ways.svelte';

  const { ways }: { ways: Ways } = $props();

  const timeOf = (school: School) => ways.times.find((time) => time.school === school)?.totalMs ?? null;
  /** What makes no difference on this design need not be compared. */
  const differ = (schools: readonly SchoolShown[]) =>
    ways.times.length > 0 && new Set(schools.map(({ school }) => timeOf(school))).size > 1;
</script>

<p class="text-soft">
  Good painters differ here. Every rule and every best order goes by your answers.
  {ways.times.length > 0
    ? 'Where it makes a difference: how long this design takes by each, in its best order.'
    : ''}
</p>
<Said message={ways.reckoning.general} />
{#if ways.reckoning.busy}<Waits wait={ways.wait} what="Ordering this design by each answer" />{/if}
{#if ways.sheet !== null}
  {@const sheet = ways.sheet}
  <fieldset class="mt-3">
    <legend class="font-display text-lg font-bold">The seconds I type run</legend>
    {#each sheet.timings as { timing, label } (timing)}
      <label class="flex min-h-11 items-center gap-2.5">
        <input
          type="radio"
          class="size-5 shrink-0 accent-ink"
          name="timing"
          checked={timing === sheet.timing}
          disabled={ways.form.busy}
          onchange={() => ways.setTiming(timing)}
        />{label}
      </label>
    {/each}
  </fieldset>
{/if}
<div class="mt-3 grid gap-x-8 gap-y-5 sm:grid-cols-2">
  {#each ways.sheet?.questions ?? [] as { question, label, schools, chosen } (question)}
    <fieldset>
      <legend class="font-display text-lg font-bold">{label}</legend>
      {#each schools as { school, label: words } (school)}
        <label class="flex min-h-11 items-center gap-2.5">
          <input
            type="radio"
            class="size-5 shrink-0 accent-ink"
            name={question}
            checked={school === chosen}
            disabled={ways.form.busy}
            onchange={() => ways.choose(question, school)}
          /><span class="grow">{words}</span>
          {#if differ(schools)}
            {@const total = timeOf(school)}
            <span class="minutes text-soft">{total === null ? 'no order' : minutes(total)}</span>
          {/if}
        </label>
      {/each}
    </fieldset>
  {/each}
</div>
