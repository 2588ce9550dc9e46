import { describe, expect, it } from 'vitest';
import { type Scene, Tour, type TourKey } from '../../../resources/js/rooms/begin/tour.svelte';
import { planStep } from '../steps';

const step = (id: string, optional = false) => planStep({ id, name: id, optional, plannedMs: 20_000 });

/** Presses what is asked for until it is over. */
function taken(tour: Tour): [Scene, TourKey][] {
  const path: [Scene, TourKey][] = [];
  while (tour.scene !== 'over') {
    path.push([tour.scene, tour.wanted]);
    expect(tour.press(tour.wanted)).toBe(true);
  }

  return path;
}

describe('the tour of the chair', () => {
  it('has each kind of tap once, and paints the face to its end', () => {
    const tour = new Tour([step('base'), step('eyes'), step('dots', true), step('line')]);
    expect(taken(tour)).toEqual([
      ['seat', 'big'],
      ['ask', 'big'],
      ['paint', 'big'],
      ['paint', 'big'],
      ['undo', 'undo'],
      ['quicker', 'quicker'],
      ['go on', 'big'],
      ['go on', 'big'],
      ['painted', 'big'],
    ]);
    expect(tour.done).toEqual(['base', 'eyes', 'line']);
    expect([tour.skipped, tour.savedMs]).toEqual([['dots'], 20_000]);
  });

  it('does nothing for keys that it does not speak of', () => {
    const tour = new Tour([step('base'), step('eyes'), step('line'), step('dots')]);
    expect([tour.press('undo'), tour.press('quicker')]).toEqual([false, false]);
    expect(tour.scene).toBe('seat');
    expect(tour.step).toBeUndefined();
    tour.press('big');
    tour.press('big');
    expect(tour.step?.id).toBe('base');
  });

  it('takes the last step back by undo', () => {
    const tour = new Tour([step('base'), step('eyes'), step('line'), step('dots')]);
    ['big', 'big', 'big', 'big'].forEach(() => tour.press('big'));
    expect([tour.done, tour.step?.id]).toEqual([['base', 'eyes'], 'line']);
    tour.press('undo');
    expect([tour.done, tour.step?.id]).toEqual([['base'], 'eyes']);
  });

  it.each([0, 1, 2, 3])('ends with faces of any length: %d steps', (count) => {
    const tour = new Tour(Array.from({ length: count }, (_, at) => step(String(at))));
    taken(tour);
    expect(tour.done.length + tour.skipped.length).toBe(count);
    expect(tour.press('big')).toBe(false);
  });
});
