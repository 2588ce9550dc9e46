/**
 * A choice of this device, such as which chair it stands beside; it survives a reload. Setting what it is already tells nobody,
 * so that an effect may set it.
 */
export class Remembered {
  private current = $state('');

  constructor(
    private readonly key: string,
    start: string,
  ) {
    this.current = localStorage.getItem(key) ?? start;
  }

  get value(): string {
    return this.current;
  }

  set value(value: string) {
    this.current = value;
    localStorage.setItem(this.key, value);
  }
}

export const chairAtHand = new Remembered('inch-timer.chair', '1');
export const dayChosen = new Remembered('inch-timer.day', '');
/** The day that this device began with, until it is kept or thrown away. */
export const begunDay = new Remembered('inch-timer.begun-day', '');
/** The day that the chair showed last. */
export const dayAtChair = new Remembered('inch-timer.day-at-chair', '');

/** one for all chairs, or each: whoever takes names puts every child in the line of one painter. */
export const linesKept = new Remembered('inch-timer.lines', 'one');

/** The hand that taps: the keys stand on its side. */
export const handAtKeys = new Remembered('inch-timer.hand', 'right');
export const soundsWanted = new Remembered('inch-timer.sounds', 'no');
export const shakesWanted = new Remembered('inch-timer.shakes', 'no');
/** paper, sun, dim, or device for what this device asks for. */
export const lightChosen = new Remembered('inch-timer.light', 'device');
/** Whose face the bench draws on, by the name of the look; empty for another one with each design. */
/** painted or drawing: how the bench shows a design. */
export const pictureChosen = new Remembered('inch-timer.picture', 'painted');
export const sitterChosen = new Remembered('inch-timer.sitter', '');
