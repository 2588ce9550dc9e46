import type { PinShown } from '../../api/types.gen';

/** A pin in words, with the names of its steps. */
export function pinWords(pin: PinShown, nameOf: (id: string) => string): string {
  const names = pin.steps.map(nameOf);
  const [first = '', second = ''] = names;

  return {
    before: `${first} before ${second}`,
    while_wet: `${second} while ${first} is wet`,
    needs: `${first} only with ${second}`,
    first: `${first} first`,
    last: `${first} last`,
    together: `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''} together`,
  }[pin.kind];
}
