import { bigKey, expect, pedal, stepLines, test } from './team';

test('a painter types a design, takes names, paints a face through and sees the minutes kept', async ({
  page,
  team,
}) => {
  await page.context().clearCookies();
  await page.goto('/');
  await team.typeSignIn(page);
  await expect(page.getByRole('heading', { name: /^Three taps/ })).toBeVisible();

  // A design of one's own.
  await page.getByRole('link', { name: 'Designs', exact: true }).click();
  await expect(page.getByText('No designs yet.')).toBeVisible();
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByLabel('Name').fill('Lantern string');
  await page.getByRole('dialog').getByText('brow', { exact: true }).click();
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  const next = async (said: string) => {
    await line.fill(said);
    await line.press('Enter');
    await expect(line).toHaveValue('');
  };
  const lines = await stepLines(page);
  const line = lines.getByLabel('New line');
  await next('Night blue base: half sponge night blue brow, 40s');
  await next('String of lanterns: round 2 yellow lines on the brow, 1:10');
  await next('Glow dots: round 2 white dots on the brow, 20s');
  await expect(lines.getByRole('button', { name: /^3 Glow dots/ })).toBeVisible();
  await page.keyboard.press('Escape');
  // What was typed is what it takes, the change from sponge to brush included.
  await expect(page.getByText('2:10').first()).toBeVisible();
  await expect(page.getByText('Saved')).toBeAttached();

  // A day with it on the menu, and two names.
  await page.getByRole('link', { name: 'Events' }).click();
  await page.getByRole('button', { name: 'New event day' }).click();
  await page.getByLabel('Name').fill('Pier evening');
  await page.getByLabel('Opens').fill('0:00');
  await page.getByLabel('Closes').fill('14:00');
  await page.getByRole('button', { name: 'Make the day' }).click();
  await page.getByRole('button', { name: 'Menu of the day' }).click();
  await page.getByRole('checkbox', { name: 'Lantern string' }).check();
  await page.getByLabel('Promise for Lantern string').fill('2m30');
  await page.getByLabel('Price of Lantern string').fill('4.50');
  await page.getByRole('button', { name: 'Put up the menu' }).click();
  await page.getByRole('button', { name: 'Open the line' }).click();
  await page.getByLabel('First name').fill('Noor');
  await page.getByRole('button', { name: /Lantern string.*2:30/ }).click();
  await page.getByRole('button', { name: /Lantern string.*2:30/ }).click();
  await expect(page.getByRole('button', { name: /^1 Noor/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^2 / })).toBeVisible();

  // The face, one tap a step.
  await page.getByRole('link', { name: 'Chair' }).click();
  await bigKey(page, 'Seat No. 1 Noor');
  await bigKey(page, 'All is well, begin');
  await expect(page.getByRole('heading', { name: 'Night blue base' })).toBeVisible();
  await expect(page.getByText('Then string of lanterns')).toBeVisible();
  await bigKey(page, 'Done, next step');
  await expect(page.getByRole('heading', { name: 'String of lanterns' })).toBeVisible();
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Glow dots' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'String of lanterns' })).toBeVisible();
  await pedal(page);
  await page.getByRole('button', { name: 'Skip' }).click();
  await expect(page.getByRole('heading', { name: 'Mirror, photo, wipe down' })).toBeVisible();
  await bigKey(page, 'Seat No. 2');
  await bigKey(page, 'All is well, begin');
  await expect(page.getByText('No. 2 · Lantern string · step 1 of 3')).toBeVisible();

  // And the minutes are kept.
  await page.getByRole('link', { name: 'Logbook' }).click();
  await page.getByRole('link', { name: /Pier evening/ }).click();
  await expect(page.getByText('1 face by the clock')).toBeVisible();
  await expect(page.getByText('Glow dots, left out once')).toBeVisible();
});
