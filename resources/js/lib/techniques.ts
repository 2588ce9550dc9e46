import type { Load, Medium, Shape, Shut, Technique } from '../api/types.gen';

export const techniqueNames: Record<Technique, string> = {
  stipple: 'stipple',
  sweep: 'sweep',
  blend: 'blend',
  fill: 'fill',
  petal: 'petals',
  leaf: 'leaves',
  line: 'line',
  outline: 'outline',
  stripe: 'stripes',
  teardrop: 'teardrops',
  swirl: 'swirl',
  double_swirl: 'double swirl',
  dots: 'dots',
  starburst: 'starburst',
  flower: 'flower',
  heart: 'heart',
  whisker: 'whiskers',
  lash: 'lashes',
  stencil: 'stencil',
  powder: 'powder',
  loose_glitter: 'loose glitter',
  glitter_gel: 'glitter gel',
  gem: 'gem',
  lift_off: 'lift off',
  wait: 'wait',
  tidy: 'tidy',
};

const COVERING: readonly Technique[] = ['stipple', 'sweep', 'blend', 'fill'];

const STROKES: readonly Technique[] = [
  'petal',
  'leaf',
  'line',
  'outline',
  'stripe',
  'teardrop',
  'swirl',
  'double_swirl',
  'dots',
  'starburst',
  'flower',
  'heart',
  'whisker',
  'lash',
];

/** What each medium is used for; the first is the usual. The server has the last word. */
export const techniquesOf: Record<Medium, readonly Technique[]> = {
  sponge: [...COVERING, 'petal', 'leaf', 'teardrop', 'dots', 'stripe', 'heart'],
  brush: ['line', ...STROKES.filter((one) => one !== 'line'), ...COVERING],
  stencil: ['stencil'],
  powder: ['powder', 'blend'],
  glitter: ['loose_glitter', 'glitter_gel'],
  gem: ['gem'],
  bare: ['tidy', 'lift_off', 'wait'],
};

const UNCOUNTED: readonly Technique[] = [
  ...COVERING,
  'outline',
  'stencil',
  'powder',
  'loose_glitter',
  'glitter_gel',
  'lift_off',
  'wait',
  'tidy',
];

export const isCounted = (technique: Technique): boolean => !UNCOUNTED.includes(technique);

export const loadNames: Record<Load, string> = { damp: 'damp', normal: 'normal', liquid: 'nearly liquid' };

export const shutNames: Record<Shut, string> = {
  eyes: 'eyes shut',
  lips: 'lips shut',
  both: 'eyes and lips shut',
};

export const shapeName = (shape: Shape): string => shape.replaceAll('_', ' ');
