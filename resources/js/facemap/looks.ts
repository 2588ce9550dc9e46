import type { FaceSize } from '../api/types.gen';

/** Who sits for the picture. */
export interface Look {
  /** As it is read out. */
  name: string;
  skin: string;
  hair: string;
  iris: string;
  shirt: string;
  cut: 'swept' | 'curls' | 'bob';
}

export const looks: readonly Look[] = [
  {
    name: 'fair skin, brown hair swept aside',
    skin: '#f6d9bf',
    hair: '#6b4426',
    iris: '#5d7d8c',
    shirt: '#3f7f86',
    cut: 'swept',
  },
  {
    name: 'brown skin, black curls',
    skin: '#8f5c3c',
    hair: '#1d1512',
    iris: '#3b2417',
    shirt: '#d8a13a',
    cut: 'curls',
  },
  {
    name: 'fair skin, blond bob',
    skin: '#f3cfae',
    hair: '#c88a37',
    iris: '#4f7a5d',
    shirt: '#9c4a3c',
    cut: 'bob',
  },
  {
    name: 'tanned skin, dark bob',
    skin: '#d9a679',
    hair: '#2b1c15',
    iris: '#4a2f1f',
    shirt: '#5b6fa8',
    cut: 'bob',
  },
  {
    name: 'dark skin, black curls',
    skin: '#6a432d',
    hair: '#141010',
    iris: '#2e1c13',
    shirt: '#7c9a5b',
    cut: 'curls',
  },
  {
    name: 'pale skin, red hair swept aside',
    skin: '#f8e1cd',
    hair: '#9a3f1c',
    iris: '#5f8a6a',
    shirt: '#46506b',
    cut: 'swept',
  },
  {
    name: 'light brown skin, dark hair swept aside',
    skin: '#c08a5c',
    hair: '#3a241a',
    iris: '#3f281b',
    shirt: '#b5654a',
    cut: 'swept',
  },
];

export const usualLook: Look = {
  name: 'fair skin, brown hair',
  skin: '#f3cfae',
  hair: '#6b4426',
  iris: '#5d7d8c',
  shirt: '#3f7f86',
  cut: 'swept',
};

/**
 * How a head differs from the child's that the sheet is drawn for: a small one is rounder, a grown one longer, for the
 * lower face grows most (from memory of drawing manuals).
 */
export const statures: Readonly<Record<FaceSize, string | undefined>> = {
  small: 'translate(200 250) scale(1.03 0.93) translate(-200 -250)',
  child: undefined,
  adult: 'translate(200 250) scale(0.95 1.06) translate(-200 -250)',
};

/** Always the same child for the same word. */
export function lookOf(word: string): Look {
  const sum = Array.from(word).reduce((all, letter) => (all * 31 + (letter.codePointAt(0) ?? 0)) >>> 0, 7);

  return looks[sum % looks.length] ?? usualLook;
}
