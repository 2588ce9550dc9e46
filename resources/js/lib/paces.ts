import type { PaceShown } from '../api/types.gen';

const counted = (count: number, one: string, more: string): string => `${count} ${count === 1 ? one : more}`;

/** What a pace rests on, in words. */
export function restsOn(pace: PaceShown): string {
  const on = [
    ...(pace.faces > 0 ? [counted(pace.faces, 'face', 'faces')] : []),
    ...(pace.practised > 0 ? [`${counted(pace.practised, 'time', 'times')} on the board`] : []),
  ];
  const out = [
    ...(pace.leftOut > 0 ? [counted(pace.leftOut, 'interrupted run', 'interrupted runs')] : []),
    ...(pace.slips > 0 ? [counted(pace.slips, 'slip of the tap', 'slips of the tap')] : []),
  ];
  const rests = on.length === 0 ? 'Put together from its logged steps' : `Rests on ${on.join(' and ')}`;

  return out.length === 0 ? `${rests}.` : `${rests}; ${out.join(' and ')} left out.`;
}
