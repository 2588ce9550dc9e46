import { describe, expect, it } from 'vitest';
import { Drill } from '../../../resources/js/rooms/kit/drill.svelte';

describe('a drill', () => {
  it('starts and stops with one key, and takes the middle', () => {
    let now = 0;
    const drill = new Drill(() => now);
    for (const took of [4000, 60_000, 5000]) {
      drill.press();
      now += took;
      drill.press();
      now += 1000;
    }
    expect(drill.repetitions).toEqual([4000, 60_000, 5000]);
    expect(drill.middle).toBe(5000);
    drill.drop(1);
    expect(drill.middle).toBe(4500);
  });

  it('has no middle before the first is done', () => {
    const drill = new Drill(() => 0);
    drill.press();
    expect(drill.middle).toBeNull();
    expect(drill.startedAt).toBe(0);
  });
});
