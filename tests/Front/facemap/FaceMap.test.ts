import { flushSync, mount, unmount } from 'svelte';
import { describe, expect, it } from 'vitest';
import { PlacementValues } from '../../../resources/js/api/types.gen';
import FaceMap from '../../../resources/js/facemap/FaceMap.svelte';
import { guideLines } from '../../../resources/js/facemap/guides';
import type { PaintedStep } from '../../../resources/js/facemap/layers';
import { lookOf } from '../../../resources/js/facemap/looks';
import { planStep } from '../steps';

const steps: PaintedStep[] = [
  planStep({ id: 'a', name: 'Grey base', colours: [{ name: 'sea grey', hex: '#8593a0' }] }),
  planStep({
    id: 'b',
    name: 'Tears',
    technique: 'teardrop',
    count: 3,
    colours: [{ name: '', hex: '#d2402f' }],
    zones: ['under_eye'],
  }),
];
/** The picture as it stands on the page; what differs between two of them on one page, their ids, left out. */
function draw(props: object = {}): string {
  const shown = mount(FaceMap, {
    target: document.body,
    props: { title: 'Seal pup', placement: 'full_face', steps, look: lookOf('seal'), ...props },
  });
  flushSync();
  const svg = document.body.innerHTML;
  void unmount(shown);
  const id = / id="([^"]*?)-/.exec(svg)?.[1];

  return id === undefined ? svg : svg.replaceAll(`"${id}-`, '"').replaceAll(`#${id}-`, '#');
}

describe('the face map', () => {
  it('draws a small head rounder and a grown one longer, with its paint on it; an arm is an arm', () => {
    expect(draw({ size: 'child' })).toBe(draw());
    const [small, adult] = (['small', 'adult'] as const).map((size) => draw({ size }));
    expect(small).toContain('scale(1.03 0.93)');
    expect(adult).toContain('scale(0.95 1.06)');
    expect(small?.replaceAll('1.03 0.93', '')).toBe(adult?.replaceAll('0.95 1.06', ''));
    expect(draw({ placement: 'arm', size: 'adult' })).toBe(draw({ placement: 'arm' }));
  });

  it('reads the design out', () => {
    const svg = draw();
    expect(svg).toContain('role="img"');
    expect(svg).toContain(
      'Seal pup, painted in 2 steps. Grey base: stipple in sea grey on the cheek, both sides. ' +
        'Tears: 3 teardrops in #d2402f on the under eye, both sides.',
    );
  });

  it('reads out what a mark is placed by', () => {
    const guides = [{ by: 'figure' as const, value: 'below boat', words: 'below the boat shape' }];
    expect(
      draw({ steps: [planStep({ id: 'w', name: 'Wave', technique: 'line', shape: 'wave', guides })] }),
    ).toMatch(/Wave: a wave on the cheek, both sides, below the boat\./);
  });

  it('shows the skin of whoever sits where paint is lifted off', () => {
    const lifted = planStep({
      id: 'l',
      technique: 'lift_off',
      medium: 'bare',
      colours: [],
      zones: ['cheek'],
    });
    expect(draw({ steps: [lifted] })).toMatch(/<path[^>]* fill="currentColor"/);
    expect(draw({ steps: [lifted] })).toContain(`color="${lookOf('seal').skin}"`);
  });

  it('shows the design up to a step, with the colours of the steps', () => {
    const strokes = (svg: string) => svg.split('fill="#d2402f"').length - 1;
    expect(strokes(draw())).toBeGreaterThan(0);
    const half = draw({ painted: 1 });
    expect(half).toContain('#8593a0');
    expect(strokes(half)).toBe(0);
  });

  it('is the same picture for the same steps', () => {
    expect(draw({ steps: structuredClone(steps) })).toBe(draw());
  });

  it.each(PlacementValues)('has a sheet for the %s', (placement) => {
    expect(draw({ placement })).toMatch(/viewBox="-?[\d.]+ -?[\d.]+ [\d.]+ [\d.]+"/);
  });
});

describe('guides', () => {
  it('are drawn on every side that is painted, and only where there are some', () => {
    const guided = planStep({ guides: [{ by: 'clock', value: '1', words: 'at 1 o’clock' }] });
    expect(
      guideLines(guided)
        .map(({ half }) => half)
        .toSorted((a, b) => a.localeCompare(b)),
    ).toEqual(['left', 'right']);
    expect(guideLines({ ...guided, side: 'left' })).toHaveLength(1);
    expect(guideLines({ ...guided, guides: [] })).toEqual([]);
    expect(
      guideLines({ ...guided, guides: [{ by: 'aim', value: 'nose_top', words: '' }] })[0]?.dot,
    ).not.toBeNull();
  });
});
