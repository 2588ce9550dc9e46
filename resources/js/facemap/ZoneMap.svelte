<script lang="ts">
  import type { PlanStep, StepProgress } from '../api/types.gen';
  import { isLimb, zonePaths } from './zones';

  interface Props {
    steps: readonly PlanStep[];
    progress: readonly StepProgress[];
    /** Index of the step under the hand; -1 for none. */
    current: number;
  }

  const { steps, progress, current }: Props = $props();

  const limb = $derived(steps.some((step) => step.zones.some(isLimb)));
  /** What lies on the skin so far: a soft film for sponges and powder, a thinner touch for the rest. */
  const laid = $derived(steps.filter((_, index) => progress[index]?.status === 'done'));
  const now = $derived(steps[current]);
  const soft = (step: PlanStep) => step.medium === 'sponge' || step.medium === 'powder';
  const colourOf = (step: PlanStep) => step.colours[0]?.hex ?? '#d989b3';
  const flip = (mirrored: boolean) => (mirrored ? 'translate(360 0) scale(-1 1)' : undefined);
  const said = $derived(
    now === undefined ? 'No step now' : `Now: ${now.zones.join(', ').replaceAll('_', ' ')}, ${now.side}`,
  );
</script>

<svg viewBox="0 0 360 440" class="max-h-full w-full" role="img" aria-label={said}>
  <defs>
    <filter id="zone-soft" x="-20%" y="-20%" width="140%" height="140%"
      ><feGaussianBlur stdDeviation="5" /></filter
    >
  </defs>
  {#if limb}
    <path
      d="M132 20C118 120 122 240 140 300C118 330 120 384 148 412C170 428 198 428 212 412C242 384 242 330 220 300C238 240 242 120 228 20"
      fill="#f0d9c3"
      stroke="#8a6f55"
      stroke-width="3"
    />
  {:else}
    <path
      d="M180 14C84 14 34 84 38 190C40 250 48 300 40 352C74 366 92 350 98 320H262C268 350 286 366 320 352C312 300 320 250 322 190C326 84 276 14 180 14Z"
      fill="#6b4a31"
    />
    <path d="M130 372C130 404 122 424 96 440H264C238 424 230 404 230 372" fill="#e6c7aa" />
    {#each [false, true] as mirrored (mirrored)}
      <path
        transform={flip(mirrored)}
        d="M60 200C40 188 30 208 36 232C41 252 54 262 66 252"
        fill="#efd3b9"
        stroke="#9a7a5d"
        stroke-width="2.5"
      />
    {/each}
    <path
      d="M180 52C104 52 54 108 54 196C54 262 78 322 126 366C146 384 162 390 180 390C198 390 214 384 234 366C282 322 306 262 306 196C306 108 256 52 180 52Z"
      fill="#f4dcc4"
      stroke="#9a7a5d"
      stroke-width="2.5"
    />
    <path
      d="M180 30C96 30 50 92 52 196C62 150 84 116 112 92C140 104 196 108 236 84C270 110 298 150 308 196C310 92 264 30 180 30Z"
      fill="#6b4a31"
    />
  {/if}

  {#each laid as step (step.id)}
    {#each step.zones as zone (zone)}
      {#each zonePaths(zone, step.side) as { path, mirrored } (mirrored)}
        <path
          d={path}
          transform={flip(mirrored)}
          fill={soft(step) ? colourOf(step) : 'none'}
          stroke={soft(step) ? 'none' : colourOf(step)}
          stroke-width="5"
          stroke-dasharray={step.medium === 'glitter' || step.medium === 'gem' ? '1 9' : undefined}
          stroke-linecap="round"
          filter={soft(step) ? 'url(#zone-soft)' : undefined}
          opacity={soft(step) ? 0.9 : 0.75}
        />
      {/each}
    {/each}
  {/each}

  {#if !limb}
    {#each [false, true] as mirrored (mirrored)}
      <g transform={flip(mirrored)} fill="none" stroke="#4b3626" stroke-width="3" stroke-linecap="round">
        <path d="M96 204C104 182 144 180 156 206C144 222 108 222 96 204Z" fill="#fff" />
        <circle cx="127" cy="203" r="14" fill="#6a4a30" stroke="none" />
        <circle cx="127" cy="203" r="7" fill="#1b1512" stroke="none" />
        <circle cx="131" cy="197" r="4" fill="#fff" stroke="none" />
        <path d="M94 204C104 180 144 178 157 206" stroke-width="4.5" />
        <path d="M92 172C108 158 136 157 154 167" stroke="#6b4a31" stroke-width="6" />
        <path d="M163 262C167 271 174 270 180 267" stroke="#b0805f" />
      </g>
    {/each}
    <path
      d="M144 316C158 309 170 307 180 311C190 307 202 309 216 316C206 336 154 336 144 316Z"
      fill="#cf7f70"
      opacity="0.85"
    />
    <path
      d="M142 316C162 326 198 326 218 316"
      fill="none"
      stroke="#99493f"
      stroke-width="3"
      stroke-linecap="round"
    />
  {/if}

  {#if now !== undefined}
    {#each now.zones as zone (zone)}
      {#each zonePaths(zone, now.side) as { path, mirrored } (mirrored)}
        <path
          d={path}
          transform={flip(mirrored)}
          fill={colourOf(now)}
          fill-opacity="0.35"
          stroke="#b23f14"
          stroke-width="4"
          stroke-dasharray="10 6"
        />
      {/each}
    {/each}
  {/if}
  {#if !limb}
    <text x="26" y="428" font-size="20" fill="#55606a">R</text>
    <text x="322" y="428" font-size="20" fill="#55606a">L</text>
  {/if}
</svg>
