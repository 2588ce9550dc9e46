import { listed } from '../lib/listed';
import { sideNames, zoneNames } from '../api/tables.gen';
import { techniqueNames } from '../lib/techniques';
import type { PaintedStep } from './layers';

function sentence(step: PaintedStep): string {
  const colours = listed(step.colours.map(({ name, hex }) => (name === '' ? hex : name)));
  const what = step.shape === null ? techniqueNames[step.technique] : `a ${step.shape.replaceAll('_', ' ')}`;
  const how = step.count === null ? what : `${step.count} ${what}`;
  const side = step.side === 'centre' ? '' : `, ${sideNames[step.side]}`;
  const where =
    step.zones.length === 0 ? '' : ` on the ${listed(step.zones.map((zone) => zoneNames[zone]))}${side}`;

  const by = step.guides.map(({ words }) => `, ${words.replace(/ shape$/u, '')}`).join('');

  return `${step.name}: ${how}${colours === '' ? '' : ` in ${colours}`}${where}${by}.`;
}

/** Reads a picture out, step by step, for whoever does not see it. */
export const described = (title: string, steps: readonly PaintedStep[]): string =>
  [
    `${title}, painted in ${steps.length} ${steps.length === 1 ? 'step' : 'steps'}.`,
    ...steps.map(sentence),
  ].join(' ');
