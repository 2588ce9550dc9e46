import { beforeEach, expect, it, vi } from 'vitest';
import type { Tap } from '../../../resources/js/api/kept';
import type { Saying } from '../../../resources/js/api/outbox.svelte';
import type { LineBoard, Plan } from '../../../resources/js/api/types.gen';
import { clock } from '../../../resources/js/lib/clock.svelte';
import { boardOf, canComeBack } from '../../../resources/js/line/board';
import { FoldedLine } from '../../../resources/js/line/line';
import { Line } from '../../../resources/js/line/line.svelte';
import { Chair } from '../../../resources/js/rooms/line/chair.svelte';
import { planStep } from '../steps';

const START = 1_700_000_000_000;

const plan = (id: string, ...seconds: number[]) =>
  ({
    id,
    name: 'Seal pup',
    designId: 'seal',
    totalMs: seconds.reduce((sum, one) => sum + 1000 * one, 0),
    steps: seconds.map((one, at) => planStep({ id: `s${at}`, name: `step ${at}`, plannedMs: 1000 * one })),
    spans: [],
    stops: [],
    rungs: ['quick'],
  }) as unknown as Plan;

const plans = new Map(
  [plan('whole', 60, 40, 30, 20), plan('quick', 60, 20), plan('core', 45)].map((one) => [one.id, one]),
);

const told: LineBoard = {
  day: {
    id: 'day',
    name: 'Fair',
    place: '',
    timezone: 'UTC',
    opensAt: START,
    closesAt: START + 9e6,
    chairs: 2,
    turnaroundMs: 60_000,
  },
  roster: {
    painters: [
      { id: 'ines', name: 'Ines' },
      { id: 'tobi', name: 'Tobi' },
    ],
    shifts: [{ chair: 1, painterId: 'ines', from: 0 }],
    isAssumed: false,
  },
  menu: [{ designId: 'seal', name: 'Seal pup', planId: 'whole', plannedMs: 150_000, promiseMs: 180_000 }],
  designs: [
    {
      id: 'seal',
      name: 'Seal pup',
      planId: 'whole',
      plannedMs: 150_000,
      own: [{ painterId: 'tobi', planId: 'core', plannedMs: 45_000 }],
    },
  ],
  story: { finished: 0, highestNumber: 0, plans: [], taps: [] },
} as unknown as LineBoard;

/** A day's line out of reach of the server: all that it shows comes from its own taps. */
class OutOfReach {
  readonly taps: Tap[] = [];
  readonly line: Line;

  constructor() {
    const say = (...sayings: Saying[]) => {
      const at = clock.now;
      sayings.forEach((saying) =>
        this.taps.push({ ...saying, at, id: String(this.taps.length).padStart(4, '0') }),
      );
    };
    // The keys of a line without its questions to the server.
    this.line = Object.create(Line.prototype, {
      say: { value: say },
      board: { get: () => this.board() },
      folded: { get: () => this.folded() },
      plan: { value: (id: string | null) => plans.get(id ?? '') },
      rungsOf: { value: () => [...plans.values()] },
    }) as Line;
  }

  folded(): FoldedLine {
    return new FoldedLine(
      told.story,
      (id) => {
        const known = plans.get(id);

        return known === undefined ? undefined : { id, design: known.name, steps: known.steps };
      },
      this.taps,
    );
  }

  board(): LineBoard {
    return boardOf(told, this.folded(), clock.now);
  }

  /** All keys that the chair and the names desk offer now. */
  keys(chance: () => number): [string, () => void][] {
    const board = this.board();
    const line = this.line;
    const some = board.waiting[Math.floor(chance() * board.waiting.length)];
    const other = board.waiting[Math.floor(chance() * board.waiting.length)];
    const ended = board.ended.find((child) => canComeBack(board, child));

    return [
      [board.isOpen ? 'close' : 'open', () => line.open()],
      ...(board.isOpen
        ? [
            key('join', () => line.join('seal', { firstName: chance() < 0.5 ? '' : 'Wren' })),
            key('a party', () =>
              line.joinTogether([
                { design: 'seal', firstName: 'Noor' },
                { design: 'wave', firstName: '' },
              ]),
            ),
          ]
        : []),
      key('sold out or back', () => line.sellOut('wave', !board.soldOut.includes('wave'))),
      ...(some === undefined
        ? []
        : [
            key('change', () =>
              line.change(some.id, 'seal', { firstName: 'Noor', wish: 'tobi', note: 'blue coat' }),
            ),
            key('to the front', () => line.toFront([some.id])),
            key('move', () => line.move(some.id, other === some ? undefined : other?.id)),
            key('take off', () => line.takeOff(some.id, some.called ? 'no_show' : 'left')),
            key('call', () => line.call(some.id)),
          ]),
      ...(ended === undefined ? [] : [key('bring back', () => line.undo(ended.lastEventId))]),
      ...[1, 2].flatMap((number) => chairKeys(new Chair(line, () => number), number, chance)),
    ];
  }
}

const key = (name: string, press: () => void): [string, () => void] => [name, press];

function chairKeys(chair: Chair, number: number, chance: () => number): [string, () => void][] {
  const child = chair.child;
  const other = chair.state?.painterId === 'tobi' ? 'ines' : 'tobi';

  return [
    // Not as often as faces are painted.
    ...(chance() < 0.7
      ? []
      : [
          key(`who paints ${number}`, () => chair.line.takeChair(number, other)),
          chair.state?.awayUntil == null
            ? key(`break ${number}`, () => chair.line.beginBreak(number, clock.now + 600_000))
            : key(`end of break ${number}`, () => chair.line.endBreak(number)),
        ]),
    ...(chair.move === 'wait' ? [] : [key(`${chair.move} ${number}`, () => chair.press())]),
    ...((chair.state?.undoable.length ?? 0) > 0 ? [key(`undo ${number}`, () => chair.undo())] : []),
    ...(child === null
      ? []
      : [key(`finish ${number}`, () => chair.finish()), key(`left ${number}`, () => chair.childLeft())]),
    ...(child?.paintedAt == null
      ? []
      : [
          ...(child.parts.includes('mirror') ? [] : [key(`mirror ${number}`, () => chair.after('mirror'))]),
          key(`pay ${number}`, () => chair.pay(400, 'cash')),
        ]),
    ...(child === null || chair.step === undefined
      ? []
      : [
          key(`skip ${number}`, () => chair.skip()),
          key(`pause or resume ${number}`, () => chair.togglePause()),
          key(`wiped off ${number}`, () => chair.wipeOff(chair.step?.id ?? '')),
          ...(chair.nextStep === undefined
            ? []
            : [
                key(`done with the next ${number}`, () => chair.bothDone()),
                key(`after the next ${number}`, () => chair.later()),
              ]),
          ...(child.pausedAt === null || child.pausedFor === 'dry'
            ? []
            : [key(`why ${number}`, () => chair.pauseFor('dry'))]),
          ...chair.quickerWays().map(({ plan: way }) => key(`quicker ${number}`, () => chair.goOnBy(way))),
        ]),
  ];
}

/** A small generator of the same numbers each time: mulberry32. */
function numbers(seed: number): () => number {
  let state = seed;

  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;

    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
}

beforeEach(() => {
  vi.spyOn(clock, 'moment').mockImplementation(() => clock.now);
});

it(
  'offers only keys that the line has a use for, however long it is out of reach',
  { timeout: 120_000 },
  () => {
    const pressed = new Map<string, number>();
    for (let story = 1; story <= 1200; story++) {
      const chance = numbers(story);
      const day = new OutOfReach();
      const path: string[] = [];
      clock.now = START;
      for (let press = 0; press < 25; press++) {
        clock.now += 1 + Math.floor(chance() * 40_000);
        const keys = day.keys(chance);
        const [name, doPress] = keys[Math.floor(chance() * keys.length)] ?? expect.fail('no keys');
        path.push(name);
        doPress();
        const aside = [...day.folded().setAside.values()];
        expect(aside, `story ${story}: ${path.join(', ')}`).toEqual([]);
        const kind = name.replace(/ \d$/, '');
        pressed.set(kind, (pressed.get(kind) ?? 0) + 1);
      }
    }

    // Every key had its turn, many times.
    expect([...pressed.keys()].toSorted()).toEqual(
      [
        'a party',
        'after the next',
        'ask',
        'back',
        'break',
        'bring back',
        'call',
        'change',
        'close',
        'done',
        'done with the next',
        'end of break',
        'finish',
        'free',
        'join',
        'left',
        'mirror',
        'move',
        'next',
        'open',
        'pause or resume',
        'pay',
        'quicker',
        'resume',
        'seat',
        'skip',
        'sold out or back',
        'take off',
        'to the front',
        'undo',
        'who paints',
        'why',
        'wiped off',
      ].toSorted(),
    );
    expect(Math.min(...pressed.values())).toBeGreaterThan(8);
  },
);

it('keeps forecasting out of reach: a face that runs over puts the next call off', () => {
  const day = new OutOfReach();
  clock.now = START;
  day.line.open();
  clock.now += 1000;
  day.line.join('seal', { firstName: '' });
  clock.now += 1000;
  day.line.join('seal', { firstName: '' });
  for (const number of [1, 2]) {
    clock.now += 1000;
    new Chair(day.line, () => number).press();
  }
  clock.now += 1000;
  day.line.join('seal', { firstName: 'Wren' });
  const callAt = () => (day.board().waiting[0]?.callAt ?? 0) - START;
  const soon = callAt();
  clock.now += 50_000;
  expect(callAt()).toBe(soon);
  clock.now += 100_000;
  expect(callAt()).toBeGreaterThan(soon + 80_000);
  expect(day.board().waiting[0]).toMatchObject({ number: 0, firstName: 'Wren', design: 'Seal pup' });
});

it('draws what is painted, whatever the order: a step left for later is not', () => {
  const day = new OutOfReach();
  clock.now = START;
  day.line.open();
  day.line.join('seal', { firstName: '' });
  const pressed = (press: (chair: Chair) => void) => {
    clock.now += 10_000;
    press(new Chair(day.line, () => 2));
    const chair = new Chair(day.line, () => 2);

    return [chair.step?.id, chair.paintedSteps, chair.skippedSteps];
  };
  day.line.takeChair(2, 'ines');

  pressed((chair) => chair.press());
  expect(pressed((chair) => chair.press())).toEqual(['s0', 0, []]);
  expect(pressed((chair) => chair.later())).toEqual(['s1', 1, ['s0']]);
  // The second is done, the first is under the hand again.
  expect(pressed((chair) => chair.press())).toEqual(['s0', 2, ['s0']]);
  expect(pressed((chair) => chair.bothDone())).toEqual(['s3', 3, []]);
  expect(pressed((chair) => chair.skip())).toEqual([undefined, 4, ['s3']]);
});
