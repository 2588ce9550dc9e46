import { expect, it } from 'vitest';
import { FirstRun } from '../../../resources/js/rooms/begin/first-run.svelte';

it('says what is still to be tapped, and asks for what was', () => {
  const run = new FirstRun();
  expect([run.isReady, run.lacks]).toEqual([false, 'where you paint, how many paint, a design']);
  run.occasion = 'party';
  run.toggle('Wave band');
  run.toggle('Crab nose');
  run.toggle('Wave band');
  expect([run.isReady, run.lacks]).toEqual([false, 'how many paint']);
  run.hands = 3;
  expect([run.isReady, run.lacks]).toEqual([true, '']);
  expect(run.asked('Europe/Lisbon')).toEqual({
    occasion: 'party',
    name: 'A party',
    hands: 3,
    designs: ['Crab nose'],
    timezone: 'Europe/Lisbon',
  });
});
