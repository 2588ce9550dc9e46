import { describe, expect, it } from 'vitest';
import type { DesignTape, ReadLine, StartingPoint } from '../../../resources/js/api/types.gen';
import { DesignStart } from '../../../resources/js/rooms/designs/start.svelte';

const start = (change: Partial<DesignStart>) => Object.assign(new DesignStart(), change);

describe('a design about to be made', () => {
  it('begins with nothing but its name and place', () => {
    const one = start({ name: 'Wave band', placement: 'cheek' });
    expect(one.isReady).toBe(true);
    expect(one.asked).toEqual({ name: 'Wave band', placement: 'cheek' });
  });

  it('waits until every line is understood', () => {
    const one = start({ name: 'Crab', beginning: 'typed lines' });
    expect(one.isReady).toBe(false);
    one.typed.text = 'sponge coral red nose 30s\n\n brush black dots';
    one.typed.readings = [{ text: '', parts: [], questions: [], step: {} }] as unknown as ReadLine[];
    expect(one.isReady).toBe(true);
    expect(one.asked).toMatchObject({ lines: ['sponge coral red nose 30s', ' brush black dots'] });
    one.typed.readings = [
      ...one.typed.readings,
      { text: '', parts: [], questions: ['With what?'], step: null },
    ];
    expect(one.isReady).toBe(false);
  });

  it('takes the name of what it begins as until another is typed', () => {
    const like = { id: 'd', name: 'Seal pup' } as DesignTape;
    const one = start({ beginning: 'one of yours', like });
    expect(one.asked).toMatchObject({ name: 'Seal pup copy', like: 'd' });
    one.name = 'Sea dog';
    expect(one.asked).toMatchObject({ name: 'Sea dog', like: 'd' });
    const point = { name: 'Starfish' } as StartingPoint;
    expect(start({ beginning: 'a worked design', point }).asked).toMatchObject({
      name: 'Starfish',
      startingPoint: 'Starfish',
    });
    expect(start({ beginning: 'a worked design' }).isReady).toBe(false);
  });
});
