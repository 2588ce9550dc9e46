<script lang="ts">
  import type { KitThing } from '../../api/types.gen';

  type Pictured = Pick<
    KitThing,
    'kind' | 'name' | 'colours' | 'paintKind' | 'finish' | 'lengthMm' | 'reservedFor' | 'howMany'
  >;

  const { thing, paint = '#d9d2c4' }: { thing: Pictured; paint?: string } = $props();

  const hex = $derived(thing.colours[0]?.hex ?? '#cfd6da');
  const name = $derived(thing.name.toLowerCase());
  /** A round brush is as thick as its size; the rest by their words. */
  const size = $derived(Number(/\d+/.exec(name)?.[0] ?? 3));
  const isFlat = $derived(/flat|wash|angle/.test(name));
  const isWide = $derived(/3\/4|wash/.test(name));
  const isRounded = $derived(/filbert|petal/.test(name));
  const half = $derived(isFlat ? (isWide ? 13 : 9) : isRounded ? 8 : 2.2 + Math.min(size, 8) * 0.75);
  const length = $derived(thing.lengthMm === null ? 60 : Math.max(34, Math.min(104, thing.lengthMm)));
</script>

<!-- Each kind is drawn as it lies on the table; brushes and cakes keep their true proportions among their own. -->
{#if thing.kind === 'paint' && thing.paintKind === 'split'}
  <svg viewBox="0 0 {length + 8} 34" width={(length + 8) * 1.5} height="51" aria-hidden="true">
    <rect
      x="1.500"
      y="1.500"
      width={length + 5}
      height="31"
      rx="5"
      fill="#e9e4d8"
      stroke="#1b2630"
      stroke-width="2"
    />
    {#each thing.colours as colour, at (at)}
      <rect
        x={4 + (length * at) / thing.colours.length}
        y="5"
        width={length / thing.colours.length + 0.3}
        height="24"
        fill={colour.hex}
      />
    {/each}
    <path d="M6 9h{length - 4}" stroke="#fff" stroke-width="2.500" stroke-linecap="round" opacity=".35" />
  </svg>
{:else if thing.kind === 'paint'}
  <svg viewBox="0 0 64 64" width="64" height="64" aria-hidden="true">
    <circle cx="32" cy="32" r="29" fill="#e9e4d8" stroke="#1b2630" stroke-width="2.500" />
    <circle cx="32" cy="32" r="23.500" fill={hex} stroke="#1b2630" stroke-width="1" />
    {#if thing.paintKind === 'powder'}
      <path
        d="M20 26h2M28 20h2M38 24h2M24 36h2M34 33h2M42 36h2M30 44h2M40 45h2"
        stroke="#1b2630"
        stroke-width="2"
        opacity=".35"
      />
    {:else}
      <path
        d="M17 30a16 16 0 0 1 12-13"
        fill="none"
        stroke="#fff"
        stroke-width="4"
        stroke-linecap="round"
        opacity=".5"
      />
      <path d="M24 39c5 5 13 5 18-2" fill="none" stroke="#1b2630" stroke-width="1.600" opacity=".22" />
    {/if}
    {#if thing.finish === 'pearl' || thing.finish === 'metallic'}
      <path
        d="M40 40l1.500 4.500 4.500 1.500-4.500 1.500-1.500 4.500-1.500-4.500-4.500-1.500 4.500-1.500z"
        fill="#fff"
        stroke="#1b2630"
        stroke-width=".8"
      />
    {/if}
  </svg>
{:else if thing.kind === 'brush'}
  <svg viewBox="0 0 40 132" width="40" height="132" aria-hidden="true">
    {#if isFlat}
      <path d="M{20 - half} 34V8l{half * 2} 0V34z" fill={paint} stroke="#1b2630" stroke-width="1.800" />
    {:else if isRounded}
      <path
        d="M{20 - half} 34V18Q20 -4 {20 + half} 18V34z"
        fill={paint}
        stroke="#1b2630"
        stroke-width="1.800"
      />
    {:else}
      <path
        d="M{20 - half} 34Q{20 - half * 1.5} 20 20 4Q{20 + half * 1.5} 20 {20 + half} 34z"
        fill={paint}
        stroke="#1b2630"
        stroke-width="1.800"
      />
    {/if}
    <path
      d="M{20 - half} 34h{half * 2}l-{Math.max(0, half - 4)} 24h-{Math.min(8, half * 2)}z"
      fill="#c9ccd0"
      stroke="#1b2630"
      stroke-width="1.800"
    />
    <path d="M{20 - half} 40h{half * 2}" stroke="#1b2630" stroke-width="1" opacity=".5" />
    <path
      d="M16 58h8l1.500 22-3.500 48q-2 4-4 0l-3.500-48z"
      fill="#9a5a34"
      stroke="#1b2630"
      stroke-width="1.800"
    />
    {#if thing.reservedFor !== ''}
      <path d="M14.800 84h10.400l-.7 12h-9z" fill={paint} stroke="#1b2630" stroke-width="1.500" />
    {/if}
  </svg>
{:else}
  <svg viewBox="0 0 64 64" width="64" height="64" aria-hidden="true">
    <g stroke="#1b2630" stroke-width="2.200" stroke-linejoin="round" stroke-linecap="round" fill="none">
      {#if thing.kind === 'sponge'}
        {#if /half/.test(name)}
          <path d="M5 46a27 27 0 0 1 54 0z" fill="#f0c65a" />
        {:else if /petal/.test(name)}
          <path d="M32 4q25 24 0 56q-25-32 0-56z" fill="#f0c65a" />
        {:else if /tear|drop/.test(name)}
          <path d="M32 4q10 20 16 29a19 19 0 1 1-32 0q6-9 16-29z" fill="#f0c65a" />
        {:else}
          <circle cx="32" cy="32" r="27" fill="#f0c65a" />
        {/if}
        <path
          d="M24 36h.1M33 28h.1M41 38h.1M31 42h.1M26 26h.1M38 30h.1"
          stroke-width="4.500"
          stroke="#b98a24"
        />
      {:else if thing.kind === 'applicator'}
        <path d="M32 34v26" stroke-width="5" />
        <path d="M32 34v26" stroke="#f4efe4" stroke-width="2" />
        <ellipse cx="32" cy="20" rx="13" ry="16" fill="#e8dcc4" />
      {:else if thing.kind === 'stencil'}
        <path d="M6 12h52v40H6z" fill="#8fb7c9" fill-opacity=".55" />
        {#if /star/.test(name)}
          <path
            d="M18 20l2 5 5 1-4 4 1 5-4-3-5 3 2-5-4-4 5-1zM42 28l2.500 6 6 1-4.500 4 1 6-5-3-5 3 1-6-4-4 6-1z"
            fill="#fcf9f0"
            stroke-width="1.600"
          />
        {:else if /mesh|net/.test(name)}
          <path
            d="M14 20l8-4 8 4v8l-8 4-8-4zM32 20l8-4 8 4v8l-8 4-8-4zM23 36l8-4 8 4v8l-8 4-8-4z"
            fill="#fcf9f0"
            stroke-width="1.600"
          />
        {:else}
          <path
            d="M12 20q6 9 12 0q6 9 12 0q6 9 12 0M12 30q6 9 12 0q6 9 12 0q6 9 12 0M12 40q6 9 12 0q6 9 12 0q6 9 12 0"
            stroke-width="3"
            stroke="#fcf9f0"
          />
        {/if}
      {:else if thing.kind === 'glitter'}
        <path d="M20 24h24v30q0 5-5 5H25q-5 0-5-5z" fill={hex} />
        <path d="M24 14h16v10H24z" fill="#e9e4d8" />
        <path d="M32 4v6M20 6l4 5M44 6l-4 5" />
        <path
          d="M27 34l1.300 3.700 3.700 1.300-3.700 1.300-1.300 3.700-1.300-3.700-3.700-1.300 3.700-1.300zM38 44l1 2.500 2.500 1-2.500 1-1 2.500-1-2.500-2.500-1 2.500-1z"
          fill="#fff"
          stroke-width="1"
        />
      {:else if thing.kind === 'gem'}
        <path d="M32 8L52 26 32 56 12 26z" fill={hex} />
        <path d="M12 26h40M32 8l-8 18 8 30 8-30z" stroke-width="1.500" />
      {:else if thing.kind === 'glue'}
        <path d="M20 28h24v26q0 5-5 5H25q-5 0-5-5z" fill="#f4efe4" />
        <path d="M27 28V18l5-12 5 12v10z" fill="#e0a050" />
        <path d="M26 42h12" />
      {:else if thing.kind === 'bud'}
        <path d="M14 50L50 14M24 56L56 24" stroke-width="3" />
        <path d="M9 55l5-5M50 14l5-5M20 60l4-4M56 24l4-4" stroke="#1b2630" stroke-width="9" />
        <path d="M9 55l5-5M50 14l5-5M20 60l4-4M56 24l4-4" stroke="#fff" stroke-width="5" />
      {:else if thing.kind === 'wipe'}
        <path d="M8 26h48v32H8z" fill="#bfe0dc" />
        <path d="M22 32q10-30 20 0z" fill="#fff" />
        <path d="M18 32h28" stroke-width="3" />
      {:else if thing.kind === 'water_pot'}
        <path d="M10 16h44l-5 42H15z" fill="#f4efe4" />
        <path d="M12.500 30q10-6 20 0t19 0l-3.300 26H16z" fill="#9fd0e6" stroke-width="1.500" />
      {:else if thing.kind === 'spritz'}
        <path d="M20 30h20v24q0 5-5 5H25q-5 0-5-5z" fill="#9fd0e6" />
        <path d="M25 30V18h10v12M25 18v-6h18l-3 8H35" fill="#f4efe4" />
        <path d="M50 10h6M50 15l5 3M50 5l5-3" />
      {:else if thing.kind === 'towel'}
        <path d="M10 10h44v44q-6-5-11 0t-11 0-11 0-11 0z" fill="#e7c9b8" />
        <path d="M10 20h44M10 26h44" stroke="#b23f14" stroke-width="2.500" />
      {:else if thing.kind === 'mirror'}
        <path d="M29 44h6v15h-6z" fill="#9a5a34" />
        <ellipse cx="32" cy="25" rx="19" ry="21" fill="#dcebf0" />
        <path d="M22 30L36 12M28 36L42 18" stroke="#fff" stroke-width="3" />
      {:else}
        <path d="M10 6h44v52H10z" fill="#fcf9f0" />
        <path d="M18 18q6-8 8 0t8 0 8-2M20 34q12-14 12 0t-8 4M40 36h8M18 50h26" stroke="#2c4a8e" />
      {/if}
    </g>
  </svg>
{/if}
