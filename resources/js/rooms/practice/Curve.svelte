<script lang="ts">
  import type { TrainedSide } from '../../api/types.gen';
  import { minutes } from '../../lib/minutes';

  const { sides, targetMs }: { sides: readonly TrainedSide[]; targetMs: number } = $props();

  const WIDTH = 440;
  const HEIGHT = 250;
  const LEFT = 46;
  const FOOT = 26;
  const colours = ['#1d7267', '#2c4a8e'];
  const all = $derived([
    targetMs,
    ...sides.flatMap((side) => [
      ...side.repetitions.map((one) => one.ms),
      ...side.curve.map((point) => point.eightOfTenMs),
    ]),
  ]);
  const sorted = $derived(all.toSorted((a, b) => a - b));
  /** A slip of the tap must not flatten everything else. */
  const top = $derived(
    Math.min(sorted.at(-1) ?? 1, 2.2 * (sorted[Math.floor(sorted.length * 0.6)] ?? 1)) * 1.06,
  );
  const first = $derived(Math.min(...sides.map((side) => side.curve[0]?.nth ?? 1)));
  const last = $derived(Math.max(...sides.map((side) => side.curve.at(-1)?.nth ?? 2)));
  const x = (nth: number) => LEFT + ((nth - first) / Math.max(1, last - first)) * (WIDTH - LEFT - 10);
  const y = (ms: number) => HEIGHT - FOOT - (Math.min(ms, top) / top) * (HEIGHT - FOOT - 14);
  const path = (points: readonly (readonly [number, number])[]) =>
    points.map(([nth, ms], at) => `${at === 0 ? 'M' : 'L'}${x(nth).toFixed(1)} ${y(ms).toFixed(1)}`).join('');
  const every = $derived([1, 2, 5, 10, 20].find((step) => (last - first) / step <= 9) ?? 50);
  const marks = $derived(
    Array.from({ length: last - first + 1 }, (_, at) => first + at).filter(
      (nth) => nth === first || nth % every === 0,
    ),
  );
  const rungs = $derived.by(() => {
    const step =
      [1, 2, 5, 10, 15, 30, 60, 120, 300].map((s) => s * 1000).find((ms) => top / ms <= 6) ?? 600_000;

    return Array.from({ length: Math.floor(top / step) }, (_, at) => (at + 1) * step);
  });
  const said = $derived(
    sides
      .map(
        (side) =>
          `${side.side ?? ''} ${side.repetitions.length} repetitions, ${minutes(side.aheadMs)} after eight more`,
      )
      .join('; '),
  );
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="w-full"
  role="img"
  aria-label="How long each repetition took: {said}"
>
  {#each rungs as ms (ms)}
    <path d="M{LEFT} {y(ms)}H{WIDTH - 10}" stroke="#d3c6af" />
    <text x={LEFT - 6} y={y(ms) + 5} font-size="14" text-anchor="end" fill="currentColor">{minutes(ms)}</text>
  {/each}
  {#each marks as nth (nth)}
    <text x={x(nth)} y={HEIGHT - 6} font-size="14" text-anchor="middle" fill="currentColor">{nth}</text>
  {/each}
  <path d="M{LEFT} {HEIGHT - FOOT}H{WIDTH - 10}" stroke="#1b2630" stroke-width="2" />
  <path d="M{LEFT} {y(targetMs)}H{WIDTH - 10}" stroke="#b23f14" stroke-width="2.5" stroke-dasharray="7 5" />
  <text x={WIDTH - 12} y={y(targetMs) - 6} font-size="14" font-weight="650" text-anchor="end" fill="#b23f14"
    >target {minutes(targetMs)}</text
  >
  {#each sides as side, at (at)}
    {@const colour = colours[at] ?? '#1b2630'}
    {@const done = side.repetitions.at(-1)?.nth ?? 0}
    <path
      d={path(side.curve.map((point) => [point.nth, point.eightOfTenMs] as const))}
      fill="none"
      stroke={colour}
      stroke-width="1.5"
      stroke-dasharray="2 5"
    />
    <path
      d={path(
        side.curve.filter((point) => point.nth <= done).map((point) => [point.nth, point.middleMs] as const),
      )}
      fill="none"
      stroke={colour}
      stroke-width="3"
    />
    <path
      d={path(
        side.curve.filter((point) => point.nth >= done).map((point) => [point.nth, point.middleMs] as const),
      )}
      fill="none"
      stroke={colour}
      stroke-width="3"
      stroke-dasharray="9 6"
    />
    {#each side.repetitions as one (one.nth)}
      {@const cx = x(one.nth)}
      {@const cy = y(one.ms)}
      {#if one.isInterrupted}
        <path d="M{cx - 4} {cy - 4}l8 8m0-8l-8 8" stroke={colour} stroke-width="2" />
      {:else if at === 0}
        <circle
          {cx}
          {cy}
          r="5"
          fill={one.isPractice ? '#fcf9f0' : colour}
          stroke={colour}
          stroke-width="2.5"
        />
      {:else}
        <path
          d="M{cx} {cy - 6}l6 10h-12z"
          fill={one.isPractice ? '#fcf9f0' : colour}
          stroke={colour}
          stroke-width="2.5"
        />
      {/if}
    {/each}
  {/each}
</svg>
