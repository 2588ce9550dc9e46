<script lang="ts">
  import type { ForecastShown } from '../../../api/types.gen';
  import { clockTime, roughly } from '../../../lib/minutes';
  import { chances, difference, expected, leverName, LEVERS, type Place } from './answers';
  import type { EventPlan } from './plan.svelte';

  interface Props {
    plan: EventPlan;
    forecast: ForecastShown;
    place: Place;
  }

  const { plan, forecast, place }: Props = $props();

  const whole = (amount: number) => String(Math.round(amount));
  const cash = (cents: number) => expected(cents, place.currency);
  const COLUMNS = ['faces', 'names until', 'half wait', 'takings', 'all painted on'];

  function figures(one: ForecastShown): string[] {
    return [
      difference(forecast.faces, one.faces, whole),
      until(one),
      roughly(one.waitHalfMs),
      difference(forecast.takings, one.takings, cash),
      chances(one.chanceOfAll),
    ];
  }

  const until = (one: ForecastShown) =>
    one.latestNameAt === null ? 'too many' : clockTime(one.latestNameAt, place.timezone);
</script>

<section class="px-3 pt-6 sm:px-8" aria-labelledby="levers">
  <h2 id="levers" class="text-2xl">What would help</h2>
  <p class="text-soft">Each played with the same children as the plan, against it.</p>
  {#if plan.terms.levers.length > 0}
    <ul class="mt-2">
      {#each plan.terms.levers as lever (lever)}
        <li class="flex flex-wrap items-center gap-x-4 border-b border-seam py-1">
          <span class="grow text-lg font-semibold">✓ {LEVERS[lever]}</span>
          <button
            type="button"
            class="key-word"
            onclick={() => plan.release(lever, `Without: ${LEVERS[lever]}.`)}>Leave it again</button
          >
        </li>
      {/each}
    </ul>
  {/if}
  <table class="mt-2 w-full text-lg">
    <thead class="text-left text-base text-soft max-sm:hidden">
      <tr>
        <th class="py-1 font-normal" scope="col">Change</th>
        {#each COLUMNS as column (column)}
          <th class="px-3 text-right font-normal" scope="col">{column}</th>
        {/each}
        <th><span class="sr-only">Take it</span></th>
      </tr>
    </thead>
    <tbody>
      {#each plan.levers as one (one.lever)}
        {#if one.lever !== null}
          {@const name = leverName(one.lever, plan.terms)}
          <tr class="border-t border-seam max-sm:flex max-sm:flex-wrap max-sm:items-baseline max-sm:pt-2">
            <th class="py-1 text-left font-semibold max-sm:w-full max-sm:py-0" scope="row">{name}</th>
            {#each figures(one) as figure, at (at)}
              <td class="px-3 text-right whitespace-nowrap max-sm:px-0 max-sm:pr-4">
                <span class="text-base text-soft sm:hidden">{COLUMNS[at]}</span>
                <span class="minutes">{figure}</span>
              </td>
            {/each}
            <td class="text-right max-sm:grow">
              <button
                type="button"
                class="min-h-11 font-semibold underline underline-offset-4"
                aria-label="Take it: {name}"
                onclick={() => one.lever !== null && plan.pull(one.lever, `${name}: taken into the plan.`)}
                >Take it</button
              >
            </td>
          </tr>
        {/if}
      {/each}
    </tbody>
  </table>
</section>
