import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { expect, it } from 'vitest';
import type { DesignTape } from '../../../resources/js/api/types.gen';
import { planStep } from '../steps';
import { fileNames, pictureOf, withPictures } from '../../../resources/js/rooms/account/account-file';

const design = (name: string) =>
  ({
    id: `01${name}`,
    name,
    placement: 'cheek',
    steps: [planStep({ colours: [{ name: 'tide blue', hex: '#3f8fc6' }] })],
  }) as unknown as DesignTape;

it('draws a design as a file of its own, which any program for pictures reads', () => {
  const text = pictureOf(design('Wave'));
  const read = new DOMParser().parseFromString(text, 'image/svg+xml');
  expect(read.querySelector('parsererror')).toBeNull();
  expect(read.documentElement.namespaceURI).toBe('http://www.w3.org/2000/svg');
  expect(text).toContain('#3f8fc6');
  // Nothing in it leans on the page that it was drawn on.
  expect(text).not.toMatch(/var\(|href="(?!#)/u);
});

it('names files as any file system takes them, none of them twice', () => {
  expect(fileNames(['Wave', 'wave', 'A/B: “C”', '???', 'Wave'])).toEqual([
    'Wave',
    'wave 2',
    'A B C',
    'design',
    'Wave 3',
  ]);
});

it('puts the pictures beside what the server gave', () => {
  const files = unzipSync(
    withPictures(zipSync({ 'manifest.json': strToU8('{}') }), [design('Wave'), design('Foam')]),
  );
  expect(Object.keys(files)).toEqual(['manifest.json', 'pictures/Wave.svg', 'pictures/Foam.svg']);
  expect(strFromU8(files['manifest.json'] ?? new Uint8Array())).toBe('{}');
});
