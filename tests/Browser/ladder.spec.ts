import type { DesignSheet, PracticeSheet, TrainingSheet } from '../../resources/js/api/types.gen';
import { allOfIt, choose, expect, openChair, pedal, seat, step, test } from './team';

const steps = () => [
  step('Wave', '0:40', { side: 'left' }),
  step('Dots', '0:09', {
    medium: 'brush',
    technique: 'dots',
    tool: 'round 2',
    zones: ['jaw'],
    side: 'left',
    optional: true,
    look: 3,
  }),
  step('Curls', '0:14', {
    medium: 'brush',
    technique: 'swirl',
    tool: 'round 3',
    zones: ['chin'],
    side: 'centre',
    optional: true,
    look: 6,
  }),
];

test('climbs the ladder: a rung that fits, what the child loses, what goes next, and a name for it', async ({
  page,
  team,
}) => {
  const design = await team.design('Wave band', steps());
  await page.goto(`/designs/${design.id}`);
  await page.getByRole('tab', { name: /^Ladder/ }).click();
  const beside = page.getByRole('region', { name: 'The ladder' });
  await expect(beside.getByText('Up is quicker. 4 versions')).toBeVisible();
  await expect(beside.getByRole('button')).toHaveCount(4);

  await beside.getByRole('button', { name: /core/ }).click();
  const sheet = page.getByRole('dialog', { name: 'The ladder' });
  await expect(sheet.getByText('What the child loses: “Dots” left out; “Curls” left out.')).toBeVisible();
  await expect(sheet.getByRole('img', { name: /^Wave band, this version/ })).toBeVisible();
  await expect(sheet.getByRole('img', { name: /^Wave band, all of it/ })).toBeVisible();
  await expect(sheet.getByText('Stays in the bag: round 2, round 3')).toBeVisible();

  await sheet.getByLabel('Fit to').fill('0:30');
  await page.keyboard.press('Enter');
  await expect(sheet.getByText('Even the quickest version takes 0:40.')).toBeVisible();
  await sheet.getByLabel('Fit to').fill('50s');
  await page.keyboard.press('Enter');
  await expect(sheet.getByText('What the child loses: “Curls” left out.')).toBeVisible();
  await sheet.getByRole('button', { name: /“Dots” left out/ }).click();
  await expect(sheet.getByText('What the child loses: “Dots” left out; “Curls” left out.')).toBeVisible();

  await sheet.getByLabel('Fit to').fill('9');
  await page.keyboard.press('Enter');
  await expect(sheet.getByText('Nothing is left out.')).toBeVisible();
  await sheet.getByRole('button', { name: 'core', exact: true }).click();
  await expect
    .poll(async () => (await team.get<DesignSheet>(`designs/${design.id}`)).rungs.map(({ name }) => name))
    .toEqual(['core']);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await team.get<DesignSheet>(`designs/${design.id}`)).rungs).toEqual([]);
});

test('grows the ladder when a step becomes an extra, and marks on the tape where one may stop', async ({
  page,
  team,
}) => {
  const design = await team.design('Wave band', [
    step('Wave', '0:40'),
    step('Foam', '0:20', { zones: ['chin'], side: 'centre' }),
  ]);
  await page.goto(`/designs/${design.id}`);
  await page.getByRole('tab', { name: /^Ladder/ }).click();
  await expect(page.getByText('One rung only.')).toBeVisible();
  await expect(page.locator('[data-tear]')).toHaveCount(0);
  await page.getByRole('button', { name: '2 Foam, 0:20' }).click();
  await (await allOfIt(page)).getByLabel('An extra: may be left out').check();
  await page.keyboard.press('Escape');
  await expect(page.getByText('Up is quicker. 2 versions')).toBeVisible();
  await expect(page.locator('[data-tear]')).toHaveCount(1);
  await expect(page.locator('[data-tear] title')).toHaveText('One may stop here, without Foam');
});

test('makes a half-painted face quicker, and takes that back', async ({ page, team }) => {
  const design = await team.design('Wave band', steps());
  const day = await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await seat(page);
  await expect(page.getByRole('heading', { name: 'Wave', exact: true })).toBeVisible();
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Dots' })).toBeVisible();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.steps[0]?.status).toBe('done');

  await page.keyboard.press('q');
  const sheet = page.getByRole('dialog', { name: 'Make it quicker' });
  await expect(
    sheet.getByRole('button', { name: /^stop It looks finished. Without Dots, Curls/ }),
  ).toBeVisible();
  await sheet.getByRole('button', { name: /“Dots” left out\s*Nobody who waits notices$/ }).click();
  await expect(page.getByRole('heading', { name: 'Curls' })).toBeVisible();
  await expect
    .poll(async () => (await team.line(day)).chairs[0]?.child?.steps.map(({ status }) => status))
    .toEqual(['done', 'skipped', 'pending']);
  await page.keyboard.press('u');
  await expect(page.getByRole('heading', { name: 'Dots' })).toBeVisible();
  await expect
    .poll(async () => (await team.line(day)).chairs[0]?.child?.steps.map(({ status }) => status))
    .toEqual(['done', 'pending', 'pending']);
});

test('falls back to a named version without the network', async ({ page, context, team }) => {
  const design = await team.design('Wave band', steps());
  const day = await team.runningDay(1, [design], ['Noor']);
  // Versions are worked out after the menu was saved.
  await expect
    .poll(async () => (await team.plans(day)).some(({ rungs }) => rungs.includes('quick')))
    .toBe(true);
  await openChair(page);
  await seat(page);
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Dots' })).toBeVisible();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.steps[0]?.status).toBe('done');
  await context.setOffline(true);
  await page.keyboard.press('q');
  const sheet = page.getByRole('dialog', { name: 'Make it quicker' });
  await expect(sheet.getByText('The server is out of reach')).toBeVisible();
  await sheet.getByRole('button', { name: /quick/ }).click();
  await expect(sheet).toBeHidden();
  const before = await page.getByRole('heading', { level: 1 }).textContent();
  await context.setOffline(false);
  await expect
    .poll(async () => (await team.line(day)).chairs[0]?.child?.steps.map(({ status }) => status))
    .toContain('skipped');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(before ?? '');
});

test('promises a rung on the menu', async ({ page, team }) => {
  const design = await team.design('Wave band', steps());
  const day = await team.runningDay(1, [design], ['Noor']);
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'Menu of the day' }).click();
  await choose(page, 'Version of Wave band', 'core');
  await page.getByRole('button', { name: 'Put up the menu' }).click();
  await expect
    .poll(async () => (await team.line(day)).menu[0])
    .toMatchObject({ rung: 'core', plannedMs: 40_000 });
});

test('practises a stroke with one key, left against right, and takes one back', async ({ page, team }) => {
  await page.goto('/practice');
  await page.getByRole('button', { name: /^a swirl/ }).click();
  await expect(page.getByRole('heading', { name: 'A swirl' })).toBeVisible();
  await expect(page.getByText('left side', { exact: true })).toBeVisible();
  const board = () => team.get<TrainingSheet>('practice/board?drill=swirl');
  const counts = async () => (await board()).sides.map((side) => side.repetitions.length);
  await pedal(page);
  await expect(page.getByRole('button', { name: 'Done, the next begins' })).toBeVisible();
  for (const [side, expected] of [
    ['right', [1, 0]],
    ['left', [1, 1]],
    ['right', [2, 1]],
  ] as const) {
    await pedal(page);
    await expect(page.getByText(`${side} side`, { exact: true })).toBeVisible();
    await expect.poll(counts).toEqual(expected);
  }
  await page.getByRole('button', { name: 'Undo the last' }).click();
  await expect.poll(counts).toEqual([1, 1]);
  await expect(page.getByRole('img', { name: /left 1 repetitions/ })).toBeVisible();
});

test('practises a step of a booked design, and the bench learns from it', async ({ page, team }) => {
  const design = await team.design('Wave band', steps());
  await team.runningDay(1, [design]);
  await page.goto('/practice');
  await page
    .getByRole('region', { name: 'What to practise next' })
    .getByRole('button', { name: /^Wave, Wave band/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Wave, Wave band' })).toBeVisible();
  for (let press = 0; press < 4; press++) {
    await pedal(page);
    await expect(page.getByText(`${press} ${press === 1 ? 'time' : 'times'} in this sitting`)).toBeVisible();
  }
  await expect
    .poll(async () => (await team.get<DesignSheet>(`designs/${design.id}`)).steps[0]?.timePractised)
    .toBeGreaterThan(0);
  const { designs } = await team.get<PracticeSheet>('practice');
  expect(designs.map(({ name }) => name)).toEqual(['Wave band']);
});
