import type { DesignSheet, WaysSheet } from '../../resources/js/api/types.gen';
import { expect, night, test } from './team';

const names = (sheet: DesignSheet) => sheet.steps.map(({ name }) => name);

test('says what will go wrong, mends it by one press, and takes that back', async ({ page, team }) => {
  const design = await team.design('Night sky', night());
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await page.goto(`/designs/${design.id}`);
  const craft = page.getByRole('region', { name: 'What the craft says' });
  await expect(craft.getByText('“Stars” bleeds on “Night” until it is nearly dry')).toBeVisible();
  await expect(
    page.getByRole('img', { name: /Wet paint on the skin\. Night: wet until 0:50/ }),
  ).toBeVisible();

  await craft.getByRole('button', { name: /Let it dry: 0:24 more/ }).click();
  await expect.poll(async () => (await saved()).steps[1]?.dryFor).toBe('0:28');
  await expect(craft.getByText('bleeds')).toBeHidden();
  await page.keyboard.press('Control+z');
  await expect.poll(async () => (await saved()).steps[1]?.dryFor).toBe('');
  await expect(craft.getByText('bleeds')).toBeVisible();
});

test('is silent about a rule for a reason, until it is asked again', async ({ page, team }) => {
  const design = await team.design('Night sky', night());
  await page.goto(`/designs/${design.id}`);
  const craft = page.getByRole('region', { name: 'What the craft says' });
  const sparkle = craft.getByRole('listitem').filter({ hasText: 'Sparkle only on dry' });
  await sparkle.getByRole('button', { name: 'Not here' }).click();
  await page.keyboard.type('It is meant to bleed');
  await page.keyboard.press('Enter');
  await expect(craft.getByText('Sparkle only on dry: It is meant to bleed')).toBeVisible();
  await expect(craft.getByText('“Stars” bleeds')).toBeHidden();
  await craft.getByRole('button', { name: 'Ask again' }).click();
  await expect(craft.getByText('“Stars” bleeds')).toBeVisible();
});

test('shows what a finding rests on, where it is on the face, and takes a number of the painter’s own', async ({
  page,
  team,
}) => {
  const design = await team.design('Night sky', night());
  await page.goto(`/designs/${design.id}`);
  const bleeds = page
    .getByRole('region', { name: 'What the craft says' })
    .getByRole('listitem')
    .filter({ hasText: 'Sparkle only on dry' });
  await bleeds.getByRole('button', { name: /Look out: Sparkle only on dry/ }).click();
  // The stars' own place and that of the night below them.
  await expect(page.locator('svg mask[id$="-lit"]')).toHaveCount(2);
  await bleeds.getByRole('button', { name: 'What it rests on' }).click();
  await expect(bleeds.getByText('starting value').first()).toBeVisible();
  await bleeds.getByRole('button', { name: 'Set it' }).first().click();
  await bleeds.getByLabel('a brush load of wax paint dries in, in seconds').fill('9');
  await bleeds.getByRole('button', { name: 'Go by it' }).click();
  await expect(page.getByText('bleeds on “Night”')).toBeHidden();
  const { numbers } = await team.get<WaysSheet>('ways');
  expect(numbers.filter(({ isOwn }) => isOwn).map(({ value }) => value)).toEqual([9]);
});

test('shows the best order with its reasons, takes it as one change, and goes back', async ({
  page,
  team,
}) => {
  const design = await team.design('Night sky', night());
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`).then(names);
  await page.goto(`/designs/${design.id}`);
  await page.getByRole('button', { name: 'Best order' }).click();
  const sheet = page.getByRole('dialog', { name: 'Best order' });
  await expect(sheet.getByText('Proven: no order')).toBeVisible();
  await expect(sheet.getByRole('img', { name: 'Your order', exact: true })).toBeVisible();
  await expect(sheet.getByText('Yours with the waits it really needs, 1:24')).toBeVisible();
  await expect(sheet.getByRole('img', { name: 'Your order with its waits' })).toBeVisible();
  await expect(sheet.getByRole('img', { name: 'Best order' })).toBeVisible();
  await expect(sheet.getByText('“Night”').first()).toBeVisible();
  await sheet.getByRole('button', { name: 'Take this order' }).click();
  await expect(sheet).toBeHidden();
  await expect.poll(saved).toEqual(['Night', 'Waves', 'Stars']);
  await page.keyboard.press('Control+z');
  await expect.poll(saved).toEqual(['Night', 'Stars', 'Waves']);
});

test('pins the order by words and by hand, and says what clashes', async ({ page, team }) => {
  const design = await team.design('Night sky', night());
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await page.goto(`/designs/${design.id}`);
  const pins = page.getByRole('region', { name: 'Pins' });
  await pins.getByLabel('What you want of the order').fill('moon before stars');
  await page.keyboard.press('Enter');
  await expect(pins.getByText('No step is called “moon”')).toBeVisible();
  await pins.getByLabel('What you want of the order').fill('stars before waves');
  await page.keyboard.press('Enter');
  await expect(pins.getByText('Stars before Waves')).toBeVisible();
  await pins.getByLabel('What you want of the order').fill('night before stars');
  await page.keyboard.press('Enter');
  await expect(pins.getByText('Night before Stars')).toBeVisible();

  const pin = await page.locator('[data-pin]').nth(2).boundingBox();
  const onto = await page.locator('[data-step]').nth(0).boundingBox();
  if (pin === null || onto === null) throw new Error('The pins are not shown.');
  await page.mouse.move(pin.x + pin.width / 2, pin.y + pin.height / 2);
  await page.mouse.down();
  await page.mouse.move(onto.x + onto.width / 2, onto.y + onto.height / 2, { steps: 8 });
  await page.mouse.up();
  await expect(pins.getByText('Waves before Night')).toBeVisible();
  await expect.poll(async () => (await saved()).pins.length).toBe(3);

  await page.getByRole('button', { name: 'Best order' }).click();
  const sheet = page.getByRole('dialog', { name: 'Best order' });
  await expect(sheet.getByText('These cannot all be kept')).toBeVisible();
  await expect(sheet.getByText('You pinned “Stars” before “Waves”.')).toBeVisible();
  await expect(sheet.getByText('You pinned “Night” before “Stars”.')).toBeVisible();
  await page.keyboard.press('Escape');
  await pins.getByRole('button', { name: 'Take out: Waves before Night' }).click();
  await expect.poll(async () => (await saved()).pins.length).toBe(2);
});

test('goes by the weather, by a touch test and by the painter’s ways', async ({ page, team }) => {
  const design = await team.design('Night sky', night());
  const ways = () => team.get<WaysSheet>('ways');
  await page.goto(`/designs/${design.id}`);
  const openWays = async () => {
    await page.getByRole('button', { name: 'More for this design' }).click();
    await page.getByRole('menuitem', { name: 'My ways and the air' }).click();
  };
  await openWays();
  const drying = page.getByRole('dialog', { name: 'My ways and the air' });
  await drying.getByLabel('Degrees').fill('80');
  await drying.getByRole('button', { name: 'Reckon with it' }).click();
  await expect(drying.getByText('80 degrees is no weather to paint in')).toBeVisible();
  await drying.getByLabel('Degrees').fill('30');
  await drying.getByLabel('Humidity %').fill('40');
  await drying.getByLabel('Wind m/s').fill('2');
  await drying.getByRole('button', { name: 'Reckon with it' }).click();
  await expect(drying.getByText('2.65 times as fast')).toBeVisible();

  await drying.getByRole('button', { name: 'Dab it on' }).click();
  // The clock runs on between two looks at it: no one second of it may be waited for.
  await expect(drying.getByRole('button', { name: /Tap when it turns tacky · 0:0[2-9]/ })).toBeVisible();
  await drying.getByRole('button', { name: /Tap when it turns tacky/ }).click();
  await expect(drying.getByRole('button', { name: /Tap when it is dry · 0:0[3-9]/ })).toBeVisible();
  await drying.getByRole('button', { name: /Tap when it is dry/ }).click();
  await drying.getByRole('button', { name: 'Go by it today' }).click();
  await expect(drying.getByText('By your touch test of today')).toBeVisible();
  expect((await ways()).dries).toBe(4);
  await drying.getByRole('button', { name: 'Forget today’s test' }).click();
  await expect(drying.getByText('2.65 times as fast')).toBeVisible();
  await page.keyboard.press('Escape');

  const craft = page.getByRole('region', { name: 'What the craft says' });
  await openWays();
  await page.getByLabel('wait until the base is dry').check();
  await expect.poll(async () => (await ways()).questions[4]?.chosen).toBe('line_on_dry');
  await page.keyboard.press('Escape');
  await expect(craft.getByText('Your way: straight away')).toBeHidden();
});
