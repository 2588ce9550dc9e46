import { expect, it } from 'vitest';
import { Newest } from '../../../resources/js/lib/newest';

it('asks one thing at a time, and of what came meanwhile only the newest', async () => {
  const newest = new Newest();
  const asked: string[] = [];
  const answers: (() => void)[] = [];
  const ask = (what: string) => () => {
    asked.push(what);

    return new Promise<void>((resolve) => answers.push(resolve));
  };
  const all = newest.run(ask('first'));
  await newest.run(ask('second'));
  await newest.run(ask('third'));
  expect(asked).toEqual(['first']);
  answers[0]?.();
  await Promise.resolve();
  await Promise.resolve();
  expect(asked).toEqual(['first', 'third']);
  answers[1]?.();
  await all;
  void newest.run(ask('fourth'));
  expect(asked).toEqual(['first', 'third', 'fourth']);
});
