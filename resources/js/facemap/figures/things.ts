// Plants, food, and what parties, fairs and sports days are full of.
import { around, type Point, polar, star } from '../strokes';
import {
  base,
  box,
  card,
  disc,
  drawn,
  edge,
  type Figure,
  ink,
  leaning,
  line,
  oval,
  pair,
  spare,
} from './figure';

const ring = (count: number, r: number, x = 0, y = 0, from = -90): Point[] =>
  around(count, r, from).map(([px, py]): Point => [px + x, py + y]);

const petals = (count: number, at: number, rx: number, ry: number, x: number, y: number): string =>
  Array.from({ length: count }, (_, i) => {
    const angle = -90 + (i * 360) / count;
    const [px, py] = polar(at, angle);

    return leaning(x + px, y + py, rx, ry, angle);
  }).join('');

const leaf = (x: number, y: number, degrees: number, size = 12): string => {
  const [dx, dy] = polar(size, degrees);
  const [ax, ay] = polar(size * 0.45, degrees + 90);

  return `M${x} ${y}C${x + dx * 0.3 + ax} ${y + dy * 0.3 + ay} ${x + dx * 0.7 + ax} ${y + dy * 0.7 + ay} ${x + dx} ${y + dy}C${x + dx * 0.7 - ax} ${y + dy * 0.7 - ay} ${x + dx * 0.3 - ax} ${y + dy * 0.3 - ay} ${x} ${y}Z`;
};

const PLANTS = {
  rose: [
    base('stem', line([0, 10], [2, 48], 4, 0.05)),
    base('leaf', leaf(2, 34, 20, 20), leaf(1, 28, 160, 20)),
    base('petals', disc(0, -16, 26), pair(disc(14, -4, 16))),
    edge(
      'centre',
      drawn('M0 -16C6 -18 6 -8 -2 -8C-12 -10 -8 -26 4 -26C18 -24 16 -2 0 0C-18 0 -20 -30 2 -36', 2.6),
    ),
  ],
  tulip: [
    base('stem', line([0, 4], [0, 48], 5)),
    base('leaf', 'M0 44C-4 24 -16 14 -24 12C-24 30 -14 42 0 46Z', 'M0 44C4 26 16 18 22 16C22 32 12 42 0 46Z'),
    base(
      'petals',
      'M-22 -36C-12 -32 -8 -26 -6 -24C-4 -36 0 -44 0 -46C0 -44 4 -36 6 -24C8 -26 12 -32 22 -36C26 -10 18 6 0 8C-18 6 -26 -10 -22 -36Z',
    ),
    edge('centre', drawn('M-6 -24C-8 -12 -6 0 0 6M6 -24C8 -12 6 0 0 6', 2)),
  ],
  sunflower: [
    base('stem', line([0, 16], [0, 49], 5)),
    base('leaf', leaf(0, 40, 10, 22), leaf(0, 36, 170, 22)),
    base('petals', petals(14, 24, 13, 5.5, 0, -12)),
    ink('centre', disc(0, -12, 16)),
    edge(
      'seeds',
      ring(6, 8, 0, -12)
        .map(([x, y]) => disc(x, y, 2))
        .join(''),
    ),
  ],
  branch: [
    base('stem', drawn('M-48 20C-20 10 10 4 48 -18M-14 10C-8 -6 2 -16 14 -22M10 4C22 10 30 18 34 28', 4)),
    base(
      'leaf',
      leaf(14, -22, -60, 18),
      leaf(34, 28, 60, 18),
      leaf(-24, 12, -110, 18),
      leaf(36, -12, 20, 13),
      leaf(-6, 8, 80, 16),
    ),
    spare('berries', disc(20, -6, 3.4), disc(-34, 22, 3.4)),
  ],
  twig: [base('stem', drawn('M-48 14C-20 12 10 6 48 -6M-12 11C-4 0 2 -6 8 -14M16 5C24 12 28 18 30 24', 5))],
  tree: [
    base('trunk', 'M-7 48C-4 30 -5 18 -6 6H6C5 18 4 30 7 48Z'),
    base('crown', disc(0, -24, 22), disc(-20, -6, 18), disc(20, -6, 18), disc(0, -2, 18)),
    edge('berries', disc(-14, -14, 4), disc(12, -22, 4), disc(18, 0, 4), disc(-6, 2, 4)),
    spare('leaf', drawn('M-24 -6C-18 -12 -12 -8 -10 -4M8 -26C14 -32 20 -26 20 -22', 2)),
  ],
  fir_tree: [
    base('trunk', box(-6, 36, 12, 12)),
    base('body', 'M0 -48L18 -22H8L26 2H14L34 38H-34L-14 2H-26L-8 -22H-18Z'),
    edge(
      'berries',
      disc(-6, -18, 3.6),
      disc(8, 4, 3.6),
      disc(-12, 16, 3.6),
      disc(16, 26, 3.6),
      disc(-20, 30, 3.6),
    ),
    edge('stripes', drawn('M-10 -12C0 -8 8 -12 12 -16M-18 14C-4 20 10 14 18 8', 2)),
    spare('light', disc(0, -46, 5)),
  ],
  palm: [
    base('trunk', 'M-4 48C-2 24 2 4 10 -14L16 -12C10 8 8 28 8 48Z'),
    base(
      'leaf',
      'M13 -16C2 -34 -18 -34 -34 -20C-18 -24 0 -18 13 -12Z',
      'M13 -16C26 -34 42 -30 48 -14C36 -22 24 -18 13 -12Z',
      'M13 -16C8 -40 -4 -48 -18 -46C-6 -38 6 -26 13 -14Z',
      'M13 -16C18 -36 32 -46 42 -42C32 -36 22 -26 14 -14Z',
      'M13 -15C0 -20 -20 -8 -26 6C-14 -6 2 -10 13 -11Z',
    ),
    edge('berries', disc(8, -10, 4), disc(17, -9, 4)),
    edge('stripes', drawn('M-2 34H8M0 20H8M3 6H10', 2)),
  ],
  cactus: [
    base('pot', 'M-20 30H20L15 49H-15Z'),
    base('arm', drawn('M-10 6H-28V-12M10 12H28V-4', 12)),
    base('body', card(-13, -46, 26, 78, 13)),
    edge('spikes', drawn('M-4 -32L-8 -36M4 -24L8 -28M-4 -12L-8 -16M4 0L8 -4M-4 12L-8 8', 1.8)),
    spare('petals', petals(5, 5, 5, 3, 0, -45)),
    edge('stripes', drawn('M-4 -38V28M4 -38V28', 1.4)),
  ],
  mushroom: [
    base('trunk', 'M-13 8H13C10 24 16 40 18 46H-18C-16 40 -10 24 -13 8Z'),
    base('crown', 'M-46 10C-46 -26 -20 -44 0 -44C20 -44 46 -26 46 10C20 16 -20 16 -46 10Z'),
    edge('spots', disc(-22, -10, 7), disc(2, -28, 8), disc(24, -8, 7), disc(0, -2, 5)),
    edge('stripes', drawn('M-30 12C-10 18 10 18 30 12', 2)),
  ],
  clover: [
    base('stem', drawn('M0 4C2 24 -4 38 -14 48', 4)),
    base(
      'leaf',
      [0, 90, 180, 270]
        .map((a) => {
          const [x, y] = polar(19, a - 45);

          return (
            disc(x + polar(8, a - 90)[0], y - 8 + polar(8, a - 90)[1], 12) +
            disc(x + polar(8, a)[0], y - 8 + polar(8, a)[1], 12) +
            disc(x * 0.5, y * 0.5 - 8, 10)
          );
        })
        .join(''),
    ),
  ],
  holly: [
    base(
      'leaf',
      'M-4 10C-18 8 -18 -2 -26 -2C-26 -12 -34 -14 -38 -24C-28 -24 -24 -32 -14 -30C-12 -22 -4 -20 -4 -10Z',
      'M4 10C18 8 18 -2 26 -2C26 -12 34 -14 38 -24C28 -24 24 -32 14 -30C12 -22 4 -20 4 -10Z',
    ),
    base('berries', disc(-8, 16, 9), disc(9, 16, 9), disc(0, 30, 9)),
    edge('stripes', drawn('M-4 6L-34 -24M4 6L34 -24', 1.8)),
  ],
  bamboo: [
    base(
      'stem',
      card(-12, -48, 11, 30, 3),
      card(-12, -16, 11, 30, 3),
      card(-12, 16, 11, 32, 3),
      card(8, -30, 10, 26, 3),
      card(8, -2, 10, 24, 3),
      card(8, 24, 10, 24, 3),
    ),
    base(
      'leaf',
      leaf(-1, -18, -40, 22),
      leaf(-12, 14, -160, 22),
      leaf(18, -4, -30, 20),
      leaf(18, 22, 20, 20),
    ),
  ],
} satisfies Record<string, Figure>;

const FRUIT = {
  apple: [
    base('stem', drawn('M0 -24C0 -36 6 -42 8 -46', 4)),
    base('leaf', leaf(3, -34, -10, 26)),
    base('body', 'M0 -22C-14 -34 -42 -28 -40 2C-38 30 -20 48 0 40C20 48 38 30 40 2C42 -28 14 -34 0 -22Z'),
    edge('shine', drawn('M-28 -8C-26 -16 -20 -20 -16 -20', 3)),
    spare('bite', 'M30 -14C20 -12 18 0 26 6C20 14 30 22 38 18Z'),
    spare('seeds', leaning(-5, 8, 2, 4, 10) + leaning(5, 8, 2, 4, -10)),
  ],
  strawberry: [
    base('body', 'M0 48C-24 34 -40 8 -34 -14C-26 -30 -8 -26 0 -20C8 -26 26 -30 34 -14C40 8 24 34 0 48Z'),
    base('leaf', 'M0 -18L-22 -30L-12 -36L-6 -34L0 -48L6 -34L12 -36L22 -30Z'),
    ink(
      'seeds',
      [
        [-18, -4],
        [0, -2],
        [18, -4],
        [-10, 12],
        [10, 12],
        [0, 28],
      ]
        .map(([x, y]) => oval(x ?? 0, y ?? 0, 1.8, 3))
        .join(''),
    ),
    spare('shine', drawn('M-24 -2C-24 -10 -20 -14 -16 -16', 2.4)),
  ],
  cherry: [
    base('stem', drawn('M-18 12C-14 -14 0 -34 18 -44M20 16C22 -8 20 -26 18 -44', 3.4)),
    base('leaf', leaf(18, -42, 20, 30)),
    base('body', disc(-20, 26, 20), disc(22, 28, 18)),
    edge('shine', drawn('M-30 22C-28 16 -24 14 -20 14M14 24C16 19 20 18 22 18', 2.4)),
  ],
  watermelon: [
    base('body', 'M-46 -14C-42 28 -18 42 0 42C18 42 42 28 46 -14Z'),
    edge(
      'rind',
      'M-48 -14C-44 30 -18 44 0 44C18 44 44 30 48 -14L38 -14C34 20 14 33 0 33C-14 33 -34 20 -38 -14Z',
    ),
    ink(
      'seeds',
      [
        [-22, -2],
        [-8, 4],
        [8, 4],
        [22, -2],
        [-12, 18],
        [12, 18],
      ]
        .map(([x, y]) => oval(x ?? 0, y ?? 0, 2, 3.6))
        .join(''),
    ),
    spare('bite', 'M14 -15C14 -6 24 -4 26 -10C30 -4 38 -8 38 -15Z'),
    spare('stripes', drawn('M-44 -14C-40 26 -16 39 0 39C16 39 40 26 44 -14', 2)),
    spare('shine', drawn('M-30 0C-28 10 -22 18 -18 20', 2)),
  ],
  pineapple: [
    base('crown', 'M0 -10L-18 -30L-8 -28L-14 -46L-2 -34L0 -50L2 -34L14 -46L8 -28L18 -30Z'),
    base('body', oval(0, 18, 24, 30)),
    edge('stripes', drawn('M-20 4L14 42M-23 20L2 46M-10 -8L22 30M20 4L-14 42M23 20L-2 46M10 -8L-22 30', 1.6)),
    spare('eye', pair(disc(8, 14, 3))),
  ],
  banana: [
    base(
      'body',
      'M-34 -36C-30 0 -6 26 40 22C44 26 44 32 40 36C-4 48 -44 14 -44 -34C-42 -40 -36 -42 -34 -36Z',
    ),
    ink('stem', 'M-44 -34L-42 -46L-35 -46L-34 -36Z', disc(41, 29, 4)),
    edge('stripes', drawn('M-38 -28C-34 8 -4 34 38 29', 1.8)),
  ],
  grapes: [
    base('stem', line([0, -26], [4, -46], 4)),
    base('leaf', leaf(2, -36, 10, 28), leaf(0, -34, 170, 22)),
    base(
      'body',
      [
        [-22, -16],
        [0, -18],
        [22, -16],
        [-12, 2],
        [12, 2],
        [0, 20],
        [-20, 12],
        [20, 12],
        [0, 36],
      ]
        .map(([x, y]) => disc(x ?? 0, y ?? 0, 11))
        .join(''),
    ),
    edge(
      'shine',
      [
        [-25, -19],
        [-3, -21],
        [19, -19],
      ]
        .map(([x, y]) => disc(x ?? 0, y ?? 0, 2))
        .join(''),
    ),
  ],
  carrot: [
    base('leaf', leaf(-18, -20, -150, 28), leaf(-20, -22, -120, 30), leaf(-16, -24, -90, 28)),
    base('body', 'M-26 -16C-20 -30 -4 -30 0 -18C10 8 30 30 44 46C24 40 -8 20 -26 -16Z'),
    edge('stripes', drawn('M-16 -10L-6 -16M-2 8L8 0M14 24L20 18', 2)),
  ],
  pumpkin: [
    base('stem', 'M-5 -26C-4 -38 2 -44 10 -46L14 -40C8 -38 6 -32 6 -26Z'),
    base('body', oval(-22, 8, 24, 32), oval(22, 8, 24, 32), oval(0, 8, 24, 35)),
    ink('eye', pair('M10 -4L26 -4L18 -16Z')),
    ink('mouth', 'M-28 14L-18 18L-12 14L-6 20L0 14L6 20L12 14L18 18L28 14C22 34 -22 34 -28 14Z'),
    edge('stripes', drawn('M-14 -22C-24 0 -24 22 -14 40M14 -22C24 0 24 22 14 40', 1.8)),
    spare('leaf', leaf(-2, -30, 200, 20)),
  ],
} satisfies Record<string, Figure>;

const sprinkles = (points: number[][]): string =>
  points.map(([x = 0, y = 0], i) => line([x - 2, y - (i % 2)], [x + 2, y + (i % 2) * 2], 2.2)).join('');

const SWEET = {
  cupcake: [
    base('case', 'M-30 10H30L22 48H-22Z'),
    base(
      'icing',
      'M-36 12C-44 0 -34 -10 -26 -10C-28 -22 -16 -30 -8 -28C-6 -38 6 -42 10 -34C22 -36 28 -22 24 -12C38 -12 42 2 36 12Z',
    ),
    edge('stripes', drawn('M-18 12L-14 47M-6 12L-4 47M6 12L4 47M18 12L14 47', 2)),
    base('cherry', disc(2, -40, 8)),
    edge('drips', drawn('M-30 -2C-10 6 10 -2 28 0M-20 -16C-6 -10 8 -18 18 -16', 2.4)),
    edge(
      'sprinkles',
      sprinkles([
        [-22, 4],
        [-8, -4],
        [6, 4],
        [20, -4],
        [-14, -14],
        [8, -18],
        [0, -26],
      ]),
    ),
  ],
  birthday_cake: [
    base('candle', box(-18, -34, 5, 16), box(-2, -36, 5, 18), box(14, -34, 5, 16)),
    base(
      'flame',
      'M-15 -46C-10 -40 -12 -35 -15.5 -35C-19 -35 -20 -40 -15 -46ZM0 -49C5 -42 4 -37 .5 -37C-3 -37 -4 -42 0 -49ZM17 -46C22 -40 20 -35 16.5 -35C13 -35 12 -40 17 -46Z',
    ),
    base('body', card(-38, 6, 76, 40, 4)),
    base(
      'icing',
      'M-40 10V-6C-40 -16 -34 -18 -28 -18H28C34 -18 40 -16 40 -6V10C34 18 30 6 24 12C18 22 14 8 8 14C2 24 -4 8 -10 14C-16 20 -20 6 -26 12C-32 18 -36 14 -40 10Z',
    ),
    edge('stripes', drawn('M-38 32H38', 2.4)),
    edge(
      'sprinkles',
      sprinkles([
        [-28, -8],
        [-12, -8],
        [4, -10],
        [20, -8],
        [32, -6],
      ]),
    ),
  ],
  ice_cream: [
    base('cone', 'M-22 4H22L0 49Z'),
    base('scoop', disc(-12, -8, 18), disc(12, -8, 18), disc(0, -24, 18)),
    edge('stripes', drawn('M-16 6L6 34M-4 6L12 24M16 6L-6 34M4 6L-12 24', 1.8)),
    base('cherry', disc(2, -44, 6)),
    edge('drips', 'M-24 2C-24 12 -16 12 -16 4ZM-6 6C-6 18 4 18 4 6ZM14 4C14 12 22 12 22 2Z'),
    edge(
      'sprinkles',
      sprinkles([
        [-14, -12],
        [0, -28],
        [12, -10],
        [-4, -18],
        [8, -24],
      ]),
    ),
  ],
  lolly: [
    base('stick', card(-4, 20, 8, 28, 3)),
    base('body', 'M-20 22V-22C-20 -50 20 -50 20 -22V22Z'),
    edge('stripes', box(-20, -14, 40, 3), box(-20, 4, 40, 3)),
    spare('bite', 'M6 -46C2 -38 10 -36 10 -32C16 -32 18 -30 22 -26V-46Z'),
    spare('drips', 'M-16 22C-16 32 -8 32 -8 22Z'),
    edge(
      'sprinkles',
      sprinkles([
        [-8, -28],
        [8, -24],
        [0, -34],
      ]),
    ),
  ],
  doughnut: [
    base('body', disc(0, 2, 42)),
    edge(
      'icing',
      'M-38 0C-40 -50 40 -50 38 0C36 8 30 2 26 10C20 18 14 8 8 14C0 20 -8 10 -14 14C-20 20 -24 6 -30 10C-36 12 -38 6 -38 0Z',
    ),
    ink('hole', disc(0, 0, 11)),
    edge(
      'sprinkles',
      sprinkles([
        [-24, -14],
        [-10, -26],
        [8, -28],
        [22, -16],
        [-18, 2],
        [20, 2],
      ]),
    ),
  ],
  sweet: [
    base('stick', pair('M20 0L46 -18C42 -6 42 6 46 18Z')),
    base('body', oval(0, 0, 24, 20)),
    edge('stripes', drawn('M-14 -16C-4 -6 -4 6 -14 16M4 -20C14 -8 14 8 4 20', 3)),
  ],
  pizza: [
    base('body', 'M-36 -30L0 48L36 -30C14 -44 -14 -44 -36 -30Z'),
    edge('icing', 'M-32 -24L0 40L32 -24C12 -34 -12 -34 -32 -24Z'),
    edge('sprinkles', disc(-10, -12, 6), disc(12, -10, 6), disc(0, 10, 6)),
    edge('drips', drawn('M-36 -30C-14 -44 14 -44 36 -30', 5)),
  ],
  candy_cane: [
    base('body', drawn('M0 48V-18C0 -44 34 -44 34 -18', 13)),
    ink(
      'stripes',
      [40, 24, 8, -8].map((y) => `M-6.5 ${y}L6.5 ${y - 8}V${y - 15}L-6.5 ${y - 7}Z`).join(''),
      'M6 -36L13 -44L20 -46L14 -34ZM30 -38L38 -32L40 -24L28 -28Z',
    ),
    base('bow', 'M0 22L-18 12V32ZM0 22L18 12V32Z', disc(0, 22, 5)),
  ],
  candle: [
    base('body', card(-12, -14, 24, 60, 3)),
    base('flame', 'M0 -49C12 -34 10 -20 0 -20C-10 -20 -12 -34 0 -49Z'),
    edge('stripes', drawn('M-12 0L12 -8M-12 16L12 8M-12 32L12 24', 3)),
    ink('stick', line([0, -22], [0, -13], 2.4)),
  ],
} satisfies Record<string, Figure>;

const PARTY = {
  balloon: [
    base('string', drawn('M0 26C8 32 -8 40 2 49', 2.2)),
    base('knot', 'M-5 28L0 20L5 28Z'),
    base('body', 'M0 22C-20 14 -32 -4 -30 -20C-28 -40 -14 -49 0 -49C14 -49 28 -40 30 -20C32 -4 20 14 0 22Z'),
    edge('shine', drawn('M-18 -18C-18 -28 -12 -36 -6 -38', 3.4)),
    spare('spots', disc(-10, -8, 4) + disc(10, -20, 4) + disc(12, 0, 4)),
  ],
  parcel: [
    base('body', card(-34, -10, 68, 56, 3)),
    base('lid', card(-40, -22, 80, 16, 3)),
    edge('ribbon', box(-6, -22, 12, 68)),
    edge('band', box(-34, 14, 68, 8)),
    base(
      'bow',
      'M0 -24C-8 -48 -34 -46 -26 -28C-20 -22 -8 -22 0 -24Z',
      'M0 -24C8 -48 34 -46 26 -28C20 -22 8 -22 0 -24Z',
    ),
    spare('spots', disc(-20, 0, 4) + disc(22, 2, 4) + disc(-20, 34, 4) + disc(20, 34, 4)),
  ],
  treasure_chest: [
    base('lid', 'M-42 -6C-42 -40 42 -40 42 -6Z'),
    base('body', box(-42, -4, 84, 44)),
    edge('band', box(-28, -30, 8, 70), box(20, -30, 8, 70)),
    ink('handle', card(-8, -8, 16, 16, 3)),
    edge('ribbon', box(-42, -7, 84, 5)),
  ],
  barrel: [
    base('body', 'M-26 -42H26C40 -16 40 16 26 42H-26C-40 16 -40 -16 -26 -42Z'),
    ink('band', 'M-31 -30H31L33 -23H-33ZM-33 23H33L31 30H-31Z'),
    edge('ribbon', drawn('M-12 -42C-18 -14 -18 14 -12 42M12 -42C18 -14 18 14 12 42', 2)),
  ],
  crown: [
    base('points', 'M-44 30L-48 -24L-22 4L0 -40L22 4L48 -24L44 30Z'),
    base('band', box(-44, 24, 88, 16)),
    base('jewels', disc(-48, -26, 5), disc(0, -43, 6), disc(48, -26, 5)),
    edge('body', disc(-24, 32, 4), disc(0, 32, 5), disc(24, 32, 4)),
  ],
  tiara: [
    base('band', drawn('M-48 24C-24 8 24 8 48 24', 7)),
    base(
      'points',
      drawn(
        'M-34 16C-40 0 -28 -8 -22 0C-16 -22 -4 -30 0 -42C4 -30 16 -22 22 0C28 -8 40 0 34 16M-14 10C-10 -4 10 -4 14 10',
        4,
      ),
    ),
    base('jewels', disc(0, -38, 6), disc(-24, -4, 4), disc(24, -4, 4), disc(0, 2, 4)),
  ],
  jewel: [
    base('body', 'M-40 -14L-22 -36H22L40 -14L0 44Z'),
    edge('points', 'M-40 -14H40M-22 -36L-14 -14L0 44L14 -14L22 -36M-14 -14L0 -36L14 -14'),
  ],
  wand: [
    base('stick', line([-36, 46], [10, -8], 6)),
    base(
      'body',
      star(5, 30, 13).replaceAll(
        /(-?[\d.]+) (-?[\d.]+)/gu,
        (_, x: string, y: string) => `${Number(x) + 16} ${Number(y) - 18}`,
      ),
    ),
    spare('rays', drawn('M-20 -34L-28 -40M-18 -18L-28 -18M40 10L48 16', 3)),
    base('ribbon', drawn('M2 4C-14 8 -10 22 -24 22M6 6C14 14 4 24 12 32', 3)),
  ],
  key: [
    base(
      'body',
      drawn('M-8 -8L40 40M24 24L34 14M32 32L42 22', 8),
      drawn('M-40 -24C-40 -46 -8 -46 -8 -24C-8 -2 -40 -2 -40 -24', 8),
    ),
  ],
  music_note: [
    base(
      'body',
      leaning(-18, 32, 16, 11, -20),
      leaning(26, 22, 16, 11, -20),
      box(-7, -34, 6, 66),
      box(37, -42, 6, 64),
      'M-7 -34L43 -44V-30L-7 -20Z',
    ),
  ],
  firework: [
    base(
      'body',
      around(12, 46)
        .map(
          ([x, y], i) =>
            line(
              [x * 0.25, y * 0.25],
              [x * (i % 2 === 0 ? 0.85 : 0.6), y * (i % 2 === 0 ? 0.85 : 0.6)],
              3.4,
            ) + disc(x * (i % 2 === 0 ? 1 : 0.74), y * (i % 2 === 0 ? 1 : 0.74), 3.4),
        )
        .join(''),
    ),
  ],
  bunting: [
    base('ribbon', drawn('M-50 -20C-20 4 20 4 50 -20', 3)),
    base('body', 'M-44 -16L-24 -4L-38 22ZM-20 -3L2 0L-10 28ZM6 0L26 -6L20 24ZM30 -8L46 -18L44 14Z'),
  ],
  rainbow: [
    base('body', 'M-48 34C-48 -52 48 -52 48 34H18C18 -14 -18 -14 -18 34Z'),
    edge('band', 'M-40 34C-40 -41 40 -41 40 34M-33 34C-33 -32 33 -32 33 34M-25 34C-25 -23 25 -23 25 34'),
    spare('rays', pair(disc(34, 36, 11) + disc(46, 34, 9))),
  ],
} satisfies Record<string, Figure>;

const hexagon = (x: number, y: number, r: number, from = -90): string =>
  `M${ring(5, r, x, y, from)
    .map(([px, py]) => `${px.toFixed(1)} ${py.toFixed(1)}`)
    .join('L')}Z`;

const SPORT = {
  football: [
    base('body', disc(0, 0, 44)),
    ink('panels', hexagon(0, 0, 15), ...ring(5, 38, 0, 0).map(([x, y], i) => hexagon(x, y, 11, 90 + i * 72))),
    ink(
      'seams',
      ...ring(5, 1, 0, 0).map(([x, y]) => line([x * 15, y * 15], [x * 30, y * 30], 2)),
      ...ring(5, 1, 0, 0, -54).map(([x, y]) => line([x * 24, y * 24], [x * 43, y * 43], 2)),
    ),
  ],
  basketball: [
    base('body', disc(0, 0, 44)),
    ink('seams', drawn('M-44 0H44M0 -44V44M-30 -32C-12 -16 -12 16 -30 32M30 -32C12 -16 12 16 30 32', 2.6)),
  ],
  rugby_ball: [
    base('body', leaning(0, 0, 48, 29, -24)),
    ink(
      'seams',
      line([-22, 10], [22, -10], 2.6),
      ...[-12, -4, 4, 12].map((t) => line([t - 3, -t * 0.45 - 5], [t + 3, -t * 0.45 + 5], 2.2)),
    ),
    edge('stripes', drawn('M-32 -2L-22 24M32 2L22 -24', 2.6)),
  ],
  shield: [
    base('body', 'M-38 -42C-20 -36 20 -36 38 -42C42 4 26 34 0 48C-26 34 -42 4 -38 -42Z'),
    edge('border', 'M-32 -34C-16 -30 16 -30 32 -34C34 2 22 28 0 40C-22 28 -34 2 -32 -34Z'),
    ink('cross', box(-3.5, -32, 7, 70), box(-31, -8, 62, 7)),
    spare('stripes', drawn('M-36 -12L20 34M-26 -38L34 8', 4)),
  ],
  flag: [
    base('pole', line([-36, -48], [-36, 49], 5)),
    base('body', 'M-34 -44C-12 -54 8 -34 44 -44V6C8 16 -12 -4 -34 6Z'),
    edge('stripes', drawn('M-34 -27C-12 -37 8 -17 44 -27M-34 -10C-12 -20 8 0 44 -10', 2)),
    ink('cross', drawn('M-8 -46V2M-34 -19C-12 -29 8 -9 44 -19', 5)),
  ],
  trophy: [
    base('handle', drawn('M-22 -36H-42C-42 -14 -30 -6 -18 -4M22 -36H42C42 -14 30 -6 18 -4', 5)),
    base('body', 'M-26 -44H26C26 -10 18 4 5 8V26H20V36H-20V26H-5V8C-18 4 -26 -10 -26 -44Z'),
    base('foot', box(-26, 36, 52, 11)),
    edge(
      'stripes',
      star(5, 13, 5.5).replaceAll(
        /(-?[\d.]+) (-?[\d.]+)/gu,
        (_, x: string, y: string) => `${x} ${Number(y) - 20}`,
      ),
    ),
    edge('border', drawn('M-20 -38H20', 2)),
  ],
  medal: [
    base('ribbon', 'M-26 -49H-8L6 -6L-8 2ZM26 -49H8L-6 -6L8 2Z'),
    base('body', disc(0, 20, 27)),
    edge('border', disc(0, 20, 20)),
    ink(
      'stripes',
      star(5, 13, 5.5).replaceAll(
        /(-?[\d.]+) (-?[\d.]+)/gu,
        (_, x: string, y: string) => `${x} ${Number(y) + 20}`,
      ),
    ),
  ],
  sword: [
    base('body', 'M36 -48L42 -42L-10 14L-18 6Z'),
    base('handle', line([-28, 0], [-4, 24], 6), line([-16, 12], [-38, 36], 8), disc(-40, 38, 6)),
  ],
  guitar: [
    base('handle', line([6, -4], [38, -40], 7), 'M32 -44L44 -34L50 -44L40 -50Z'),
    base('body', disc(-20, 22, 22), disc(2, 2, 15)),
    ink('hole', disc(-8, 10, 7)),
    edge('string', drawn('M-26 26L40 -42M-22 30L44 -38', 1.4)),
  ],
  witch_hat: [
    base('brim', oval(0, 34, 48, 11)),
    base('body', 'M-26 32C-18 8 -8 -20 -2 -34C6 -44 18 -46 26 -40C16 -40 12 -34 14 -24C18 -4 22 16 26 32Z'),
    ink('band', 'M-24 22C-8 28 8 28 24 22L26 32C8 38 -8 38 -26 32Z'),
    edge('buckle', box(-6, 23, 12, 11)),
    edge('spots', disc(0, -6, 3) + disc(6, 8, 3)),
  ],
  pirate_hat: [
    base('body', 'M-50 20C-44 -4 -28 -8 -22 -20C-14 -40 14 -40 22 -20C28 -8 44 -4 50 20C24 6 -24 6 -50 20Z'),
    base('brim', 'M-48 22C-20 8 20 8 48 22L44 30C20 16 -20 16 -44 30Z'),
    edge('buckle', disc(0, -14, 9), pair(disc(3.4, -15, 2.2)), drawn('M-12 2L12 -4M-12 -4L12 2', 2.6)),
    edge('band', drawn('M-44 16C-20 4 20 4 44 16', 2)),
  ],
  party_hat: [
    base('body', 'M0 -40L34 44C12 50 -12 50 -34 44Z'),
    base('tuft', disc(0, -42, 8)),
    edge('stripes', drawn('M-10 -14L12 -10M-18 8L22 14M-26 30L30 36', 4)),
    edge('spots', disc(-4, 2, 3.6) + disc(8, 22, 3.6) + disc(-14, 24, 3.6)),
    edge('brim', drawn('M-34 44C-12 50 12 50 34 44', 3)),
  ],
  moustache: [
    base(
      'body',
      'M0 -4C-8 -18 -28 -14 -30 0C-34 8 -44 6 -48 -4C-50 16 -30 24 -16 18C-8 14 -2 8 0 2C2 8 8 14 16 18C30 24 50 16 48 -4C44 6 34 8 30 0C28 -14 8 -18 0 -4Z',
    ),
  ],
  glasses: [
    base(
      'body',
      drawn(
        'M-6 0C-6 -16 -40 -16 -40 0C-40 18 -6 18 -6 0M6 0C6 -16 40 -16 40 0C40 18 6 18 6 0M-6 -2C-2 -6 2 -6 6 -2M-40 -2L-50 -6M40 -2L50 -6',
        5,
      ),
    ),
    edge('lens', pair(oval(23, 1, 14, 11))),
  ],
  eye_patch: [
    base('strap', drawn('M-50 -30C-24 -26 20 -12 50 14', 4)),
    base('body', 'M-24 -18C-8 -24 18 -16 24 -4C26 16 10 34 -4 32C-20 26 -30 4 -24 -18Z'),
    spare('lens', drawn('M-16 -8C-14 4 -8 16 0 22', 2)),
  ],
  bone: [
    base(
      'body',
      'M-26 -8H26C24 -22 44 -26 44 -12C54 -6 48 8 40 6C38 20 22 18 26 8H-26C-22 18 -38 20 -40 6C-48 8 -54 -6 -44 -12C-44 -26 -24 -22 -26 -8Z',
    ),
  ],
  umbrella: [
    base('handle', drawn('M0 -40V36C0 48 18 48 18 36', 4.5)),
    base(
      'body',
      'M-46 6C-46 -56 46 -56 46 6C38 -4 28 -4 22 4C16 -4 6 -4 0 4C-6 -4 -16 -4 -22 4C-28 -4 -38 -4 -46 6Z',
    ),
    edge('rays', drawn('M-22 4C-20 -16 -10 -34 0 -41M22 4C20 -16 10 -34 0 -41', 2)),
  ],
  rain_cloud: [
    base(
      'drips',
      [-24, 0, 24]
        .map(
          (x) =>
            `M${x} 18C${x + 4} 28 ${x + 8} 34 ${x + 7} 40C${x + 5} 48 ${x - 5} 48 ${x - 7} 40C${x - 8} 34 ${x - 4} 28 ${x} 18Z`,
        )
        .join(''),
    ),
    base(
      'body',
      'M-34 16C-52 14 -50 -12 -34 -14C-34 -38 -4 -44 6 -26C20 -38 42 -24 36 -8C52 -6 50 16 34 16Z',
    ),
    edge('eye', pair(disc(9, -8, 2.6))),
    edge('mouth', drawn('M-5 2C-2 5 2 5 5 2', 1.8)),
  ],
  tornado: [
    base(
      'body',
      drawn('M-42 -38H42', 9),
      drawn('M-34 -22C-10 -16 20 -18 36 -22', 9),
      drawn('M-24 -4C-4 2 16 0 30 -6', 8),
      drawn('M-12 12C0 16 16 14 22 8', 7),
      drawn('M0 28C6 30 14 28 18 24', 6),
      drawn('M8 42C10 43 13 42 14 40', 5),
    ),
  ],
  comet: [
    base('tail', 'M4 -4L-48 22C-34 22 -28 22 -22 22L-44 42C-24 38 -10 30 16 18Z'),
    base(
      'body',
      star(5, 30, 13).replaceAll(
        /(-?[\d.]+) (-?[\d.]+)/gu,
        (_, x: string, y: string) => `${Number(x) + 18} ${Number(y) - 14}`,
      ),
    ),
    edge('stripes', drawn('M-30 16L-6 4M-26 32L0 18', 2)),
  ],
  splash: [
    base(
      'body',
      'M0 -30C6 -46 18 -46 16 -28C30 -38 42 -30 30 -18C48 -18 48 0 30 2C44 12 36 26 22 18C26 34 12 44 6 26C0 46 -16 42 -12 24C-26 36 -40 24 -26 12C-46 12 -48 -6 -28 -6C-42 -18 -32 -34 -18 -22C-18 -40 -4 -44 0 -30Z',
      disc(38, 38, 5),
      disc(-40, 40, 4),
    ),
  ],
} satisfies Record<string, Figure>;

const wheels = (...at: [number, number, number][]) => [
  base('wheel', ...at.map(([x, y, r]) => disc(x, y, r))),
  edge('wheel', ...at.map(([x, y, r]) => disc(x, y, r * 0.45))),
];

const WHEELED = {
  car: [
    base(
      'body',
      'M-48 24V4C-40 -4 -32 -2 -28 -4C-20 -24 -10 -26 8 -26C22 -26 28 -14 34 -4C44 -2 48 4 48 24Z',
    ),
    edge('window', 'M-20 -6C-16 -18 -8 -20 -2 -20V-6ZM4 -20C16 -20 20 -14 26 -6H4Z'),
    ...wheels([-26, 26, 11], [26, 26, 11]),
    edge('light', disc(44, 8, 4)),
    edge('door', drawn('M1 -20V22', 1.8)),
    edge('stripes', drawn('M-46 10H46', 3)),
  ],
  lorry: [
    base('body', box(-48, -30, 60, 54)),
    base('cab', 'M14 -14H34L46 4V24H14Z'),
    edge('window', 'M20 -8H32L40 4H20Z'),
    ...wheels([-32, 28, 10], [-8, 28, 10], [32, 28, 10]),
    edge('stripes', drawn('M-48 -6H12', 3)),
    edge('light', disc(43, 14, 3)),
  ],
  tractor: [
    base('chimney', box(22, -34, 6, 22)),
    base('body', 'M-8 -12H40V20H-30V2H-8Z'),
    base('cab', 'M-34 4L-28 -38H2V4Z'),
    edge('window', 'M-24 -2L-20 -32H-4V-2Z'),
    ...wheels([-24, 22, 24], [32, 32, 13]),
    spare('smoke', disc(28, -42, 5)),
    edge('light', disc(38, -2, 3)),
  ],
  train: [
    base('smoke', disc(26, -42, 7), disc(40, -46, 5)),
    base('chimney', 'M16 -34H34L30 -12H20Z'),
    base('body', card(-14, -14, 58, 34, 8)),
    base('cab', box(-46, -34, 34, 54)),
    edge('window', box(-38, -26, 18, 16)),
    ...wheels([-34, 30, 11], [-6, 30, 11], [22, 30, 11]),
    base('door', 'M44 20L50 36H30Z'),
    edge('stripes', drawn('M-12 4H44', 3)),
  ],
  bus: [
    base('body', card(-46, -34, 92, 58, 8)),
    edge('window', ...[-38, -16, 6].map((x) => card(x, -24, 18, 16, 3)), card(28, -24, 14, 20, 3)),
    ...wheels([-26, 26, 10], [24, 26, 10]),
    edge('stripes', drawn('M-46 4H46', 3)),
    edge('door', box(28, -24, 14, 44)),
    edge('light', disc(42, 14, 3)),
  ],
  plane: [
    base('tail', 'M-46 -26L-34 -26L-22 -4H-38Z', 'M-44 4L-30 4L-40 14H-46Z'),
    base('wing', 'M-4 0L-22 34H-8L22 4Z', 'M2 -8L-10 -30H0L22 -8Z'),
    base('body', 'M-42 -8C-20 -14 24 -16 40 -6C50 0 46 8 36 8C12 12 -30 8 -42 2Z'),
    edge('window', disc(-16, -3, 3), disc(-4, -4, 3), disc(8, -4, 3), 'M26 -8C34 -7 40 -3 42 0H28Z'),
    edge('stripes', drawn('M-40 4C-10 8 20 8 40 5', 2)),
  ],
  helicopter: [
    base('rotor', line([-40, -34], [44, -34], 4), line([2, -34], [2, -22], 4)),
    base('tail', 'M-10 -8L-48 -14V-22L-42 -22L-40 -10L-8 4Z'),
    base('body', 'M-16 -14C-8 -26 20 -26 32 -12C44 2 36 20 18 22H-2C-18 20 -22 0 -16 -14Z'),
    edge('window', 'M14 -16C26 -14 32 -4 32 4H12Z'),
    base('leg', drawn('M-2 22V34M18 22V34M-16 36H34', 3.4)),
    edge('door', card(-8, -10, 14, 22, 3)),
    edge('stripes', drawn('M-18 6H34', 2.4)),
  ],
  digger: [
    base('arm', drawn('M0 -8L22 -40L42 -8', 7), 'M34 -10H50V10C40 14 34 6 34 -10Z'),
    base('body', box(-40, -6, 48, 24)),
    base('cab', 'M-20 -34H4V-6H-20Z'),
    edge('window', box(-15, -29, 14, 16)),
    base('wheel', card(-46, 22, 62, 20, 10)),
    edge('light', ...[-34, -15, 4].map((x) => disc(x, 32, 6))),
  ],
  fire_engine: [
    base('ladder', drawn('M-44 -22L28 -36M-44 -14L28 -28M-30 -26V-17M-14 -29V-20M2 -32V-23M16 -34V-26', 3)),
    base('body', box(-46, -12, 62, 36)),
    base('cab', 'M16 -18H38L46 2V24H16Z'),
    edge('window', 'M22 -12H34L40 2H22Z', box(-38, -4, 16, 12), box(-16, -4, 16, 12)),
    ...wheels([-28, 28, 10], [28, 28, 10]),
    edge('light', card(24, -26, 10, 8, 3)),
    edge('stripes', drawn('M-46 12H46', 3)),
  ],
  submarine: [
    base('tower', 'M-8 -34H12V-14H-8Z', drawn('M4 -34V-46H14', 4)),
    base('rotor', 'M-42 -8L-50 -16V22L-42 14Z'),
    base('body', 'M-42 4C-42 -20 -20 -18 4 -18C34 -18 48 -8 48 6C48 22 30 28 4 28C-20 28 -42 28 -42 4Z'),
    edge('window', disc(-16, 4, 7), disc(6, 4, 7), disc(28, 4, 7)),
    edge('stripes', drawn('M-40 16H44', 2)),
  ],
  rocket: [
    base('flame', 'M-12 30C-14 42 -4 42 0 50C4 42 14 42 12 30Z'),
    base('fin', pair('M14 8C26 14 30 24 30 38L14 28Z')),
    base('body', 'M0 -49C16 -32 18 -8 16 30H-16C-18 -8 -16 -32 0 -49Z'),
    edge('nose_cone', 'M0 -49C9 -40 13 -30 15 -22H-15C-13 -30 -9 -40 0 -49Z'),
    edge('window', disc(0, -6, 8)),
    edge('stripes', drawn('M-17 16H17', 3)),
    edge('light', disc(0, 14, 3)),
  ],
  planet: [
    base('body', disc(0, 0, 30)),
    base(
      'ring',
      'M-50 12C-40 20 34 -2 50 -14C46 -20 36 -18 30 -15C44 -14 20 0 0 6C-22 12 -38 12 -30 4C-40 4 -52 8 -50 12Z',
    ),
    edge('stripes', drawn('M-28 -8C-10 -4 12 -12 26 -16M-22 20C-4 24 14 16 26 10', 2.4)),
    edge('spots', disc(-8, -16, 4) + disc(10, 18, 5)),
  ],
  flying_saucer: [
    base('light', 'M-20 22L-34 49H34L20 22Z'),
    base('window', 'M-22 -4C-22 -42 22 -42 22 -4Z'),
    base('body', oval(0, 8, 48, 17)),
    edge('spots', disc(-30, 8, 4), disc(-10, 13, 4), disc(10, 13, 4), disc(30, 8, 4)),
    edge('ring', drawn('M-44 4C-20 12 20 12 44 4', 2)),
  ],
} satisfies Record<string, Figure>;

const BUILDINGS = {
  house: [
    base('smoke', disc(26, -46, 4)),
    base('chimney', box(16, -40, 10, 24)),
    base('body', box(-34, -4, 68, 50)),
    base('roof', 'M-46 -2L0 -44L46 -2Z'),
    edge('door', card(-9, 18, 18, 28, 3)),
    edge('window', box(-28, 6, 14, 14), box(14, 6, 14, 14)),
    spare('flag', 'M0 -44V-50H12L8 -47L12 -44Z'),
  ],
  castle: [
    base('flag', drawn('M0 -34V-50', 2.6), 'M0 -50L18 -45L0 -40Z'),
    base('tower', 'M-46 46V-18H-40V-10H-34V-18H-28V-10H-24V46Z', 'M46 46V-18H40V-10H34V-18H28V-10H24V46Z'),
    base('body', 'M-24 46V-2H-14V-34H-8V-26H-3V-34H3V-26H8V-34H14V-2H24V46Z'),
    ink('door', 'M-9 46V26C-9 12 9 12 9 26V46Z'),
    ink('window', box(-38, 4, 6, 10), box(32, 4, 6, 10), box(-3, -16, 6, 10)),
  ],
  tent: [
    base('flag', drawn('M0 -36V-50', 2.4), 'M0 -50L16 -46L0 -42Z'),
    base('body', 'M0 -38L44 -2L36 44H-36L-44 -2Z'),
    ink('door', 'M0 6L12 44H-12Z'),
    edge('roof', drawn('M-44 -2C-30 6 -16 6 0 -2C16 6 30 6 44 -2', 2.4)),
    edge('window', drawn('M0 -38L-22 0L-18 44M0 -38L22 0L18 44', 2)),
  ],
  windmill: [
    base('body', 'M-18 46L-12 -12H12L18 46Z'),
    base('roof', 'M-14 -10C-12 -28 12 -28 14 -10Z'),
    base(
      'rotor',
      [45, 135, 225, 315]
        .map((a) => {
          const [x, y] = polar(40, a);
          const [ax, ay] = polar(6, a + 90);
          return `M0 -14L${x} ${y - 14}L${x + ax} ${y - 14 + ay}L${ax} ${-14 + ay}Z`;
        })
        .join(''),
    ),
    edge('door', card(-6, 28, 12, 18, 3)),
    edge('window', disc(0, 10, 4)),
  ],
} satisfies Record<string, Figure>;

const PLAIN = {
  square: [base('body', box(-38, -38, 76, 76))],
  rectangle: [base('body', box(-48, -31, 96, 62))],
  half_circle: [base('body', 'M-46 -20A46 46 0 0 0 46 -20Z')],
  cross: [base('body', 'M-9 -46H9V-9H46V9H9V46H-9V9H-46V-9H-9Z')],
  pentagon: [base('body', hexagon(0, 2, 46))],
  hexagon: [
    base(
      'body',
      `M${around(6, 46)
        .map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`)
        .join('L')}Z`,
    ),
  ],
  long_ear: [base('ear', oval(0, 0, 17, 48)), edge('inner_ear', oval(0, 2, 8, 36))],
  floppy_ear: [
    base(
      'ear',
      'M-14 -46C4 -50 22 -38 26 -10C30 18 18 46 4 48C-12 46 -18 20 -16 -4C-20 -20 -24 -38 -14 -46Z',
    ),
  ],
} satisfies Record<string, Figure>;

export const things = {
  ...PLANTS,
  ...FRUIT,
  ...SWEET,
  ...PARTY,
  ...SPORT,
  ...WHEELED,
  ...BUILDINGS,
  ...PLAIN,
} satisfies Record<string, Figure>;
