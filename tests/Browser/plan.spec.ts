import { choose, expect, step, test } from './team';

test('an event answers while its dials are moved, takes a lever, and takes it back', async ({
  page,
  team,
}) => {
  const day = await team.runningDay(2, [
    await team.design('Wave band', [step('Wave', '2:30')]),
    await team.design('Puffin mask', [
      step('Base', '3:00'),
      step('Feathers', '2:00', { optional: true, look: 4 }),
    ]),
  ]);
  await page.goto(`/events/${day.id}`);
  await page.getByRole('navigation', { name: 'Of this event' }).getByRole('link', { name: 'Plan' }).click();
  await expect(page.getByText('Nobody has said yet what is expected here')).toBeVisible();
  const answer = (question: string) => page.locator('dl > div', { hasText: question }).locator('.minutes');
  const rate = answer('How many an hour?');
  await expect(rate).toHaveText(/^\d/);

  // Tried with the keys as with a finger: each step is answered, and kept when it is let go.
  const children = page.getByLabel(/Children who may come/);
  await children.focus();
  await children.press('Home');
  await expect(rate).toHaveText(/^(0|1)/);
  await children.press('End');
  await expect(page.getByText(/Other children expected/)).toBeVisible();
  await expect(answer('When do I stop taking names?')).toHaveText(/^(\d\d:\d\d|Too many)$/);
  await expect
    .poll(async () => (await team.plan(day)).terms.children)
    .toBe(Number(await children.getAttribute('aria-valuemax')));

  const lever = page.getByRole('button', { name: 'Take it: One artist more, all day' });
  await lever.click();
  await expect(page.getByText('✓ One artist more, all day')).toBeVisible();
  await expect(page.getByText('One more artist', { exact: true })).toBeVisible();
  expect((await team.plan(day)).terms.levers).toEqual(['artist_more']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('✓ One artist more, all day')).toBeHidden();
  await expect.poll(async () => (await team.plan(day)).terms.levers).toEqual([]);
});

test('a party is reckoned as one, and a day of it can be watched', async ({ page, team }) => {
  const day = await team.runningDay(1, [await team.design('Starfish', [step('Star', '3:00')])]);
  await page.goto(`/events/${day.id}/plan`);
  await page.getByRole('button', { name: 'Party' }).click();
  await expect(page.getByText('At once')).toBeVisible();
  await page.getByLabel(/One child a line/).fill('Noor 7 birthday\nOdo 4');
  await choose(page, 'When the birthday child is painted', 'the birthday child last');
  await page.getByRole('button', { name: 'Put them in order' }).click();
  await expect(page.getByRole('status').getByRole('listitem')).toHaveText([/Odo\s*4/, /Noor\s*7 birthday/]);
  await page.getByRole('button', { name: 'Watch it run' }).click();
  const sheet = page.getByRole('dialog', { name: 'Watch it run' });
  await sheet.getByRole('button', { name: 'A bad day' }).click();
  await expect(sheet.getByText(/^[1-9]\d* painted/)).toBeVisible();
  // The bad day begins at its beginning, once it is there: whoever went to the end of the one before goes there again.
  await expect(async () => {
    await sheet.getByLabel('Time of the day').press('End');
    await expect(sheet.getByText(/ painted, 0 in the line/)).toBeVisible({ timeout: 1000 });
    await expect(sheet.getByRole('button', { name: 'Go on' })).toBeVisible({ timeout: 1000 });
  }).toPass();
});

test('the bag is packed: what is ticked stays ticked, and what is short stands on its own list', async ({
  page,
  team,
}) => {
  const day = await team.runningDay(1, [await team.design('Starfish', [step('Star', '3:00')])]);
  await page.goto(`/events/${day.id}/plan`);
  await page.getByRole('link', { name: 'Packing' }).click();
  await expect(page.getByText(/For \d+ faces, which nine days of ten do not pass/)).toBeVisible();
  const short = page.getByRole('region', { name: 'To buy or to find' });
  await expect(short.getByText('half sponge, not in the kit')).toBeVisible();
  await page.getByRole('checkbox', { name: /half sponge/ }).check();
  await page.reload();
  await expect(page.getByRole('checkbox', { name: /half sponge/ })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: /wipes/ })).not.toBeChecked();
});
