import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { allOfIt, bigKey, choose, expect, pedal, step, test } from './team';

const steps = () => [
  step('Grey base', '0:40'),
  step('Nose', '0:20', { medium: 'brush', tool: 'round 3', dryFor: '0:30', note: 'Not the lips.' }),
  step('Glitter', '0:15', { medium: 'glitter', tool: '', colours: [], optional: true }),
];

/** @param besides rules that are asked for besides those of the common tags */
async function expectNoViolations(page: Page, besides: readonly string[] = []): Promise<void> {
  const { violations } = await new AxeBuilder({ page })
    .options({
      runOnly: {
        type: 'tag',
        values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
      },
      rules: Object.fromEntries(besides.map((rule) => [rule, { enabled: true }])),
    })
    .analyze();
  expect(violations.map(said)).toEqual([]);
}

const said = ({ id, nodes }: { id: string; nodes: { html: string }[] }) =>
  `${id}: ${nodes.map(({ html }) => html).join(' ')}`;

/** Nothing sticks out to the side. */
async function expectNoSidewaysScroll(page: Page): Promise<void> {
  const sideways = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
  expect(sideways).toBeLessThanOrEqual(0);
}

/** In each of the three lights; in the sun the words stand out by 7 to 1 (WCAG 2.2, 1.4.6). */
async function expectGoodInEveryLight(page: Page): Promise<void> {
  const own = await page.evaluate(() => document.documentElement.dataset['light'] ?? '');
  for (const light of ['sun', 'dim', 'paper'] as const) {
    await page.evaluate((to) => (document.documentElement.dataset['light'] = to), light);
    await expectNoSidewaysScroll(page);
    await expectNoViolations(page, light === 'sun' ? ['color-contrast-enhanced'] : []);
  }
  await page.evaluate((to) => (document.documentElement.dataset['light'] = to), own);
}

async function expectGood(page: Page): Promise<void> {
  await expectNoSidewaysScroll(page);
  await expectNoViolations(page);
}

// Every screen is looked through by axe, which takes its time on a slow machine.
test.slow();

test('the sign-in', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await expectGoodInEveryLight(page);
  await page.getByLabel('E-mail').fill('nobody@example.org');
  await page.getByLabel('Password').fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('alert')).toContainText('do not go together');
  await expectGood(page);
});

test('the team, and who is asked into it', async ({ page, team }) => {
  await page.goto('/team');
  await expect(page.getByRole('heading', { name: team.name })).toBeVisible();
  await expectGoodInEveryLight(page);
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByRole('status').locator('code').innerText();
  await expectGood(page);
  await page.getByRole('button', { name: 'Let Mara go' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectNoViolations(page);
  await page.goto(link);
  await expect(page.getByRole('heading', { name: `Come into ${team.name}` })).toBeVisible();
  await expectGoodInEveryLight(page);
});

test('the light of the device, until another one is chosen', async ({ page, team }) => {
  await team.design('Seal pup', steps());
  const light = () => page.evaluate(() => document.documentElement.dataset['light']);
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.goto('/designs');
  await expect(page.getByRole('heading', { name: 'Designs' })).toBeVisible();
  await expect.poll(light).toBe('dim');
  await page.emulateMedia({ colorScheme: 'light' });
  await expect.poll(light).toBe('paper');
  await page.emulateMedia({ contrast: 'more' });
  await expect.poll(light).toBe('sun');
  await page.evaluate(() => localStorage.setItem('inch-timer.light', 'dim'));
  await page.reload();
  await expect.poll(light).toBe('dim');
});

test('every room while it is empty', async ({ page, team }) => {
  await expect.poll(() => team.get('designs')).toEqual([]);
  for (const [path, words] of [
    ['/', 'Three taps, and the first child can sit down'],
    ['/kit', 'The bag is empty.'],
    ['/designs', 'No designs yet.'],
    ['/events', 'No events yet.'],
    ['/logbook', 'Nothing is logged yet.'],
    ['/practice', 'Paint this on the board'],
    ['/nowhere', 'Nothing is kept under this address'],
  ] as const) {
    await page.goto(path);
    await expect(page.getByText(words)).toBeVisible();
    await expectGoodInEveryLight(page);
  }
});

test('the chair, free, painting, paused and painted', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(2, [design], ['Noor', undefined, 'Emil']);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'No. 1 Noor' })).toBeVisible();
  await expectGoodInEveryLight(page);
  await bigKey(page, 'Seat No. 1 Noor');
  await expect(page.getByRole('heading', { name: 'Ask first' })).toBeVisible();
  await expectGood(page);
  await bigKey(page, 'All is well, begin');
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await expectGood(page);
  await page.keyboard.press('q');
  await expect(page.getByRole('dialog', { name: 'Make it quicker' })).toBeVisible();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByText('paused')).toBeVisible();
  await expectGood(page);
  // On again, and through its three steps.
  for (let times = 0; times < 4; times++) {
    await pedal(page);
  }
  await expect(page.getByRole('heading', { name: 'Mirror, photo, wipe down' })).toBeVisible();
  await expectGood(page);
});

test('the designs and the bench', async ({ page, team }) => {
  await team.design('Seal pup', steps());
  await page.goto('/designs');
  await expect(page.getByRole('img', { name: 'Seal pup, 1:41' })).toBeVisible();
  await expectGoodInEveryLight(page);
  await page.getByRole('button', { name: 'New design' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'Seal pup' }).first().click();
  await expect(page.getByLabel('In one line')).toBeVisible();
  await expectGood(page);
  await (await allOfIt(page)).getByLabel('What', { exact: true }).waitFor();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  for (const tab of ['Minutes', 'Table', 'Ladder']) {
    await page.getByRole('tab', { name: new RegExp(`^${tab}`) }).click();
    await expectNoViolations(page);
  }
  await expect(page.getByText('Up is quicker')).toBeVisible();
  await expectGood(page);
  await page.getByRole('region', { name: 'The ladder' }).getByRole('button', { name: /core/ }).click();
  await expect(page.getByRole('heading', { name: 'On the table for it' })).toBeVisible();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Best order' }).click();
  await expect(page.getByText('Your order is the best one.')).toBeVisible();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'More for this design' }).click();
  await expectNoViolations(page);
  await page.getByRole('menuitem', { name: 'My ways and the air' }).click();
  const ways = page.getByRole('dialog', { name: 'My ways and the air' });
  await expect(ways.getByRole('radio').first()).toBeVisible();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  const form = await allOfIt(page);
  await form.getByLabel('Time').fill('soon');
  await form.getByLabel('Time').press('Enter');
  await expect(page.getByRole('alert').filter({ hasText: '4, 4:30, 4m30 or 270s' }).first()).toBeVisible();
  await expectGood(page);
});

test('the kit, with its sheets, and the marks and shapes', async ({ page, team }) => {
  await team.send('post', 'kit/starter', {});
  await team.design('Seal pup', [step('Grey base', '0:40')]);
  await page.goto('/kit');
  await expect(page.getByRole('heading', { name: 'Split cakes' })).toBeVisible();
  await expectGoodInEveryLight(page);
  await page.getByRole('button', { name: /^half sponge/ }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Take it out of the kit' }).click();
  await expect(page.getByRole('dialog', { name: 'Take it out?' })).toBeVisible();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Rinse a brush/ }).click();
  await expect(page.getByRole('button', { name: 'Start', exact: true })).toBeVisible();
  await expectNoViolations(page);
  await page.goto('/shapes');
  await expect(page.getByText('whale tail')).toBeVisible();
  await expectGood(page);
});

test('the event day with its menu, and the logbook', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(2, [design], ['Noor', undefined]);
  const at = Date.now() - 50_000;
  const ticket = (await team.line(day)).waiting[0];
  await team.taps(day, [
    { kind: 'seated', at, ticket: ticket?.id, chair: 1, plan: ticket?.planId },
    ...design.steps.map((one, index) => ({
      kind: 'step_done',
      at: at + 10_000 * (index + 1),
      ticket: ticket?.id,
      step: one.id,
    })),
    { kind: 'finished', at: at + 40_000, ticket: ticket?.id },
  ]);
  await page.goto('/events');
  await expect(page.getByText('running now')).toBeVisible();
  await expectGoodInEveryLight(page);
  await page.getByRole('link', { name: /Dune fair/ }).click();
  await expect(page.getByRole('heading', { name: 'Waiting' })).toBeVisible();
  await page.getByRole('button', { name: /^2 / }).click();
  await expectGood(page);
  await page.getByRole('button', { name: 'Menu of the day' }).click();
  await expect(page.getByRole('checkbox', { name: 'Seal pup' })).toBeChecked();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Change', exact: true }).first().click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await expectNoViolations(page);
  await page.goto('/logbook');
  await expect(page.getByText('1 face', { exact: true })).toBeVisible();
  await expectGood(page);
  await page.getByRole('link', { name: /Dune fair/ }).click();
  await expect(page.getByText('1 face by the clock')).toBeVisible();
  await expectGood(page);
});

test('trouble is said, and what is another team’s is not there', async ({ page, team }) => {
  await team.signIn();
  await page.goto('/designs/01kaw5q0000000000000000000');
  await expect(page.getByRole('alert')).toContainText('That is not here, or not yours.');
  await expectGoodInEveryLight(page);
});

test('a name of sixty letters widens no page', async ({ page, team }) => {
  const name = 'Lighthousewithaverylongbeamandseveralgullsaboveitinthestorms';
  const design = await team.design(name, [step(name, '0:40'), step('Beam', '0:20')]);
  for (const path of ['/designs', `/designs/${design.id}`, '/practice', '/menu']) {
    await page.goto(path);
    await expect(page.getByText(name).or(page.getByText('No menu yet')).first()).toBeAttached();
    await expectNoSidewaysScroll(page);
  }
  const day = await team.runningDay(2, [design], ['Noor', undefined]);
  for (const path of [
    'events',
    `events/${day.id}`,
    `events/${day.id}/plan`,
    `events/${day.id}/packing`,
    `events/${day.id}/money`,
  ]) {
    await page.goto(`/${path}`);
    await expect(page.getByText('Dune fair').first()).toBeVisible();
    await page.waitForLoadState('networkidle');
    await expectNoSidewaysScroll(page);
  }
  await page.goto('/');
  for (const key of [
    'Seat No. 1 Noor',
    'All is well, begin',
    'Done, next step',
    'Done, face painted',
    'Seat No. 2',
  ]) {
    await expect(page.getByRole('button', { name: key })).toBeVisible();
    await expectNoSidewaysScroll(page);
    await bigKey(page, key);
  }
  await page.goto('/logbook');
  await expect(page.getByText('Sand bar').first()).toBeVisible();
  await expectNoSidewaysScroll(page);
});

test('the plan of an event', async ({ page, team }) => {
  const day = await team.runningDay(2, [await team.design('Wave band', steps())]);
  await page.goto(`/events/${day.id}/plan`);
  await expect(page.getByText('Will everyone be painted?')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Take it/ }).first()).toBeVisible();
  await page.getByText('More that moves the day').click();
  await page.getByText('Why').first().click();
  await expectGoodInEveryLight(page);
  await page.getByRole('link', { name: 'Packing' }).click();
  await expect(page.getByText('To buy or to find')).toBeVisible();
  await expectGood(page);
  await page.getByRole('link', { name: 'Before' }).click();
  await expect(page.getByText('The air, hour by hour')).toBeVisible();
  await expectGood(page);
  await page.getByRole('link', { name: 'Money' }).click();
  await expect(page.getByText('What a face has to cost')).toBeVisible();
  await expectGood(page);
});

test('the diary and the bags of two', async ({ page, team }) => {
  team.addPainter('Tobi');
  const day = await team.runningDay(1, [await team.design('Wave band', steps())]);
  await page.goto('/events');
  await page.getByRole('button', { name: 'Calendar' }).click();
  await page.getByRole('button', { name: 'Make a link' }).click();
  await expect(page.getByLabel('Private link')).toBeVisible();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'Again on other days' }).click();
  await expect(page.getByRole('button', { name: 'Make these 3 days' })).toBeVisible();
  await expectNoViolations(page);
  await page.keyboard.press('Escape');
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Fill it with a starter kit' }).click();
  await page.getByRole('button', { name: 'Tobi’s bag' }).click();
  await expect(page.getByText('No brushes yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Add to brushes' }).click();
  await page.getByLabel('What you call it').fill('round 4');
  await choose(page, 'In whose bag', 'Tobi');
  await expectNoViolations(page);
  await page.getByRole('button', { name: 'Put it in the kit' }).click();
  await expect(page.getByRole('button', { name: /round 4.*marked T/ })).toBeVisible();
  await expectGoodInEveryLight(page);
});

test('the menu, its room and its board', async ({ page, team }) => {
  const design = await team.design('Wave band', steps());
  await team.runningDay(1, [design]);
  await page.goto('/menu');
  await expect(page.getByText('No menu yet')).toBeVisible();
  await expectGoodInEveryLight(page);
  await page.getByLabel('A new menu, called').fill('Fairs');
  await page.getByRole('button', { name: 'Make the menu' }).click();
  await page.getByRole('button', { name: /Wave band/ }).click();
  await expect(page.getByLabel('Price of Wave band')).toBeVisible();
  await page.getByRole('button', { name: 'All right' }).click();
  await expectGood(page);
  await page.getByRole('link', { name: 'Board and cards' }).click();
  await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
  await expectGood(page);
});
