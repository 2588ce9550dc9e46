import { expect, it } from 'vitest';
import { Refusal } from '../../../resources/js/api/client';
import { Submission } from '../../../resources/js/lib/form.svelte';

const refused = (fields: Record<string, string[]>) => () =>
  Promise.reject(new Refusal(422, 'The name is missing. (and 1 more error)', fields));

it('says of a field what has its place there, and the rest at the head of the form', async () => {
  const form = new Submission();
  const name = () => form.of('name');
  name();

  expect(await form.run(refused({ name: ['The name is missing.'] }))).toBe(false);
  expect([name(), form.general]).toEqual(['The name is missing.', undefined]);

  await form.run(refused({ name: ['The name is missing.'], timezone: ['That is no time zone.'] }));
  expect([name(), form.general]).toEqual(['The name is missing.', 'That is no time zone.']);

  await form.run(refused({ 'items.0.promise': ['“soon” is no time.'] }));
  expect([name(), form.general]).toEqual([undefined, '“soon” is no time.']);
});

it('says what went wrong otherwise, never in the browser’s words', async () => {
  const form = new Submission();
  await form.run(() => Promise.reject(new Error('“x” is not a price.')));
  expect(form.general).toBe('“x” is not a price.');

  await form.run(() => Promise.reject(new TypeError('Failed to fetch')));
  expect(form.general).toContain('out of reach');

  expect(await form.run(() => Promise.resolve())).toBe(true);
  expect([form.general, form.busy]).toEqual([undefined, false]);
});
