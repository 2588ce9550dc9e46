// Heads from the front and from the side.
import {
  base,
  box,
  disc,
  drawn,
  edge,
  type Figure,
  ink,
  leaning,
  line,
  oval,
  pair,
  type PartForm,
  spare,
} from './figure';

type Ears = 'round' | 'pointed' | 'long' | 'floppy' | 'low' | 'leaf';

const EARS: Record<Ears, [string, string]> = {
  round: [pair(disc(28, -24, 15)), pair(disc(28, -24, 8))],
  pointed: [
    pair('M8 -22C14 -34 26 -46 36 -48C40 -36 40 -18 34 -4Z'),
    pair('M18 -24C22 -32 28 -38 33 -41C35 -32 34 -22 31 -13Z'),
  ],
  long: [pair(leaning(15, -28, 9, 23, 12)), pair(leaning(15, -28, 4.5, 17, 12))],
  floppy: [pair(leaning(37, 2, 11, 27, -14)), pair(leaning(38, 4, 5, 18, -14))],
  low: [pair(disc(37, 0, 13)), pair(disc(37, 0, 7))],
  leaf: [pair(leaning(37, -18, 15, 8, -16)), pair(leaning(37, -18, 9, 4, -16))],
};

const EYES = [ink('eye', pair(oval(14, 0, 4.5, 6))), edge('pupil', pair(disc(15, -1, 2)))];

/** A head with ears, eyes, nose and mouth, and what makes the kind plain. */
const head = (
  ears: Ears,
  more: {
    behind?: PartForm[];
    on?: PartForm[];
    skull?: string;
    snout?: PartForm[];
    whiskers?: boolean;
    eyes?: PartForm[];
  } = {},
): Figure => [
  ...(more.behind ?? []),
  base('ear', EARS[ears][0]),
  edge('inner_ear', EARS[ears][1]),
  base('head', more.skull ?? oval(0, 8, 36, 34)),
  ...(more.on ?? []),
  ...(more.snout ?? [
    edge('muzzle', oval(0, 22, 18, 14)),
    ink('nose', 'M-6 12H6C6 18 2 20 0 21C-2 20 -6 18 -6 12Z'),
    ink('mouth', drawn('M0 20L0 25C-2 30 -9 30 -11 26M0 25C2 30 9 30 11 26', 2.4)),
    spare('teeth', box(-4, 29, 4, 6), box(0, 29, 4, 6)),
    spare('tongue', oval(0, 34, 5, 6)),
  ]),
  spare('cheek', pair(disc(24, 20, 6))),
  spare('brow', pair(line([8, -10], [20, -11], 2.4, -0.2))),
  ...(more.eyes ?? EYES),
  ...(more.whiskers === true
    ? [
        ink(
          'whiskers',
          pair(line([16, 20], [46, 14], 1.8) + line([16, 24], [47, 24], 1.8) + line([16, 28], [45, 34], 1.8)),
        ),
      ]
    : [spare('whiskers', pair(disc(11, 22, 1.4) + disc(15, 25, 1.4) + disc(10, 27, 1.4)))]),
];

const stripes = edge(
  'stripes',
  'M-3 -26L3 -26L1 -10L-1 -10Z',
  pair('M9 -24L14 -22L9 -12Z'),
  pair('M36 2L24 5L35 8ZM35 14L24 15L33 20Z'),
);

const antler = pair(
  drawn('M12 -22C14 -32 22 -38 24 -50M17 -32C24 -32 30 -36 33 -42M21 -40C17 -42 14 -46 14 -49', 4.5),
);

const FRONT = {
  cat: head('pointed', { whiskers: true }),
  dog: head('floppy', {
    on: [edge('patch', 'M4 -22C22 -28 36 -10 32 6C26 14 8 12 6 2Z')],
    snout: [
      edge('muzzle', oval(0, 24, 19, 15)),
      ink('nose', oval(0, 15, 8, 6)),
      ink('mouth', drawn('M0 20L0 27C-3 33 -12 33 -14 28M0 27C3 33 12 33 14 28', 2.6)),
      spare('tongue', 'M-5 31H6V40C6 47 -5 47 -5 40Z'),
      spare('teeth', box(-4, 30, 4, 5), box(0, 30, 4, 5)),
    ],
  }),
  bunny: head('long', {
    skull: oval(0, 17, 30, 28),
    whiskers: true,
    eyes: [ink('eye', pair(oval(12, 8, 4, 5.5))), edge('pupil', pair(disc(13, 7, 1.8)))],
    snout: [
      edge('muzzle', pair(disc(6, 26, 8))),
      ink('nose', 'M-5 17H5L0 23Z'),
      ink('mouth', drawn('M0 22L0 27C-2 31 -8 31 -10 28M0 27C2 31 8 31 10 28', 2.2)),
      spare('teeth', box(-4, 31, 4, 7), box(0, 31, 4, 7)),
    ],
  }),
  bear: head('round'),
  panda: head('round', { on: [edge('patch', pair(leaning(15, 1, 9, 12, 28)))] }),
  fox: head('pointed', {
    skull: 'M-38 -8C-38 -30 38 -30 38 -8C38 10 16 34 0 44C-16 34 -38 10 -38 -8Z',
    on: [edge('face', pair('M38 -4C30 4 14 6 6 22L0 44C16 34 37 12 38 -4Z'))],
    snout: [
      ink('nose', oval(0, 38, 6, 5)),
      ink('mouth', drawn('M-9 30C-4 35 4 35 9 30', 2)),
      edge('muzzle', 'M-9 24C-4 20 4 20 9 24L0 42Z'),
    ],
  }),
  mouse: head('round', {
    behind: [base('ear', pair(disc(30, -24, 20)))],
    skull: 'M-30 2C-28 -24 28 -24 30 2C30 26 12 40 0 44C-12 40 -30 26 -30 2Z',
    whiskers: true,
    snout: [
      ink('nose', disc(0, 40, 5.5)),
      ink('mouth', drawn('M-7 30C-2 34 2 34 7 30', 2)),
      spare('teeth', box(-3, 32, 3, 5), box(0, 32, 3, 5)),
    ],
  }),
  monkey: head('low', {
    on: [edge('face', 'M0 -14C-8 -24 -28 -18 -24 0C-30 12 -24 34 0 38C24 34 30 12 24 0C28 -18 8 -24 0 -14Z')],
    snout: [
      ink('nose', pair(disc(3, 14, 1.8))),
      ink('mouth', drawn('M-15 24C-8 33 8 33 15 24', 2.6)),
      edge('muzzle', oval(0, 22, 20, 13)),
    ],
  }),
  pig: head('leaf', {
    behind: [base('ear', pair('M14 -20C20 -34 34 -40 40 -34C40 -22 34 -12 28 -8Z'))],
    snout: [
      edge('muzzle', oval(0, 20, 16, 12)),
      ink('nose', pair(oval(6, 20, 3, 5))),
      ink('mouth', drawn('M-9 36C-4 40 4 40 9 36', 2.4)),
    ],
  }),
  cow: head('leaf', {
    skull: 'M-26 -26H26C32 -8 26 12 24 22C26 42 -26 42 -24 22C-26 12 -32 -8 -26 -26Z',
    behind: [base('horn', pair('M20 -24C24 -40 34 -46 42 -46C38 -38 36 -28 30 -20Z'))],
    on: [edge('patch', 'M6 -24C24 -26 30 -8 22 6C12 10 6 -4 6 -24Z')],
    snout: [
      edge('muzzle', oval(0, 28, 22, 14)),
      ink('nose', pair(oval(8, 25, 3, 4))),
      ink('mouth', drawn('M-10 36C-4 39 4 39 10 36', 2.2)),
    ],
  }),
  sheep: head('leaf', {
    behind: [
      base(
        'mane',
        [0, 45, 90, 135, 180, 225, 270, 315]
          .map((a) => disc(30 * Math.cos((a * Math.PI) / 180), 2 + 30 * Math.sin((a * Math.PI) / 180), 15))
          .join(''),
      ),
    ],
    skull: oval(0, 8, 22, 28),
    snout: [ink('nose', 'M-5 22H5L0 27Z'), ink('mouth', drawn('M0 26V30M-6 32C-3 35 3 35 6 32', 2))],
    eyes: [ink('eye', pair(oval(10, 2, 3.5, 4.5)))],
  }),
  lion: head('round', {
    behind: [
      base(
        'mane',
        Array.from({ length: 14 }, (_, i) =>
          disc(36 * Math.cos((i * Math.PI) / 7), 4 + 36 * Math.sin((i * Math.PI) / 7), 12),
        ).join(''),
      ),
    ],
    skull: oval(0, 8, 30, 29),
  }),
  tiger: head('round', { on: [stripes], whiskers: true }),
  koala: head('round', {
    behind: [base('ear', pair(disc(34, -14, 19)))],
    snout: [
      ink('nose', oval(0, 13, 9, 14)),
      ink('mouth', drawn('M-8 33C-3 37 3 37 8 33', 2.4)),
      edge('muzzle', oval(0, 24, 14, 12)),
    ],
  }),
  raccoon: head('pointed', {
    on: [edge('patch', 'M-36 4C-26 -12 -8 -8 0 0C8 -8 26 -12 36 4C28 18 10 16 0 8C-10 16 -28 18 -36 4Z')],
    whiskers: true,
  }),
  reindeer: head('leaf', {
    behind: [base('horn', antler)],
    skull: 'M-24 -22C-16 -32 16 -32 24 -22C28 -2 24 14 18 28C14 46 -14 46 -18 28C-24 14 -28 -2 -24 -22Z',
    snout: [
      ink('nose', oval(0, 30, 10, 8)),
      ink('mouth', drawn('M-8 41C-3 44 3 44 8 41', 2)),
      edge('muzzle', oval(0, 32, 17, 12)),
    ],
  }),
  frog: [
    base('head', 'M-44 12C-44 -14 44 -14 44 12C44 44 -44 44 -44 12Z'),
    base('eye', pair(disc(22, -18, 15))),
    ink('pupil', pair(disc(22, -18, 7))),
    ink('nose', pair(disc(4, 6, 1.8))),
    ink('mouth', drawn('M-34 16C-18 34 18 34 34 16', 3)),
    spare('cheek', pair(disc(32, 12, 5))),
    spare('tongue', 'M-6 27H8V38C8 44 -6 44 -6 38Z'),
  ],
  elephant: [
    base('ear', pair('M18 -24C44 -42 54 -6 46 14C40 30 26 22 20 10Z')),
    base('head', oval(0, -6, 26, 28)),
    base('muzzle', 'M-11 8C-12 24 -10 40 4 46C14 49 22 42 20 34C14 38 10 36 10 28C10 20 11 14 11 8Z'),
    edge('teeth', pair('M12 12C18 20 20 26 26 26C24 30 14 26 9 18Z')),
    edge('inner_ear', pair('M24 -18C40 -28 46 -6 40 8C36 16 30 12 26 4Z')),
    ink('eye', pair(disc(12, -10, 3.6))),
    spare('mouth', drawn('M-10 26C-14 28 -16 24 -16 22', 2)),
  ],
  monster: [
    base('horn', pair('M18 -26C20 -40 28 -48 36 -48C34 -38 34 -26 30 -18Z')),
    base('head', 'M-38 44C-46 10 -40 -32 0 -32C40 -32 46 10 38 44L26 36L16 46L4 36L-8 46L-20 36Z'),
    base('eye', disc(0, -6, 17)),
    ink('pupil', disc(1, -4, 8)),
    ink('mouth', 'M-26 18C-14 24 14 24 26 18C22 34 -22 34 -26 18Z'),
    edge('teeth', 'M-18 21L-13 30L-8 22ZM8 22L13 30L18 21Z'),
    edge('spots', disc(-28, 4, 4) + disc(28, -4, 5) + disc(26, 8, 3)),
    edge('hair', line([-6, -32], [-12, -46], 3) + line([2, -32], [4, -48], 3)),
  ],
  alien: [
    base('antenna', pair(line([10, -34], [20, -46], 3) + disc(21, -46, 5))),
    base('head', 'M0 -38C34 -38 42 -10 32 12C24 30 10 46 0 46C-10 46 -24 30 -32 12C-42 -10 -34 -38 0 -38Z'),
    ink('eye', pair(leaning(15, 0, 9, 15, 24))),
    edge('pupil', pair(disc(17, -4, 3))),
    ink('nose', pair(disc(2.5, 20, 1.4))),
    ink('mouth', line([-8, 30], [8, 30], 2.4, 0.15)),
  ],
  skull: [
    base(
      'head',
      'M0 -44C34 -44 46 -18 40 4C38 14 30 16 28 22V42H-28V22C-30 16 -38 14 -40 4C-46 -18 -34 -44 0 -44Z',
    ),
    ink('eye', pair(oval(16, -2, 11, 12))),
    ink('nose', 'M0 10L7 22H-7Z'),
    ink(
      'teeth',
      [-18, -9, 0, 9, 18].map((x) => box(x - 1, 28, 2, 14)).join('') + line([-26, 29], [26, 29], 2.4),
    ),
    spare('cheek', pair(disc(30, 14, 4))),
    spare('petals', pair(disc(16, -2, 14))),
  ],
  clown: [
    base('hair', pair(disc(34, -20, 15) + disc(40, -2, 12) + disc(24, -34, 11))),
    base('head', oval(0, 4, 33, 38)),
    edge('eye', pair(oval(13, -8, 7, 10))),
    ink('pupil', pair(disc(13, -6, 3.5))),
    base('nose', disc(0, 8, 10)),
    ink('mouth', 'M-22 18C-12 26 12 26 22 18C20 36 -20 36 -22 18Z'),
    spare('cheek', pair(disc(22, 14, 6))),
    spare('brow', pair(line([7, -22], [19, -24], 2.6, -0.3))),
    base('hat', 'M-14 -34L2 -50L16 -34Z'),
  ],
} satisfies Record<string, Figure>;

const horseHead =
  'M-8 46C-2 26 -18 18 -22 2C-30 10 -42 14 -46 6C-48 0 -40 -12 -30 -22C-22 -34 -8 -42 4 -42L10 -50L16 -38C34 -28 40 10 40 46Z';
const mane = 'M14 -40C34 -36 48 -6 46 46L34 46C38 10 32 -18 8 -34Z';
const side = (more: PartForm[]): Figure => [
  base('head', horseHead),
  base('ear', 'M4 -40L10 -50L15 -36Z'),
  base('mane', mane),
  ink('eye', disc(-10, -22, 3.6)),
  ink('nose', disc(-40, 2, 2)),
  ink('mouth', drawn('M-44 8C-38 12 -34 10 -30 8', 2)),
  spare('cheek', disc(-8, -6, 6)),
  ...more,
];

export const heads = {
  ...FRONT,
  horse: side([]),
  unicorn: [
    base('horn', 'M-16 -32L-40 -50L-2 -42Z'),
    ...side([edge('hair', 'M4 -40C-6 -44 -16 -36 -14 -28C-8 -34 0 -34 6 -32Z')]),
  ],
} satisfies Record<string, Figure>;
