<script lang="ts">
  import type { ForecastShown } from '../../../api/types.gen';
  import { clockTime } from '../../../lib/minutes';
  import Tape from '../../../tape/Tape.svelte';
  import Busy from './Busy.svelte';
  import { dayPieces } from '../day';
  import LineAhead from './LineAhead.svelte';
  import type { EventPlan } from './plan.svelte';
  import Play from './Play.svelte';

  interface Props {
    plan: EventPlan;
    forecast: ForecastShown;
    timezone: string;
  }

  const { plan, forecast, timezone }: Props = $props();

  const LANE = 38;
  let width = $state(1200);
  let playing = $state(false);
  const closes = $derived(plan.terms.closesAt);
  const opens = $derived(forecast.opensAt);
  const end = $derived(
    Math.max(closes, ...forecast.artists.map((artist) => artist.lastFaceLateAt)) + 600_000,
  );
  const names = $derived(width < 600 ? 0 : 116);
  const scale = $derived(((width - names - 4) / (end - opens)) * 60_000);
  const px = $derived((at: number) => ((at - opens) / 60_000) * scale);
  const time = (at: number) => clockTime(at, timezone);
</script>

<section class="mt-6 border-y border-ink bg-card px-3 pb-2 sm:px-8" aria-label="The day ahead">
  <div class="flex flex-wrap items-baseline gap-x-5 pt-2">
    <h2 class="text-xl">The day ahead</h2>
    <button
      type="button"
      class="min-h-11 font-semibold underline underline-offset-4"
      onclick={() => (playing = true)}>Watch it run</button
    >
    <p class="w-full text-soft">
      How many wait: on half of the days no more than the dark, on 9 of 10 no more than the light. Below it a
      usual day by chair; shaded, when the last face may be done.
    </p>
  </div>
  <div class="overflow-hidden" bind:clientWidth={width}>
    <div class="relative" style:margin-left="{names}px">
      <LineAhead {forecast} {px} until={Math.min(end, closes)} width={px(end) + 2} />
      {#each forecast.artists as artist, at (at)}
        <p
          class={['font-semibold', names > 0 ? 'absolute w-[108px] truncate pt-2 text-right' : 'pt-1']}
          style:left="{-names}px"
        >
          {artist.name}
        </p>
        <Tape
          pieces={dayPieces(artist, plan.usual, at)}
          from={opens}
          to={end}
          pixelsPerMinute={scale}
          height={LANE}
          words="none"
          ruled={false}
          softEnd={{ from: artist.lastFaceEarlyAt, length: artist.lastFaceLateAt - artist.lastFaceEarlyAt }}
          label="{artist.name}: last face about {time(artist.lastFaceAt)}, one day of ten after {time(
            artist.lastFaceLateAt,
          )}"
        />
      {/each}
      <Tape
        pieces={[]}
        from={opens}
        to={end}
        pixelsPerMinute={scale}
        height={0}
        words="none"
        label="Hours"
        number={time}
      />
      <svg class="pointer-events-none absolute inset-0 h-full w-full" aria-hidden="true">
        <path d="M{px(closes)} 16V9999" stroke="#b23f14" stroke-width="2.5" />
        <text x={px(closes) - 5} y="24" text-anchor="end" font-size="15" font-weight="650" fill="#b23f14"
          >closes</text
        >
        {#if forecast.namesStopAt !== null && forecast.namesStopAt < closes}
          <path
            d="M{px(forecast.namesStopAt)} 34V9999"
            stroke="#1d7267"
            stroke-width="2.5"
            stroke-dasharray="7 4"
          />
          <text
            x={px(forecast.namesStopAt) - 5}
            y="44"
            text-anchor="end"
            font-size="15"
            font-weight="650"
            fill="#1d7267">names stop {time(forecast.namesStopAt)}</text
          >
        {/if}
      </svg>
    </div>
    {#if plan.terms.arrivals === 'by_profile'}
      <Busy {plan} from={names + px(plan.terms.opensAt)} to={names + px(closes)} {time} />
    {/if}
  </div>
</section>

<Play bind:open={playing} {plan} {timezone} />
