import { describe, expect, it } from 'vitest';
import { BenchActionValues, ItemKindValues, type KitThing } from '../../../resources/js/api/types.gen';
import { blankThing } from '../../../resources/js/rooms/kit/kit.svelte';
import { cautionsOf, factsOf, handWords, kindNames } from '../../../resources/js/rooms/kit/words';

const thing = (more: Partial<KitThing>): KitThing => ({ ...blankThing('paint'), flags: [], ...more });

describe('what is said of a thing', () => {
  it('is a caution for each flag, in its own numbers', () => {
    expect(cautionsOf(thing({ flags: ['running_out'], gramsLeft: 4 }))).toEqual(['Running out: 4 g left.']);
    expect(cautionsOf(thing({ flags: ['running_out'], howMany: 0 }))).toEqual(['None left.']);
    expect(cautionsOf(thing({ flags: ['longer_than_sponges'], lengthMm: 95 }))[0]).toContain('95 mm long');
    expect(cautionsOf(thing({ flags: ['unsafe_for_skin', 'contains_latex'] }))).toHaveLength(2);
    expect(cautionsOf(thing({}))).toEqual([]);
  });

  it('is short, and leaves out what is usual', () => {
    expect(factsOf(thing({ gramsLeft: 30 }))).toBe('wax · 30 g');
    expect(factsOf(thing({ paintKind: 'glycerine', finish: 'pearl' }))).toBe('glycerine · pearl');
    expect(factsOf(thing({ paintKind: 'split', lengthMm: 50 }))).toBe('50 mm');
    expect(factsOf(thing({ kind: 'gem', paintKind: null, finish: null, selfStick: true }))).toBe(
      'self-stick',
    );
    expect(factsOf(thing({ kind: 'brush', paintKind: null, finish: null, reservedFor: 'black' }))).toBe(
      'keeps black',
    );
  });

  it('has words for every kind and every hand', () => {
    expect(ItemKindValues.every((kind) => kindNames[kind] !== '')).toBe(true);
    expect(BenchActionValues.every((action) => handWords[action].drill.endsWith('.'))).toBe(true);
  });

  it('begins blank as its kind wants it', () => {
    expect(blankThing('paint')).toMatchObject({ paintKind: 'wax', finish: 'regular', widthMm: null });
    expect(blankThing('sponge')).toMatchObject({ paintKind: null, widthMm: 60, colours: [] });
    expect(blankThing('gem').selfStick).toBe(true);
  });
});
