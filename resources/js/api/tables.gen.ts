// Written by `php artisan inch:types` from core. Do not edit.

import type { Load, Medium, Shut, Technique } from './types.gen';

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

/** What each medium is used for; the first is the usual. */
export const techniquesOf: Record<Medium, readonly Technique[]> = {
  sponge: ['stipple', 'sweep', 'blend', 'fill', 'petal', 'leaf', 'stripe', 'teardrop', 'dots', 'heart'],
  brush: ['line', 'fill', 'petal', 'leaf', 'outline', 'stripe', 'teardrop', 'swirl', 'double_swirl', 'dots', 'starburst', 'flower', 'heart', 'whisker', 'lash', 'stipple', 'sweep', 'blend'],
  stencil: ['stencil'],
  powder: ['powder', 'blend'],
  glitter: ['loose_glitter', 'glitter_gel'],
  gem: ['gem'],
  bare: ['tidy', 'lift_off', 'wait'],
};

/** Those whose strokes or marks can be counted. */
export const countedTechniques: readonly Technique[] = ['petal', 'leaf', 'line', 'stripe', 'teardrop', 'swirl', 'double_swirl', 'dots', 'starburst', 'flower', 'heart', 'whisker', 'lash', 'gem'];

export const loadNames: Record<Load, string> = {
  damp: 'damp',
  normal: 'normal load',
  liquid: 'nearly liquid',
};

export const shutNames: Record<Shut, string> = {
  eyes: 'eyes shut',
  lips: 'lips shut',
  both: 'eyes and lips shut',
};

/** Of those who went, so many are shown and can be brought back at a tap. */
export const ENDED_SHOWN = 16;

/** How painters type a time. */
export const TYPED_MINUTES =
  /^(?:(?<minutes>\d+(?:[.,]\d+)?)\s*(?:m|min|mins|minute|minutes|')?|(?<colonMinutes>\d+):(?<colonSeconds>[0-5]?\d(?:[.,]\d{1,3})?)|(?<wordMinutes>\d+)\s*(?:m|min|mins|minute|minutes|')\s*(?<wordSeconds>\d+(?:[.,]\d{1,3})?)\s*(?:s|sec|secs|second|seconds|")?|(?<seconds>\d+(?:[.,]\d{1,3})?)\s*(?:s|sec|secs|second|seconds|"))$/i;

/** What makes a face quicker by less is not worth a press. Milliseconds. */
export const QUICKER_WORTH_MS = 3000;

/** The fixed words of a board, by language: lang/. */
export const boardWords = {
    "en": {
        "title": "Face painting",
        "minutes": "min",
        "point": "Point at the one you like",
        "free": "free",
        "ask": "Ask at the chair. Stop whenever you like."
    },
    "de": {
        "title": "Kinderschminken",
        "minutes": "Min.",
        "point": "Zeig auf das, was dir gefällt",
        "free": "gratis",
        "ask": "Frag am Stuhl. Du darfst immer aufhören."
    },
    "fr": {
        "title": "Maquillage",
        "minutes": "min",
        "point": "Montre celui que tu aimes",
        "free": "gratuit",
        "ask": "Demande à la chaise. Tu peux arrêter quand tu veux."
    },
    "es": {
        "title": "Pintacaras",
        "minutes": "min",
        "point": "Señala el que te gusta",
        "free": "gratis",
        "ask": "Pregunta en la silla. Puedes parar cuando quieras."
    }
};
