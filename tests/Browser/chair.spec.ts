import { expect, openChair, step, test } from './team';

const steps = () => [
  step('Grey base', '0:40'),
  step('Nose', '0:20'),
  step('Whisker dots', '0:15', { optional: true }),
];

test('shows a tap at once, while the server takes its time', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(1, [design], ['Noor']);
  await openChair(page);

  // No answer comes until the test lets it: what shows before that did not wait for one.
  let release = () => {};
  const held = new Promise<void>((resolve) => (release = resolve));
  let answered = 0;
  await page.route('**/taps', async (route) => {
    await held;
    await route.continue();
    answered++;
  });
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await page.keyboard.press('Space');
  await page.keyboard.press('s');
  await expect(page.getByRole('heading', { name: 'Mirror, photo, wipe down' })).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByRole('heading', { name: 'Whisker dots' })).toBeVisible();
  expect(answered).toBe(0);
  release();
  await expect.poll(() => answered).toBeGreaterThan(0);
  await expect(page.getByRole('heading', { name: 'Whisker dots' })).toBeVisible();
});

test('keeps its clocks through a reload, and stands still while paused', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design], ['Noor']);
  const ticket = (await team.line(day)).waiting[0];
  await team.taps(day, [
    { kind: 'seated', at: Date.now() - 33_000, ticket: ticket?.id, chair: 1, plan: ticket?.planId },
  ]);
  await page.goto('/');
  const clock = page.getByRole('timer', { name: 'Step clock' });
  await expect(clock).toHaveText(/^\s*0:3[3-9]\s*$/);
  await page.reload();
  await expect(clock).toHaveText(/^\s*0:(3[3-9]|4\d)\s*$/);

  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('paused')).toBeVisible();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.pausedAt ?? null).not.toBeNull();
  const child = (await team.line(day)).chairs[0]?.child;
  const seconds = Math.floor(((child?.pausedAt ?? 0) - (child?.tappedAt ?? 0)) / 1000);
  const stood = `0:${String(seconds).padStart(2, '0')}`;
  await expect(clock).toHaveText(stood);
  await page.reload();
  await expect(page.getByText('paused')).toBeVisible();
  await expect(clock).toHaveText(stood);
  await page.keyboard.press('Space');
  await expect(page.getByText('paused')).toBeHidden();
});

test('moves the hook along the tape as the steps are done', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await page.keyboard.press('Space');
  const hook = page.getByRole('img', { name: /Seal pup, 1:15 planned/ }).locator('[data-hook]');
  await expect(hook).toHaveAttribute('data-hook', /^0:0\d$/);
  await page.keyboard.press('Space');
  await expect(hook).toHaveAttribute('data-hook', /^0:4\d$/);
  await page.keyboard.press('Space');
  await expect(hook).toHaveAttribute('data-hook', /^1:0\d$/);
});

test('means the big button by the space bar, whatever was touched last', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Pause' }).click();
  await page.getByRole('button', { name: 'Go on' }).first().click();
  await page.getByRole('button', { name: 'Undo' }).focus();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { name: 'Nose' })).toBeVisible();
});

test('two windows on one chair count a step once, and both show the same face', async ({
  page,
  second,
  team,
}) => {
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design], ['Noor', 'Emil']);
  const other = await second.newPage();
  await openChair(page);
  await page.keyboard.press('Space');
  await other.goto('/');
  await expect(other.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.bringToFront();
  await page.keyboard.press('Space');
  await other.keyboard.press('Space');
  await expect(other.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await expect
    .poll(async () => (await team.line(day)).chairs[0]?.child?.steps.map(({ status }) => status))
    .toEqual(['done', 'pending', 'pending']);
});

test('lets a child go early, or leave, and takes it back', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(1, [design], ['Noor', 'Emil']);
  await openChair(page);
  await page.keyboard.press('Space');
  await page.getByRole('button', { name: 'Child left' }).click();
  await expect(page.getByRole('heading', { name: 'No. 2 Emil' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.getByRole('button', { name: 'Enough, finish' }).click();
  await expect(page.getByRole('heading', { name: 'No. 2 Emil' })).toBeVisible();
});
