import { expect, it, vi } from 'vitest';
import { swiped } from '../../../resources/js/rooms/bench/shelf/swipe';

type At = [x: number, y: number];

function swipe(from: At, to: At, { fingers = 1, on = 'div' } = {}) {
  const tell = vi.fn<(by: -1 | 1) => void>();
  const element = document.createElement('div');
  const target = on === 'grip' ? document.createElement('i') : element;
  target.toggleAttribute('data-grip', on === 'grip');
  element.append(...(target === element ? [] : [target]));
  const stop = swiped(tell)(element);
  const touch = (type: string, [clientX, clientY]: At, name: 'touches' | 'changedTouches') => {
    const event = new Event(type, { bubbles: true });
    Object.assign(event, { [name]: Array.from({ length: fingers }, () => ({ clientX, clientY })) });
    target.dispatchEvent(event);
  };
  touch('touchstart', from, 'touches');
  touch('touchend', to, 'changedTouches');
  stop();
  touch('touchstart', [0, 0], 'touches');
  touch('touchend', [300, 0], 'changedTouches');

  return tell.mock.calls.flat();
}

it('goes on for a swipe to the left, back for one to the right, and hears nothing once it is gone', () => {
  expect(swipe([300, 100], [200, 110])).toEqual([1]);
  expect(swipe([100, 100], [200, 90])).toEqual([-1]);
});

it.each([
  ['a tap', [100, 100], [104, 101], {}],
  ['a scroll', [100, 100], [160, 300], {}],
  ['two fingers', [100, 100], [300, 100], { fingers: 2 }],
  ['a mark that is pulled', [100, 100], [300, 100], { on: 'grip' }],
] as const)('means nothing of the kind: %s', (_, from, to, how) => {
  expect(swipe([...from], [...to], how)).toEqual([]);
});
