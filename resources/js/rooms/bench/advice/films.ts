import type { FilmOnSkin } from '../../../api/types.gen';

/** A film in its row of the strip, so that no two in a row overlap. */
export interface FilmInRow {
  film: FilmOnSkin;
  row: number;
}

/** Films in as few rows as they need, in painting order. */
export function inRows(films: readonly FilmOnSkin[]): FilmInRow[] {
  const ends: number[] = [];

  return films.map((film) => {
    const free = ends.findIndex((end) => end <= film.laidMs);
    const row = free < 0 ? ends.length : free;
    ends[row] = film.dryMs;

    return { film, row };
  });
}
