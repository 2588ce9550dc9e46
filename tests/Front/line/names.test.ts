import { describe, expect, it } from 'vitest';
import type { MenuOffer } from '../../../resources/js/api/types.gen';
import { middleOffer, MOST_NAMES, readNames } from '../../../resources/js/rooms/line/desk/names';

const menu = [
  { designId: 'wave', name: 'Wave band' },
  { designId: 'seal', name: 'Seal pup' },
  { designId: 'crab', name: 'Crab nose' },
] as MenuOffer[];

const read = (text: string) => readNames(text, menu, 'wave');
const told = (text: string) => read(text).children.map(({ firstName, design }) => `${firstName}=${design}`);

describe('a pasted list of names', () => {
  it.each([
    ['one to a line', 'Noor\nEmil\nWren', ['Noor=wave', 'Emil=wave', 'Wren=wave']],
    ['with commas', 'Noor, Emil, Wren', ['Noor=wave', 'Emil=wave', 'Wren=wave']],
    [
      'with numbers and bullets',
      '1. Noor\n2) Emil\n- Wren\n• Ada',
      ['Noor=wave', 'Emil=wave', 'Wren=wave', 'Ada=wave'],
    ],
    [
      'with designs',
      'Noor: seal pup\nEmil - crab nose\nWren (SEAL)',
      ['Noor=seal', 'Emil=crab', 'Wren=seal'],
    ],
    ['from a spreadsheet', 'Noor\tCrab nose\r\nEmil\tseal\r\n', ['Noor=crab', 'Emil=seal']],
    ['with empty lines', '\n\nNoor\n\n', ['Noor=wave']],
    ['names with accents and hyphens', 'Zoë: seal\nAnne-Marie', ['Zoë=seal', 'Anne-Marie=wave']],
  ])('%s', (_, text, children) => {
    expect(told(text)).toEqual(children);
  });

  it('keeps no surname', () => {
    expect(told('Noor Silverlake\nEmil van Reed: seal')).toEqual(['Noor=wave', 'Emil=seal']);
  });

  it('says what it did not understand, and what it assumed', () => {
    expect(read('Noor: moon\nEmil').remarks).toEqual([
      'Noor: “moon” is not on the menu.',
      '2 without a design: Wave band for now, to be changed at the chair.',
    ]);
    expect(read('Noor: seal').remarks).toEqual([]);
    expect(read('').children).toEqual([]);
  });

  it('takes a party and no more, and does not choke on a whole book', () => {
    const many = Array.from({ length: 100_000 }, (_, at) => `Child${at}`).join('\n');
    const { children, remarks } = read(many);

    expect(children).toHaveLength(MOST_NAMES);
    expect(remarks.at(-1)).toContain('100000 names are more than a party');
    expect(told('x'.repeat(500))[0]).toHaveLength(40 + '=wave'.length);
  });
});

it('reckons a child that has not chosen yet with the design of middle length that is offered', () => {
  const of = (...minutes: number[]) =>
    minutes.map((plannedMs, at) => ({ designId: String(at), plannedMs })) as MenuOffer[];

  expect(middleOffer(of(300, 60, 120), [])?.plannedMs).toBe(120);
  expect(middleOffer(of(300, 60, 120, 90), [])?.plannedMs).toBe(90);
  expect(middleOffer(of(300, 60, 120), ['2'])?.plannedMs).toBe(60);
  expect(middleOffer(of(300), ['0'])).toBeUndefined();
});
