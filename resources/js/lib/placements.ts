import type { Medium, Placement, Side, Zone } from '../api/types.gen';

export const placementNames: Record<Placement, string> = {
  full_face: 'full face',
  mask: 'mask',
  cheek: 'cheek',
  brow: 'brow',
  eye: 'eye',
  nose: 'nose',
  arm: 'arm',
  hand: 'hand',
};

export const mediumNames: Record<Medium, string> = {
  sponge: 'sponge',
  brush: 'brush',
  stencil: 'stencil',
  powder: 'powder',
  glitter: 'glitter',
  gem: 'gem',
  bare: 'bud or hands',
};

export const sideNames: Record<Side, string> = {
  left: 'left',
  right: 'right',
  both: 'both sides',
  centre: 'centre',
};

export const zoneName = (zone: Zone): string => zone.replaceAll('_', ' ');
