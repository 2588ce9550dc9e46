<script lang="ts">
  import type { MoneySheet } from '../../../api/types.gen';
  import { clockTime, dayName } from '../../../lib/minutes';
  import { money } from '../../../lib/money';
  import { partName } from './money.svelte';

  const { sheet }: { sheet: MoneySheet } = $props();

  const amount = (cents: number) => money(cents, sheet.currency);
  const day = $derived(sheet.day);
  const agreed = $derived(sheet.bookingCents);
</script>

<section aria-labelledby="quote">
  <h2 id="quote" class="text-2xl">What to ask for the whole</h2>
  <div class="mt-3 max-w-lg bg-white px-6 pt-5 pb-7 slip">
    <p class="font-semibold">{day.name}</p>
    <p class="text-soft">
      {dayName(day.opensAt, day.timezone)}, {clockTime(day.opensAt, day.timezone)} to {clockTime(
        day.closesAt,
        day.timezone,
      )}
    </p>
    <dl class="mt-3 text-lg">
      {#each sheet.quote as { part, cents } (part)}
        <div class="flex items-baseline justify-between gap-4 py-0.5">
          <dt>{partName(part, sheet, amount)}</dt>
          <dd class="minutes whitespace-nowrap">{amount(cents)}</dd>
        </div>
      {/each}
      <div class="mt-2 flex items-baseline justify-between gap-4 border-t-2 border-ink pt-2">
        <dt class="text-xl font-semibold">The booking</dt>
        <dd class="minutes text-4xl">{amount(sheet.quoteCents)}</dd>
      </div>
    </dl>
  </div>
  {#if agreed !== null && agreed > 0 && agreed !== sheet.quoteCents}
    <p class="mt-3 text-lg">
      {amount(agreed)} is agreed in the plan, {amount(Math.abs(agreed - sheet.quoteCents))}
      {agreed < sheet.quoteCents ? 'less' : 'more'} than that.
    </p>
  {/if}
  <p class="mt-2 text-soft">Before tax. The hours are the plan’s: move them there.</p>
  <button type="button" class="mt-3 key print:hidden" onclick={() => print()}>Print it</button>
</section>
