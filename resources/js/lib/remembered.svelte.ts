/** A choice of this device, such as which chair it stands beside; it survives a reload. */
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
