import type { PlanStep, Side, Technique, Zone } from '../api/types.gen';
import {
  type Brushwork,
  formed,
  isDrawn,
  isTexture,
  outlined,
  type Shades,
  sparkles,
  type Stain,
  strokesOf,
  texture,
} from './marks';
import { type Point, polar, plus, turned } from './strokes';
import {
  type Half,
  halvesOf,
  isLimb,
  isSided,
  landmarks,
  MIDDLE,
  type Place,
  placeOf,
  roomOf,
} from './zones';

/** What the face map needs of a step. */
export type PaintedStep = Pick<
  PlanStep,
  | 'id'
  | 'name'
  | 'technique'
  | 'colours'
  | 'zones'
  | 'side'
  | 'coats'
  | 'load'
  | 'count'
  | 'shape'
  | 'sizePercent'
  | 'turnDegrees'
  | 'guides'
  | 'seen'
>;

/** The same stains on one half or on the middle; the right half is the left one mirrored. */
export interface Copy {
  half: Half;
  stains: Stain[];
}

/** A piece that an outline goes round, with the width that its edge runs out by. */
export interface Inside extends Pick<Stain, 'd' | 'transform'> {
  half: Half;
  width: number;
}

/** What one step lays on the skin. */
export interface Layer {
  id: string;
  /** How far its edge runs out, in units of the sheet. */
  soft: number;
  /** Nothing goes over open eyes but what is set on the lid; films, textures and glitter stay off the lips too where they are not meant for them. */
  staysClear: 'nothing' | 'eyes' | 'eyes and lips';
  /** Inside of this nothing of it is seen: what an outline goes round. */
  outside: Inside[];
  coversLips: boolean;
  copies: Copy[];
}

const FILMS: readonly Technique[] = ['stipple', 'sweep', 'blend', 'fill', 'powder', 'lift_off'];

/** What is strewn over a place rather than set in it. */
const SCATTERED: readonly Technique[] = ['stencil', 'loose_glitter', 'glitter_gel'];

const LIPS: readonly Zone[] = ['upper_lip', 'lips', 'lower_lip'];

/** Set on the lid, or painted from its edge. */
const ON_THE_LID: readonly Technique[] = ['lash', 'gem'];

/** A bunch of them is one figure, which stands in one place. */
const BUNCHED: readonly Technique[] = ['petal', 'leaf', 'whisker', 'lash'];

/** Marks of these stand on both sides even where the step says centre. */
const ALWAYS_PAIRED: readonly Technique[] = ['whisker', 'lash'];

const USUAL_COUNTS: Partial<Record<Technique, number>> = {
  petal: 5,
  dots: 5,
  leaf: 3,
  stripe: 3,
  teardrop: 3,
  whisker: 3,
  lash: 4,
};

const SOFT_EDGES: Partial<Record<Technique, number>> = {
  stipple: 5.5,
  sweep: 4,
  blend: 5.5,
  powder: 7,
  lift_off: 4,
};

/** Where the marks of a step stand, half by half. */
export function groupsOf(step: PaintedStep): Map<Half, Zone[]> {
  const groups = new Map<Half, Zone[]>();
  const add = (half: Half, zone: Zone) => groups.set(half, [...(groups.get(half) ?? []), zone]);
  const middle = step.side === 'centre' && !ALWAYS_PAIRED.includes(step.technique);
  for (const zone of step.zones) {
    for (const half of middle && isSided(zone) ? (['middle'] as const) : halvesOf(zone, sideOf(step))) {
      add(half, zone);
    }
  }

  return groups;
}

const sideOf = (step: PaintedStep): Side => (step.side === 'centre' ? 'both' : step.side);

/** The room of several zones together. */
export function roomFor(zones: readonly Zone[], half: Half): Place {
  const rooms = zones.map((zone) => roomOf(zone, half));
  const left = Math.min(...rooms.map(({ centre, rx }) => centre[0] - rx));
  const right = Math.max(...rooms.map(({ centre, rx }) => centre[0] + rx));
  const top = Math.min(...rooms.map(({ centre, ry }) => centre[1] - ry));
  const bottom = Math.max(...rooms.map(({ centre, ry }) => centre[1] + ry));

  return {
    d: rooms.map(({ d }) => d).join(''),
    centre: [(left + right) / 2, (top + bottom) / 2],
    rx: (right - left) / 2,
    ry: (bottom - top) / 2,
  };
}

/** The part of a room that halves, thirds and the clock leave. */
export function guided(room: Place, guides: PaintedStep['guides']): Place {
  return guides.reduce((left, { by, value }) => {
    if (by === 'clock') {
      const [x, y] = polar(0.66, Number(value) * 30 - 90);

      return { ...left, centre: plus(left.centre, [x * left.rx, y * left.ry]) };
    }
    if (by !== 'portion') {
      return left;
    }
    const [where, part] = value.split('_') as [string, string];
    const share = part === 'half' ? 1 / 2 : 1 / 3;
    const sideways = where === 'inner' || where === 'outer';
    const way = where === 'inner' || where === 'upper' ? -1 : where === 'middle' ? 0 : 1;
    const shift = way * (1 - share);

    return sideways
      ? { ...left, centre: plus(left.centre, [shift * left.rx, 0]), rx: left.rx * share }
      : { ...left, centre: plus(left.centre, [0, shift * left.ry]), ry: left.ry * share };
  }, room);
}

export const aimOf = (guides: PaintedStep['guides']): Point | null => {
  const value = guides.find(({ by }) => by === 'aim')?.value;

  return value === undefined ? null : (landmarks[value] ?? null);
};

export const angleOf = (guides: PaintedStep['guides']): number | null => {
  const value = guides.find(({ by }) => by === 'angle')?.value;

  return value === undefined ? null : Number(value);
};

/** As they come out on what lies below, where that is worked out; else as they come from the cake. */
const huesOf = ({ colours, seen }: PaintedStep): string[] =>
  isWorkedOut({ colours, seen }) ? seen : colours.map(({ hex }) => hex);

const isWorkedOut = ({ colours, seen }: Pick<PaintedStep, 'colours' | 'seen'>): boolean =>
  colours.length > 0 && seen.length === colours.length;

export function brushworkOf(step: PaintedStep, whole: Place): Brushwork {
  const room = guided(whole, step.guides);

  return {
    technique: step.technique,
    room,
    shape: step.shape,
    colours: huesOf(step),
    count: step.count ?? USUAL_COUNTS[step.technique] ?? 1,
    size: (Math.min(room.rx, room.ry) * step.sizePercent) / 100,
    turn: step.turnDegrees,
    aim: aimOf(step.guides),
    angle: angleOf(step.guides),
  };
}

/** One colour, or several across the room in the order they are picked up. */
function paintOf({ colours, room, turn }: Brushwork): string | Shades {
  if (colours.length < 2) {
    return colours[0] ?? '#d9cbb8';
  }
  const [x, y] = turned([0, 1], turn);

  return {
    colours,
    from: plus(room.centre, [-x * room.rx, -y * room.ry]),
    to: plus(room.centre, [x * room.rx, y * room.ry]),
  };
}

/** One coat lets the skin through a little; the next ones hide it. A colour as it is seen holds all that already. */
function cover(step: PaintedStep): number {
  if (isWorkedOut(step)) {
    return 0.97;
  }
  const one =
    step.technique === 'powder'
      ? 0.62
      : step.technique === 'lift_off'
        ? 0.6
        : { damp: 0.9, normal: 0.93, liquid: 0.66 }[step.load];

  return 1 - (1 - one) ** step.coats;
}

function film(step: PaintedStep, zones: readonly Zone[], half: Half): Stain[] {
  const work = brushworkOf(step, roomFor(zones, half));
  const opacity = cover(step);
  if (step.shape !== null && !isTexture(step.shape)) {
    return formed(work, paintOf(work)).map((stain) => ({ opacity, ...stain }));
  }
  const fill = paintOf(work);
  const hasPortion = step.guides.some(({ by }) => by === 'portion');
  const edge = typeof fill === 'string' ? fill : 'none';

  // A little over its outline, so that neighbouring zones of one film meet.
  return [
    {
      d: hasPortion ? partOf(work.room) : zones.map((zone) => placeOf(zone).d).join(''),
      fill,
      opacity,
      ...(edge === 'none' ? {} : { stroke: edge, width: 9 }),
    },
  ];
}

const partOf = ({ centre: [x, y], rx, ry }: Place): string =>
  `M${x - rx} ${y}C${x - rx} ${y - ry * 1.2} ${x + rx} ${y - ry * 1.2} ${x + rx} ${y}C${x + rx} ${y + ry * 1.2} ${x - rx} ${y + ry * 1.2} ${x - rx} ${y}Z`;

function stainsOf(step: PaintedStep, zones: readonly Zone[], half: Half): Stain[] {
  const whole = roomFor(zones, half);
  const work = brushworkOf(step, whole);
  switch (step.technique) {
    case 'stencil':
      return step.shape === null || isTexture(step.shape)
        ? zones.map((zone) => texture(step.shape, roomOf(zone, half), work.colours[0] ?? '#f4f2ec'))
        : formed(work, work.colours[0] ?? '#f4f2ec');
    case 'loose_glitter':
    case 'glitter_gel':
      return zones.flatMap((zone) =>
        sparkles(brushworkOf(step, roomOf(zone, half)), `${zone} ${step.technique}`),
      );
    case 'outline':
      return outlined(work, step.shape === null ? zones.map((zone) => placeOf(zone).d).join('') : null);
    case 'line':
      return step.shape === null
        ? spread(step, zones, half)
        : isDrawn(step.shape)
          ? formed(work, paintOf(work))
          : outlined(work, null);
    case 'wait':
    case 'tidy':
      return [];
    default:
      return spread(step, zones, half);
  }
}

/**
 * Marks over several zones stand in each of them, more in the larger ones, as a painter sets them; a lone one and a bunch stand
 * in the largest. What is placed by halves, thirds or the clock goes by all of them together.
 */
function spread(step: PaintedStep, zones: readonly Zone[], half: Half): Stain[] {
  const isPlaced = step.guides.some(({ by }) => by === 'portion' || by === 'clock');
  const whole = brushworkOf(step, roomFor(zones, half));
  if (zones.length === 1 || isPlaced || ALWAYS_PAIRED.includes(step.technique)) {
    return strokesOf(whole);
  }
  const rooms = zones.map((zone) => roomOf(zone, half));
  const one = (room: Place, count: number | null) => strokesOf(brushworkOf({ ...step, count }, room));
  if (whole.count < 2 || BUNCHED.includes(step.technique)) {
    const largest = rooms.reduce((most, room) => (room.rx * room.ry > most.rx * most.ry ? room : most));

    return one(largest, step.count);
  }

  return shares(rooms, whole.count).flatMap((count, at) => {
    const room = rooms[at];

    return room === undefined || count === 0 ? [] : one(room, count);
  });
}

/** So many for each room by its size, all of them together as many as asked for. */
export function shares(rooms: readonly Pick<Place, 'rx' | 'ry'>[], count: number): number[] {
  const areas = rooms.map(({ rx, ry }) => rx * ry);
  const total = areas.reduce((sum, area) => sum + area, 0);
  let given = 0;
  let passed = 0;

  return areas.map((area) => {
    passed += area;
    const share = Math.round((count * passed) / total) - given;
    given += share;

    return share;
  });
}

/** Round what was painted there, all of it together; undefined where nothing was. */
function roundWhatIsBelow(
  step: PaintedStep,
  below: readonly PaintedStep[],
): Pick<Layer, 'copies' | 'outside'> | undefined {
  const halves = new Set(groupsOf(step).keys());
  const pieces = below
    .filter((one) => FILMS.includes(one.technique) && one.zones.some((zone) => step.zones.includes(zone)))
    .flatMap((one) => layerOf(one).copies)
    .filter(({ half }) => halves.has(half))
    .flatMap(({ half, stains }) => stains.map((stain) => ({ half, stain })))
    .filter(({ stain }) => stain.fill !== 'none');
  if (pieces.length === 0) {
    return undefined;
  }
  const line = Math.max(2, Math.min(4.2, brushworkOf(step, roomFor(step.zones, 'left')).size * 0.12));
  const colour = huesOf(step)[0] ?? '#1b1b22';
  const scaleOf = ({ transform }: Stain) => Number(/scale\(([\d.]+)\)/u.exec(transform ?? '')?.[1] ?? 1);

  return {
    outside: pieces.map(({ half, stain: { d, transform, width = 0 } }) => ({
      half,
      d,
      width,
      ...(transform === undefined ? {} : { transform }),
    })),
    copies: [...halves].map((half) => ({
      half,
      stains: pieces
        .filter((piece) => piece.half === half)
        .map(({ stain }): Stain => ({
          d: stain.d,
          ...(stain.transform === undefined ? {} : { transform: stain.transform }),
          fill: 'none',
          stroke: colour,
          width: (stain.width ?? 0) + (2 * line) / scaleOf(stain),
        })),
    })),
  };
}

/** Whether it has a size and a turn of its own, and does not just cover its place. */
export const isMark = ({ technique, shape }: Pick<PaintedStep, 'technique' | 'shape'>): boolean =>
  shape === null
    ? ![...FILMS, ...SCATTERED, 'outline', 'wait', 'tidy'].includes(technique)
    : !isTexture(shape);

/**
 * The layer of one step; empty for what leaves nothing on the skin.
 *
 * @param below steps painted before it, which an outline goes round
 */
export function layerOf(step: PaintedStep, below: readonly PaintedStep[] = []): Layer {
  const isFilm = FILMS.includes(step.technique);
  const crisp = step.shape !== null && !isTexture(step.shape);
  const groups = [...groupsOf(step)];
  const flat: [Half, Zone[]][] =
    isFilm && !crisp
      ? groups.flatMap(([half, zones]): [Half, Zone[]][] =>
          half === 'middle' && zones.some(isSided)
            ? [
                ['left', zones],
                ['right', zones.filter(isSided)],
              ]
            : [[half, zones]],
        )
      : groups;
  const round =
    step.technique === 'outline' && step.shape === null ? roundWhatIsBelow(step, below) : undefined;

  return {
    id: step.id,
    soft: isFilm ? (SOFT_EDGES[step.technique] ?? 1.2) * (crisp ? 0.5 : 1) : 0,
    staysClear:
      isFilm || SCATTERED.includes(step.technique)
        ? 'eyes and lips'
        : ON_THE_LID.includes(step.technique) || step.zones.includes('eyelid')
          ? 'nothing'
          : 'eyes',
    coversLips: step.zones.some((zone) => LIPS.includes(zone)),
    outside: round?.outside ?? [],
    copies:
      round?.copies ??
      flat.map(([half, zones]) => ({
        half,
        stains: isFilm ? film(step, zones, half) : stainsOf(step, zones, half),
      })),
  };
}

/** Whether the picture is of an arm. */
export const isOnLimb = (steps: readonly Pick<PlanStep, 'zones'>[]): boolean =>
  steps.some(({ zones }) => zones.some(isLimb));

/** Where a mark's own middle lies on the whole sheet, for what is drawn beside it. */
export const onSheet = (half: Half, [x, y]: Point): Point =>
  half === 'right' ? [2 * MIDDLE - x, y] : [x, y];
