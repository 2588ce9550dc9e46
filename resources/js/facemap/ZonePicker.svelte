<script lang="ts">
  import type { Placement, Zone } from '../api/types.gen';
  import { ZoneValues } from '../api/types.gen';
  import { zoneNames } from '../api/tables.gen';
  import type { Window } from './sheets';
  import { type Half, halvesOf, isLimb, placeOf } from './zones';

  interface Props {
    placement: Placement;
    /** What of the sheet the picture shows. */
    view: Window;
    /** Zones of the step under the hand. */
    zones: readonly Zone[];
    choose: (zone: Zone) => void;
  }

  const { placement, view, zones, choose }: Props = $props();

  const limb = $derived(placement === 'arm' || placement === 'hand');
  const areaOf = (zone: Zone) => placeOf(zone).rx * placeOf(zone).ry;
  /** Small ones lie on top of those that hold them. */
  const all = $derived(
    ZoneValues.filter((zone) => isLimb(zone) === limb).toSorted((one, other) => areaOf(other) - areaOf(one)),
  );
  let over = $state<Zone | null>(null);
  const turn = (half: Half) => (half === 'right' ? 'translate(400 0) scale(-1 1)' : undefined);
</script>

<!-- For the pointer only: the same is said by the words of the line. -->
<svg
  viewBox={view.join(' ')}
  class="absolute inset-0 block h-full max-h-full w-full"
  aria-hidden="true"
  onpointerleave={() => (over = null)}
>
  {#each all as zone (zone)}
    {#each halvesOf(zone, 'both') as half (half)}
      <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
      <path
        d={placeOf(zone).d}
        transform={turn(half)}
        class="cursor-pointer"
        fill={over === zone ? '#f5c53b' : 'transparent'}
        fill-opacity="0.4"
        stroke={over === zone ? '#1b2630' : 'none'}
        stroke-width="2.5"
        data-zone="{zone} {half}"
        onpointerenter={() => (over = zone)}
        onclick={() => choose(zone)}
      />
    {/each}
  {/each}
</svg>
{#if over !== null}
  <p
    class="pointer-events-none absolute inset-x-0 bottom-0 text-center text-[15px] font-semibold"
    aria-hidden="true"
  >
    <span class="rounded bg-ink px-2 py-0.5 text-paper"
      >{zones.includes(over) ? 'not on the' : 'on the'} {zoneNames[over]}</span
    >
  </p>
{/if}
