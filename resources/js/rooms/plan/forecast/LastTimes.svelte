<script lang="ts">
  import type { ForecastMetShown } from '../../../api/types.gen';
  import { dayName, roughly } from '../../../lib/minutes';
  import { howItMet } from './answers';

  const { met }: { met: readonly ForecastMetShown[] } = $props();

  const last = $derived(met[0]);
  const within = $derived(met.filter(({ isWithin }) => isWithin).length);
</script>

{#if last !== undefined}
  <section class="px-3 pt-6 sm:px-8" aria-labelledby="last-times">
    <h2 id="last-times" class="text-2xl">How the forecast met the day</h2>
    <p class="text-lg">
      {howItMet(last)}
      {#if met.length > 1}
        {within} of the last {met.length} days kept within what was foreseen for 8 of 10.
      {/if}
    </p>
    <ul class="mt-2 max-w-3xl">
      {#each met as { name, opensAt, timezone, foreseen, low, high, painted, waitForeseenMs, waitedMs } (opensAt)}
        {@const most = Math.max(high, painted, 1) * 1.1}
        <li class="grid grid-cols-[1fr_auto] gap-x-4 border-t border-seam py-2 sm:grid-cols-[14rem_1fr_auto]">
          <span>{name}<span class="block text-soft">{dayName(opensAt, timezone)}</span></span>
          <span class="relative h-9 max-sm:order-last max-sm:col-span-2" aria-hidden="true">
            <span class="absolute inset-x-0 top-6 border-t border-ink"></span>
            <span
              class="absolute top-2 h-4 border border-ink bg-brass"
              style:left="{(100 * low) / most}%"
              style:width="max(3px, {(100 * (high - low)) / most}%)"
            ></span>
            <span class="absolute top-0 h-7 w-1 bg-ink" style:left="{(100 * painted) / most}%"></span>
          </span>
          <span class="text-right">
            <span class="minutes">{Math.round(foreseen)}</span> foreseen,
            <span class="minutes">{painted}</span> painted
            <span class="block text-soft"
              >half waited {roughly(waitedMs)}, {roughly(waitForeseenMs)} foreseen</span
            >
          </span>
        </li>
      {/each}
    </ul>
  </section>
{/if}
