import type { MenuGroup, OfferSheet } from '../../api/types.gen';

export const GROUPS: Record<MenuGroup, string> = {
  quick: 'quick ones',
  fancy: 'fancy ones',
  arm: 'arms only',
  big: 'for big ones',
};

/** How far a design is from keeping its promise. */
export function readiness(offer: Pick<OfferSheet, 'readyAfter' | 'faces'>): string {
  return offer.faces === 0
    ? 'not painted yet'
    : offer.readyAfter === null
      ? `not yet after ${offer.faces} faces`
      : offer.readyAfter === 0
        ? `menu-ready after ${offer.faces} faces`
        : `ready after ${offer.readyAfter} more on the board`;
}
