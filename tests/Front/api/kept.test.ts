import 'fake-indexeddb/auto';
import { expect, it, vi } from 'vitest';
import { kept } from '../../../resources/js/api/kept';

it('writes the long part of a grown answer once, and again only where another stands', async () => {
  const whole = vi.fn(() => ['a day']);
  await kept.keepGrown('line', '5-a', whole, ['one']);
  await kept.keepGrown('line', '5-a', whole, ['one', 'two']);
  expect(whole).toHaveBeenCalledTimes(1);
  expect(await kept.grown('line')).toEqual({ whole: ['a day'], added: ['one', 'two'] });

  // Another window of this browser was told all anew.
  await kept.keepGrown('line', '9-b', () => ['a longer day'], []);
  expect(await kept.grown('line')).toEqual({ whole: ['a longer day'], added: [] });
  await kept.keepGrown('line', '5-a', whole, ['three']);
  expect(await kept.grown('line')).toEqual({ whole: ['a day'], added: ['three'] });
  expect(await kept.grown('another line')).toBeUndefined();
});

it('gives several answers in the order asked for, with a gap for each that is not there', async () => {
  await kept.keepAnswer('days', ['today']);
  expect(await kept.answers(['session', 'days'])).toEqual([undefined, ['today']]);
  await kept.forgetAnswers();
  expect(await kept.answers(['days'])).toEqual([undefined]);
});
