import type {
  DesignSheet,
  PinShown,
  Placement,
  RungWish,
  Side,
  SilencedRule,
  StepLine,
} from '../../api/types.gen';
import { newId } from '../../lib/ids';

/** A step while it is edited: its times are the typed text, and the server says what they come to. */
export type DraftStep = Omit<
  StepLine,
  'timeMs' | 'timeSource' | 'timeFaces' | 'timePractised' | 'eightOfTenMs' | 'plannedMs' | 'dryForMs'
>;

/** What the bench edits and what undo goes back over. */
export interface Draft {
  name: string;
  placement: Placement;
  promise: string;
  tags: string[];
  stillFor: string;
  gentle: boolean;
  fromAge: number | null;
  pins: PinShown[];
  silences: SilencedRule[];
  rungs: RungWish[];
  steps: DraftStep[];
}

/** As it is typed; the server writes it in its one form. */
export const typed = (milliseconds: number): string => `${milliseconds / 1000}s`;

export const OTHER_SIDE: Record<Side, Side> = {
  left: 'right',
  right: 'left',
  both: 'both',
  centre: 'centre',
};

export function draftOf(sheet: DesignSheet): Draft {
  return {
    name: sheet.name,
    placement: sheet.placement,
    promise: sheet.promise ?? '',
    tags: sheet.tags,
    stillFor: sheet.stillFor,
    gentle: sheet.gentle,
    fromAge: sheet.fromAge,
    pins: sheet.pins,
    silences: sheet.silences,
    rungs: sheet.rungs,
    steps: sheet.steps,
  };
}

/** What the server says of a step and does not take back. */
const SAID = new Set([
  'line',
  'timeMs',
  'timeSource',
  'timeFaces',
  'timePractised',
  'eightOfTenMs',
  'plannedMs',
  'dryForMs',
  'seen',
]);

/** Pins of steps that are gone go with them. */
export function heldBy(steps: readonly DraftStep[], pins: PinShown[]): PinShown[] {
  const ids = new Set(steps.map((step) => step.id));

  return pins.filter((pin) => pin.steps.every((id) => ids.has(id)));
}

/** A step as the server takes it: its times are what was typed. */
export function asTyped(step: DraftStep): object {
  return {
    ...Object.fromEntries(Object.entries(step).filter(([field]) => !SAID.has(field))),
    guides: step.guides.map(({ by, value }) => ({ by, value })),
  };
}

/** One step for both sides as one for the left and one for the right; a typed time is shared out. */
export function partedSides(step: DraftStep, ms: number): DraftStep[] {
  const time = step.time === '' ? '' : typed(ms / 2);

  return [
    { ...step, time, side: 'left' },
    { ...step, id: newId(), time, side: 'right', dryFor: '' },
  ];
}

/** A step cut in two, so many milliseconds after its start. */
export function cutInTwo(step: DraftStep, first: number, rest: number): DraftStep[] {
  return [
    { ...step, time: typed(first) },
    { ...step, id: newId(), name: `${step.name.slice(0, 76)}, on`, time: typed(rest), dryFor: '' },
  ];
}

/** A step with the places, colours and minutes of the next one. */
export function merged(step: DraftStep, next: DraftStep, ms: number): DraftStep {
  const hexes = step.colours.map((colour) => colour.hex);

  return {
    ...step,
    zones: [...new Set([...step.zones, ...next.zones])],
    side: step.side === next.side ? step.side : 'both',
    colours: [...step.colours, ...next.colours.filter((colour) => !hexes.includes(colour.hex))],
    count: step.count === null || next.count === null ? step.count : step.count + next.count,
    time: typed(ms),
    optional: step.optional && next.optional,
    look: Math.min(10, step.look + next.look),
    note: [step.note, next.note].filter((note) => note !== '').join(' '),
  };
}

const partsOf = ({ guides }: Pick<DraftStep, 'guides'>) => guides.filter(({ by }) => by === 'part');

/** Whether two steps paint the same figure: of one kind, in one place, one of them at least a part of it. */
const isSameFigure = (one: DraftStep, other: DraftStep): boolean =>
  one.shape !== null &&
  one.shape === other.shape &&
  one.side === other.side &&
  one.zones.join() === other.zones.join() &&
  [...partsOf(one), ...partsOf(other)].length > 0;

/** A figure is moved, sized and turned as one: what changes for a step changes for all that paint parts of the same. */
export function withFigure(steps: readonly DraftStep[], id: string, change: Partial<DraftStep>): DraftStep[] {
  const step = steps.find((one) => one.id === id);

  return steps.map((one) => {
    if (step === undefined || (one !== step && !isSameFigure(one, step))) {
      return one;
    }
    const placed = change.guides?.filter(({ by }) => by !== 'part');

    return {
      ...one,
      ...change,
      ...(placed === undefined ? {} : { guides: [...placed, ...partsOf(one)].slice(0, MOST_GUIDES) }),
    };
  });
}

const MOST_GUIDES = 4;
