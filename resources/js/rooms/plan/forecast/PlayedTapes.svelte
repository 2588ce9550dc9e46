<script lang="ts">
  import type { PlayedDay } from '../../../api/types.gen';
  import { clockTime } from '../../../lib/minutes';
  import { tonesOf } from '../day';
  import { inLine, type Player } from './player.svelte';
  import Slider from '../../../ui/Slider.svelte';

  interface Props {
    player: Player;
    day: PlayedDay;
    timezone: string;
  }

  const { player, day, timezone }: Props = $props();

  const LANE = 44;
  let width = $state(900);
  const tones = $derived(tonesOf(day));
  const px = $derived((at: number) => 4 + (at / Math.max(1, player.length)) * (width - 8));
  const line = $derived(inLine(day, player.at));
  const painted = $derived(day.faces.filter((face) => face.painted <= player.at).length);
  const gone = $derived(day.lost.filter((lost) => lost.arrived <= player.at).length);
  const now = $derived(clockTime(day.opensAt + player.at, timezone));
  const closes = $derived(day.closesAt - day.opensAt);
  const height = $derived(day.artists.length * LANE + 8);
</script>

<p class="mt-3 flex flex-wrap items-baseline gap-x-5 text-lg">
  <span class="minutes text-3xl">{now}</span>
  <span>{painted} painted, {line.length} in the line{gone === 0 ? '' : `, ${gone} did not stay`}</span>
</p>
<div class="mt-2 flex h-8 items-center gap-1 overflow-hidden" aria-hidden="true">
  {#each line.slice(0, 60) as child (child)}
    <span class="size-5 shrink-0 rounded-full border-2 border-ink bg-brass"></span>
  {/each}
</div>
<div class="mt-1 overflow-hidden border border-ink bg-card" bind:clientWidth={width}>
  <svg {width} {height} role="img" aria-label="The tapes of the chairs at {now}">
    {#each day.faces as face (face.child)}
      {#if face.seated <= player.at}
        {@const y = 4 + face.artist * LANE}
        <rect
          x={px(face.seated)}
          {y}
          width={Math.max(1, px(Math.min(face.painted, player.at)) - px(face.seated))}
          height={LANE - 8}
          fill={tones.get(face.design)}
          stroke={face.painted > closes ? '#b23f14' : '#1b2630'}
          stroke-width={face.painted > closes ? 2.5 : 1}
        >
          <title>{face.design}{face.isQuick ? ', quick' : ''}</title>
        </rect>
      {/if}
    {/each}
    <path d="M{px(closes)} 0V{height}" stroke="#b23f14" stroke-width="2.5" />
    {#if day.namesStopAt !== null}
      <path
        d="M{px(day.namesStopAt - day.opensAt)} 0V{height}"
        stroke="#1d7267"
        stroke-width="2"
        stroke-dasharray="7 4"
      />
    {/if}
    <path d="M{px(player.at)} 0V{height}" stroke="#1b2630" stroke-width="3" />
  </svg>
</div>
<div class="mt-1 flex items-center gap-4">
  <button
    type="button"
    class="key min-w-28"
    onclick={() => (player.isRunning ? player.pause() : player.run())}
    >{player.isRunning ? 'Stop' : 'Go on'}</button
  >
  <Slider
    class="grow"
    label="Time of the day"
    shown={now}
    value={player.at}
    min={0}
    max={player.length}
    step={60_000}
    turn={(at) => {
      player.pause();
      player.move(at);
    }}
  />
</div>
<p class="text-soft">
  {day.artists.join(', ')}, one tape each. Red: closing, and faces that are done after it. Each design has its
  tone.
</p>
