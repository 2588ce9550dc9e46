import { newId } from '../../resources/js/lib/ids';
import type { TapsAnswer } from '../../resources/js/api/types.gen';
import { expect, step, test } from './team';

test('two devices that tap at once lose nothing and give each number once', async ({ team }) => {
  const design = await team.design('Wave band', [step('Wave', '0:40')]);
  const day = await team.runningDay(2, [design]);
  const join = () => ({ kind: 'joined', at: Date.now(), ticket: newId(), design: design.id });
  const answers = await Promise.all(Array.from({ length: 24 }, () => team.taps(day, [join(), join()])));
  expect(answers.flatMap(({ outcomes }) => outcomes.map(({ fate }) => fate))).toEqual(Array(48).fill('kept'));

  const { waiting } = await team.line(day);
  expect(waiting.map(({ number }) => number)).toEqual(Array.from({ length: 48 }, (_, at) => at + 1));

  // Both seat a child on the same chair at the same moment: by the taps' own time one of them does, whoever was heard first.
  const seat = (child: number) => ({
    id: newId(),
    kind: 'seated',
    at: Date.now(),
    ticket: waiting[child]?.id,
    chair: 1,
    plan: waiting[child]?.planId,
  });
  await Promise.all([team.taps(day, [seat(0)]), team.taps(day, [seat(1)])]);
  const { chairs, story, waiting: left } = await team.line(day);
  const sits = chairs[0]?.child?.number ?? 0;
  expect([1, 2]).toContain(sits);
  expect(left.map(({ number }) => number)).toContain(3 - sits);
  expect(story.taps.flatMap(({ kind, aside }) => (kind === 'seated' ? [aside] : [])).toSorted()).toEqual([
    expect.stringContaining(`Chair 1 has No. ${sits}`),
    undefined,
  ]);
});

test('the same tap for two days at once is kept on one of them and refused on the other', async ({
  team,
}) => {
  const days = [await team.runningDay(1, []), await team.runningDay(1, [])];
  const fates: string[][] = [];
  for (let round = 0; round < 30; round++) {
    const tap = { id: newId(), kind: round % 2 === 0 ? 'closed' : 'opened', at: Date.now() };
    const answers: TapsAnswer[] = await Promise.all(days.map((day) => team.taps(day, [tap])));
    fates.push(
      answers
        .flatMap(({ outcomes }) => outcomes.map(({ fate }) => (fate === 'refused' ? fate : 'taken')))
        .toSorted(),
    );
  }

  expect(fates).toEqual(Array(30).fill(['refused', 'taken']));
});
