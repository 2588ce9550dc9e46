<script lang="ts">
  import { aimedAt, aimHandleOf, handlesOf, movedTo, sizedTo, turnedTo } from './handles';
  import type { PaintedStep } from './layers';
  import type { Window } from './sheets';
  import type { Point } from './strokes';

  /** What a pull changes of the step. */
  type Change = Partial<Pick<PaintedStep, 'sizePercent' | 'turnDegrees'>> & {
    guides?: ReturnType<typeof movedTo>;
  };

  interface Props {
    /** What of the sheet the picture shows. */
    view: Window;
    step: PaintedStep;
    change: (change: Change) => void;
  }

  const { view, step, change }: Props = $props();

  type Grip = 'middle' | 'corner' | 'top' | 'aim';

  const handles = $derived(handlesOf(step));
  const aim = $derived(aimHandleOf(step));
  /** Near to, the grips are no larger on the screen. */
  const scale = $derived(view[2] / 328);
  let sheet: SVGSVGElement | undefined = $state();
  let held = $state.raw<{ grip: Grip; at: Point } | null>(null);
  let isPulled = false;

  function pointOf(event: PointerEvent): Point {
    const matrix = sheet?.getScreenCTM()?.inverse();
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix);

    return [x, y];
  }

  function pulled({ grip, at }: { grip: Grip; at: Point }): Change {
    return grip === 'middle'
      ? { guides: movedTo(step, at) }
      : grip === 'aim'
        ? { guides: aimedAt(step, at) }
        : grip === 'corner'
          ? { sizePercent: sizedTo(step, at) }
          : { turnDegrees: turnedTo(step, at) };
  }

  const said = $derived.by(() => {
    const to = held === null ? {} : pulled(held);
    const { guides = [] } = to;
    const valueOf = (kind: string) => guides.find(({ by }) => by === kind)?.value;
    const hour = valueOf('clock');
    const point = valueOf('aim');

    return held?.grip === 'aim'
      ? point === undefined
        ? `at ${valueOf('angle') ?? 0} degrees`
        : `aim ${point.replaceAll('_', ' ')}`
      : held?.grip === 'middle'
        ? hour === undefined
          ? 'in the middle'
          : `at ${hour} o’clock`
        : to.sizePercent !== undefined
          ? `size ${to.sizePercent} %`
          : `turned ${to.turnDegrees ?? 0}°`;
  });

  function take(event: PointerEvent & { currentTarget: SVGElement }, grip: Grip) {
    event.currentTarget.setPointerCapture(event.pointerId);
    isPulled = false;
    held = { grip, at: pointOf(event) };
  }

  function move(event: PointerEvent) {
    if (held !== null) {
      isPulled = true;
      held = { ...held, at: pointOf(event) };
    }
  }

  function drop(event: PointerEvent) {
    if (held === null) {
      return;
    }
    const to = pulled(held);
    held = null;
    if (isPulled) {
      change(to);
    } else {
      // A tap means the place below.
      const below = document.elementsFromPoint(event.clientX, event.clientY);
      below.find((one) => one.hasAttribute('data-zone'))?.dispatchEvent(new MouseEvent('click'));
    }
  }
</script>

{#snippet grip(name: Grip, [x, y]: Point, r: number, cursor: string)}
  {@const [atX, atY] = held?.grip === name ? held.at : [x, y]}
  <circle
    cx={atX}
    cy={atY}
    r={r * scale}
    class={['pointer-events-auto touch-none', cursor]}
    fill={name === 'middle' ? '#f5c53b' : name === 'aim' ? '#2c4a8e' : '#fffdf7'}
    fill-opacity={name === 'middle' ? 0.55 : 1}
    stroke="#1b2630"
    stroke-width={2.2 * scale}
    role="presentation"
    data-grip={name}
    onpointerdown={(event) => take(event, name)}
    onpointermove={move}
    onpointerup={drop}
    onpointercancel={() => (held = null)}
  />
{/snippet}

<!-- For the pointer only: the same is said by the words of the line. -->
{#if handles !== undefined || aim !== undefined}
  <svg
    viewBox={view.join(' ')}
    class="pointer-events-none absolute inset-0 block h-full max-h-full w-full"
    aria-hidden="true"
    bind:this={sheet}
  >
    {#if handles !== undefined}
      <path
        d="M{handles.middle[0]} {handles.middle[1]}L{handles.top[0]} {handles.top[1]}"
        stroke="#1b2630"
        stroke-width={1.4 * scale}
      />
      {@render grip('middle', handles.middle, 9, 'cursor-move')}
      {@render grip('corner', handles.corner, 6, 'cursor-nwse-resize')}
      {@render grip('top', handles.top, 6, 'cursor-grab')}
    {/if}
    {#if aim !== undefined}{@render grip('aim', aim, 6, 'cursor-crosshair')}{/if}
  </svg>
  {#if held !== null}
    <p
      class="pointer-events-none absolute inset-x-0 bottom-0 text-center text-[15px] font-semibold"
      aria-hidden="true"
    >
      <span class="rounded bg-ink px-2 py-0.5 text-paper">{said}</span>
    </p>
  {/if}
{/if}
