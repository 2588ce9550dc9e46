<script lang="ts">
  import type { DayLog } from '../../api/types.gen';
  import { clockTime, isOver, minutes } from '../../lib/minutes';

  const { log }: { log: DayLog } = $props();

  let width = $state(1200);
  const HEIGHT = 170;
  const LEFT = 34;
  /** Half of a time, which may stand at the very end. */
  const RIGHT = 22;
  const minute = 60_000;
  const start = $derived(Math.min(log.day.opensAt, ...log.faces.map((face) => face.seatedAt)));
  const end = $derived(Math.max(...log.faces.map((face) => face.endedAt), start + 60 * minute));
  const most = $derived(
    Math.ceil(
      Math.max(2 * minute, ...log.faces.map((face) => Math.max(face.paintedMs, face.plannedMs))) / minute,
    ),
  );
  const x = (at: number) => LEFT + ((at - start) / (end - start)) * (width - LEFT - RIGHT);
  const y = (ms: number) => HEIGHT - 26 - (ms / (most * minute)) * (HEIGHT - 36);
  const halfHours = $derived.by(() => {
    const half = 30 * minute;
    const first = Math.ceil(start / half) * half;

    return Array.from({ length: Math.floor((end - first) / half) + 1 }, (_, index) => first + index * half);
  });
  const finished = $derived(log.faces.filter((face) => face.outcome === 'finished'));
  const over = $derived(finished.filter((face) => isOver(face.paintedMs, face.plannedMs)).length);
</script>

<figure bind:clientWidth={width}>
  <figcaption class="mb-1 text-lg">
    {finished.length}
    {finished.length === 1 ? 'face' : 'faces'} by the clock, minutes against plan:
    <span class="font-semibold text-rust">{over} took longer</span>,
    <span class="font-semibold text-kelp">{finished.length - over} did not</span>
  </figcaption>
  <svg {width} height={HEIGHT} role="img" aria-label="Minutes of each face over the day against its plan">
    {#each Array.from({ length: most + 1 }, (_, index) => index) as line (line)}
      <path
        d="M{LEFT} {y(line * minute)}H{width - RIGHT}"
        stroke="#d3c6af"
        stroke-width={line === 0 ? 2 : 1}
      />
      <text x={LEFT - 8} y={y(line * minute) + 5} font-size="14" text-anchor="end" fill="#55606a">{line}</text
      >
    {/each}
    {#each halfHours as at (at)}
      <text x={x(at)} y={HEIGHT - 6} font-size="14" text-anchor="middle" fill="#55606a">
        {clockTime(at, log.day.timezone)}
      </text>
    {/each}
    {#each log.faces as face (face.id)}
      {@const late = face.paintedMs > face.plannedMs}
      {@const at = x(face.seatedAt)}
      <g opacity={face.outcome === 'finished' ? 1 : 0.35}>
        <title
          >No. {face.number}, {face.design}: {minutes(face.paintedMs)}, planned {minutes(
            face.plannedMs,
          )}</title
        >
        <path
          d="M{at} {y(face.plannedMs)}V{y(face.paintedMs)}"
          stroke={late ? '#b23f14' : '#1d7267'}
          stroke-width="5"
        />
        <path d="M{at - 6} {y(face.plannedMs)}h12" stroke="#1b2630" stroke-width="2.5" />
        {#if late}
          <circle cx={at} cy={y(face.paintedMs)} r="5" fill="#b23f14" />
        {:else}
          <rect x={at - 4.5} y={y(face.paintedMs) - 4.5} width="9" height="9" fill="#1d7267" />
        {/if}
      </g>
    {/each}
  </svg>
  <p class="text-[15px] text-soft">
    The bar is the plan; a dot is a face that took longer, a square one that did not. Pale: begun and left.
  </p>
</figure>
