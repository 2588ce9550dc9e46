/** A map that goes on from another one without copying it; the other must change no more. */
export class Layered<Key, Value> {
  private readonly own = new Map<Key, Value>();

  constructor(private readonly below?: Layered<Key, Value>) {}

  has(key: Key): boolean {
    return this.own.has(key) || this.below?.has(key) === true;
  }

  get(key: Key): Value | undefined {
    return this.own.has(key) ? this.own.get(key) : this.below?.get(key);
  }

  set(key: Key, value: Value): void {
    this.own.set(key, value);
  }
}
