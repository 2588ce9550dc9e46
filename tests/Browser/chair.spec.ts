import type { Plan } from '../../resources/js/api/types.gen';
import { BOUNCE_MS } from '../../resources/js/lib/bounce';
import { bigKey, expect, openChair, pedal, seat, step, test } from './team';

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
  await seat(page);
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await pedal(page);
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
    { kind: 'seated', at: Date.now() - 45_000, ticket: ticket?.id, chair: 1, plan: ticket?.planId },
    { kind: 'asked', at: Date.now() - 33_000, ticket: ticket?.id, answers: [] },
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
  await pedal(page);
  await expect(page.getByText('paused')).toBeHidden();
});

test('moves the hook along the tape as the steps are done', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await seat(page);
  const hook = page.getByRole('img', { name: /Seal pup, 1:15 planned/ }).locator('[data-hook]');
  await expect(hook).toHaveAttribute('data-hook', /^0:0\d$/);
  await pedal(page);
  await expect(hook).toHaveAttribute('data-hook', /^0:4\d$/);
  await pedal(page);
  await expect(hook).toHaveAttribute('data-hook', /^1:0\d$/);
});

test('means the big button by the space bar, whatever was touched last', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await seat(page);
  await page.getByRole('button', { name: 'Pause' }).click();
  await page.getByRole('button', { name: 'Go on' }).first().click();
  await page.getByRole('button', { name: 'Undo' }).focus();
  await pedal(page);
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
  await seat(page);
  await other.goto('/');
  await expect(other.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.bringToFront();
  // Before either has heard of the other.
  await second.setOffline(true);
  await pedal(other);
  await pedal(page);
  await expect(other.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await expect(other.getByText('No network.')).toBeVisible();
  await second.setOffline(false);
  await expect(other.getByText('No network.')).toBeHidden();
  await expect
    .poll(async () => (await team.line(day)).chairs[0]?.child?.steps.map(({ status }) => status))
    .toEqual(['done', 'pending', 'pending']);
});

test('lets a child go early, or leave, and takes it back', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(1, [design], ['Noor', 'Emil']);
  await openChair(page);
  await seat(page);
  await page.getByRole('button', { name: 'Child left' }).click();
  await expect(page.getByRole('heading', { name: 'No. 2 Emil' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  // Enough is the end of painting: the turnaround belongs to every child, and so does the question before the next one.
  await page.getByRole('button', { name: 'Enough, finish' }).click();
  await expect(page.getByRole('heading', { name: 'Mirror, photo, wipe down' })).toBeVisible();
  await expect(page.getByText(/Next No\. 2 Emil, Seal pup/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.getByRole('button', { name: 'Enough, finish' }).click();
  await bigKey(page, 'Seat No. 2 Emil');
  await bigKey(page, 'All is well, begin');
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
});

for (const [held, viewport] of [
  ['upright', { width: 390, height: 844 }],
  ['small and upright', { width: 360, height: 640 }],
  ['on its side', { width: 844, height: 390 }],
] as const) {
  test(`the keys stay where they are on a phone that is held ${held}`, async ({ page, team }) => {
    await page.setViewportSize(viewport);
    const design = await team.design('An octopus brow with a very long name', [
      step('Grey', '0:10'),
      step('The second step has a name that hardly fits on a phone at all, and a note', '0:10', {
        note: 'Press the sponge out well before it touches the skin, and turn it to the clean side afterwards.',
        optional: true,
      }),
      step('Dots', '0:10'),
    ]);
    const long = 'Maximiliana Theodora Wilhelmina';
    await team.runningDay(1, [design], [long, 'Emil']);
    await openChair(page, `No. 1 ${long}`);
    const big = page.getByRole('button', { name: /space bar|Seat|Done|Child is off|All is well/ });
    const others = ['Undo', 'Pause', 'Skip', 'Quicker', 'Enough, finish', 'Child left'];
    const places = async () =>
      Promise.all(
        [big, ...others.map((name) => page.getByRole('button', { name, exact: true }))].map((key) =>
          key.boundingBox(),
        ),
      );
    const first = await places();
    for (const box of first) {
      expect(box).not.toBeNull();
      // Whole on the screen, and large enough for a wet finger.
      expect(box?.y ?? -1).toBeGreaterThanOrEqual(0);
      expect((box?.y ?? 0) + (box?.height ?? 0)).toBeLessThanOrEqual(viewport.height);
      expect((box?.x ?? 0) + (box?.width ?? 0)).toBeLessThanOrEqual(viewport.width);
      expect(box?.height ?? 0).toBeGreaterThanOrEqual(56);
    }
    await big.click();
    await expect(page.getByRole('heading', { name: 'Ask first' })).toBeVisible();
    expect(await places()).toEqual(first);
    for (const heading of ['Grey', /The second step/, 'Dots', 'Mirror, photo, wipe down', 'Ask first']) {
      // A finger that bounces is one tap.
      const until = (await page.evaluate(() => performance.now())) + BOUNCE_MS;
      await page.waitForFunction((moment) => performance.now() > moment, until);
      await big.evaluate((key: HTMLElement) => {
        key.click();
        key.click();
      });
      await expect(page.getByRole('heading', { name: heading })).toBeVisible();
      expect(await places()).toEqual(first);
      if (heading === 'Grey') {
        // The design stands there whole, however long the child's name.
        await expect(page.getByText(/An octopus brow with a very long name · step 1 of 3/)).toBeVisible();
      }
    }
  });
}

test('asks first, leaves out what must not be painted, and keeps what was answered', async ({
  page,
  team,
}) => {
  const design = await team.design('Seal pup', [
    step('Grey base', '0:40'),
    step('Upper lip', '0:10', { medium: 'brush', tool: 'round 2', zones: ['upper_lip'] }),
    step('Dots', '0:20', { medium: 'brush', tool: 'round 2' }),
  ]);
  const day = await team.runningDay(1, [design], ['Noor', 'Emil']);
  await openChair(page);
  await pedal(page);
  await page.getByRole('button', { name: 'no lips' }).click();
  await expect(page.getByText('Without “Upper lip”.')).toBeVisible();
  await page.getByRole('button', { name: 'skin or sickness' }).click();
  await expect(page.getByText(/this is not painted\. Offer an arm/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Not painted, chair free' })).toBeVisible();
  await page.getByRole('button', { name: 'skin or sickness' }).click();
  await page.getByRole('button', { name: 'Begin like that' }).click();
  await expect(page.getByText('Then dots')).toBeVisible();
  await expect
    .poll(async () => {
      const child = (await team.line(day)).chairs[0]?.child;

      return [child?.cautions, child?.steps.map(({ status }) => status)];
    })
    .toEqual([['lips'], ['pending', 'skipped', 'pending']]);
});

test('the turnaround in its parts, with a card that is declined, and cash with change', async ({
  page,
  team,
}) => {
  const design = await team.design('Seal pup', [step('Grey base', '0:40')]);
  const day = await team.runningDay(1, [design], ['Noor', 'Emil']);
  await team.send('put', `days/${day.id}/menu`, {
    items: [{ designId: design.id, promise: '1:30', priceCents: 450 }],
  });
  await openChair(page);
  await seat(page);
  await pedal(page);
  const after = page.getByRole('list', { name: 'After the face' });
  await after.getByRole('button', { name: 'Mirror' }).click();
  await expect(after.getByRole('button', { name: 'Mirror' })).toBeDisabled();
  await after.getByRole('button', { name: 'Pay' }).click();
  const sheet = page.getByRole('dialog', { name: 'Pay €4.50' });
  await sheet.getByRole('button', { name: 'declined' }).click();
  await sheet.getByRole('button', { name: 'Ask the reader' }).click();
  await expect(sheet.getByText('The card was declined. Another card, or cash.')).toBeVisible();
  await sheet.getByRole('button', { name: '€10' }).click();
  await expect(sheet.getByText('Back €5.50')).toBeVisible();
  await sheet.getByRole('button', { name: 'Given back, paid' }).click();
  await expect(after.getByRole('button', { name: 'Pay' })).toBeDisabled();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.parts).toEqual(['mirror', 'pay']);
  // Undo, for a tap that was wrong.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(after.getByRole('button', { name: 'Pay' })).toBeEnabled();
});

test('wipes a step off, says why one pauses, and changes the design half-way', async ({ page, team }) => {
  const seal = await team.design('Seal pup', [step('Grey base', '0:40'), step('Dots', '0:20')]);
  const crab = await team.design('Crab nose', [step('Red base', '0:30')]);
  const day = await team.runningDay(1, [seal, crab], ['Noor']);
  await openChair(page);
  await seat(page);
  await pedal(page);
  await page.getByRole('button', { name: 'Grey base once more' }).click();
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.getByRole('button', { name: 'Pause' }).click();
  await page.getByRole('button', { name: 'it will not dry' }).click();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.pausedFor).toBe('dry');
  await page.getByRole('button', { name: 'Another design' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Crab nose/ })
    .click();
  await expect(page.getByRole('heading', { name: 'Red base' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
});

test('a left hand has its keys on the left, and the sun its own light', async ({ page, team }) => {
  const design = await team.design('Seal pup', [step('Grey base', '0:40')]);
  await team.runningDay(1, [design], ['Noor']);
  await page.setViewportSize({ width: 1280, height: 800 });
  await openChair(page);
  const key = page.getByRole('button', { name: /Seat No\. 1/ });
  expect((await key.boundingBox())?.x ?? 0).toBeGreaterThan(900);
  await page.getByRole('button', { name: /Light, hand, sounds/ }).click();
  await page.getByRole('button', { name: 'Left', exact: true }).click();
  await page.getByRole('button', { name: 'Bright sun' }).click();
  await page.keyboard.press('Escape');
  expect((await key.boundingBox())?.x ?? 1280).toBeLessThan(300);
  await page.reload();
  await expect(key).toBeVisible();
  expect((await key.boundingBox())?.x ?? 1280).toBeLessThan(300);
  await expect(page.locator('html')).toHaveCSS('background-color', 'rgb(255, 255, 255)');
});

test('takes two steps done as one, and one that is finished after the next', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await seat(page);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys of the chair' })).toContainText(
    'until the next is done',
  );
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.keyboard.press('l');
  await expect(page.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.getByRole('button', { name: 'Painted together with Whisker dots' }).click();
  await expect(page.getByRole('heading', { name: 'Mirror, photo, wipe down' })).toBeVisible();
  const painted = async () => (await team.line(day)).chairs[0]?.child?.steps.map(({ status }) => status);
  await expect.poll(painted).toEqual(['done', 'done', 'done']);
  await page.keyboard.press('u');
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
});

test('says how long to hold still, when what lies below is dry, and goes by the air at the chair', async ({
  page,
  team,
}) => {
  const white = step('Shell white', '0:20', {
    medium: 'brush',
    technique: 'fill',
    tool: 'wash',
    colours: [{ name: 'white', hex: '#ffffff' }],
  });
  const red = step('Red stripes on the shell', '0:10', {
    medium: 'brush',
    technique: 'line',
    tool: 'round 4',
    colours: [{ name: 'red', hex: '#d02020' }],
  });
  const lid = step('Lash dots', '0:12', {
    medium: 'brush',
    technique: 'dots',
    tool: 'round 1',
    zones: ['eyelid'],
    colours: [{ name: 'black', hex: '#101010' }],
  });
  const design = await team.design('Crab nose', [white, red, lid]);
  const day = await team.runningDay(1, [design], ['Noor', 'Wren']);
  const whiteDries = async () => {
    const plan = (await team.line(day)).designs[0]?.planId;
    const plans = await team.get<Plan[]>(`days/${day.id}/plans`);

    return plans.find(({ id }) => id === plan)?.steps[1]?.films[0]?.leastMs ?? 0;
  };
  const usual = await whiteDries();
  expect(usual).toBeGreaterThan(20_000);
  await openChair(page);
  await seat(page);
  const now = page.getByRole('region', { name: 'The step now' });
  await expect(now).not.toContainText('Hold still');
  await pedal(page);
  // Red turns on wet white: it has to be dry.
  await expect(now).toContainText(/Shell white dry in 0:[23]\d/);
  await pedal(page);
  await expect(now).toContainText(/Hold still · 0:1\d/);
  await pedal(page);

  await page.getByRole('button', { name: /The air at the chair/ }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Degrees').fill('30');
  await sheet.getByLabel('Humidity %').fill('30');
  await sheet.getByLabel('Wind m/s').fill('3');
  await sheet.getByRole('button', { name: 'Reckon with it' }).click();
  await expect(sheet).toContainText('times as fast');
  await sheet.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('button', { name: /The air at the chair/ })).toHaveText('30°');
  // The next child's white is dry sooner, as soon as a worker has planned it so.
  await expect.poll(() => whiteDries(), { timeout: 20_000 }).toBeLessThan(usual * 0.6);
  await expect(page.getByRole('button', { name: /^Seat No. 2 Wren/ })).toBeEnabled();
});
