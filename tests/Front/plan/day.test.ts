import { expect, it } from 'vitest';
import type { ArtistsDay, PlayedDay } from '../../../resources/js/api/types.gen';
import { dayPieces, tonesOf } from '../../../resources/js/rooms/plan/day';
import { inLine } from '../../../resources/js/rooms/plan/forecast/player.svelte';

const face = (child: number, artist: number, design: string, arrived: number, seated: number) => ({
  child,
  artist,
  design,
  arrived,
  seated,
  painted: seated + 180,
  free: seated + 240,
  isQuick: false,
});

const day: PlayedDay = {
  run: 3,
  opensAt: 1000,
  closesAt: 5000,
  namesStopAt: null,
  faces: [
    face(0, 0, 'Starfish', 0, 0),
    face(1, 1, 'Whale tail', 5, 5),
    face(2, 0, 'Starfish', 10, 240),
    face(3, 1, 'Crab nose', 10, 245),
  ],
  lost: [],
  artists: ['Ines', 'Tobi'],
};
const ines: ArtistsDay = {
  name: 'Ines',
  hasPace: true,
  stints: [{ from: 1000, until: 5000 }],
  lastFaceEarlyAt: 0,
  lastFaceAt: 0,
  lastFaceLateAt: 0,
};

it('lays a usual day out by chair, each design in its tone', () => {
  const pieces = dayPieces(ines, day, 0);

  expect(pieces.map(({ start, length }) => [start, length])).toEqual([
    [1000, 180],
    [1240, 180],
  ]);
  expect(new Set(tonesOf(day).values()).size).toBe(3);
  expect(pieces[0]?.tone).toBe(pieces[1]?.tone);
});

it('shows the hours at the chair as long as no such day was played', () => {
  expect(dayPieces(ines, null, 0).map(({ length }) => length)).toEqual([4000]);
  expect(dayPieces({ ...ines, name: 'One more artist' }, day, 1).map(({ length }) => length)).toEqual([4000]);
});

it('knows who stands in the line at a moment', () => {
  expect(inLine(day, 9)).toEqual([]);
  expect(inLine(day, 100)).toEqual([2, 3]);
  expect(inLine(day, 242)).toEqual([3]);
});
