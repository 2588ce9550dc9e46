<script lang="ts">
  import type { RungShown } from '../../../api/types.gen';
  import { minutes } from '../../../lib/minutes';

  interface Props {
    rungs: readonly RungShown[];
    chosen?: RungShown | undefined;
    choose: (rung: RungShown) => void;
    /** Pixels that the longest rung takes. */
    width?: number;
  }

  const { rungs, chosen, choose, width = 150 }: Props = $props();

  const ROW = 46;
  const RAIL = 7;
  const FOOT = 16;
  const longest = $derived(Math.max(1, ...rungs.map((rung) => rung.timeMs)));
  const lengthOf = (rung: RungShown) => (rung.timeMs / longest) * width;
  const yOf = (at: number) => at * ROW + ROW / 2;
  const height = $derived(rungs.length * ROW);
  const quarters = (rung: RungShown) =>
    Array.from({ length: Math.floor(rung.timeMs / 15_000) }, (_, at) => (at + 1) * 15_000);
  /** The right rail leans on the ends of the rungs, and stands a little out at the foot. */
  const rail = $derived(
    rungs.length === 0
      ? ''
      : [
          `M${RAIL + lengthOf(rungs[0] ?? ({ timeMs: 0 } as RungShown))} 2`,
          ...rungs.map((rung, at) => `L${RAIL + lengthOf(rung)} ${yOf(at)}`),
          `L${RAIL + width} ${height + FOOT}`,
        ].join(''),
  );
  const names = { core: 'core', quick: 'quick', party: 'party' } as const;
</script>

<div class="relative" style:min-height="{height + FOOT}px">
  <svg
    class="absolute top-0 left-0"
    width={width + 2 * RAIL + 4}
    height={height + FOOT}
    viewBox="0 0 {width + 2 * RAIL + 4} {height + FOOT}"
    aria-hidden="true"
  >
    {#each rungs as rung, at (at)}
      {@const isChosen = rung === chosen}
      <rect
        x={RAIL}
        y={yOf(at) - (isChosen ? 9 : 6)}
        width={lengthOf(rung)}
        height={isChosen ? 18 : 12}
        fill="#f5c53b"
        stroke="#1b2630"
        stroke-width={isChosen ? 3 : 1.5}
      />
      {#each quarters(rung) as quarter (quarter)}
        <path
          d="M{RAIL + (quarter / longest) * width} {yOf(at) - 5}v{quarter % 60_000 === 0 ? 9 : 4}"
          stroke="#1b2630"
          stroke-width={quarter % 60_000 === 0 ? 2 : 1}
        />
      {/each}
    {/each}
    <path
      d="M{RAIL} 2V{height + FOOT}{rail}"
      fill="none"
      stroke="#1b2630"
      stroke-width={RAIL + 3}
      stroke-linejoin="round"
    />
    <path
      d="M{RAIL} 2V{height + FOOT}{rail}"
      fill="none"
      stroke="#b98d5a"
      stroke-width={RAIL}
      stroke-linejoin="round"
    />
  </svg>
  <ol style:padding-left="{width + 2 * RAIL + 12}px">
    {#each rungs as rung, at (at)}
      <li style:height="{ROW}px">
        <button
          type="button"
          class="flex h-full w-full items-center gap-2 text-left"
          aria-pressed={rung === chosen}
          onclick={() => choose(rung)}
        >
          <span class="minutes text-xl font-bold">{minutes(rung.timeMs)}</span>
          <span class="flex flex-wrap gap-1">
            {#each rung.names as name (name)}
              <span class="bg-ink px-1.5 text-[13px] font-bold text-paper">{names[name]}</span>
            {/each}
          </span>
          <span class="text-[15px] whitespace-nowrap text-soft"
            >{Math.round(rung.share * 100)} %<span class="sr-only"> of the look</span></span
          >
        </button>
      </li>
    {/each}
  </ol>
</div>
