import type { ArtistsDay, PlayedDay } from '../../api/types.gen';
import type { Piece } from '../../tape/tape';

/** Tones of the designs of a day, in the order in which they are first painted. */
export const TONES = ['#e6d6b0', '#b9d3cf', '#c5cfe6', '#e8b9a6', '#cfd8c0', '#d8c6dd', '#f0dca0', '#b8bfc6'];

/** Each design's tone. */
export function tonesOf(day: PlayedDay): Map<string, string> {
  const designs = [...new Set(day.faces.map((face) => face.design))];

  return new Map(designs.map((design, at) => [design, TONES[at % TONES.length] ?? '']));
}

/** A chair's usual day as pieces of tape; the hours at it, as long as no day was played. */
export function dayPieces(artist: ArtistsDay, day: PlayedDay | null, at: number): Piece[] {
  if (day?.artists[at] !== artist.name) {
    return artist.stints.map(({ from, until }): Piece => ({
      id: String(from),
      kind: 'face',
      start: from,
      length: until - from,
      tone: '#fcf9f0',
    }));
  }
  const tones = tonesOf(day);

  return day.faces
    .filter((face) => face.artist === at)
    .map((face): Piece => ({
      id: String(face.child),
      kind: 'face',
      start: day.opensAt + face.seated,
      length: face.painted - face.seated,
      tone: tones.get(face.design) ?? '',
    }));
}
