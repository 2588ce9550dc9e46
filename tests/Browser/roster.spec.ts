import { choose, expect, pedal, seat, step, test } from './team';

test('who paints at a chair is said with two taps, known to the other chair, and undone', async ({
  page,
  context,
  team,
}) => {
  team.addPainter('Odo');
  const day = await team.runningDay(
    2,
    [await team.design('Wave band', [step('Wave', '0:40')])],
    ['Noor', 'Wren'],
  );
  const line = async () => (await team.line(day)).chairs.map(({ painterId }) => painterId);
  const [mara, odo] = (await team.line(day)).roster.painters.map(({ id }) => id);
  await page.goto('/');
  const other = await context.newPage();
  await other.goto(`/events/${day.id}`);
  await expect(other.getByText('Chairs: 1 Mara, 2 Odo')).toBeVisible();

  const who = page.getByRole('button', { name: /Who paints at this chair/ });
  await who.click();
  await page.getByRole('button', { name: /Odo/ }).click();
  await expect(who).toHaveText('Odo');
  await expect.poll(line).toEqual([odo, null]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(who).toHaveText('Mara');
  await expect.poll(line).toEqual([mara, odo]);
});

test('a break lets nobody be called, and the big key ends it', async ({ page, team }) => {
  const day = await team.runningDay(1, [await team.design('Wave band', [step('Wave', '0:40')])], ['Noor']);
  await page.goto('/');
  await page.getByRole('button', { name: /Who paints at this chair/ }).click();
  await page.getByRole('button', { name: '15 min' }).click();
  await expect(page.getByRole('heading', { name: 'On a break' })).toBeVisible();
  await expect
    .poll(async () => ((await team.line(day)).waiting[0]?.callAt ?? 0) - Date.now())
    .toBeGreaterThan(13 * 60_000);

  await pedal(page);
  await expect(page.getByRole('heading', { name: /Noor/ })).toBeVisible();
  await seat(page);
  await expect(page.getByRole('heading', { name: 'Wave' })).toBeVisible();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.awayUntil).toBeNull();
});

test('the roster of a day is kept, and one that cannot be is said to be so', async ({ page, team }) => {
  team.addPainter('Odo');
  const day = await team.runningDay(2, [await team.design('Wave band', [step('Wave', '0:40')])]);
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'Who sits where' }).click();
  await expect(page.getByText('This is assumed')).toBeVisible();
  await choose(page, 'Who sits at chair 1', 'Odo');
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText('Odo would sit at chairs 1 and 2 at the same time.')).toBeVisible();

  await choose(page, 'Who sits at chair 2', 'nobody');
  await page.getByRole('button', { name: 'Keep it so' }).click();
  await expect(page.getByText('Chairs: 1 Odo, 2 nobody')).toBeVisible();
});
