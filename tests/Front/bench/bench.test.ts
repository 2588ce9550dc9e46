import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Refusal, Unreachable } from '../../../resources/js/api/client';
import type { DesignSheet } from '../../../resources/js/api/types.gen';
import { Bench } from '../../../resources/js/rooms/bench/bench.svelte';
import type { DraftStep } from '../../../resources/js/rooms/bench/draft';
import { planStep } from '../steps';

interface Sent {
  revision: number;
  name: string;
  steps: Partial<DraftStep>[];
}

const server = vi.hoisted(() => ({ put: vi.fn(), get: vi.fn() }));

vi.mock(import('../../../resources/js/api/client'), async (original) => ({
  ...(await original()),
  api: server as never,
}));

const step = (id: string, more: Partial<DraftStep> & { timeMs?: number } = {}) => ({
  ...planStep({ id, name: id, side: 'both' }),
  time: '0:30',
  dryFor: '',
  line: `${id} line`,
  timeMs: 30_000,
  timeSource: 'typed' as const,
  timeFaces: 0,
  timePractised: 0,
  eightOfTenMs: null,
  plannedMs: 40_000,
  dryForMs: 0,
  ...more,
});

const sheetOf = (...steps: ReturnType<typeof step>[]) =>
  ({
    id: 'd',
    name: 'Wave band',
    placement: 'cheek',
    promise: null,
    tags: [],
    stillFor: '',
    gentle: false,
    fromAge: null,
    pins: [],
    silences: [],
    rungs: [],
    craft: { findings: [], films: [], colours: [] },
    revision: 1,
    steps,
    spans: [],
    totalMs: 0,
  }) as unknown as DesignSheet;

/** Answers as the server does: what was sent, kept steps as they were, one revision on. */
function answering(sheet: DesignSheet): void {
  let held = sheet;
  server.put.mockImplementation((_path: string, sent: Sent) => {
    const known = new Map(held.steps.map((one) => [one.id, one]));
    held = {
      ...held,
      name: sent.name,
      revision: sent.revision + 1,
      steps: sent.steps.map((one) => ({ ...step(one.id ?? ''), ...known.get(one.id ?? ''), ...one })),
    };

    return Promise.resolve(held);
  });
  server.get.mockImplementation(() => Promise.resolve(held));
}

function benchOf(...steps: ReturnType<typeof step>[]): Bench {
  const sheet = sheetOf(...steps);
  answering(sheet);

  return new Bench(sheet, () => undefined);
}
const names = (bench: Bench) => bench.draft.steps.map(({ name }) => name);
const sentLast = () => server.put.mock.lastCall?.[1] as Sent;
const settled = () => new Promise((then) => setTimeout(then));

beforeEach(() => {
  server.put.mockReset();
  server.get.mockReset();
});

describe('a figure', () => {
  it('is moved, sized and turned as one, and each step keeps the part that it paints', () => {
    const part = (value: string) => ({ by: 'part' as const, value, words: value });
    const of = (id: string, value: string) =>
      step(id, { shape: 'bunny', zones: ['cheek'], side: 'left', guides: [part(value)] });
    const bench = benchOf(of('ears', 'ear'), of('nose', 'nose'), step('wave'));
    bench.setFigure('nose', {
      sizePercent: 140,
      guides: [{ by: 'clock', value: '2', words: '' }, part('nose')],
    });
    expect(bench.draft.steps.map(({ sizePercent }) => sizePercent)).toEqual([140, 140, 100]);
    expect(bench.draft.steps[0]?.guides.map(({ value }) => value)).toEqual(['2', 'ear']);
    expect(bench.draft.steps[1]?.guides.map(({ value }) => value)).toEqual(['2', 'nose']);
  });
});

describe('what is sent', () => {
  it('is the id alone of a step that is the server’s own still', async () => {
    const bench = benchOf(step('a'), step('b'));
    bench.setStep('b', { name: 'Foam' });
    await settled();
    expect(sentLast().steps[0]).toEqual({ id: 'a' });
    expect(sentLast().steps[1]).toMatchObject({ id: 'b', name: 'Foam', time: '0:30' });
    expect(sentLast().steps[1]).not.toHaveProperty('line');
    expect(sentLast().steps[1]).not.toHaveProperty('timeMs');
  });

  it('is a change made meanwhile right after, on the new revision', async () => {
    const bench = benchOf(step('a'));
    bench.setStep('a', { name: 'One' });
    bench.setStep('a', { name: 'Two' });
    bench.setStep('a', { name: 'Three' });
    await settled();
    expect(
      server.put.mock.calls.map(([, sent]) => [(sent as Sent).revision, (sent as Sent).steps[0]?.name]),
    ).toEqual([
      [1, 'One'],
      [2, 'Three'],
    ]);
    expect(bench.saving).toBe('saved');
  });

  it('is every step whole when it is kept over what another screen saved', async () => {
    const bench = benchOf(step('a'), step('b'));
    server.put.mockRejectedValueOnce(new Refusal(409, 'Changed on another screen.'));
    bench.setStep('a', { name: 'Mine' });
    await settled();
    expect(bench.saving).toBe('changed elsewhere');
    await bench.keepMine();
    expect(sentLast().steps.map((one) => one.name)).toEqual(['Mine', 'b']);
  });
});

describe('undo', () => {
  it('goes on to the step before and after, and stays at the ends', () => {
    const sheet = sheetOf(step('a'), step('b'));
    const bench = new Bench(sheet, vi.fn());
    bench.goOn(1);
    expect(bench.selectedId).toBe('b');
    bench.goOn(1);
    expect(bench.selectedId).toBe('b');
    bench.goOn(-1);
    bench.goOn(-1);
    expect(bench.selectedId).toBe('a');
  });

  it('goes back without end, and forth again', async () => {
    const bench = benchOf(step('a'));
    for (let edit = 1; edit <= 60; edit++) bench.rename(`Wave ${edit}`);
    for (let undo = 0; undo < 60; undo++) bench.undo();
    expect(bench.draft.name).toBe('Wave band');
    expect(bench.history.canUndo).toBe(false);
    for (let redo = 0; redo < 60; redo++) bench.redo();
    expect(bench.draft.name).toBe('Wave 60');
    expect(bench.history.canRedo).toBe(false);
    await settled();
    expect(sentLast().name).toBe('Wave 60');
  });

  it('forgets what was undone once something else is changed', () => {
    const bench = benchOf(step('a'));
    bench.rename('One');
    bench.undo();
    bench.rename('Other');
    expect(bench.history.canRedo).toBe(false);
  });
});

describe('steps', () => {
  it('are copied, moved, placed and taken off, and something stays selected', () => {
    const bench = benchOf(step('a'), step('b'), step('c'));
    bench.copyStep('a');
    expect(names(bench)).toEqual(['a', 'a', 'b', 'c']);
    expect(bench.selectedId).toBe(bench.draft.steps[1]?.id);
    bench.moveStep('c', -1);
    bench.placeStep('b', 0);
    expect(names(bench)).toEqual(['b', 'a', 'a', 'c']);
    bench.moveStep('b', -1);
    expect(names(bench)).toEqual(['b', 'a', 'a', 'c']);
    for (const { id } of [...bench.draft.steps]) bench.removeStep(id);
    expect(bench.selected).toBeUndefined();
  });

  it('are shown on the face while a finding is looked at, and as long as one of them is chosen', () => {
    const bench = benchOf(step('a'), step('b'), step('c'));
    const shown = () => bench.pointedAt.map(({ id }) => id);
    bench.point(['a', 'b']);
    expect([bench.selectedId, shown()]).toEqual(['b', ['a', 'b']]);
    bench.hinted = ['c'];
    expect([bench.selectedId, shown()]).toEqual(['b', ['c']]);
    bench.hinted = [];
    bench.selectedId = 'c';
    expect(shown()).toEqual([]);
  });

  it('change sides, and are repeated on the other one', () => {
    const bench = benchOf(step('a', { side: 'left' }));
    bench.repeatOtherSide('a');
    expect(bench.draft.steps.map(({ side }) => side)).toEqual(['left', 'right']);
    bench.mirrorStep('a');
    expect(bench.draft.steps[0]?.side).toBe('right');
  });

  it('are parted into left and right, which share the minutes', () => {
    const bench = benchOf(step('a', { timeMs: 31_000 }));
    bench.partSides('a');
    expect(bench.draft.steps.map(({ side, time }) => [side, time])).toEqual([
      ['left', '15.5s'],
      ['right', '15.5s'],
    ]);
  });

  it('are split inside of themselves only, and come together again', () => {
    const bench = benchOf(step('a', { dryFor: '0:20' }), step('b'));
    bench.splitStep('a', 30);
    bench.splitStep('a', 0);
    expect(bench.draft.steps).toHaveLength(2);
    bench.splitStep('a', 12);
    expect(bench.draft.steps.slice(0, 2).map(({ name, time, dryFor }) => [name, time, dryFor])).toEqual([
      ['a', '12s', '0:20'],
      ['a, on', '18s', ''],
    ]);
    bench.mergeWithNext('a');
    expect(bench.draft.steps[0]).toMatchObject({ name: 'a', time: '30s' });
    expect(bench.draft.steps).toHaveLength(2);
  });

  it('merge their places, colours, counts, notes and looks', () => {
    const white = { name: 'white', hex: '#fafaf7' };
    const bench = benchOf(
      step('a', {
        zones: ['cheek'],
        side: 'left',
        colours: [white],
        count: 3,
        note: 'Slowly.',
        look: 7,
        optional: true,
      }),
      step('b', {
        zones: ['cheek', 'temple'],
        side: 'right',
        colours: [white],
        count: 2,
        note: 'Thin.',
        look: 6,
        optional: false,
      }),
    );
    bench.mergeWithNext('a');
    expect(bench.draft.steps).toHaveLength(1);
    expect(bench.draft.steps[0]).toMatchObject({
      zones: ['cheek', 'temple'],
      side: 'both',
      colours: [white],
      count: 5,
      note: 'Slowly. Thin.',
      look: 10,
      optional: false,
      time: '60s',
    });
    bench.mergeWithNext('a');
    expect(bench.draft.steps).toHaveLength(1);
  });

  it('of a group are gathered behind its first', () => {
    const bench = benchOf(step('a', { group: 'foam' }), step('b'), step('c', { group: 'foam' }), step('d'));
    bench.gather('foam');
    expect(names(bench)).toEqual(['a', 'c', 'b', 'd']);
  });

  it('read from a list come after the selected one, under ids of their own, with their pins', () => {
    const bench = benchOf(step('a'), step('b'));
    const line = (name: string) => ({ steps: [{ step: step(name), assumed: [] }] });
    bench.addList({ lines: [line('x'), line('y')], pins: [{ kind: 'before', steps: ['1', '3'] }] } as never);
    expect(names(bench)).toEqual(['a', 'x', 'y', 'b']);
    const [first, , added] = bench.draft.steps;
    expect(bench.selectedId).toBe(added?.id);
    expect(added?.id).not.toBe('y');
    expect(bench.draft.pins).toEqual([{ kind: 'before', steps: [first?.id, added?.id] }]);
  });
});

describe('what the craft says', () => {
  const fix = (more: object) => ({
    label: 'Mend it',
    order: [],
    changed: [],
    promise: null,
    fromAge: null,
    ...more,
  });

  it('is mended as one change, which can be undone', async () => {
    const bench = benchOf(step('a'), step('b'), step('c'));
    bench.apply(
      fix({ order: ['c', 'a', 'x'], changed: [step('a', { dryFor: '0:30' }), step('x')], promise: '2:00' }),
    );
    expect(names(bench)).toEqual(['c', 'a', 'x']);
    expect([bench.draft.steps[1]?.dryFor, bench.draft.promise]).toEqual(['0:30', '2:00']);
    await settled();
    // What stayed as it was is sent by its id alone.
    const sent = (server.put.mock.lastCall?.[1] as Sent).steps.map((one) => Object.keys(one).length > 1);
    expect(sent).toEqual([false, true, true]);
    bench.undo();
    expect(names(bench)).toEqual(['a', 'b', 'c']);
    expect(bench.draft.promise).toBe('');
  });

  it('lets pins go with the steps that a fix leaves out', () => {
    const bench = benchOf(step('a'), step('b'), step('c'));
    bench.pin({ kind: 'before', steps: ['a', 'b'] });
    bench.pin({ kind: 'first', steps: ['c'] });
    bench.apply(fix({ order: ['a', 'c'] }));
    expect(bench.draft.pins).toEqual([{ kind: 'first', steps: ['c'] }]);
    bench.undo();
    expect(bench.draft.pins).toHaveLength(2);
  });

  it('takes a pin once, and takes it out again', () => {
    const bench = benchOf(step('a'), step('b'));
    bench.pin({ kind: 'first', steps: ['a'] });
    bench.pin({ kind: 'first', steps: ['a'] });
    expect(bench.draft.pins).toHaveLength(1);
    bench.unpin(bench.draft.pins[0] ?? { kind: 'first', steps: [] });
    expect(bench.draft.pins).toEqual([]);
    bench.removeStep('a');
    expect(names(bench)).toEqual(['b']);
  });

  it('is silent for a reason until it is asked again', async () => {
    const bench = benchOf(step('a'));
    bench.silence('gems-last', 'Gems last', 'They are drawn over');
    await settled();
    expect((server.put.mock.lastCall?.[1] as { silences: unknown }).silences).toEqual([
      { rule: 'gems-last', reason: 'They are drawn over' },
    ]);
    bench.askAgain('gems-last');
    expect(bench.draft.silences).toEqual([]);
  });

  it('forgets how old colours came out when they change', () => {
    const bench = benchOf(step('a', { seen: ['#aabbcc'] }));
    bench.setStep('a', { name: 'Base' });
    expect(bench.draft.steps[0]?.seen).toEqual(['#aabbcc']);
    bench.setStep('a', { colours: [{ name: 'white', hex: '#ffffff' }] });
    expect(bench.draft.steps[0]?.seen).toEqual([]);
  });

  it('is read again when the weather changes, unless something is on its way', async () => {
    const bench = benchOf(step('a'));
    server.get.mockResolvedValueOnce({ ...sheetOf(step('a')), totalMs: 77 });
    await bench.readAgain();
    expect(bench.sheet.totalMs).toBe(77);
    server.get.mockResolvedValueOnce({ ...sheetOf(step('z')), revision: 9, totalMs: 5 });
    await bench.readAgain();
    expect([bench.sheet.totalMs, names(bench)]).toEqual([77, ['a']]);
  });
});

describe('trouble', () => {
  it('keeps what was typed when the server refuses it or is away', async () => {
    const bench = benchOf(step('a'));
    server.put.mockRejectedValueOnce(
      new Refusal(422, 'That is no time.', { 'steps.0.time': ['That is no time.'] }),
    );
    bench.setStep('a', { time: 'soon' });
    await settled();
    expect([bench.saving, bench.message, bench.draft.steps[0]?.time]).toEqual([
      'refused',
      'That is no time.',
      'soon',
    ]);
    expect(bench.fields['steps.0.time']).toEqual(['That is no time.']);
    server.put.mockRejectedValueOnce(new Unreachable());
    bench.rename('Wave');
    await settled();
    expect([bench.saving, bench.draft.name]).toEqual(['away', 'Wave']);
  });

  it('loads what another screen saved, and can come back to its own', async () => {
    const bench = benchOf(step('a'));
    server.put.mockRejectedValueOnce(new Refusal(409, 'Changed on another screen.'));
    bench.rename('Mine');
    await settled();
    server.get.mockResolvedValueOnce({ ...sheetOf(step('z')), name: 'Theirs', revision: 7 });
    await bench.loadTheirs();
    expect([bench.draft.name, bench.saving]).toEqual(['Theirs', 'saved']);
    bench.undo();
    expect(bench.draft.name).toBe('Mine');
  });
});

describe('somebody else', () => {
  it('is asked of the server, and the usual child is not', async () => {
    const bench = benchOf(step('a'));
    server.get.mockResolvedValueOnce({ size: 'small', changes: [], steps: [], spans: [], totalMs: 9 });
    await bench.triedOn.fitTo({ size: 'small' });
    expect(server.get.mock.lastCall?.[0]).toBe(
      'designs/d/fitted?size=small&beard=0&dislikesTouch=0&leftHanded=0',
    );
    expect(bench.triedOn.fitted?.totalMs).toBe(9);
    await bench.triedOn.fitTo({ size: 'child' });
    expect(bench.triedOn.fitted).toBeNull();
    expect(server.get).toHaveBeenCalledTimes(1);
  });
});

describe('what a finding speaks of', () => {
  it('is pointed at while one of its steps is the selected one', () => {
    const bench = new Bench(sheetOf(step('a'), step('b'), step('c')), () => undefined);
    expect(bench.pointedAt).toEqual([]);
    bench.point(['a', 'c']);
    expect([bench.selectedId, bench.pointedAt.map(({ id }) => id)]).toEqual(['c', ['a', 'c']]);
    bench.selectedId = 'a';
    expect(bench.pointedAt).toHaveLength(2);
    bench.selectedId = 'b';
    expect(bench.pointedAt).toEqual([]);
  });

  it('may be of no step at all', () => {
    const bench = new Bench(sheetOf(step('a')), () => undefined);
    bench.point([]);
    expect([bench.selectedId, bench.pointedAt]).toEqual(['a', []]);
  });
});
