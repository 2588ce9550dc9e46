<script lang="ts">
  import { minutes } from '../../../lib/minutes';
  import type { Bench } from '../bench.svelte';
  import { inRows } from './films';

  interface Props {
    bench: Bench;
    pixelsPerMinute: number;
    to: number;
  }

  const { bench, pixelsPerMinute, to }: Props = $props();

  /** As high as the wettest film stands; what is left of it falls in a straight line. */
  const TALL = 10;
  const GAP = 2;
  const rows = $derived(inRows(bench.sheet.craft.films));
  const height = $derived(Math.max(0, ...rows.map(({ row }) => row + 1)) * (TALL + GAP));
  const px = (at: number) => (at / 60_000) * pixelsPerMinute;
  const colourOf = (step: string) =>
    bench.sheet.craft.colours.find((colour) => colour.stepId === step)?.seen ?? '#8593a0';
  const nameOf = (step: string) => bench.draft.steps.find((one) => one.id === step)?.name ?? '';
  const said = ({ stepId, tackyMs, dryMs }: (typeof rows)[number]['film']) =>
    `${nameOf(stepId)}: wet until ${minutes(tackyMs)}, then tacky, dry from ${minutes(dryMs)}`;
</script>

{#if rows.length > 0}
  <svg
    width={Math.ceil(px(to)) + 2}
    {height}
    class="mt-1 block max-w-none"
    role="img"
    aria-label="Wet paint on the skin. {rows.map(({ film }) => said(film)).join('. ')}."
  >
    {#each rows as { film, row } (film.stepId)}
      {@const [laid, tacky, dry] = [px(film.laidMs), px(film.tackyMs), px(film.dryMs)]}
      {@const base = (row + 1) * (TALL + GAP) - GAP / 2}
      {@const left = dry > laid ? (TALL * (dry - tacky)) / (dry - laid) : 0}
      <g opacity={bench.selectedId === film.stepId ? 1 : 0.9}>
        <title>{said(film)}</title>
        <path
          d="M{laid} {base}V{base - TALL}L{tacky} {base - left}V{base}Z"
          fill={colourOf(film.stepId)}
          stroke="#1b2630"
          stroke-width={bench.selectedId === film.stepId ? 2.5 : 1.2}
        />
        <path d="M{laid} {base}V{base - TALL}L{tacky} {base - left}V{base}Z" fill="url(#skin-wet)" />
        <path
          d="M{tacky} {base}V{base - left}L{dry} {base}Z"
          fill={colourOf(film.stepId)}
          stroke="#1b2630"
          stroke-width={bench.selectedId === film.stepId ? 2.5 : 1.2}
          stroke-dasharray="2 2"
        />
      </g>
    {/each}
    {#if px(rows[0]?.film.laidMs ?? 0) > 160}
      <text x="0" y={TALL + 2} font-size="14" fill="#55606a">wet paint, drying away</text>
    {/if}
    <defs>
      <pattern id="skin-wet" width="8" height="5" patternUnits="userSpaceOnUse">
        <path d="M0 3q2-2.5 4 0t4 0" fill="none" stroke="#fff" stroke-width="1.1" opacity="0.75" />
      </pattern>
    </defs>
  </svg>
{/if}
