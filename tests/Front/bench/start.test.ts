import { describe, expect, it } from 'vitest';
import type { DesignTape, ReadList, StartingPoint } from '../../../resources/js/api/types.gen';
import { DesignStart } from '../../../resources/js/rooms/bench/shelf/start.svelte';

const start = (change: Partial<DesignStart>) => Object.assign(new DesignStart(), change);

describe('a design about to be made', () => {
  it('begins with nothing but its name and place', () => {
    const one = start({ name: 'Wave band', chosenPlacement: 'cheek' });
    expect(one.isReady).toBe(true);
    expect(one.asked).toEqual({ name: 'Wave band', placement: 'cheek' });
  });

  it('begins with a list in one’s own words, where that says and as it is called', () => {
    const one = start({ beginning: 'your own words' });
    expect([one.isReady, one.placement, one.standIn]).toEqual([true, 'full_face', '']);
    one.typed.text = 'Crab nose\n- coral red nose 30s';
    one.typed.reading = { title: 'Crab nose', placement: 'nose', lines: [] } as unknown as ReadList;
    expect([one.placement, one.standIn]).toEqual(['nose', 'Crab nose']);
    expect(one.asked).toEqual({
      name: 'Crab nose',
      placement: null,
      list: 'Crab nose\n- coral red nose 30s',
    });
    one.chosenPlacement = 'cheek';
    expect(one.asked).toMatchObject({ placement: 'cheek' });
    expect(one.placement).toBe('cheek');
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
