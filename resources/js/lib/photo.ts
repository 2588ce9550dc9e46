import type { PhotoPlace, PhotoShown } from '../api/types.gen';

/** Where a design's own photo is fetched from, where it takes the place of the drawing; null for the drawing. */
export const photoOn = (place: PhotoPlace, photo: PhotoShown | null): string | null =>
  photo?.on.includes(place) === true ? photo.address : null;
