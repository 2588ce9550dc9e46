import type { PinShown } from '../../../api/types.gen';
import { listed } from '../../../lib/listed';

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
    together: `${listed(names)} together`,
  }[pin.kind];
}
