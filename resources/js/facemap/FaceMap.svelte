<script lang="ts">
  import type { FaceSize, Placement } from '../api/types.gen';
  import { described } from './describe';
  import Eyes from './Eyes.svelte';
  import Guides from './Guides.svelte';
  import { isOnLimb, type Layer, layerOf, type PaintedStep } from './layers';
  import { type Look, statures, usualLook } from './looks';
  import type { Shades, Stain } from './marks';
  import { EAR, EYE, FACE, LIMB, MOUTH, NECK, type Window, windowOf } from './sheets';
  import Skin from './Skin.svelte';
  import ZoneOutline from './ZoneOutline.svelte';

  interface Props {
    title: string;
    placement: Placement;
    steps: readonly PaintedStep[];
    /** So many steps are painted; all of them when not given. */
    painted?: number;
    /** Ids of steps that were passed over. */
    skipped?: readonly string[];
    /** Shows what is still to come, faintly. */
    ghosts?: boolean;
    /** The step under the hand: its place is marked and its guides are drawn. */
    current?: PaintedStep | undefined;
    /** Other steps whose places are marked: those that something is said of. */
    pointed?: readonly PaintedStep[];
    look?: Look;
    /** How old the head is. */
    size?: FaceSize;
    eyesShut?: boolean;
    /** What of the sheet is shown; by the placement when not given. */
    view?: Window | undefined;
    /** As a drawing that shows the steps: lines on paper, with what the step under the hand paints lit. */
    asDrawing?: boolean;
    /** Reads out the whole design rather than the step under the hand. */
    readOut?: boolean;
  }

  const {
    title,
    placement,
    steps,
    painted = steps.length,
    skipped = [],
    ghosts = false,
    current,
    pointed = [],
    look = usualLook,
    size = 'child',
    eyesShut = false,
    view: shownPart,
    asDrawing = false,
    readOut = true,
  }: Props = $props();

  const id = $props.id();
  const layers = $derived(
    steps
      .filter((step) => !skipped.includes(step.id))
      .map((step, at, all) => layerOf(step, all.slice(0, at))),
  );
  const shown = $derived(new Set(steps.slice(0, painted).map((step) => step.id)));
  const limb = $derived(placement === 'arm' || placement === 'hand' || isOnLimb(steps));
  const view = $derived(
    (
      shownPart ??
      windowOf(
        placement,
        steps.filter(({ zones }) => zones.length > 0).map((step) => step.side),
      )
    ).join(' '),
  );
  const label = $derived(
    readOut
      ? described(title, steps)
      : current === undefined
        ? title
        : described(`Now ${current.name.toLowerCase()}`, [current]),
  );
  const lips = $derived(layers.some((layer) => layer.coversLips && shown.has(layer.id)));

  const gradients = $derived(
    layers.flatMap((layer, at) =>
      layer.copies.flatMap((copy, side) =>
        copy.stains.flatMap((stain, number) =>
          typeof stain.fill === 'string'
            ? []
            : [{ key: `${id}-${at}-${side}-${number}`, shades: stain.fill, stain }],
        ),
      ),
    ),
  );
  const clips = $derived(
    layers.flatMap((layer, at) =>
      layer.copies.flatMap((copy, side) =>
        copy.stains.flatMap((stain, number) =>
          stain.within === undefined ? [] : [{ key: `${id}-in-${at}-${side}-${number}`, ...stain.within }],
        ),
      ),
    ),
  );

  const flip = (half: string) => (half === 'right' ? 'translate(400 0) scale(-1 1)' : undefined);
  const opacityOf = ({ id: step, cover }: Layer) => cover * (shown.has(step) ? 1 : ghosts ? 0.15 : 0);
  /** Bands side by side as a split cake lays them, each running a little into the next. */
  const stops = ({ colours }: Shades) =>
    colours.flatMap((colour, index) =>
      [0.28, 0.72].map((within) => ({ offset: (index + within) / colours.length, colour })),
    );
  const fillOf = (stain: Stain, key: string) =>
    typeof stain.fill === 'string' ? stain.fill : `url(#${key})`;
  const isLit = ({ id: step }: Layer) => current === undefined || current.id === step;
  /** On a drawing what is not lit keeps its edge. */
  const inkOf = (one: Layer, stain: Stain) =>
    asDrawing && !isLit(one) && stain.fill !== 'none'
      ? { fill: '#ffffff', stroke: '#4a443d', width: 1.1 / scaleOf(stain) }
      : asDrawing && stain.stroke === undefined
        ? { fill: undefined, stroke: '#1f1b17', width: 1.2 / scaleOf(stain) }
        : { fill: undefined, stroke: stain.stroke, width: stain.width };
  const scaleOf = ({ transform }: Stain) => Number(/scale\(([\d.]+)\)/u.exec(transform ?? '')?.[1] ?? 1);
</script>

<svg viewBox={view} class="block h-full max-h-full w-full" color={look.skin} role="img" aria-label={label}>
  <defs>
    <clipPath id="{id}-body">
      {#if limb}
        <path d={LIMB} />
      {:else}
        <path d={FACE} /><path d={EAR} /><path d={EAR} transform={flip('right')} /><path d={NECK} />
      {/if}
    </clipPath>
    {#each [false, true] as coversLips (coversLips)}
      <mask
        id="{id}-film{coversLips ? '-lips' : ''}"
        maskUnits="userSpaceOnUse"
        x="0"
        y="-20"
        width="400"
        height="520"
      >
        <rect x="0" y="-20" width="400" height="520" fill="#fff" />
        {#if !limb}
          {#if !eyesShut}
            <path d={EYE} fill="#000" /><path d={EYE} fill="#000" transform={flip('right')} />
          {/if}
          {#if !coversLips}<path d={MOUTH} fill="#000" />{/if}
        {/if}
      </mask>
    {/each}
    {#each gradients as { key, shades, stain } (key)}
      {@const own = stain.transform !== undefined}
      <linearGradient
        id={key}
        gradientUnits="userSpaceOnUse"
        x1={own ? 0 : shades.from[0]}
        y1={own ? -48 : shades.from[1]}
        x2={own ? 0 : shades.to[0]}
        y2={own ? 48 : shades.to[1]}
      >
        {#each stops(shades) as { offset, colour }, at (at)}<stop {offset} stop-color={colour} />{/each}
      </linearGradient>
    {/each}
    {#each layers as { outside, id: step }, at (step)}
      {#if outside.length > 0}
        <mask id="{id}-round-{at}" maskUnits="userSpaceOnUse" x="0" y="-20" width="400" height="520">
          <rect x="0" y="-20" width="400" height="520" fill="#fff" />
          {#each outside as { half, d, transform, width, hollow }, piece (piece)}
            <g transform={flip(half)}>
              <path
                {d}
                {transform}
                fill="#000"
                fill-rule={hollow === true ? 'evenodd' : undefined}
                stroke="#000"
                stroke-width={width}
              />
            </g>
          {/each}
        </mask>
      {/if}
    {/each}
    {#each clips as { key, d, transform } (key)}<clipPath id={key}><path {d} {transform} /></clipPath>{/each}
  </defs>

  {#snippet layer(one: Layer, at: number)}
    <g
      opacity={opacityOf(one)}
      mask={one.staysClear === 'nothing' ? undefined : `url(#${id}-film${one.coversLips ? '-lips' : ''})`}
      clip-path="url(#{id}-body)"
    >
      <g
        style:filter={one.soft > 0 && !asDrawing ? `blur(${one.soft}px)` : undefined}
        mask={one.outside.length > 0 ? `url(#${id}-round-${at})` : undefined}
      >
        {#each one.copies as copy, side (side)}
          <g transform={flip(copy.half)}>
            {#each copy.stains as stain, number (number)}
              {#if stain.words !== undefined}
                {@const [words, [x, y], height] = stain.words}
                <text
                  transform="translate({x} {y}) scale({copy.half === 'right' ? -1 : 1} 1)"
                  font-size={height}
                  text-anchor="middle"
                  dominant-baseline="middle"
                  font-weight="700"
                  fill={typeof stain.fill === 'string' ? stain.fill : '#1b1b22'}>{words}</text
                >
              {/if}
              <path
                d={stain.d}
                transform={stain.transform}
                fill={inkOf(one, stain).fill ?? fillOf(stain, `${id}-${at}-${side}-${number}`)}
                fill-rule={stain.hollow === true ? 'evenodd' : undefined}
                stroke={inkOf(one, stain).stroke}
                stroke-width={inkOf(one, stain).width}
                stroke-linejoin="round"
                stroke-linecap="round"
                opacity={stain.opacity}
                clip-path={stain.within === undefined ? undefined : `url(#${id}-in-${at}-${side}-${number})`}
              />
            {/each}
          </g>
        {/each}
      </g>
    </g>
  {/snippet}
  <g transform={limb ? undefined : statures[size]}>
    <g opacity={asDrawing ? 0.25 : undefined}><Skin {look} {limb} {id} /></g>
    {#if !limb && !eyesShut}<Eyes {look} shut={false} {id} />{/if}
    {#each layers as one, at (one.id)}
      {#if opacityOf(one) > 0}{@render layer(one, at)}{/if}
    {/each}
    {#if !limb}
      <!-- Nose and mouth still show a little through what lies over them. -->
      {#if lips}
        <path
          d="M160 341C182 352 218 352 240 341"
          fill="none"
          stroke="#3a1e18"
          stroke-width="2"
          opacity="0.5"
          stroke-linecap="round"
        />
      {/if}
      <path
        d="M184 305C190 313 210 313 216 305"
        fill="none"
        stroke="#2b1d16"
        stroke-width="2.400"
        opacity="0.22"
        stroke-linecap="round"
      />
      {#if eyesShut}<Eyes {look} shut {id} />{/if}
    {/if}
    {#each pointed.filter((step) => step.id !== current?.id) as step, at (step.id)}
      <ZoneOutline {step} id="{id}-{at}" />
    {/each}
    {#if current !== undefined}
      <ZoneOutline step={current} {id} />
      <Guides step={current} />
    {/if}
  </g>
</svg>
