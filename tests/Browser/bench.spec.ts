import type { Page } from '@playwright/test';
import type { DesignSheet } from '../../resources/js/api/types.gen';
import { allOfIt, choose, expect, step, test, withStep } from './team';

const steps = () => [step('Base', '0:40'), step('Wave', '0:30'), step('Foam', '0:20')];
/** What one seldom does with a design on the shelf. */
async function onTheShelf(page: Page, name: string, act: string): Promise<void> {
  await page.getByRole('button', { name: `More for ${name}` }).click();
  await page.getByRole('menuitem', { name: act, exact: true }).click();
}

const names = (sheet: DesignSheet) => sheet.steps.map(({ name }) => name);

test('reorders by keyboard and by drag, and undoes and redoes both', async ({ page, team }) => {
  const design = await team.design('Wave band', steps());
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`).then(names);
  await page.goto(`/designs/${design.id}`);
  await page
    .getByRole('list')
    .getByRole('button', { name: /1 Base/ })
    .focus();
  await page.keyboard.press('Alt+ArrowDown');
  await expect.poll(saved).toEqual(['Wave', 'Base', 'Foam']);

  const from = await page.getByLabel('Drag Foam').boundingBox();
  const to = await page.getByLabel('Drag Wave').boundingBox();
  if (from === null || to === null) throw new Error('The handles are not shown.');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2 + 10, { steps: 12 });
  await page.mouse.move(to.x + to.width / 2, to.y + 4, { steps: 12 });
  await page.mouse.up();
  await expect.poll(saved).toEqual(['Foam', 'Wave', 'Base']);

  await page.keyboard.press('Control+z');
  await expect.poll(saved).toEqual(['Wave', 'Base', 'Foam']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(saved).toEqual(['Base', 'Wave', 'Foam']);
  await page.keyboard.press('Control+Shift+z');
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect.poll(saved).toEqual(['Foam', 'Wave', 'Base']);
});

test('copies, adds and deletes steps with undo, and the tape follows', async ({ page, team }) => {
  const design = await team.design('Wave band', steps());
  await page.goto(`/designs/${design.id}`);
  await expect(page.getByRole('img', { name: 'Wave band, 1:30 in 3 steps' })).toBeVisible();
  await page.getByRole('button', { name: 'Copy' }).click();
  await expect(page.getByRole('img', { name: 'Wave band, 2:10 in 4 steps' })).toBeVisible();
  await page.getByRole('button', { name: 'Delete' }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByRole('img', { name: 'Wave band, 1:00 in 2 steps' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('img', { name: 'Wave band, 1:30 in 3 steps' })).toBeVisible();
});

test('keeps what was typed wrong, says what to mend, and saves once it is mended', async ({ page, team }) => {
  const design = await team.design('Wave band', steps());
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await page.goto(`/designs/${design.id}`);
  const form = await allOfIt(page);
  await form.getByLabel('Time').fill('-4');
  await form.getByLabel('Time').press('Enter');
  await expect(form.getByText('“-4” is not a time.')).toBeVisible();
  await form.getByLabel('What', { exact: true }).fill('Deep base');
  await form.getByLabel('What', { exact: true }).press('Enter');
  expect((await saved()).steps[0]?.name).toBe('Base');
  await form.getByLabel('Time').fill('1m05');
  await form.getByLabel('Time').press('Enter');
  await expect.poll(async () => (await saved()).steps[0]).toMatchObject({ name: 'Deep base', time: '1:05' });
});

test('two windows on one design: the second says so and loses nothing', async ({ page, second, team }) => {
  const design = await team.design('Wave band', steps());
  const other = await second.newPage();
  await page.goto(`/designs/${design.id}`);
  await other.goto(`/designs/${design.id}`);
  const rename = async (window: Page, name: string) => {
    const line = window.getByLabel('In one line');
    await line.fill((await line.inputValue()).replace(/^[^:]+/, name));
    await line.press('Enter');
  };
  await rename(page, 'Mine');
  await expect(page.getByText('Saved')).toBeVisible();
  await expect.poll(async () => (await team.get<DesignSheet>(`designs/${design.id}`)).revision).toBe(3);
  await rename(other, 'Theirs');
  await expect(other.getByRole('button', { name: 'Keep mine' })).toBeVisible();
  expect(names(await team.get<DesignSheet>(`designs/${design.id}`))[0]).toBe('Mine');
  await other.getByRole('button', { name: 'Keep mine' }).click();
  await expect.poll(async () => names(await team.get<DesignSheet>(`designs/${design.id}`))[0]).toBe('Theirs');
});

test('copies and deletes a design, brings it back, and takes a file in', async ({ page, team }) => {
  await team.design('Wave band', steps());
  await page.goto('/designs');
  const withDesign = (name: string, act: string) => onTheShelf(page, name, act);
  await withDesign('Wave band', 'Delete');
  await expect(page.getByText('No designs yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: 'Wave band' }).first()).toBeVisible();

  const file = page.getByLabel('Bring in a file');
  await file.setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":'),
  });
  await expect(page.getByRole('alert')).toContainText('not JSON');
  await file.setInputFiles('database/demo/designs.json');
  await expect(page.getByRole('link', { name: 'Seal pup' }).first()).toBeVisible();
});

test('carries and pulls pieces of the tape, by hand and by keys', async ({ page, team }) => {
  const design = await team.design('Wave band', steps());
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await page.goto(`/designs/${design.id}`);
  const piece = (name: string) => page.getByRole('button', { name });
  const box = async (name: string) => {
    const found = await piece(name).boundingBox();
    if (found === null) throw new Error(`${name} is not on the tape.`);

    return { left: found.x, right: found.x + found.width, middle: found.y + found.height / 2 };
  };

  const foam = await box('3 Foam, 0:20');
  const base = await box('1 Base, 0:40');
  await page.mouse.move(foam.left + 10, foam.middle);
  await page.mouse.down();
  await page.mouse.move(base.left - 20, foam.middle, { steps: 8 });
  await page.mouse.up();
  await expect.poll(async () => names(await saved())).toEqual(['Foam', 'Base', 'Wave']);

  const pulled = await box('2 Base, 0:40');
  await page.mouse.move(pulled.right - 3, pulled.middle);
  await page.mouse.down();
  await page.mouse.move(pulled.right - 3 + (pulled.right - pulled.left) / 2, pulled.middle, { steps: 8 });
  await page.mouse.up();
  await expect.poll(async () => (await saved()).steps[1]?.time).toBe('1:00');

  await piece('1 Foam, 0:20').focus();
  await page.keyboard.press('Alt+ArrowRight');
  await expect.poll(async () => names(await saved())).toEqual(['Base', 'Foam', 'Wave']);
  await page.keyboard.press('Shift+ArrowLeft');
  await expect.poll(async () => (await saved()).steps[1]?.time).toBe('0:15');
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await saved()).steps[1]?.time).toBe('0:20');
});

test('parts sides, splits, merges and gathers, and every one of them can be undone', async ({
  page,
  team,
}) => {
  const group = { group: 'foam' };
  const design = await team.design('Wave band', [
    step('Base', '0:40'),
    step('Foam', '0:20', group),
    step('Line', '0:10'),
    step('Bubbles', '0:12', group),
  ]);
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await page.goto(`/designs/${design.id}`);
  await withStep(page, 'Part left from right');
  await expect
    .poll(async () => (await saved()).steps.map(({ side, timeMs }) => [side, timeMs]))
    .toEqual([
      ['left', 20_000],
      ['right', 20_000],
      ['both', 20_000],
      ['both', 10_000],
      ['both', 12_000],
    ]);
  await withStep(page, 'Merge with the next');
  await expect.poll(async () => (await saved()).steps[0]).toMatchObject({ side: 'both', timeMs: 40_000 });
  await withStep(page, 'Split');
  await page.getByLabel('Split after so many seconds').fill('15');
  await page.getByRole('button', { name: 'Split it' }).click();
  await expect
    .poll(async () => (await saved()).steps.slice(0, 2).map(({ timeMs }) => timeMs))
    .toEqual([15_000, 25_000]);
  await page
    .getByRole('list')
    .getByRole('button', { name: /\d Foam/ })
    .click();
  await withStep(page, 'Bring foam together');
  await expect
    .poll(async () => names(await saved()))
    .toEqual(['Base', 'Base, on', 'Foam', 'Bubbles', 'Line']);
  for (let undo = 0; undo < 4; undo++) {
    await page.getByRole('button', { name: 'Undo' }).click();
  }
  await expect.poll(async () => names(await saved())).toEqual(['Base', 'Foam', 'Line', 'Bubbles']);
});

test('tries a design on somebody without changing it', async ({ page, team }) => {
  const design = await team.design('Starfish', [
    step('Petals', '0:50', { medium: 'brush', tool: 'round 4', technique: 'petal', count: 5 }),
  ]);
  await page.goto(`/designs/${design.id}`);
  await page.getByRole('tab', { name: 'Minutes' }).click();
  await choose(page, 'Who sits for it', 'a small face');
  await expect(page.getByText('Petals: 4 instead of 5 a side.')).toBeVisible();
  expect((await team.get<DesignSheet>(`designs/${design.id}`)).steps[0]?.count).toBe(5);
});

test('finds, puts away and compares designs', async ({ page, team }) => {
  await team.design('Wave band', steps());
  await team.design('Storm cloud', [step('Cloud', '0:30')]);
  await page.goto('/designs');
  const withDesign = (name: string, act: string) => onTheShelf(page, name, act);
  await page.getByRole('searchbox', { name: 'Find' }).fill('cloud');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Storm cloud']);
  await page.getByRole('searchbox', { name: 'Find' }).fill('');
  await withDesign('Wave band', 'Compare');
  await withDesign('Storm cloud', 'Compare');
  await expect(page.getByText('Storm cloud is 1:00 quicker than Wave band')).toBeVisible();
  await withDesign('Storm cloud', 'Put away');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Wave band']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { level: 2 })).toHaveText(['Storm cloud', 'Wave band']);
  await page.getByText('pictures').click();
  await expect(
    page.getByRole('listitem').getByRole('img', { name: /^Wave band, painted in 3 steps/ }),
  ).toBeVisible();
});
