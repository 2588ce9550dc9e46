import { execFileSync } from 'node:child_process';
import { crc32 } from 'node:zlib';
import { expect, it } from 'vitest';
import type { LineBoard, LineStory, ToldPlan, ToldTap } from '../../../resources/js/api/types.gen';
import { boardOf, outlookOf } from '../../../resources/js/line/board';
import { FoldedLine } from '../../../resources/js/line/line';
import { toldWhole, withNews } from '../../../resources/js/line/told';
import { windowsOf } from '../../../resources/js/line/windows';

/** Told anew by the server's own fold in each run, so that neither side can drift. */
interface Told {
  blank: LineBoard;
  plans: ToldPlan[];
  stories: {
    arrivals: ToldTap[];
    now: number[];
    boards: string[];
    windows: string[];
    asides: string[];
    kept: { arrivals: number; story: LineStory; goesOn: boolean }[];
  }[];
}

const told = JSON.parse(
  execFileSync('php', ['tools/stories/tell.php'], { encoding: 'utf8', maxBuffer: 2 ** 26 }),
) as Told;
const plans = new Map(told.plans.map((plan) => [plan.id, plan]));
const nothing: LineStory = { finished: 0, highestNumber: 0, until: null, plans: [], taps: [] };

const folded = (story: LineStory, taps: ToldTap[]) => new FoldedLine(story, (id) => plans.get(id), taps);

const digest = (value: unknown) => crc32(JSON.stringify(value)).toString(16).padStart(8, '0');

function shown(line: FoldedLine, now: number): string {
  const { designs, story, ...board } = boardOf(told.blank, line, now);
  expect(designs).toBe(told.blank.designs);
  expect(story).toBe(told.blank.story);

  return digest(board);
}

function windows(line: FoldedLine, now: number): string {
  const shown = [...windowsOf(outlookOf(told.blank, line, now))];

  return digest(Object.fromEntries(shown.map(([id, { from, about, until }]) => [id, [from, about, until]])));
}

it(
  'shows after every tap what the server shows, and sets aside what it does, for the same reason',
  { timeout: 60_000 },
  () => {
    let taps = 0;
    let aside = 0;
    told.stories.forEach(({ arrivals, now, boards, windows: promised, asides }, number) => {
      arrivals.forEach((_, at) => {
        // Of the few long ones, not every one of their hundreds.
        if (at > 60 && at % 9 !== 0) {
          return;
        }
        const line = folded(nothing, arrivals.slice(0, at + 1));
        taps++;
        aside += at === arrivals.length - 1 ? line.setAside.size : 0;
        if (
          shown(line, now[at] ?? 0) !== boards[at] ||
          digest(Object.fromEntries(line.setAside)) !== asides[at] ||
          (promised[at] !== '' && windows(line, now[at] ?? 0) !== promised[at])
        ) {
          expect.fail(`story ${number}, after tap ${at}: ${JSON.stringify(arrivals[at])}`);
        }
      });
    });

    // The stories are lively, and a share of their taps comes too late to count.
    expect(taps).toBeGreaterThan(15_000);
    expect(aside).toBeGreaterThan(500);
  },
);

it('comes to the same on top of a story that was kept, with the rest as its own pending taps', () => {
  let forgot = 0;
  let toldOn = 0;
  let put = 0;
  told.stories.forEach(({ arrivals, now, boards, kept }, number) => {
    for (const { arrivals: heard, story, goesOn } of kept) {
      if (!goesOn) {
        continue;
      }
      toldOn++;
      forgot += story.finished > 0 ? 1 : 0;
      // Some of the pending ones the server has heard of already.
      const line = folded(story, [
        ...arrivals.slice(heard),
        ...arrivals.slice(Math.max(0, heard - 2), heard),
      ]);
      // And the same tap by tap on top, wherever no tap is late; what it was put on stays as it is.
      const before = folded(story, []);
      const onTop = arrivals
        .slice(heard)
        .reduce<FoldedLine | undefined>((on, tap) => on?.after([tap]), before);
      expect(shown(before, 0)).toBe(shown(folded(story, []), 0));
      put += onTop === undefined ? 0 : 1;
      if (
        shown(line, now.at(-1) ?? 0) !== boards.at(-1) ||
        (onTop !== undefined && shown(onTop, now.at(-1) ?? 0) !== boards.at(-1))
      ) {
        expect.fail(`story ${number}, kept after ${heard} of ${arrivals.length} taps`);
      }
    }
  });

  expect(put).toBeGreaterThan(150);
  expect(toldOn).toBeGreaterThan(900);
  expect(forgot).toBeGreaterThan(10);
});

it('goes on from what was told wherever the server would, and asks for all of it where it must', () => {
  let whole = 0;
  told.stories.forEach(({ arrivals, now, boards, kept }, number) => {
    for (const { arrivals: heard, story, goesOn } of kept) {
      const before = toldWhole({ ...told.blank, story, version: '1-a' });
      // Some are told twice; who mends the log of a child long gone is forgotten with it at once, and told of no more.
      const held = new Set(story.taps.map(({ id }) => id));
      const again = arrivals.slice(Math.max(0, heard - 2), heard).filter(({ id }) => held.has(id));
      const taps = [...again, ...arrivals.slice(heard)];
      const after = withNews(before, { version: '2-a', now: 0, line: null, plans: [], taps });
      if (after === undefined) {
        whole++;
        expect(goesOn, `story ${number}, kept after ${heard} of ${arrivals.length} taps`).toBe(false);
        continue;
      }
      const line = folded(after.story, [...after.news.taps]);
      // Whoever is brought back leaves a place in the list of those who went, to one who is told of no more.
      if (!goesOn) {
        expect(line.ended().length).toBeLessThan(folded(story, []).ended().length);
      } else if (shown(line, now.at(-1) ?? 0) !== boards.at(-1)) {
        expect.fail(`story ${number}, kept after ${heard} of ${arrivals.length} taps`);
      }
    }
  });

  expect(whole).toBeGreaterThan(5);
});
