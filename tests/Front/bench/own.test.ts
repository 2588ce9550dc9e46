import { describe, expect, it } from 'vitest';
import type { KitSheet } from '../../../resources/js/api/types.gen';
import { asKitThing, ownPaints, ownTools, secondsMeant } from '../../../resources/js/rooms/bench/steps/own';

const kit = {
  things: [
    { kind: 'paint', name: 'lamp yellow', colours: [{ name: 'lamp yellow', hex: '#f6c945' }] },
    {
      kind: 'paint',
      name: 'tide cake',
      colours: [
        { name: 'a', hex: '#111111' },
        { name: 'b', hex: '#222222' },
      ],
    },
    { kind: 'brush', name: 'round 3', colours: [] },
    { kind: 'applicator', name: 'lollipop applicator', colours: [] },
    { kind: 'towel', name: 'towel', colours: [] },
  ],
} as unknown as KitSheet;

describe('what the kit has for a step', () => {
  it('is its tools by what they paint, and its cakes of one colour', () => {
    expect(ownTools(kit)).toEqual([
      { name: 'round 3', medium: 'brush' },
      { name: 'lollipop applicator', medium: 'powder' },
    ]);
    expect(ownPaints(kit)).toEqual([{ name: 'lamp yellow', hex: '#f6c945' }]);
    expect([ownTools(undefined), ownPaints(undefined)]).toEqual([[], []]);
  });
});

it.each([
  ['90', '1:30'],
  [' 120 ', '2:00'],
  ['4', null],
  ['1:30', null],
  ['90s', null],
])('takes %s for seconds where it is too long for minutes', (typed, meant) => {
  expect(secondsMeant(typed)).toBe(meant);
});

it('adds a missing colour as the pot that it is', () => {
  const colour = { name: 'silver', hex: '#b9c0c6' };
  expect(asKitThing({ kind: 'paint', colour })).toMatchObject({
    name: 'silver',
    paintKind: 'wax',
    colours: [colour],
  });
  expect(asKitThing({ kind: 'glitter', colour })).toMatchObject({ name: 'silver glitter', paintKind: null });
  expect(asKitThing({ kind: null, colour: null })).toBeNull();
});
