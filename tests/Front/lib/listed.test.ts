import { expect, it } from 'vitest';
import { listed } from '../../../resources/js/lib/listed';

it.each([
  [[], ''],
  [['Ines'], 'Ines'],
  [['Ines', 'Tobi'], 'Ines and Tobi'],
  [['Ines', 'Tobi', 'Wren'], 'Ines, Tobi and Wren'],
])('lists %j', (names, said) => {
  expect(listed(names)).toBe(said);
});
