<script lang="ts">
  import type { PaintedStep } from './layers';
  import { halvesOf, placeOf } from './zones';

  const { step, id }: { step: PaintedStep; id: string } = $props();

  const outlines = $derived(
    step.zones.flatMap((zone) =>
      halvesOf(zone, step.side).map((half) => ({ key: `${zone} ${half}`, d: placeOf(zone).d, half })),
    ),
  );
  const turn = (half: string) => (half === 'right' ? 'translate(400 0) scale(-1 1)' : undefined);
</script>

<!-- One line around all of the step's zones together: what lies inside of any of them is masked out. -->
<mask id="{id}-lit" maskUnits="userSpaceOnUse" x="-200" y="-200" width="900" height="1000">
  <rect x="-200" y="-200" width="900" height="1000" fill="#fff" />
  {#each outlines as { key, d, half } (key)}
    <path {d} transform={turn(half)} fill="#000" stroke="#000" stroke-width="2" />
  {/each}
</mask>
<g mask="url(#{id}-lit)" fill="none">
  {#each outlines as { key, d, half } (key)}
    <path {d} transform={turn(half)} stroke="#ffffff" stroke-width="11" opacity="0.8" />
  {/each}
  {#each outlines as { key, d, half } (key)}
    <path {d} transform={turn(half)} stroke="#b23f14" stroke-width="7" stroke-dasharray="9 5" />
  {/each}
</g>
