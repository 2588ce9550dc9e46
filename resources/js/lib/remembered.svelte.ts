import { PersistedState } from 'runed';

const AS_IT_IS = { serialize: (value: string) => value, deserialize: (value: string) => value };

/** A choice of this device, such as which chair it stands beside; it survives a reload. Each tab may stand for another chair. */
export type Remembered = PersistedState<string>;

export const remembered = (key: string, start: string): Remembered =>
  new PersistedState(key, start, { serializer: AS_IT_IS, syncTabs: false });

export const chairAtHand = remembered('inch-timer.chair', '1');
export const dayChosen = remembered('inch-timer.day', '');
/** The day that this device began with, until it is kept or thrown away. */
export const begunDay = remembered('inch-timer.begun-day', '');
/** The day that the chair showed last. */
export const dayAtChair = remembered('inch-timer.day-at-chair', '');

/** one for all chairs, or each: whoever takes names puts every child in the line of one painter. */
export const linesKept = remembered('inch-timer.lines', 'one');

/** The hand that taps: the keys stand on its side. */
export const handAtKeys = remembered('inch-timer.hand', 'right');
export const soundsWanted = remembered('inch-timer.sounds', 'no');
export const shakesWanted = remembered('inch-timer.shakes', 'no');
/** paper, sun, dim, or device for what this device asks for. */
export const lightChosen = remembered('inch-timer.light', 'device');
/** Whose face the bench draws on, by the name of the look; empty for another one with each design. */
export const sitterChosen = remembered('inch-timer.sitter', '');
