import type { KitThing, PainterName } from '../../api/types.gen';

/** The bag of nobody alone. */
export const TEAMS = '';

/** What lies in one bag; all there is for none. */
export function inBag(things: readonly KitThing[], bag: string | null): KitThing[] {
  return things.filter(({ ownerId }) => bag === null || (ownerId ?? TEAMS) === bag);
}

/** The mark on the handle of whose own a thing is: the shortest beginning of the name that nobody else has. */
export function markOf(ownerId: string | null, painters: readonly PainterName[]): string {
  const owner = painters.find(({ id }) => id === ownerId);
  if (owner === undefined) {
    return '';
  }
  const others = painters.filter(({ id }) => id !== ownerId).map(({ name }) => name.toLowerCase());
  const letters = Array.from(owner.name);
  const enough = letters.findIndex(
    (_, at) =>
      !others.some((name) =>
        name.startsWith(
          letters
            .slice(0, at + 1)
            .join('')
            .toLowerCase(),
        ),
      ),
  );

  return letters.slice(0, enough === -1 ? letters.length : enough + 1).join('');
}
