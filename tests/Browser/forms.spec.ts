import { expect, step, test } from './team';

const POLLED = 4_000;

test('the menu keeps what is ticked and typed while the line is read again', async ({ page, team }) => {
  const designs = [
    await team.design('Wave band', [step('Wave', '0:40')]),
    await team.design('Seal pup', [step('Grey', '0:50')]),
  ];
  const day = await team.runningDay(1, designs.slice(0, 1));
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'Menu of the day' }).click();
  await page.getByLabel('Seal pup').first().check();
  await page.getByLabel('Promise for Seal pup').fill('2:10');
  await page.waitForTimeout(POLLED);

  await expect(page.getByLabel('Promise for Seal pup')).toHaveValue('2:10');
  await page.getByRole('button', { name: 'Put up the menu' }).click();
  await expect
    .poll(async () =>
      (await team.line(day)).menu.map(({ name, promiseMs }) => `${name} ${promiseMs}`).toSorted(),
    )
    .toEqual(['Seal pup 130000', 'Wave band 90000']);
});

test('a full menu is not emptied unasked, and a change from elsewhere is said', async ({ page, team }) => {
  const designs = [
    await team.design('Wave band', [step('Wave', '0:40')]),
    await team.design('Seal pup', [step('Grey', '0:50')]),
  ];
  const day = await team.runningDay(1, designs.slice(0, 1));
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'Menu of the day' }).click();
  await page.getByLabel('Wave band').first().uncheck();
  await page.getByRole('button', { name: 'Put up the menu' }).click();
  await expect(page.getByText('Nothing is ticked.')).toBeVisible();
  expect((await team.line(day)).menu).toHaveLength(1);

  const items = designs.map((design) => ({ designId: design.id, promise: '1:30', priceCents: null }));
  await team.send('put', `days/${day.id}/menu`, { items });
  await expect(page.getByText('This was changed elsewhere meanwhile.')).toBeVisible({ timeout: 10_000 });
  await page.getByRole('button', { name: 'Show the change' }).click();
  await expect(page.getByLabel('Seal pup').first()).toBeChecked();

  await page.getByLabel('Seal pup').first().uncheck();
  await page.getByLabel('Wave band').first().uncheck();
  await page.getByRole('button', { name: /Put up the menu|Take all of it down/ }).click();
  await page.getByRole('button', { name: 'Take all of it down' }).click();
  await expect.poll(async () => (await team.line(day)).menu).toHaveLength(0);
});

test('the day keeps what is typed, and says what the server has against it', async ({ page, team }) => {
  const day = await team.runningDay(1, []);
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'Change', exact: true }).click();
  await page.getByRole('textbox', { name: 'Name' }).fill('Lantern evening');
  await page.waitForTimeout(POLLED);
  await expect(page.getByRole('textbox', { name: 'Name' })).toHaveValue('Lantern evening');

  // A refusal of something that has no field of its own is said at the head of the form.
  await page.route(`**/api/days/${day.id}`, async (route) => {
    const sent = route.request().postDataJSON() as Record<string, unknown>;
    await route.continue({ postData: JSON.stringify({ ...sent, timezone: 'Moon/Crater' }) });
  });
  await page.getByRole('button', { name: 'Save the day' }).click();
  await expect(page.getByRole('alert')).toContainText('time');
  await page.unroute(`**/api/days/${day.id}`);
  await page.getByRole('button', { name: 'Save the day' }).click();
  await expect(page.getByRole('heading', { name: 'Lantern evening' })).toBeVisible();
});
