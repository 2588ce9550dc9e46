import { sideNames, zoneName } from '../lib/placements';
import { techniqueNames } from '../lib/techniques';
import type { PaintedStep } from './layers';

const list = (words: readonly string[]): string =>
  words.length < 2 ? (words[0] ?? '') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`;

function sentence(step: PaintedStep): string {
  const colours = list(step.colours.map(({ name, hex }) => (name === '' ? hex : name)));
  const what = step.shape === null ? techniqueNames[step.technique] : `a ${step.shape.replaceAll('_', ' ')}`;
  const how = step.count === null ? what : `${step.count} ${what}`;
  const side = step.side === 'centre' ? '' : `, ${sideNames[step.side]}`;
  const where = step.zones.length === 0 ? '' : ` on the ${list(step.zones.map(zoneName))}${side}`;

  return `${step.name}: ${how}${colours === '' ? '' : ` in ${colours}`}${where}.`;
}

/** Reads a picture out, step by step, for whoever does not see it. */
export const described = (title: string, steps: readonly PaintedStep[]): string =>
  [
    `${title}, painted in ${steps.length} ${steps.length === 1 ? 'step' : 'steps'}.`,
    ...steps.map(sentence),
  ].join(' ');
