import { expect, it } from 'vitest';
import { lightOf } from '../../../resources/js/lib/light';

it.each([
  ['device', { contrast: false, dark: false }, 'paper'],
  ['device', { contrast: false, dark: true }, 'dim'],
  // Who asks for contrast cannot read the dim one, whatever else they ask for.
  ['device', { contrast: true, dark: true }, 'sun'],
  ['', { contrast: false, dark: true }, 'dim'],
  ['paper', { contrast: true, dark: true }, 'paper'],
  ['sun', { contrast: false, dark: true }, 'sun'],
  ['dim', { contrast: true, dark: false }, 'dim'],
] as const)('lights the screen as chosen, else as the device asks: %s %o', (chosen, wishes, light) => {
  expect(lightOf(chosen, wishes)).toBe(light);
});
