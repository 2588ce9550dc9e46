import type { Shape } from '../api/types.gen';
import { figures } from './figures';
import { type Figure, formOf } from './figures/figure';
import {
  around,
  at,
  boundsOf,
  bowed,
  circle,
  cubic,
  ellipse,
  liftedOff,
  plus,
  type Point,
  polar,
  polygon,
  star,
  steps,
  stroke,
  thinThickThin,
  turned,
  united,
  wound,
} from './strokes';

/** A named form in a box from -50 to 50: what is filled, and the lines that make it plain what it is. */
export interface Form {
  d: string;
  detail?: string;
  /** What it is made of, from back to front, where it is painted in one colour. */
  pieces?: readonly { d: string; as: 'base' | 'edge' | 'ink' | 'spare' }[];
  /** What a line of that shape is, where it is not the way round the form. */
  line?: string;
  /** Pieces inside of others are holes, and not paint over paint. */
  hollow?: boolean;
}

/** A closed curve whose radius swings with the angle: soft arms. */
const armed = (arms: number, middle: number, swing: number): string =>
  polygon(steps(91).map((t) => polar(middle + swing * Math.cos(arms * t * 2 * Math.PI), -90 + t * 360)));

const spoke = (from: Point, to: Point, width: number): string => stroke([from, to], () => width);

const branch = (degrees: number, twigs: readonly [number, number][]): string => {
  const place = (x: number, y: number) => turned([x, y], degrees);

  return (
    spoke(place(0, 0), place(0, -46), 6) +
    twigs
      .flatMap(([y, size]) => [
        spoke(place(0, y), place(size, y - size * 0.7), 4.5),
        spoke(place(0, y), place(-size, y - size * 0.7), 4.5),
      ])
      .join('')
  );
};

const wavy = (y: number, swing: number, width: number): string =>
  stroke(
    steps(40).map((t): Point => [-48 + 96 * t, y + swing * Math.sin(t * Math.PI * 4)]),
    thinThickThin(width),
  );

const strand: Point[] = steps(30).map((t): Point => [10 * Math.sin(t * Math.PI * 2.6), 48 - 94 * t]);

const curl: Point[] = [
  ...cubic([-40, -46], [-4, -40], [30, -18], [18, 14], 20),
  ...wound([2, 18], 17, 0, 0.9, 22),
];

/** Threads that sag between the spokes of a web, ring by ring. */
const webbed = (): string => {
  const SPOKES = 9;
  const ends = (radius: number) => around(SPOKES, radius, -90);
  const threads = [14, 27, 41].flatMap((radius) =>
    ends(radius).map((from, index, all) =>
      stroke(bowed(from, all[(index + 1) % SPOKES] ?? from, 0.2), () => 2.6),
    ),
  );

  return [...ends(49).map((end) => spoke([0, 0], end, 2.6)), ...threads].join('');
};

/** The same beside each other, from left to right. */
const row = (count: number, one: (middle: number, index: number) => string): string =>
  steps(count)
    .map((t, index) => one(-50 + 50 / count + (100 - 100 / count) * t, index))
    .join('');

const jagged = (points: readonly Point[], width: number): string =>
  points
    .slice(1)
    .map((to, index) =>
      stroke([points[index] ?? to, to], () => Math.max(1.6, width * (1 - index / points.length))),
    )
    .join('');

/** A round band. */
const hoop = (radius: number, width: number, [x, y]: Point = [0, 0]): string =>
  stroke(
    steps(49).map((t) => plus([x, y], polar(radius, 360 * t))),
    () => width,
  );

/** A limb of an octopus, curled at its end. */
const arm = (a: Point, b: Point, c: Point, end: Point, way: number): string =>
  stroke(
    [
      ...cubic(a, b, c, end, 12),
      ...wound(plus(end, [7 * way, -1]), 7, way > 0 ? 180 : 0, -0.7 * way, 10).slice(1),
    ],
    (t) => 13 * (1 - t) + 3,
  );

const tear = (x: number, top: number, bottom: number, half: number): string =>
  `M${at([x, top])}C${at([x + half * 0.5, top + (bottom - top) * 0.5])} ${at([x + half, bottom - half * 1.2])} ${at([x + half, bottom])}A${half} ${half} 0 0 1 ${at([x - half, bottom])}C${at([x - half, bottom - half * 1.2])} ${at([x - half * 0.5, top + (bottom - top) * 0.5])} ${at([x, top])}Z`;

const frond = (x: number, y: number, way: number): string =>
  stroke(bowed([x, y], [x + 22 * way, y - 20], 0.25 * way), liftedOff(8));

const plainForms = {
  circle: { d: circle([0, 0], 46) },
  oval: { d: ellipse([0, 0], 48, 33) },
  ring: { d: circle([0, 0], 46) + circle([0, 0], 31), line: hoop(41, 7), hollow: true },
  triangle: { d: 'M0 -44C4 -44 44 30 42 36C38 42 -38 42 -42 36C-44 30 -4 -44 0 -44Z' },
  diamond: { d: 'M0 -48L34 0L0 48L-34 0Z' },
  arch: { d: 'M-46 40C-46 -52 46 -52 46 40L25 40C25 -18 -25 -18 -25 40Z' },
  band: { d: 'M-50 -14C-20 -27 20 -27 50 -14L48 18C20 5 -20 5 -48 18Z' },
  banner: {
    d: 'M-50 -18L-32 -12C-10 -22 10 -22 32 -12L50 -18L41 2L50 20L32 16C10 6 -10 6 -32 16L-50 20L-41 2Z',
    detail: 'M-32 -12V16M32 -12V16',
  },
  bow: {
    d: 'M0 -8C-14 -34 -50 -36 -47 0C-50 36 -14 34 0 8C14 34 50 36 47 0C50 -36 14 -34 0 -8Z',
    detail: `${circle([0, 0], 10)}M-36 -14C-24 -10 -16 -6 -10 -2M36 -14C24 -10 16 -6 10 -2M-36 14C-24 10 -16 6 -10 2M36 14C24 10 16 6 10 2`,
  },
  mask: {
    d: `M-50 -14C-30 -36 -10 -20 0 -20C10 -20 30 -36 50 -14C52 12 36 30 20 26C10 24 6 10 0 10C-6 10 -10 24 -20 26C-36 30 -52 12 -50 -14Z${ellipse([-24, 0], 12, 7)}${ellipse([24, 0], 12, 7)}`,
    hollow: true,
  },
  crescent: { d: 'M16 -46A47 47 0 1 0 16 46A38 38 0 1 1 16 -46Z' },
  sun: {
    d: united(
      circle([0, 0], 24),
      ...around(12, 48).map((tip, index) => {
        const way = -90 + index * 30;

        return polygon([polar(29, way - 11), index % 2 === 0 ? tip : polar(41, way), polar(29, way + 11)]);
      }),
    ),
  },
  star: { d: star(5, 48, 20) },
  four_point_star: { d: 'M0 -48Q5 -5 48 0Q5 5 0 48Q-5 5 -48 0Q-5 -5 0 -48Z' },
  snowflake: {
    d: [0, 60, 120, 180, 240, 300]
      .map((degrees) =>
        branch(degrees, [
          [-20, 11],
          [-33, 9],
        ]),
      )
      .join(''),
  },
  cloud: { d: 'M-34 26C-54 24 -54 -4 -36 -6C-36 -32 -4 -38 6 -18C22 -30 44 -16 38 2C54 4 52 26 34 26Z' },
  bolt: { d: 'M10 -48L-28 8L-5 8L-14 48L29 -12L5 -12L20 -48Z' },
  drop: { d: 'M0 -48C10 -24 31 -4 31 16C31 37 17 47 0 47C-17 47 -31 37 -31 16C-31 -4 -10 -24 0 -48Z' },
  flame: {
    d: 'M2 -48C8 -28 33 -14 31 16C30 37 16 48 0 48C-19 48 -33 34 -29 12C-27 1 -19 -4 -17 -18C-8 -12 -4 -4 -4 4C5 -8 7 -26 2 -48Z',
    detail: 'M2 40C-10 38 -12 26 -4 18C0 26 12 26 8 34',
  },
  wave_curl: {
    d: 'M-50 42C-48 -2 -24 -44 14 -44C42 -44 52 -18 40 -4C30 8 10 6 9 -8C8 -18 20 -22 25 -13C27 -27 5 -30 -5 -12C-18 10 4 34 50 40C20 54 -22 54 -50 42Z',
    line: stroke(
      [
        ...cubic([-48, 44], [-44, -4], [-22, -44], [12, -44], 24),
        ...wound([12, -16], 28, -90, 1.15, 36).slice(1),
      ],
      (t) => Math.max(1.6, 20 * Math.sin(Math.PI * Math.min(1, 0.05 + t)) ** 0.9),
    ),
  },
  wave: {
    d: 'M-50 12C-42 -16 -26 -16 -17 6C-8 -16 8 -16 17 6C26 -16 42 -16 50 12L50 30C20 38 -20 38 -50 30Z',
    line: united(
      ...[-34, 0, 34].map((x) =>
        stroke(
          [
            ...cubic([x - 22, 14], [x - 12, 12], [x - 10, -16], [x + 6, -16], 14),
            ...wound([x + 6, -4], 12, -90, 0.78, 20).slice(1),
          ],
          (t) => Math.max(1.4, 7.5 * Math.sin(Math.PI * Math.min(1, 0.06 + t))),
        ),
      ),
    ),
  },
  ripple: { d: wavy(-22, 6, 8) + wavy(0, 6, 9) + wavy(22, 6, 8) },
  starfish: {
    d: armed(5, 31, 17),
    detail: around(5, 32)
      .map((tip) => `M0 0L${at(tip)}`)
      .join(''),
  },
  shell: {
    d: 'M0 46C-8 44 -13 40 -15 34C-42 24 -53 -4 -45 -18C-41 -30 -32 -33 -27 -31C-22 -43 -9 -45 0 -40C9 -45 22 -43 27 -31C32 -33 41 -30 45 -18C53 -4 42 24 15 34C13 40 8 44 0 46Z',
    detail:
      'M0 36V-36M-4 34C-14 12 -22 -8 -26 -26M4 34C14 12 22 -8 26 -26M-9 32C-26 16 -36 0 -42 -14M9 32C26 16 36 0 42 -14',
  },
  spiral: { d: stroke(wound([0, 0], 44, 60, 2.4, 70), (t) => 11 - 6 * t) },
  fin: {
    d: 'M-46 40C-38 -6 -10 -42 46 -48C28 -24 24 6 34 40Z',
    detail: 'M-26 34C-18 6 -4 -16 20 -32M-4 34C0 14 8 -4 20 -20',
  },
  fish: {
    d: 'M-48 0C-30 -30 10 -30 25 -3L48 -24C43 -8 43 8 48 24L25 3C10 30 -30 30 -48 0Z',
    detail: `${circle([-28, -5], 3)}M-14 -16C-8 -6 -8 6 -14 16M2 -12C6 -4 6 4 2 12`,
  },
  whale_tail: {
    d: 'M0 47C-6 20 -10 6 -24 -3C-36 -11 -50 -14 -50 -36C-34 -36 -13 -31 0 -14C13 -31 34 -36 50 -36C50 -14 36 -11 24 -3C10 6 6 20 0 47Z',
    detail: 'M0 -14C-1 6 -1 24 0 40M-38 -26C-26 -24 -14 -16 -6 -4M38 -26C26 -24 14 -16 6 -4',
  },
  tentacle: { d: stroke(curl, (t) => 20 * (1 - t) + 3) },
  octopus: {
    d: united(
      'M-27 6C-40 -34 -22 -50 0 -50C22 -50 40 -34 27 6C22 18 -22 18 -27 6Z',
      ...[-1, 1].flatMap((way) => [
        arm([22 * way, 2], [40 * way, 8], [50 * way, 22], [40 * way, 32], -way),
        arm([17 * way, 8], [30 * way, 20], [34 * way, 36], [24 * way, 44], -way),
        arm([9 * way, 10], [15 * way, 24], [16 * way, 38], [9 * way, 48], -way),
      ]),
    ),
    detail: 'M-12 -2C-6 5 6 5 12 -2',
  },
  bell: {
    d: 'M-46 12C-46 -28 -24 -44 0 -44C24 -44 46 -28 46 12C41 24 34 12 28 18C22 26 16 14 9 20C3 26 -3 26 -9 20C-16 14 -22 26 -28 18C-34 12 -41 24 -46 12Z',
    detail: 'M-30 8C-30 -14 -16 -26 -8 -32M30 8C30 -14 16 -26 8 -32M0 10V-32',
  },
  crab: {
    d: united(
      'M-34 8C-34 -14 -16 -20 0 -20C16 -20 34 -14 34 8C28 24 14 30 0 30C-14 30 -28 24 -34 8Z',
      ...[-1, 1].flatMap((way) => [
        stroke(
          [
            [10 * way, -16],
            [12 * way, -32],
          ],
          () => 5,
        ),
        circle([12 * way, -35], 6),
        stroke(bowed([28 * way, -2], [42 * way, -22], 0.2 * way), () => 7),
        `M${at([34 * way, -22])}C${at([32 * way, -40])} ${at([42 * way, -50])} ${at([50 * way, -46])}C${at([44 * way, -40])} ${at([42 * way, -36])} ${at([43 * way, -32])}C${at([46 * way, -36])} ${at([50 * way, -38])} ${at([53 * way, -36])}C${at([54 * way, -24])} ${at([46 * way, -16])} ${at([34 * way, -22])}Z`,
        ...[6, 15, 23].map((y, leg) =>
          stroke(
            bowed([(30 - leg * 5) * way, y], [(49 - leg * 5) * way, y + 16], -0.3 * way),
            (t) => 6 - 3 * t,
          ),
        ),
      ]),
    ),
    detail: 'M-12 12C-6 19 6 19 12 12',
  },
  claw: {
    d: 'M-10 47C-32 30 -42 0 -27 -24C-17 -42 6 -48 12 -45C2 -34 -4 -22 0 -9C9 -22 25 -34 38 -32C41 -9 29 22 7 30C5 38 0 45 -10 47Z',
  },
  coral: {
    d: united(
      stroke(bowed([0, 48], [-4, -40], 0.08), (t) => 13 - 6 * t) +
        stroke(bowed([0, 20], [-32, -22], -0.2), (t) => 10 - 5 * t) +
        stroke(bowed([-2, 6], [30, -34], 0.2), (t) => 10 - 5 * t) +
        stroke(bowed([-20, -6], [-40, -2], 0.2), (t) => 7 - 3 * t) +
        stroke(bowed([18, -16], [42, -10], -0.2), (t) => 7 - 3 * t) +
        [
          [-4, -42],
          [-33, -24],
          [31, -36],
          [-41, -2],
          [43, -10],
        ]
          .map(([x, y]) => circle([x ?? 0, y ?? 0], 5))
          .join(''),
    ),
  },
  seaweed: {
    d:
      stroke(strand, (t) => 11 - 8 * t) +
      frond(9, 26, 1) +
      frond(2, 10, -1) +
      frond(-9, -4, -1) +
      frond(-5, -16, 1) +
      frond(6, -28, 1),
  },
  upper_wing: {
    d: 'M-44 32C-48 -10 -22 -46 30 -48C52 -46 50 -14 38 2C20 24 -12 36 -44 32Z',
    detail: 'M-40 28C-20 6 4 -20 32 -38M-36 30C-10 18 16 6 36 -10',
  },
  lower_wing: {
    d: 'M-44 -28C-10 -36 28 -24 40 -2C48 20 31 45 10 46C-12 46 -36 12 -44 -28Z',
    detail: 'M-40 -24C-16 -8 6 14 16 38M-36 -24C-6 -18 18 -6 34 8',
  },
  feather: {
    d: 'M-3 49L0 32C-25 17 -27 -20 4 -49C29 -20 27 15 5 32L3 49Z',
    detail: 'M1 44C0 10 2 -20 4 -42M1 18L-14 4M1 4L-14 -10M2 -10L-10 -22M2 20L16 6M2 6L17 -8M3 -8L15 -20',
  },
  beak: {
    d: 'M-41 -22C-24 -38 24 -38 41 -22C32 4 11 36 0 48C-11 36 -32 4 -41 -22Z',
    detail: 'M-35 -8C-14 2 14 2 35 -8',
  },
  round_ear: {
    d: 'M-36 42C-54 -10 -32 -46 0 -46C32 -46 54 -10 36 42C10 29 -10 29 -36 42Z',
    detail: 'M-20 26C-30 -4 -18 -26 0 -26C18 -26 30 -4 20 26',
  },
  pointed_ear: {
    d: 'M-36 44C-36 4 -20 -28 6 -49C24 -26 38 6 36 44C10 31 -12 31 -36 44Z',
    detail: 'M-18 28C-16 4 -6 -14 6 -28C16 -12 22 6 20 28',
  },
  muzzle: {
    d: 'M0 -24C20 -40 52 -22 48 8C44 35 14 38 0 24C-14 38 -44 35 -48 8C-52 -22 -20 -40 0 -24Z',
    detail: 'M0 -20V24',
  },
  nose: { d: 'M-36 -20C-20 -36 20 -36 36 -20C38 2 14 26 0 32C-14 26 -38 2 -36 -20Z' },
  eye: { d: `M-48 0C-26 -36 26 -36 48 0C26 36 -26 36 -48 0Z${circle([0, 0], 15)}`, hollow: true },
  tooth: { d: 'M-21 -42C-8 -36 8 -36 21 -42C19 0 8 34 0 48C-8 34 -19 0 -21 -42Z' },
  horn: {
    d: 'M-24 47C-22 10 -6 -28 26 -49C21 -16 24 16 22 47C6 40 -8 40 -24 47Z',
    detail: 'M-20 28C-8 34 10 34 22 30M-15 10C-6 16 10 16 21 12M-7 -8C0 -3 12 -3 21 -8',
  },
  paw: {
    d: `M0 -4C18 -4 32 16 26 32C20 46 8 38 0 38C-8 38 -20 46 -26 32C-32 16 -18 -4 0 -4Z${ellipse([-34, -8], 9, 13)}${ellipse([-14, -30], 9, 14)}${ellipse([14, -30], 9, 14)}${ellipse([34, -8], 9, 13)}`,
  },
  leaf: {
    d: 'M0 -48C30 -22 30 18 0 48C-30 18 -30 -22 0 -48Z',
    detail: 'M0 46V-36M0 24L14 8M0 24L-14 8M0 4L14 -12M0 4L-14 -12M0 -14L9 -24M0 -14L-9 -24',
  },
  flower: {
    d: around(5, 26)
      .map((middle) => circle(middle, 21))
      .join(''),
    detail: circle([0, 0], 10),
  },
  heart: { d: 'M0 44C-52 8 -48 -36 -23 -38C-8 -38 0 -25 0 -16C0 -25 8 -38 23 -38C48 -36 52 8 0 44Z' },
  lighthouse: {
    d: 'M-18 48L-11 -18H-16V-25H-10V-38L0 -49L10 -38V-25H16V-18H11L18 48Z',
    detail: 'M-10 -25H10M-12 -18H12M-4 -36V-26M4 -36V-26',
  },
  beam: { d: 'M-48 -4L48 -30V30L-48 4Z' },
  lantern: {
    d: united(
      'M-13 -30H13V-24C30 -18 36 10 26 30H14V38H-14V30H-26C-36 10 -30 -18 -13 -24Z',
      spoke([0, -30], [0, -48], 3),
    ),
    detail: 'M-12 -24C-20 -6 -20 14 -12 30M12 -24C20 -6 20 14 12 30M0 -24V30M-26 30H26',
  },
  anchor: {
    d: united(
      hoop(7, 5, [0, -40]),
      spoke([0, -32], [0, 40], 9),
      spoke([-19, -24], [19, -24], 8),
      stroke(cubic([-36, 8], [-30, 36], [-14, 44], [0, 46], 16), (t) => 5 + 6 * t),
      stroke(cubic([36, 8], [30, 36], [14, 44], [0, 46], 16), (t) => 5 + 6 * t),
      'M-44 18L-38 -6L-22 12Z',
      'M44 18L38 -6L22 12Z',
    ),
  },
  sail: { d: 'M-2 -48C22 -20 32 10 34 42H-2ZM-9 -36V42H-37C-31 10 -21 -16 -9 -36Z' },
  boat: {
    d: 'M-48 10H48C42 30 31 40 20 40H-22C-34 38 -44 26 -48 10ZM-3 -48C20 -34 30 -16 32 4H-3ZM-9 -36V4H-33C-29 -12 -20 -26 -9 -36Z',
    detail: 'M-44 20H44',
  },
  wheel: {
    d: united(
      hoop(33, 8),
      circle([0, 0], 9),
      ...around(8, 46).flatMap((end) => [spoke([0, 0], end, 4.5), circle(end, 4.5)]),
    ),
  },
  rope: {
    d: united(
      ...Array.from({ length: 8 }, (_, index) => {
        const x = -43 + index * 12.3;

        return `M${at([x - 8, 9])}C${at([x - 10, -2])} ${at([x - 4, -9])} ${at([x + 6, -10])}C${at([x + 11, -8])} ${at([x + 11, 2])} ${at([x + 2, 8])}C${at([x - 2, 10])} ${at([x - 6, 11])} ${at([x - 8, 9])}Z`;
      }),
    ),
    detail: Array.from({ length: 7 }, (_, index) => {
      const x = -31 + index * 12.3;

      return `M${at([x - 8, 8])}C${at([x - 6, 0])} ${at([x + 2, -4])} ${at([x + 5, -9])}`;
    }).join(''),
  },
  web: { d: webbed() },
  net: {
    d: [-33, -16.5, 0, 16.5, 33]
      .flatMap((x) => [
        stroke(bowed([x - 17, -34], [x + 17, 34], 0.08), () => 2.6),
        stroke(bowed([x + 17, -34], [x - 17, 34], -0.08), () => 2.6),
      ])
      .join(''),
  },
  zigzag: {
    d: polygon([
      ...steps(9).map((t, index): Point => [-48 + 96 * t, index % 2 === 0 ? 10 : -16]),
      ...steps(9)
        .map((t, index): Point => [-48 + 96 * t, index % 2 === 0 ? 20 : -6])
        .reverse(),
    ]),
  },
  scallop_edge: {
    d: united(
      row(5, (x) => stroke(bowed([x - 10, -8], [x + 10, -8], 0.62), thinThickThin(6))) +
        [-50, -30, -10, 10, 30, 50].map((x) => circle([x * 0.96, -10], 3)).join(''),
    ),
  },
  crack: {
    d:
      jagged(
        [
          [-46, -26],
          [-24, -12],
          [-16, -24],
          [0, 0],
          [10, -8],
          [22, 18],
          [46, 28],
        ],
        9,
      ) +
      jagged(
        [
          [-16, -24],
          [-10, -42],
          [2, -48],
        ],
        5,
      ) +
      jagged(
        [
          [0, 0],
          [-10, 18],
          [-6, 32],
          [-18, 46],
        ],
        6,
      ) +
      jagged(
        [
          [22, 18],
          [20, 34],
          [30, 46],
        ],
        4,
      ),
  },
  tooth_row: {
    d: row(7, (x, index) => {
      const long = index === 1 || index === 5 ? 22 : 13;

      return `M${at([x - 7, -16])}Q${at([x, -19])} ${at([x + 7, -16])}C${at([x + 6, -4])} ${at([x + 2, long - 4])} ${at([x, long])}C${at([x - 2, long - 4])} ${at([x - 6, -4])} ${at([x - 7, -16])}Z`;
    }),
  },
  spike_row: {
    d: row(7, (x, index) => {
      const high = 40 - 3 * (index - 3) ** 2;

      return `M${at([x - 8.5, 18])}C${at([x - 4, 4])} ${at([x + 1, 18 - high * 0.7])} ${at([x + 4, 18 - high])}C${at([x + 6, 18 - high * 0.6])} ${at([x + 7, 4])} ${at([x + 8.5, 18])}Z`;
    }),
  },
  drip_row: {
    d: `M-50 -26C-20 -32 20 -32 50 -26L50 -14C20 -20 -20 -20 -50 -14Z${[
      [-43, 8],
      [-27, 34],
      [-12, 2],
      [4, 22],
      [20, 44],
      [36, 12],
    ]
      .map(([x, bottom]) => tear(x ?? 0, -26, bottom ?? 0, 6))
      .join('')}`,
  },
  flame_row: {
    d: row(5, (x, index) => {
      const high = [30, 46, 58, 44, 32][index] ?? 40;
      const tip = 24 - high;

      return `M${at([x - 11, 24])}C${at([x - 13, 4])} ${at([x - 2, tip + 16])} ${at([x + 5, tip])}C${at([x + 5, tip + 14])} ${at([x + 13, tip + 24])} ${at([x + 11, 24])}C${at([x + 6, 29])} ${at([x - 6, 29])} ${at([x - 11, 24])}Z`;
    }),
  },
  bead_string: {
    d: united(
      stroke(bowed([-49, -16], [49, -16], 0.36, 30), () => 2) +
        cubic([-49, -16], [-16, 19], [16, 19], [49, -16], 11)
          .map((spot, index) => circle(spot, 6.4 - 0.55 * Math.abs(index - 5)))
          .join(''),
    ),
  },
  loop_row: {
    d: stroke(
      steps(150).map((t): Point => [
        -42 + 84 * t - 11 * Math.sin(10 * Math.PI * t),
        -14 * Math.cos(10 * Math.PI * t),
      ]),
      (t) => 2.2 + 3.4 * Math.abs(Math.sin(5 * Math.PI * t)),
    ),
  },
  leaf_veins: {
    d:
      stroke(bowed([0, 46], [0, -46], 0.04), liftedOff(6)) +
      [30, 14, -2, -18]
        .flatMap((y) => [
          stroke(bowed([0, y], [24 - Math.abs(y) * 0.25, y - 18], 0.14), liftedOff(4)),
          stroke(bowed([0, y], [-24 + Math.abs(y) * 0.25, y - 18], -0.14), liftedOff(4)),
        ])
        .join(''),
  },
  antennae: {
    d: united(
      stroke(bowed([3, 44], [34, -38], 0.22), (t) => 5 - 2.6 * t) +
        stroke(bowed([-3, 44], [-34, -38], -0.22), (t) => 5 - 2.6 * t) +
        circle([35, -41], 7) +
        circle([-35, -41], 7),
    ),
  },
  swoops: {
    d: [0, 1, 2, 3]
      .map((index) =>
        stroke(
          bowed([-46, 40 - index * 4], [44 - index * 9, -44 + index * 24], 0.24 - index * 0.05),
          thinThickThin(9 - index),
        ),
      )
      .join(''),
  },
  question_curl: {
    d: stroke(
      [
        ...cubic([-4, 49], [-2, 30], [-10, 22], [8, 8], 12),
        ...cubic([8, 8], [34, -12], [30, -46], [-2, -46], 18).slice(1),
        ...wound([-4, -24], 22, -84, -0.95, 26).slice(1),
      ],
      (t) => Math.max(1.4, 15 * Math.sin(Math.PI * Math.min(1, 0.08 + t * 1.02)) ** 0.9),
    ),
  },
  mane_curls: {
    d: [
      [-30, 10, 30, 1],
      [0, -6, 34, 1],
      [30, 10, 30, -1],
    ]
      .map(([x = 0, y = 0, r = 30, way = 1]) =>
        stroke(
          [
            ...cubic(
              [x * 0.4, 49],
              [x * 0.4 - 12 * way, 30],
              [x - r * 0.5 * way, y + 20],
              [x - r * 0.42 * way, y],
              14,
            ),
            ...wound([x, y - 4], r * 0.44, way === 1 ? 170 : 10, 1.1 * way, 26).slice(1),
          ],
          (t) => Math.max(1.2, 10 * Math.sin(Math.PI * (0.06 + 0.9 * t)) ** 0.8),
        ),
      )
      .join(''),
  },
  fur_flicks: {
    d: row(7, (x, index) => {
      const far = Math.abs(index - 3);

      return stroke(
        bowed([x * 0.72, 30 + far * 2], [x * 1.02, -36 + far * far * 2.4], x < 0 ? -0.12 : 0.12),
        (t) => Math.max(0.8, 10 * Math.sin(Math.PI * (0.28 + 0.72 * t))),
      );
    }),
  },
  basket_weave: {
    d: steps(5)
      .flatMap((down, line) =>
        steps(6).map((across, at) => {
          const [x, y] = [-42 + 84 * across, -36 + 72 * down];
          const one: Point[] =
            (line + at) % 2 === 0 ? bowed([x - 8, y], [x + 8, y], 0.16) : bowed([x, y - 9], [x, y + 9], 0.16);

          return stroke(one, thinThickThin(7));
        }),
      )
      .join(''),
  },
  jointed_legs: {
    d: united(
      [-1, 1]
        .flatMap((way) =>
          [-30, -6, 20].map((y, index) => {
            const knee: Point = [34 * way, y - 16 + index * 4];
            const foot: Point = [49 * way, y + 8 + index * 8];

            return (
              stroke(bowed([8 * way, y * 0.6], knee, -0.08 * way), (t) => 7 - 2 * t) +
              stroke(bowed(knee, foot, -0.12 * way), (t) => 5 * (1 - t) + 1) +
              circle(knee, 3.4)
            );
          }),
        )
        .join(''),
    ),
  },
  frosting_swirl: {
    d: [0, 1, 2, 3]
      .map((layer) => {
        const [half, y] = [44 - layer * 11, 34 - layer * 20];

        return `M${at([-half, y])}C${at([-half - 6, y - 16])} ${at([-half * 0.4, y - 22])} ${at([half * 0.7, y - 20])}C${at([half + 6, y - 18])} ${at([half + 8, y + 2])} ${at([half * 0.8, y + 6])}C${at([half * 0.2, y + 14])} ${at([-half * 0.8, y + 14])} ${at([-half, y])}Z`;
      })
      .concat(['M-6 -38C-8 -46 2 -48 10 -50C6 -44 8 -40 4 -36Z'])
      .join(''),
    detail: [0, 1, 2]
      .map((layer) => {
        const [half, y] = [44 - layer * 11, 34 - layer * 20];

        return `M${at([-half * 0.8, y - 12])}C${at([-half * 0.2, y - 2])} ${at([half * 0.5, y - 6])} ${at([half * 0.95, y - 14])}`;
      })
      .join(''),
  },
  ribbon: {
    d: stroke(
      steps(60).map((t): Point => [-48 + 96 * t, 15 * Math.sin(t * Math.PI * 3)]),
      (t) => 3 + 13 * Math.abs(Math.cos(t * Math.PI * 3)) * Math.min(1, 6 * t, 6 * (1 - t)),
    ),
  },
} satisfies Partial<Record<Shape, Form>>;

const figureForms = Object.fromEntries(
  Object.entries(figures as Record<string, Figure>).map(([shape, figure]) => [shape, formOf(figure)]),
) as Record<keyof typeof figures, Form>;

/** What nobody has drawn: an edge of its size, with its name beside it. */
const plain: Form = {
  d: hoop(40, 3),
  hollow: true,
};

/** The forms that stand for themselves: a step paints them, and later ones are placed by them. */
export const forms: Record<Exclude<Shape, 'scales' | 'mesh' | 'star_field'>, Form> = {
  ...plainForms,
  ...figureForms,
  plain,
};

const known = new Map<string, ReturnType<typeof boundsOf>>();

/** How far a form reaches in its box: [left, top, right, bottom]. */
export function extentOf(shape: keyof typeof forms): ReturnType<typeof boundsOf> {
  const extent = known.get(shape) ?? boundsOf(forms[shape].d);
  known.set(shape, extent);

  return extent;
}
