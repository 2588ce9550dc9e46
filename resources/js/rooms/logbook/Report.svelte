<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api } from '../../api/client';
  import type { DayReportShown, ReportRow } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';
  import { money } from '../../lib/money';
  import { teamCurrency } from '../../lib/session';
  import { p } from '../../router';
  import { amountOf } from '../plan/packing/packing.svelte';

  const { dayId }: { dayId: string } = $props();

  const query = createQuery(() => ({
    queryKey: ['report', dayId],
    queryFn: () => api.get<DayReportShown>(`days/${dayId}/report`),
  }));
  const currency = teamCurrency();

  /** The chair's minutes, in the order of a face; each with a pattern of its own, so that they are told apart in grey. */
  const PARTS: Record<string, { name: string; fill: string }> = {
    greeting: { name: 'asking first', fill: '#d9cfbb' },
    painting: { name: 'painting', fill: 'url(#tape-brush)' },
    tools: { name: 'changing tools, drying', fill: 'url(#tape-drying)' },
    mirror: { name: 'mirror, photo', fill: '#f5c53b' },
    pay: { name: 'paying', fill: '#b23f14' },
    clean: { name: 'sponges, hands, water', fill: '#1d7267' },
    rest: { name: 'until the next sat down', fill: '#8b939a' },
    empty: { name: 'nobody in the chair', fill: 'transparent' },
  };
  const report = $derived(query.data);
  const toBuy = $derived((report?.stock ?? []).filter(({ missing }) => missing !== null));
  const spans = $derived.by(() => {
    const went = Object.keys(PARTS).map((part) => ({
      part,
      ms: report?.minutes.find((one) => one.part === part)?.ms ?? 0,
    }));
    const total = Math.max(
      1,
      went.reduce((sum, { ms }) => sum + ms, 0),
    );
    let x = 0;

    return went
      .filter(({ ms }) => ms > 0)
      .map(({ part, ms }) => {
        const span = { part, ms, x, width: (1000 * ms) / total, share: Math.round((100 * ms) / total) };
        x += span.width;

        return span;
      });
  });
</script>

{#snippet rows(title: string, column: string, list: readonly ReportRow[], isPaid: boolean)}
  <table class="w-full text-base">
    <caption class="text-left font-display text-xl font-bold">{title}</caption>
    <thead class="text-left text-soft">
      <tr>
        <th class="font-normal">{column}</th><th class="text-right font-normal">faces</th><th
          class="text-right font-normal">each</th
        ><th class="text-right font-normal">in time</th>
        {#if isPaid}<th class="text-right font-normal">taken</th><th class="text-right font-normal"
            >an hour</th
          >{/if}
      </tr>
    </thead>
    <tbody>
      {#each list as row (row.name)}
        <tr class="border-t border-seam">
          <th class="py-1 text-left font-semibold">{row.name}</th>
          <td class="text-right minutes">{row.faces}</td>
          <td class="text-right minutes">{minutes(row.meanMs)}</td>
          <td class="text-right">{row.kept}</td>
          {#if isPaid}<td class="text-right">{money(row.cents, currency())}</td><td class="text-right"
              >{money(row.centsAnHour, currency())}</td
            >{/if}
        </tr>
      {/each}
    </tbody>
  </table>
{/snippet}

{#if report !== undefined && report.faces > 0}
  <section aria-label="The day in a minute" class="mb-8 border-y-2 border-ink py-4">
    <p class="text-2xl leading-snug">
      <strong class="minutes">{report.faces}</strong> faces{report.cents > 0
        ? `, ${money(report.cents, currency())} taken`
        : ''}{report.lost > 0
        ? `, ${report.lost} ${report.lost === 1 ? 'child' : 'children'} went unpainted`
        : ''}.
      {#if report.promised > 0}{report.kept} of {report.promised} were painted within what was promised.{/if}
      {#if report.looked > 0}{report.calledInTime} of {report.looked} were called when it was said, after {minutes(
          report.waitMs,
        )} on average.{/if}
    </p>

    <h2 class="mt-4 text-xl">Where the minutes went</h2>
    <svg
      viewBox="0 0 1000 44"
      class="mt-1 h-12 w-full"
      preserveAspectRatio="none"
      role="img"
      aria-label="Where the minutes went"
    >
      {#each spans as { part, x, width } (part)}
        <rect {x} y="1" {width} height="42" fill={PARTS[part]?.fill} stroke="#1b2630" stroke-width="2" />
      {/each}
    </svg>
    <ul class="mt-1 flex flex-wrap gap-x-5 text-base">
      {#each spans as { part, ms, share } (part)}
        <li class="flex items-center gap-2">
          <svg class="size-4" aria-hidden="true"
            ><rect width="16" height="16" fill={PARTS[part]?.fill} stroke="#1b2630" stroke-width="2" /></svg
          >
          {PARTS[part]?.name} <strong class="minutes">{minutes(ms)}</strong>
          <span class="text-soft">{share} %</span>
        </li>
      {/each}
    </ul>

    {#if report.changes.length > 0}
      <h2 class="mt-5 text-xl">What to change</h2>
      <ol>
        {#each report.changes as change (change.words)}
          <li class="mt-2 border-l-[6px] border-brass pl-3 text-lg leading-snug">
            {change.words}
            {#if change.gainMs !== null}<strong>{minutes(change.gainMs)} of such a day.</strong>{/if}
            {#if change.cents !== null}<strong>{money(change.cents, currency())} of such a day.</strong>{/if}
          </li>
        {/each}
      </ol>
    {/if}

    {#if report.practise.length > 0}
      <h2 class="mt-5 text-xl">What to practise</h2>
      <ul>
        {#each report.practise as thing (`${thing.painter} ${thing.design} ${thing.step}`)}
          <li class="mt-1 text-lg">
            <strong>{thing.painter}</strong>: {thing.step}, {thing.design}. It takes {minutes(thing.takesMs)} and
            came
            {thing.times} times; ten repetitions win {minutes(thing.winMs)} of such a day.
          </li>
        {/each}
      </ul>
      <p class="print:hidden"><a class="underline" href={p('/practice')}>To the practice board</a></p>
    {/if}

    {#if report.stock.length > 0}
      <h2 class="mt-5 text-xl">
        {toBuy.length > 0
          ? 'What to buy before another day like this'
          : 'Enough is left for another day like this'}
      </h2>
      {#if toBuy.length > 0}
        <ul class="mt-1 text-lg">
          {#each toBuy as thing (thing.name)}
            <li>
              <strong>{thing.name}</strong>: {amountOf(thing.left ?? 0, thing)} left, {amountOf(
                thing.used,
                thing,
              )}
              used, {amountOf(thing.missing ?? 0, thing)} missing
            </li>
          {/each}
        </ul>
      {/if}
      <p class="text-soft">
        Used up, as estimated: {report.stock
          .filter(({ missing }) => missing === null)
          .map((thing) => `${thing.name} ${amountOf(thing.used, thing)}`)
          .join(', ')}.
      </p>
    {/if}

    <div class="mt-5 grid items-start gap-x-12 gap-y-5 lg:grid-cols-[3fr_2fr]">
      {@render rows('Designs', 'of', report.designs, report.cents > 0)}
      {@render rows('Painters', 'by', report.painters, report.cents > 0)}
    </div>
    <p class="mt-4 flex flex-wrap gap-2 print:hidden">
      <button type="button" class="key" onclick={() => window.print()}>Print the report</button>
      <a class="key" href="/api/days/{dayId}/faces.csv" download>Faces as CSV</a>
      <a class="key" href="/api/days/{dayId}/file" download>The event as a file</a>
    </p>
  </section>
{/if}
