<script lang="ts">
  import type { AirThen } from '../../../api/types.gen';
  import { clockTime, minutes } from '../../../lib/minutes';

  const { air, timezone }: { air: readonly AirThen[]; timezone: string } = $props();

  const longest = $derived(Math.max(1, ...air.map(({ baseDryMs }) => baseDryMs)));
</script>

<section aria-labelledby="air">
  <h2 id="air" class="text-2xl">The air, hour by hour</h2>
  <p class="text-soft">
    From the weather feed, as long as you type nothing else in the plan. The bar is how long a sponged base
    takes to dry.
  </p>
  <ol class="mt-3 flex max-w-4xl flex-wrap gap-y-4">
    {#each air as hour (hour.at)}
      <li class="flex min-w-14 grow flex-col items-center justify-end px-1">
        <span class="minutes text-xl">{Math.round(hour.celsius)}°</span>
        <span class="text-soft">{Math.round(hour.humidity)} %</span>
        <span
          class={[
            'mt-1 flex w-full items-start justify-center border-x border-t border-b-2 border-ink minutes text-base',
            hour.isQuick ? 'bg-brass' : hour.isSlow ? 'bg-sea/25' : 'bg-card',
          ]}
          style:height="{24 + (hour.baseDryMs / longest) * 56}px">{minutes(hour.baseDryMs)}</span
        >
        <span class="text-soft">{clockTime(hour.at, timezone)}</span>
      </li>
    {/each}
  </ol>
</section>
