import { describe, expect, it } from 'vitest';
import { darkens, lights } from '../../../resources/js/api/tables.gen';
import { litEdge, shadedEdge } from '../../../resources/js/facemap/edges';
import { layerOf } from '../../../resources/js/facemap/layers';
import { boundsOf } from '../../../resources/js/facemap/strokes';
import { planStep } from '../steps';

const CIRCLE = 'M-40 0C-40 -22 -22 -40 0 -40C22 -40 40 -22 40 0C40 22 22 40 0 40C-22 40 -40 22 -40 0Z';

describe('what a step’s name says of light and dark', () => {
  it.each(['Shade', 'grey shading', 'Shadows', 'Schatten'])('%s darkens', (name) =>
    expect(darkens.test(name)).toBe(true),
  );
  it.each(['White highlight', 'highlights', 'Shine', 'Glanz'])('%s lights', (name) =>
    expect(lights.test(name)).toBe(true),
  );
  it.each(['Grey base', 'Lighthouse', 'shadeless', 'Shiny gem', 'Lampshade'])('%s does neither', (name) =>
    expect([darkens.test(name), lights.test(name)]).toEqual([false, false]),
  );
});

describe('the edges', () => {
  it('shades a band along the inside, which its own edge cuts off', () => {
    const edge = { d: CIRCLE, transform: 'scale(2)' };
    const shade = shadedEdge(edge, '#123456');
    expect(shade).toMatchObject({ d: CIRCLE, fill: 'none', stroke: '#123456', within: { d: CIRCLE } });
    // Half of the line is inside: less than a third of the way to the middle, so that the middle stays as it is.
    expect((shade.width ?? 0) / 2).toBeLessThan(40 / 2);
  });

  it('lights one stroke within the upper edge, on the left', () => {
    const [lit] = litEdge({ d: CIRCLE }, '#ffffff');
    const [left, top, right, bottom] = boundsOf(lit?.d ?? '');
    expect(top).toBeGreaterThan(-40);
    expect(bottom).toBeLessThan(0);
    expect(left).toBeGreaterThan(-40);
    expect(right).toBeLessThan(15);
  });

  it('lights nothing where there is hardly an edge', () =>
    expect(litEdge({ d: 'M0 0L1 0' }, '#fff')).toEqual([]));
});

describe('a shade and a light on a figure', () => {
  const boat = planStep({ id: 'boat', name: 'Boat', technique: 'fill', shape: 'boat', colours: [] });
  const shade = planStep({ id: 'shade', name: 'Shade', technique: 'blend' });
  const light = planStep({ id: 'light', name: 'Highlight', technique: 'line' });
  const widths = (step: typeof boat, below: (typeof boat)[]) =>
    layerOf(step, below).copies.flatMap(({ stains }) => stains.map(({ within }) => within !== undefined));

  it('go by the figure painted last in the same place', () => {
    expect(widths(shade, [boat])).toEqual([true, true]);
    const [copy] = layerOf(light, [boat]).copies;
    expect(copy?.stains[0]?.transform).toBe(layerOf(boat).copies[0]?.stains[0]?.transform);
  });

  it('stay what they were without one, or elsewhere', () => {
    expect(widths(shade, [])).toEqual([false, false]);
    expect(widths({ ...shade, zones: ['chin'] }, [boat])).not.toContain(true);
  });

  it('are drawn anew when only the name has changed', () => {
    expect(layerOf({ ...shade, name: 'Base' }, [boat])).not.toEqual(layerOf(shade, [boat]));
  });

  it('go by the figure that is named', () => {
    const named = planStep({
      ...shade,
      guides: [{ by: 'figure', value: 'inside boat', words: 'on the boat shape' }],
    });
    expect(widths(named, [boat])).toEqual([true, true]);
  });
});
