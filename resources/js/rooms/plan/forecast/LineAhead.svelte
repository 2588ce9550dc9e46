<script lang="ts">
  import type { ForecastShown } from '../../../api/types.gen';

  interface Props {
    forecast: ForecastShown;
    px: (at: number) => number;
    until: number;
    width: number;
  }

  const { forecast, px, until, width }: Props = $props();

  const HIGH = 118;
  const most = $derived(Math.max(6, ...forecast.line.map((one) => one.nine)));
  const y = $derived((children: number) => HIGH - 6 - (children / most) * (HIGH - 62));
  const area = $derived((pick: 'half' | 'nine') => {
    const line = forecast.line.filter((one) => one.at <= until);
    const path = line.map((one) => `L${px(one.at)} ${y(one[pick])}`).join('');

    return `M${px(forecast.opensAt)} ${y(0)}${path}L${px(line.at(-1)?.at ?? until)} ${y(0)}Z`;
  });
  const longest = $derived(Math.max(0, ...forecast.line.map((one) => one.half)));
</script>

<svg
  {width}
  height={HIGH}
  role="img"
  class="block"
  aria-label="The line by the hour: {longest} waiting at most on half of the days, {most} on 9 of 10"
>
  <path d={area('nine')} fill="#2c4a8e" opacity="0.22" />
  <path d={area('half')} fill="#2c4a8e" opacity="0.62" />
  {#each [Math.ceil(most / 2), most] as count (count)}
    <path d="M0 {y(count)}H{width}" stroke="#1b2630" opacity="0.16" />
    <text x="4" y={y(count) - 3} font-size="13.5" fill="#55606a">{count} waiting</text>
  {/each}
</svg>
