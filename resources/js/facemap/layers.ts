import { darkens, figureParts, lights, usualCounts } from '../api/tables.gen';
import type { PlanStep, Shape, Side, Technique, Zone } from '../api/types.gen';
import {
  type Brushwork,
  formed,
  isDrawn,
  isTexture,
  type Outline,
  outlined,
  placed,
  reachOf,
  type Shades,
  sparkles,
  type Stain,
  strokesOf,
  texture,
  WEIGHT,
  weighted,
} from './marks';
import { litEdge, shadedEdge } from './edges';
import { partsOf } from './figures';
import { extentOf, forms } from './shapes';
import { at, boundsOf, type Point, polar, plus, turned } from './strokes';
import { rimAt } from './sheets';
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
export interface Inside extends Pick<Stain, 'd' | 'transform' | 'hollow'> {
  half: Half;
  width: number;
}

/** What one step lays on the skin. */
export interface Layer {
  id: string;
  /** How much of what lies below it hides, 0 to 1: all its pieces together, so that none shows where two of them meet. */
  cover: number;
  /** How far its edge runs out, in units of the sheet. */
  soft: number;
  /** Nothing goes over open eyes but what is set on the lid, nor over lips that it is not meant for. */
  staysClear: 'nothing' | 'eyes and lips';
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

const SOFT_EDGES: Partial<Record<Technique, number>> = {
  stipple: 5.5,
  sweep: 4,
  blend: 5.5,
  powder: 7,
  lift_off: 4,
};

/** A shade is worked out to its inner side, and hardly over the edge that it goes by. */
const SHADE_SOFT = 3;

/** Where the marks of a step stand, half by half. */
export function groupsOf(step: PaintedStep): Map<Half, Zone[]> {
  const groups = new Map<Half, Zone[]>();
  const add = (half: Half, zone: Zone) => groups.set(half, [...(groups.get(half) ?? []), zone]);
  // A form over middle and sides is one, as a mask is.
  const isOne =
    step.shape !== null &&
    !isTexture(step.shape) &&
    step.side === 'both' &&
    step.zones.some((zone) => !isSided(zone)) &&
    step.zones.some(isSided);
  const middle = (step.side === 'centre' || isOne) && !ALWAYS_PAIRED.includes(step.technique);
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

const partsIn = ({ guides }: Pick<PaintedStep, 'guides'>): string[] =>
  guides.filter(({ by }) => by === 'part').map(({ value }) => value);

/** Parts that are strokes or marks themselves, whatever they are painted with. */
const STROKE_PARTS: readonly string[] = (
  'mouth whiskers antenna string seams spots sprinkles seeds berries button jewels pupil shine stripes leg rays drips nose eye ' +
  'teeth claw brow handle strap pole stick stem smoke flame spikes horn tongue knot bow ribbon inner_ear light'
).split(' ');

const PART_FILLED: readonly Technique[] = [
  'stipple',
  'sweep',
  'blend',
  'fill',
  'powder',
  'lift_off',
  'outline',
  'stencil',
];

/** Strokes and marks on a broad part of the figure, such as dots on wings, stand within that part. */
function onPart(step: PaintedStep, half: Half): Frame | undefined {
  const parts = partsIn(step);
  if (
    step.shape === null ||
    parts.length === 0 ||
    PART_FILLED.includes(step.technique) ||
    parts.some((part) => STROKE_PARTS.includes(part))
  ) {
    return undefined;
  }
  const d = partsOf(step.shape, parts);
  if (d === undefined) {
    return undefined;
  }
  const work = brushworkOf(
    { ...step, technique: 'fill', count: null },
    roomFor(groupsOf(step).get(half) ?? [], half),
  );
  const [left, top, right, bottom] = boundsOf(d);
  const scale = reachOf(work) / 50;
  const middle: Point = [((left + right) / 2) * scale, ((top + bottom) / 2) * scale];

  return {
    room: {
      d: '',
      centre: plus(work.room.centre, turned(middle, work.turn)),
      rx: ((right - left) / 2) * scale * 0.85,
      ry: ((bottom - top) / 2) * scale * 0.85,
    },
    turn: work.turn,
    hangs: false,
    edge: placed(d, work.room.centre, reachOf(work), work.turn),
  };
}

/** A figure painted before, as a room to place marks in. */
interface Frame {
  room: Place;
  /** Degrees that the figure is turned by. */
  turn: number;
  /** Whether strokes run away from it, as tentacles hang from a bell. */
  hangs: boolean;
  /** Its edge, which nothing set on it crosses. */
  edge: Outline | undefined;
}

/** Where a mark may stand to a figure: the room's middle and its reach, against the figure's own. */
const STANDING: Record<string, { middle: Point; reach: Point }> = {
  inside: { middle: [0, 0], reach: [0.78, 0.72] },
  top: { middle: [0, -0.72], reach: [0.6, 0.26] },
  foot: { middle: [0, 0.72], reach: [0.7, 0.26] },
  above: { middle: [0, -1.42], reach: [0.9, 0.42] },
  below: { middle: [0, 1.42], reach: [0.95, 0.42] },
  beside: { middle: [1.7, -0.2], reach: [0.7, 0.7] },
};

/** The figure that a step is placed by, where one is painted below it; the last of them. */
function frameOf(step: PaintedStep, half: Half, below: readonly PaintedStep[]): Frame | undefined {
  const said = step.guides.find(({ by }) => by === 'figure')?.value;
  const [place = '', shape = ''] = said?.split(' ') ?? [];
  const at = below.findLastIndex((one) => one.shape === shape && halfFor(one, half) !== undefined);
  const figure = below[at];
  const standing = STANDING[place];
  if (figure === undefined || figure.shape === null || isTexture(figure.shape) || standing === undefined) {
    return undefined;
  }
  const own = halfFor(figure, half) ?? half;
  const work = brushworkOf(
    figure,
    roomFor(groupsOf(figure).get(own) ?? [], own),
    frameOf(figure, own, below.slice(0, at)),
  );
  const [left, top, right, bottom] = extentOf(figure.shape as Parameters<typeof extentOf>[0]);
  const scale = reachOf(work) / 50;
  const turn = work.turn - (work.angle ?? 0);
  const [rx, ry] = [((right - left) / 2) * scale, ((bottom - top) / 2) * scale];
  const middle: Point = [((left + right) / 2) * scale, ((top + bottom) / 2) * scale];
  const centre = plus(
    work.room.centre,
    turned(plus(middle, [standing.middle[0] * rx, standing.middle[1] * ry]), turn),
  );
  // Beside a narrow figure there is more room than it takes itself.
  const least = Math.max(rx, ry) * 0.35;
  const reach = (share: number, own: number) =>
    place === 'inside' ? share * own : Math.max(least, share * own);

  return {
    room: { d: '', centre, rx: reach(standing.reach[0], rx), ry: reach(standing.reach[1], ry) },
    turn,
    hangs: place === 'above' || place === 'below',
    edge:
      place === 'inside' || place === 'top' || place === 'foot'
        ? placed(forms[figure.shape as keyof typeof forms].d, work.room.centre, reachOf(work), turn)
        : undefined,
  };
}

/** The edge that a shade or a light goes by: of the figure that is named, else of the last one in the same place. */
function edgeFor(
  step: PaintedStep,
  half: Half,
  below: readonly PaintedStep[],
  frame: Frame | undefined,
): Outline | undefined {
  if (frame !== undefined || step.guides.length > 0 || !goesByEdge(step)) {
    return frame?.edge;
  }
  const at = below.findLastIndex(
    ({ shape, zones }) =>
      shape !== null &&
      !isTexture(shape) &&
      zones.length === step.zones.length &&
      zones.every((zone) => step.zones.includes(zone)),
  );
  const figure = below[at];
  if (figure === undefined || figure.shape === null) {
    return undefined;
  }
  const guide = { by: 'figure' as const, value: `inside ${figure.shape}`, words: '' };

  return frameOf({ ...step, guides: [guide] }, half, below)?.edge;
}

/** The half of a figure that a mark on this half is placed by; undefined where it has none there. */
function halfFor(figure: PaintedStep, half: Half): Half | undefined {
  const halves = [...groupsOf(figure).keys()];

  return halves.includes(half) ? half : halves.find((one) => one === 'middle');
}

/** Where a form is as large as the cheek, and a painter draws it in towards the mouth. */
const ON_CHEEKS: readonly Zone[] = ['cheek', 'cheekbone', 'lower_cheek', 'jaw'];

const [UNDER_THE_LID, ABOVE_THE_CHIN] = [262, 410];

/** How near the middle line a form comes at a height: clear of the nose, and of the corner of the mouth. */
const besideTheMiddle = (y: number): number => (y > 326 && y < 374 ? 242 : 216);

/** A form on a cheek stands where it is seen from the front, clear of eye, nose and mouth. */
function settled(step: PaintedStep, work: Brushwork): Brushwork {
  const { shape, room } = work;
  if (
    shape === null ||
    isTexture(shape) ||
    work.count > 1 ||
    !step.zones.every((zone) => ON_CHEEKS.includes(zone)) ||
    step.guides.some(({ by }) => by === 'clock')
  ) {
    return work;
  }
  const [left, top, right, bottom] = extentOf(shape as Parameters<typeof extentOf>[0]).map(
    (end) => (end * reachOf(work)) / 50,
  ) as [number, number, number, number];
  const y = Math.min(ABOVE_THE_CHIN - bottom, Math.max(room.centre[1], UNDER_THE_LID - top));
  const heights = [0.15, 0.5, 0.8].map((share) => y + top + (bottom - top) * share);
  const most = Math.min(...heights.map((height) => rimAt(height) - 0.94 * right));
  const least = Math.max(...heights.map((height) => besideTheMiddle(height) - left));
  const x = least > most ? (least + most) / 2 : Math.min(most, Math.max(least, room.centre[0]));

  return { ...work, room: { ...room, centre: [x, y] } };
}

export function brushworkOf(step: PaintedStep, whole: Place, frame?: Frame): Brushwork {
  const room = guided(frame?.room ?? whole, step.guides);
  const work = workIn(step, room, frame);

  return frame?.edge === undefined ? settled(step, work) : work;
}

/** A lone figure with parts of its own takes more of its place than a mark does. */
const fullness = (step: PaintedStep, frame: Frame | undefined): number =>
  frame === undefined && step.shape !== null && figureParts[step.shape].length > 0 && (step.count ?? 1) === 1
    ? step.zones.some(isLimb)
      ? 1.5
      : (FULLER[step.shape] ?? 1.3)
    : step.shape === null
      ? 1
      : (FULLER[step.shape] ?? 1);

/** These are as large as they are on a face. */
const FULLER: Partial<Record<Shape, number>> = {
  moustache: 3,
  eye_patch: 1.7,
  glasses: 1.6,
  pointed_ear: 1.5,
  round_ear: 1.4,
  long_ear: 1.6,
  floppy_ear: 1.6,
  rectangle: 1.2,
  square: 1.2,
};

function workIn(step: PaintedStep, room: Place, frame: Frame | undefined): Brushwork {
  return {
    technique: step.technique,
    room,
    shape: step.shape,
    colours: huesOf(step),
    count: step.count ?? (step.shape === null ? usualCounts[step.technique] : 1),
    size: (Math.min(room.rx, room.ry) * step.sizePercent * fullness(step, frame)) / 100,
    turn: step.turnDegrees + (frame?.turn ?? 0),
    aim: aimOf(step.guides),
    across: frame !== undefined,
    parts: partsIn(step),
    onLips: step.zones.some((zone) => LIPS.includes(zone)),
    angle:
      angleOf(step.guides) ??
      (frame?.hangs === true && step.shape === null && (step.count ?? 0) > 1 ? -90 : null),
  };
}

/** Without a colour of its own it is what lies below all of them: the picture's own colour is the skin's. */
const BARE = 'currentColor';

/** One colour, or several across the room in the order they are picked up. */
function paintOf({ colours, room, turn }: Brushwork): string | Shades {
  if (colours.length < 2) {
    return colours[0] ?? BARE;
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

function film(
  step: PaintedStep,
  zones: readonly Zone[],
  half: Half,
  frame: Frame | undefined,
  edge: Outline | undefined,
): Stain[] {
  const work = brushworkOf(step, roomFor(zones, half), frame);
  if (step.shape !== null && !isTexture(step.shape)) {
    return formed(work, paintOf(work));
  }
  const fill = paintOf(work);
  if (edge !== undefined && darkens.test(step.name)) {
    return [shadedEdge(edge, fill)];
  }
  const hasPortion = frame !== undefined || step.guides.some(({ by }) => by === 'portion');
  const around = typeof fill === 'string' ? fill : 'none';

  // A little over its outline, so that neighbouring zones of one film meet.
  return [
    {
      d: hasPortion ? partOf(work.room) : zones.map((zone) => placeOf(zone).d).join(''),
      fill,
      ...(around === 'none' ? {} : { stroke: around, width: step.technique === 'fill' ? 9 : 15 }),
    },
  ];
}

const partOf = ({ centre: [x, y], rx, ry }: Place): string =>
  `M${x - rx} ${y}C${x - rx} ${y - ry * 1.2} ${x + rx} ${y - ry * 1.2} ${x + rx} ${y}C${x + rx} ${y + ry * 1.2} ${x - rx} ${y + ry * 1.2} ${x - rx} ${y}Z`;

function stainsOf(
  step: PaintedStep,
  zones: readonly Zone[],
  half: Half,
  frame: Frame | undefined,
  edge: Outline | undefined,
): Stain[] {
  const whole = roomFor(zones, half);
  const work = brushworkOf(step, whole, frame);
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
      if (edge !== undefined && step.shape === null && (step.count ?? 1) === 1 && lights.test(step.name)) {
        return litEdge(edge, work.colours[0] ?? '#fffdf7');
      }

      return step.shape === null
        ? spread(step, zones, half, frame)
        : isDrawn(step.shape) || partsIn(step).some((part) => STROKE_PARTS.includes(part))
          ? formed(work, paintOf(work))
          : outlined(work, null);
    case 'wait':
    case 'tidy':
      return [];
    default:
      return isDrawn(step.shape) ? formed(work, paintOf(work)) : spread(step, zones, half, frame);
  }
}

/**
 * Marks over several zones stand in each of them, more in the larger ones, as a painter sets them; a lone one and a bunch stand
 * in the largest. What is placed by halves, thirds or the clock goes by all of them together.
 */
function spread(step: PaintedStep, zones: readonly Zone[], half: Half, frame?: Frame): Stain[] {
  const isPlaced = frame !== undefined || step.guides.some(({ by }) => by === 'portion' || by === 'clock');
  const whole = brushworkOf(step, roomFor(zones, half), frame);
  const isGrid = step.technique === 'line' && step.count === null && zones.length >= 6;
  if (isGrid) {
    return zones.flatMap((zone) => weighted({ d: placeOf(zone).d }, whole.colours[0] ?? BARE, 2));
  }
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

/** Strokes that make a figure of their own, which an outline names: "outline the petals". */
const isMeant = (one: PaintedStep, outline: PaintedStep): boolean =>
  ['petal', 'flower', 'leaf', 'heart', 'teardrop'].includes(one.technique) &&
  new RegExp(`${one.technique}|rose|dais|blossom|bloom`, 'iu').test(outline.name) &&
  one.zones.some((zone) => outline.zones.includes(zone));

/** Round what was painted there, all of it together or the form that is named; undefined where nothing was. */
function roundWhatIsBelow(
  step: PaintedStep,
  below: readonly PaintedStep[],
): Pick<Layer, 'copies' | 'outside'> | undefined {
  const halves = new Set(groupsOf(step).keys());
  const named = step.shape === null ? below.filter((one) => isMeant(one, step)) : [];
  const pieces = below
    .filter(
      (one) =>
        (step.shape === null
          ? named.length > 0
            ? named.includes(one)
            : FILMS.includes(one.technique)
          : one.shape === step.shape && one.technique !== 'outline') &&
        one.zones.some((zone) => step.zones.includes(zone)),
    )
    .flatMap((one) => layerOf(one, below.slice(0, below.indexOf(one))).copies)
    .filter(({ half }) => halves.has(half) || step.shape !== null)
    .flatMap(({ half, stains }) => stains.map((stain) => ({ half, stain })))
    .filter(({ stain }) => stain.fill !== 'none');
  if (pieces.length === 0) {
    return undefined;
  }
  return {
    outside: pieces.map(({ half, stain: { d, transform, hollow, width = 0 } }) => ({
      half,
      d,
      width,
      ...(hollow === true ? { hollow } : {}),
      ...(transform === undefined ? {} : { transform }),
    })),
    copies: [...new Set(pieces.map(({ half }) => half))].map((half) => ({
      half,
      stains: pieces.filter((piece) => piece.half === half).map(({ stain }) => lineRound(stain, step)),
    })),
  };
}

/** A little heavier below, as a hand draws it. */
function lineRound({ d, transform, width = 0 }: Stain, step: PaintedStep): Stain {
  const line = Math.max(2, Math.min(4.2, brushworkOf(step, roomFor(step.zones, 'left')).size * 0.12));
  const scale = Number(/scale\(([\d.]+)\)/u.exec(transform ?? '')?.[1] ?? 1);
  const lower = `translate(${at([WEIGHT[0] * line, WEIGHT[1] * line])})`;

  return {
    d,
    transform: transform === undefined ? lower : `${lower} ${transform}`,
    fill: 'none',
    stroke: huesOf(step)[0] ?? '#1b1b22',
    width: width + (1.7 * line) / scale,
  };
}

/** What is blended over paint that lies there lets most of it through. */
const SOFTENED = 0.4;

const softens = (step: PaintedStep, below: readonly PaintedStep[]): boolean =>
  step.technique === 'blend' &&
  step.colours.length < 2 &&
  step.zones.every((zone) =>
    below.some((one) => FILMS.includes(one.technique) && one.shape === null && one.zones.includes(zone)),
  );

/** Whether it has a size and a turn of its own, and does not just cover its place. */
export const isMark = ({ technique, shape }: Pick<PaintedStep, 'technique' | 'shape'>): boolean =>
  shape === null
    ? ![...FILMS, ...SCATTERED, 'outline', 'wait', 'tidy'].includes(technique)
    : !isTexture(shape);

/** Pictures drawn lately are drawn again with hardly anything changed: so many layers are kept. */
const KEPT = 600;
const kept = new Map<string, Layer>();

/** All that the layer of a step goes by. */
const wordOf = (step: PaintedStep): string =>
  JSON.stringify([
    step.id,
    step.technique,
    goesByEdge(step),
    step.colours.map(({ hex }) => hex),
    step.seen,
    step.zones,
    step.side,
    step.coats,
    step.load,
    step.count,
    step.shape,
    step.sizePercent,
    step.turnDegrees,
    step.guides.map(({ by, value }) => `${by} ${value}`),
  ]);

const goesByOthers = (step: PaintedStep): boolean =>
  step.technique === 'outline' ||
  step.technique === 'blend' ||
  goesByEdge(step) ||
  step.guides.some(({ by }) => by === 'figure');

const goesByEdge = ({ name, technique }: PaintedStep): boolean =>
  (technique === 'line' && lights.test(name)) || (FILMS.includes(technique) && darkens.test(name));

/**
 * The layer of one step; empty for what leaves nothing on the skin. The same object again for the same step.
 *
 * @param below steps painted before it, which an outline goes round and a figure is found in
 */
export function layerOf(step: PaintedStep, below: readonly PaintedStep[] = []): Layer {
  const word = [step, ...(goesByOthers(step) ? below : [])].map(wordOf).join('');
  const known = kept.get(word) ?? drawn(step, below);
  kept.delete(word);
  kept.set(word, known);
  if (kept.size > KEPT) {
    kept.delete(kept.keys().next().value ?? '');
  }

  return known;
}

function drawn(step: PaintedStep, below: readonly PaintedStep[]): Layer {
  const isFilm = FILMS.includes(step.technique);
  const crisp = step.shape !== null && !isTexture(step.shape);
  const groups = [...groupsOf(step)];
  const halves = isFilm && !crisp ? groups.flatMap(sidesApart) : groups;
  const round = step.technique === 'outline' ? roundWhatIsBelow(step, below) : undefined;

  return {
    id: step.id,
    cover: isFilm ? cover(step) * (softens(step, below) ? SOFTENED : 1) : 1,
    soft: !isFilm
      ? 0
      : goesByEdge(step) &&
          groups.some(([half]) => edgeFor(step, half, below, frameOf(step, half, below)) !== undefined)
        ? SHADE_SOFT
        : (SOFT_EDGES[step.technique] ?? 1.2) * (crisp ? 0.5 : 1),
    staysClear:
      step.shape === 'eye_patch' ||
      ON_THE_LID.includes(step.technique) ||
      (!isFilm && !SCATTERED.includes(step.technique) && step.zones.includes('eyelid'))
        ? 'nothing'
        : 'eyes and lips',
    coversLips: step.zones.some((zone) => LIPS.includes(zone)),
    outside: round?.outside ?? [],
    copies: round?.copies ?? halves.map(([half, zones]) => copyOn(half, zones, step, below)),
  };
}

/** What covers the middle covers a side at a time where its zones have sides. */
const sidesApart = ([half, zones]: [Half, Zone[]]): [Half, Zone[]][] =>
  half === 'middle' && zones.some(isSided)
    ? [
        ['left', zones],
        ['right', zones.filter(isSided)],
      ]
    : [[half, zones]];

function copyOn(
  half: Half,
  zones: Zone[],
  step: PaintedStep,
  below: readonly PaintedStep[],
): Layer['copies'][number] {
  const own = onPart(step, half);
  const frame = own ?? frameOf(step, half, below);
  const painted = own === undefined ? step : { ...step, shape: null };
  const goesBy = edgeFor(painted, half, below, frame);
  const stains = FILMS.includes(step.technique)
    ? film(painted, zones, half, frame, goesBy)
    : stainsOf(painted, zones, half, frame, goesBy);
  const edge = frame?.edge;

  return {
    half,
    // What has a form of its own may stick out, as a flag on a boat does.
    stains: [
      ...(edge === undefined
        ? isWritten(step)
          ? []
          : stains
        : stains.map((stain) => (stain.transform === undefined ? { ...stain, within: edge } : stain))),
      ...(step.shape === 'plain' ? [labelOf(painted, zones, half)] : []),
    ],
  };
}

const isWritten = ({ shape, name }: PaintedStep): boolean =>
  shape === 'plain' && /^(?:number|letter|zahl)?\s*(\d{1,3}|\p{L})$/iu.test(name);

/** The name of what nobody has drawn, small below it. */
function labelOf(step: PaintedStep, zones: readonly Zone[], half: Half): Stain {
  const { room, size } = brushworkOf(step, roomFor(zones, half));
  const sign = /^(?:number|letter|zahl)?\s*(\d{1,3}|\p{L})$/iu.exec(step.name)?.[1];
  if (sign !== undefined) {
    return { d: '', fill: huesOf(step)[0] ?? '#1b1b22', words: [sign, room.centre, size * 1.5] };
  }
  const words = step.name.length > 16 ? `${step.name.slice(0, 15)}…` : step.name;

  return {
    d: '',
    fill: '#1b1b22',
    words: [words, room.centre, Math.max(5, Math.min(10, (size * 2.6) / words.length))],
  };
}

/** Whether the picture is of an arm. */
export const isOnLimb = (steps: readonly Pick<PlanStep, 'zones'>[]): boolean =>
  steps.some(({ zones }) => zones.some(isLimb));

/** Where a mark's own middle lies on the whole sheet, for what is drawn beside it. */
export const onSheet = (half: Half, [x, y]: Point): Point =>
  half === 'right' ? [2 * MIDDLE - x, y] : [x, y];
