import type { Shape, Technique } from '../api/types.gen';
import { partsOf } from './figures';
import { type Form, forms } from './shapes';
import {
  at,
  bowed,
  circle,
  cubic,
  liftedOff,
  minus,
  petalHalf,
  plus,
  type Point,
  polar,
  polygon,
  scaled,
  steps,
  stroke,
  teardrop,
  thinThickThin,
  turned,
  wound,
} from './strokes';
import type { Place } from './zones';

/** Colours side by side or one into the other, across a stretch of the sheet. */
export interface Shades {
  colours: string[];
  from: Point;
  to: Point;
}

/** A piece of paint: an outline filled or followed. */
export interface Stain {
  d: string;
  fill: string | Shades;
  stroke?: string;
  width?: number;
  opacity?: number;
  transform?: string;
  /** Pieces of it that lie inside of others are holes. */
  hollow?: boolean;
  /** The outline that it may not leave. */
  within?: Outline;
  /** What is written there, in letters of a height: [words, where, height]. */
  words?: [string, Point, number];
}

/** An outline, with how it is laid. */
export type Outline = Pick<Stain, 'd' | 'transform'>;

/** What a mark is drawn by: the room it has and what the step says. */
export interface Brushwork {
  technique: Technique;
  room: Place;
  shape: Shape | null;
  colours: string[];
  count: number;
  /** Half the usual size of one mark, in units of the sheet. */
  size: number;
  turn: number;
  aim: Point | null;
  /** Degrees upwards from level. */
  angle: number | null;
  /** Whether it is meant for the lips. */
  onLips?: boolean;
  /** Stripes run straight across the room, as bands round a tower. */
  across?: boolean;
  /** Of the figure that the shape is; empty for all of it. */
  parts?: readonly string[];
}

/** The same beside each other. */
const IN_ROWS = [
  'scallop_edge',
  'tooth_row',
  'spike_row',
  'drip_row',
  'flame_row',
  'bead_string',
  'loop_row',
  'fur_flicks',
] as const;

/** Forms twice as wide as high may fill a flat room. */
const FLAT: readonly Shape[] = [
  ...IN_ROWS,
  ...([
    'band',
    'banner',
    'mask',
    'ripple',
    'wave',
    'rope',
    'fish',
    'bow',
    'net',
    'zigzag',
    'ribbon',
  ] as const),
];

/** Forms of many strokes: what is counted are those, and the form stands once. */
const OF_MANY: readonly Shape[] = [...IN_ROWS, 'swoops', 'mane_curls', 'jointed_legs'];

/** Forms that are strokes themselves: a line of that shape is they, and not what runs round them. */
const DRAWN: readonly Shape[] = [
  ...([
    'ripple',
    'spiral',
    'tentacle',
    'coral',
    'seaweed',
    'rope',
    'web',
    'net',
    'zigzag',
    'ribbon',
  ] as const),
  ...(['twig', 'tornado', 'firework', 'glasses', 'moustache'] as const),
  ...(['scallop_edge', 'crack', 'bead_string', 'loop_row', 'leaf_veins', 'antennae', 'swoops'] as const),
  ...([
    'question_curl',
    'mane_curls',
    'fur_flicks',
    'basket_weave',
    'jointed_legs',
    'frosting_swirl',
  ] as const),
];

export const isDrawn = (shape: Shape | null): boolean =>
  shape !== null &&
  (DRAWN.includes(shape) || (!isTexture(shape) && forms[shape as keyof typeof forms].line !== undefined));

const TEXTURES: readonly Shape[] = ['scales', 'mesh', 'star_field'];

export const isTexture = (shape: Shape | null): boolean => shape !== null && TEXTURES.includes(shape);

/** The same numbers for the same word, between 0 and 1. */
export function chance(word: string): () => number {
  let seed = 9;
  for (const letter of word) {
    seed = Math.imul(seed ^ letter.charCodeAt(0), 0x9e3779b1) >>> 0;
  }

  return () => {
    seed = (seed + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(seed ^ (seed >>> 15), seed | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);

    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** Lighter above 0, darker below; what is no value of its own stays as it is. */
export function shade(hex: string, by: number): string {
  if (!hex.startsWith('#')) {
    return hex;
  }
  const towards = by > 0 ? 255 : 0;
  const channel = (from: number) => {
    const value = Number.parseInt(hex.slice(from, from + 2), 16);

    return Math.round(value + (towards - value) * Math.abs(by))
      .toString(16)
      .padStart(2, '0');
  };

  return `#${channel(1)}${channel(3)}${channel(5)}`;
}

const colourOf = ({ colours }: Brushwork, index = 0): string =>
  colours[Math.min(index, colours.length - 1)] ?? '#f4f2ec';

/** What no mark is set on: [its middle, how far it reaches]. */
const OPENINGS: Record<'eyes' | 'mouth', readonly [Point, Point][]> = {
  eyes: [
    [
      [261, 241],
      [46, 23],
    ],
    [
      [139, 241],
      [46, 23],
    ],
  ],
  mouth: [
    [
      [200, 354],
      [40, 19],
    ],
  ],
};

/** Nobody sets a mark on an eye, or on a mouth that is not painted: it goes to the edge instead. */
export function offOpenings([x, y]: Point, margin: number, onLips = false): Point {
  for (const [[cx, cy], reach] of onLips ? OPENINGS.eyes : [...OPENINGS.eyes, ...OPENINGS.mouth]) {
    const [across, up] = [reach[0] + margin, reach[1] + margin];
    const far = Math.hypot((x - cx) / across, (y - cy) / up);
    if (far < 1) {
      return far < 0.05 ? [x, cy - up] : [cx + (x - cx) / far, cy + (y - cy) / far];
    }
  }

  return [x, y];
}

/** Where marks stand, from the inner to the outer end of the room, on a slight bow. */
function spots({ room, count, turn, size, onLips = false }: Brushwork): Point[] {
  const upright = room.ry > room.rx * 1.25;
  // Smaller marks stand where larger ones would: pupils in the eyes.
  const usual = Math.max(size, Math.min(room.rx, room.ry));
  const reach = Math.min(
    Math.max(0, (upright ? room.ry : room.rx) - size * 0.3),
    usual * (0.3 + 0.28 * count),
  );

  return steps(count).map((t) => {
    const u = (t - 0.5) * 2;
    const off: Point = upright
      ? [0.12 * room.rx * (1 - u * u), u * reach]
      : [u * reach, room.ry * 0.35 * (u * u - 0.5)];

    return offOpenings(plus(room.centre, turned(count === 1 ? [0, 0] : off, turn)), size * 0.12, onLips);
  });
}

/** The direction that a stroke leaves its head in. */
function heading(work: Brushwork, from: Point, usual: Point): Point {
  if (work.aim !== null) {
    const off = minus(work.aim, from);
    const distance = Math.hypot(...off) || 1;

    return scaled(off, 1 / distance);
  }

  return work.angle === null ? turned(usual, work.turn) : polar(1, -work.angle);
}

const shrinking = (index: number, count: number): number => 1 - (0.5 * index) / Math.max(1, count);

function petals(work: Brushwork, pointed: boolean): Stain[] {
  // Five and more make a whole flower.
  const isWhole = !pointed && work.count >= 5;
  const spread = isWhole ? 360 - 360 / work.count : work.count === 1 ? 0 : Math.min(300, 36 * work.count);
  const middle = work.angle === null ? -90 + work.turn : -work.angle;
  const foot: Point = plus(
    work.room.centre,
    scaled(polar(work.size * 0.55, middle), isWhole || spread > 200 ? 0 : -1),
  );

  return steps(work.count).flatMap((t) => {
    const tip = plus(
      foot,
      polar(work.size * (isWhole ? 0.9 : pointed ? 1.35 : 1.2), middle + (t - 0.5) * spread),
    );

    return [
      { d: petalHalf(foot, tip, work.size * (pointed ? 0.62 : 0.72), 1, pointed), fill: colourOf(work, 0) },
      { d: petalHalf(foot, tip, work.size * (pointed ? 0.62 : 0.72), -1, pointed), fill: colourOf(work, 1) },
    ];
  });
}

function teardrops(work: Brushwork): Stain[] {
  return spots(work).map((head, index) => {
    const long = work.size * 0.95 * shrinking(index, work.count);
    const tail = plus(head, scaled(heading(work, head, [0.25, 1]), long));

    return {
      d: teardrop(head, tail, long * 0.36),
      fill: colourOf(work, index % Math.max(1, work.colours.length)),
    };
  });
}

/** From the outer edge of the room inwards, as a stripe is painted. */
function stripes(work: Brushwork): Stain[] {
  const { room, count, size } = work;

  return steps(count).map((t, index) => {
    const v = count === 1 ? 0 : (t - 0.5) * 1.7;
    const from: Point = plus(
      room.centre,
      turned([room.rx * (work.across === true ? 1.3 : 0.95 - 0.25 * Math.abs(v)), room.ry * v], work.turn),
    );
    const level = work.across === true ? 1 : 0.5;
    const aim = work.aim ?? plus(room.centre, turned([-room.rx * 0.9, room.ry * v * level], work.turn));
    const to =
      work.angle === null
        ? plus(from, scaled(minus(aim, from), work.across === true ? 1.2 : work.aim === null ? 0.92 : 0.72))
        : plus(from, polar(room.rx * 1.4, 180 - work.angle));

    return {
      d: stroke(bowed(from, to, 0.1 * (v < 0 ? 1 : -1)), thinThickThin(Math.min(11, size * 0.3))),
      fill: colourOf(work, index % Math.max(1, work.colours.length)),
    };
  });
}

function lines(work: Brushwork): Stain[] {
  const { room, count, size } = work;
  const along = work.angle === null ? turned([1, 0], work.turn) : polar(1, -work.angle);
  const across: Point = [-along[1], along[0]];
  const spread = Math.abs(across[0]) * room.rx + Math.abs(across[1]) * room.ry;
  const half = Math.abs(along[0]) * room.rx + Math.abs(along[1]) * room.ry;

  return steps(count).map((t, index) => {
    const middle = plus(room.centre, scaled(across, count === 1 ? 0 : (t - 0.5) * 1.5 * spread));
    const from = work.aim === null ? plus(middle, scaled(along, -0.88 * half)) : middle;
    const to = work.aim ?? plus(middle, scaled(along, 0.88 * half));

    return {
      d: stroke(bowed(from, to, index % 2 === 0 ? 0.12 : -0.12), thinThickThin(Math.max(2.2, size * 0.11))),
      fill: colourOf(work, index % Math.max(1, work.colours.length)),
    };
  });
}

function swirls(work: Brushwork, double: boolean): Stain[] {
  const one = (spot: Point, way: 1 | -1): Stain => {
    const r = work.size * 0.42;
    const curl = wound([0, 0], r, 90, 1.35).map(([x, y]): Point => [x * way, y]);
    const tail = cubic(
      [r * 1.9 * way, r * 1.5],
      [r * 1.2 * way, r * 1.8],
      [r * 0.5 * way, r * 1.35],
      [0, r],
      10,
    );
    const tilt = (work.angle === null ? 0 : -work.angle) + work.turn;

    return {
      d: stroke(
        [...tail.slice(0, -1), ...curl].map((point) => plus(spot, turned(point, tilt))),
        (t) => Math.max(1, work.size * 0.17 * (t < 0.3 ? 0.25 + 2.5 * t : 1 - 0.75 * (t - 0.3))),
      ),
      fill: colourOf(work),
    };
  };

  return spots(work).flatMap((spot) =>
    double
      ? [one(plus(spot, [work.size * 0.46, 0]), -1), one(plus(spot, [-work.size * 0.46, 0]), 1)]
      : [one(spot, 1)],
  );
}

function dots(work: Brushwork): Stain[] {
  const largest = Math.min(work.size * 0.22, 8);

  return spots(work).map((spot, index) => ({
    d: circle(spot, Math.max(1.4, largest * shrinking(index, work.count))),
    fill: colourOf(work, index % Math.max(1, work.colours.length)),
  }));
}

const burst = (spot: Point, size: number): string =>
  [0, 45, 90, 135, 180, 225, 270, 315]
    .map((degrees) => {
      const long = degrees % 90 === 0 ? size : size * 0.55;

      return stroke(
        [spot, plus(spot, polar(long * 0.5, degrees)), plus(spot, polar(long, degrees))],
        liftedOff(size * 0.2),
      );
    })
    .join('') + circle(spot, size * 0.14);

function flowers(work: Brushwork): Stain[] {
  const r = work.size * (work.count === 1 ? 0.62 : 0.36);

  return spots(work).flatMap((spot) => [
    ...Array.from({ length: 5 }, (_, index): Stain => {
      const tip = plus(spot, polar(r, -90 + work.turn + index * 72));

      return { d: teardrop(tip, spot, r * 0.86), fill: colourOf(work) };
    }),
    {
      d: circle(spot, r * 0.28),
      fill: work.colours.length > 1 ? colourOf(work, 1) : shade(colourOf(work), 0.55),
    },
  ]);
}

function hearts(work: Brushwork): Stain[] {
  const r = work.size * (work.count === 1 ? 0.7 : 0.4);

  return spots(work).map((spot) => ({ ...placed(forms.heart.d, spot, r, work.turn), fill: colourOf(work) }));
}

function whiskers(work: Brushwork): Stain[] {
  const { room, count } = work;

  return steps(count).map((t) => {
    const v = (t - 0.5) * 1.1;
    const from: Point = [room.centre[0] + room.rx * 0.1, room.centre[1] + room.ry * v * 0.7];
    const to: Point = [room.centre[0] + room.rx * 2.3, room.centre[1] + room.ry * (v * 1.7 - 0.25)];

    return { d: stroke(bowed(from, to, v * 0.18), liftedOff(4)), fill: colourOf(work) };
  });
}

function lashes(work: Brushwork): Stain[] {
  const { room, count } = work;

  return steps(count).map((t) => {
    const u = -0.5 + 1.4 * t;
    const from: Point = [
      room.centre[0] + room.rx * u * 0.92,
      room.centre[1] + room.ry * (0.25 + 0.9 * u * u),
    ];
    const to = plus(from, turned([0, -work.size * 1.15], u * 48));

    return { d: stroke(bowed(from, to, 0.2), liftedOff(4)), fill: colourOf(work) };
  });
}

function gems(work: Brushwork): Stain[] {
  const r = Math.min(9, Math.max(4.5, work.size * 0.2));

  return spots(work).flatMap((spot, index) => {
    const colour = work.colours.length === 0 ? '#4fc3d9' : colourOf(work, index % work.colours.length);
    const facet = polygon([0, 60, 120, 180, 240, 300].map((degrees) => plus(spot, polar(r * 0.62, degrees))));

    return [
      { d: circle(spot, r), fill: shade(colour, -0.25), stroke: '#ffffff', width: 1.2 },
      { d: facet, fill: shade(colour, 0.3) },
      {
        d: polygon([
          plus(spot, [-r * 0.5, -r * 0.1]),
          plus(spot, [-r * 0.05, -r * 0.6]),
          plus(spot, [r * 0.1, -r * 0.15]),
        ]),
        fill: '#ffffff',
        opacity: 0.9,
      },
    ];
  });
}

/** Loose glitter lies scattered; gel lies close. Never twice the same over one place, always the same for one step. */
export function sparkles(work: Brushwork, word: string): Stain[] {
  const next = chance(word);
  const close = work.technique === 'glitter_gel';
  const many = Math.round(Math.min(60, Math.max(8, (work.room.rx * work.room.ry) / (close ? 22 : 52))));
  const colours = work.colours.length === 0 ? ['#ffffff', '#f7f2d0'] : [...work.colours, '#ffffff'];

  return Array.from({ length: many }, (_, index) => {
    const r = Math.sqrt(next());
    const spot = plus(work.room.centre, [0, 0]);
    const [x, y] = polar(r, next() * 360);
    const where = plus(spot, [x * work.room.rx, y * work.room.ry]);
    const size = (close ? 1.6 : 2.4) + next() * (close ? 1.6 : 4.2);

    return {
      d: polygon(
        [0, 45, 90, 135, 180, 225, 270, 315].map((degrees) =>
          plus(where, polar(degrees % 90 === 0 ? size : size * 0.26, degrees)),
        ),
      ),
      fill: colours[index % colours.length] ?? '#ffffff',
      opacity: 0.75 + 0.25 * next(),
    };
  });
}

/** A form moved, turned and sized to its place. */
export function placed(
  d: string,
  centre: Point,
  half: number,
  turn: number,
): { d: string; transform: string } {
  return { d, transform: `translate(${at(centre)}) rotate(${turn}) scale(${Math.round(half * 20) / 1000})` };
}

/** How far a form reaches from its middle in its room. */
export const reachOf = ({ room, shape, size }: Brushwork): number =>
  shape !== null && FLAT.includes(shape)
    ? Math.min(room.rx, room.ry * 1.9) * (size / Math.min(room.rx, room.ry))
    : size;

/** The form of a step, as often as it is counted; what is drawn as a line is the line of that form. */
export function formed(work: Brushwork, fill: string | Shades): Stain[] {
  if (work.shape === null || isTexture(work.shape)) {
    return [];
  }
  const whole = forms[work.shape as keyof typeof forms];
  const part = partsOf(work.shape, work.parts ?? []);
  const form: Form = part === undefined ? whole : { d: part };
  const count = OF_MANY.includes(work.shape) ? 1 : work.count;
  const isLine = ['line', 'swirl', 'double_swirl'].includes(work.technique) && form.line !== undefined;
  const half = reachOf(work) * (count > 1 ? Math.max(0.42, 1 / Math.sqrt(count)) : 1);
  const turn = work.turn - (work.angle ?? 0);
  const ink = shade(typeof fill === 'string' ? fill : (fill.colours[0] ?? '#888888'), -0.35);
  const width = 90 / Math.max(20, half);
  // Small pictures keep what a thing is and lose what is drawn on it.
  const isDetailed = !isLine && half >= LEAST_DETAILED;
  const drawn = (spot: Point): Stain[] =>
    isDetailed && form.pieces !== undefined
      ? form.pieces.map(({ d, as }) => ({
          ...placed(d, spot, half, turn),
          ...(as === 'ink'
            ? { fill: inked(fill) }
            : { fill: as === 'edge' ? 'none' : fill, stroke: ink, width: width * 0.8 }),
        }))
      : [
          {
            ...placed(isLine ? (form.line ?? form.d) : form.d, spot, half, turn),
            fill,
            ...(form.hollow === true && !isLine ? { hollow: true } : {}),
          },
          ...(isDetailed && form.detail !== undefined
            ? [
                {
                  ...placed(form.detail, spot, half, turn),
                  fill: 'none',
                  stroke: ink,
                  width,
                  opacity: 0.65,
                },
              ]
            : []),
        ];

  return (count > 1 ? spots({ ...work, size: half * 1.9 }) : [work.room.centre]).flatMap(drawn);
}

/** Eyes and mouths of a figure that is painted in one colour: dark on light, light on dark. */
function inked(fill: string | Shades): string {
  const own = typeof fill === 'string' ? fill : (fill.colours[0] ?? '#888888');

  return isDark(own) ? shade(own, 0.75) : shade(own, -0.78);
}

const isDark = (hex: string): boolean =>
  hex.startsWith('#') &&
  [1, 3, 5].reduce((sum, from) => sum + Number.parseInt(hex.slice(from, from + 2), 16), 0) < 230;

/** Half the width, in units of the sheet, from which a form shows what is drawn on it. */
const LEAST_DETAILED = 9;

/** Thin where the brush comes down, thick where it is pressed: an outline carries its weight below and outside. */
export const WEIGHT: Point = [0.3, 0.42];

export function outlined(work: Brushwork, d: string | null): Stain[] {
  const width = Math.max(2, Math.min(4.2, work.size * 0.12));
  const form =
    d !== null || work.shape === null || isTexture(work.shape)
      ? null
      : forms[work.shape as keyof typeof forms];
  const half = reachOf(work);
  const scale = form === null ? 1 : half / 50;
  const outline: Outline | null =
    d !== null
      ? { d }
      : form === null
        ? null
        : placed(
            (work.shape === null ? undefined : partsOf(work.shape, work.parts ?? [])) ?? form.d,
            work.room.centre,
            half,
            work.turn - (work.angle ?? 0),
          );

  return outline === null ? [] : weighted(outline, colourOf(work), width, scale);
}

/** Twice the same stroke, the second a little lower: one line that swells. */
export function weighted(outline: Outline, stroke: string, width: number, scale = 1): Stain[] {
  const { transform } = outline;
  const lower = `translate(${at([WEIGHT[0] * width, WEIGHT[1] * width])})`;

  return [
    { ...outline, fill: 'none', stroke, width: (0.7 * width) / scale },
    {
      ...outline,
      transform: transform === undefined ? lower : `${lower} ${transform}`,
      fill: 'none',
      stroke,
      width: (0.8 * width) / scale,
    },
  ];
}

/** The holes of a stencil, over the whole of a place. */
export function texture(shape: Shape | null, { centre, rx, ry, d }: Place, colour: string): Stain {
  const cell = 13;
  const columns = Math.ceil((rx * 2) / cell) + 2;
  const rows = Math.ceil((ry * 2) / cell) + 2;
  const cells = Array.from({ length: columns * rows }, (_, index): { x: number; y: number; row: number } => {
    const row = Math.floor(index / columns);

    return {
      x: centre[0] - rx + ((index % columns) - 0.5 + (row % 2) / 2) * cell,
      y: centre[1] - ry + (row - 0.5) * cell * 0.82,
      row,
    };
  });
  const hole = ({ x, y }: { x: number; y: number }): string => {
    if (shape === 'star_field') {
      return polygon(
        [0, 45, 90, 135, 180, 225, 270, 315].map((degrees) =>
          plus([x, y], polar(degrees % 90 === 0 ? 4.6 : 1.5, degrees)),
        ),
      );
    }

    return shape === 'mesh'
      ? polygon([plus([x, y], [0, -5]), plus([x, y], [5, 0]), plus([x, y], [0, 5]), plus([x, y], [-5, 0])])
      : `M${at([x - 5.4, y - 4])}C${at([x - 5.4, y + 6])} ${at([x + 5.4, y + 6])} ${at([x + 5.4, y - 4])}C${at([x + 2, y - 1])} ${at([x - 2, y - 1])} ${at([x - 5.4, y - 4])}Z`;
  };

  return { d: cells.map(hole).join(''), fill: colour, opacity: 0.92, within: { d } };
}

/** The strokes that a technique leaves, for those that are counted. */
export function strokesOf(work: Brushwork): Stain[] {
  if (work.shape !== null && !isTexture(work.shape)) {
    return formed(work, colourOf(work));
  }
  switch (work.technique) {
    case 'petal':
      return petals(work, false);
    case 'leaf':
      return petals(work, true);
    case 'teardrop':
      return teardrops(work);
    case 'stripe':
      return stripes(work);
    case 'line':
      return lines(work);
    case 'swirl':
      return swirls(work, false);
    case 'double_swirl':
      return swirls(work, true);
    case 'dots':
      return dots(work);
    case 'starburst':
      return spots(work).map((spot) => ({
        d: burst(spot, work.size * (work.count === 1 ? 0.6 : 0.34)),
        fill: colourOf(work),
      }));
    case 'flower':
      return flowers(work);
    case 'heart':
      return hearts(work);
    case 'whisker':
      return whiskers(work);
    case 'lash':
      return lashes(work);
    case 'gem':
      return gems(work);
    default:
      return [];
  }
}
