import { BOUNCE_MS } from '../../resources/js/lib/bounce';
import { expect, openChair, pedal, step, test } from './team';

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
  await pedal(page);
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
  await pedal(page);
  await expect(page.getByText('paused')).toBeHidden();
});

test('moves the hook along the tape as the steps are done', async ({ page, team }) => {
  const design = await team.design('Seal pup', steps());
  await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await pedal(page);
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
  await pedal(page);
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
  await pedal(page);
  await other.goto('/');
  await expect(other.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.bringToFront();
  await pedal(page);
  await pedal(other);
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
  await pedal(page);
  await page.getByRole('button', { name: 'Child left' }).click();
  await expect(page.getByRole('heading', { name: 'No. 2 Emil' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  // Enough is the end of painting: the turnaround belongs to every child, and so does the question before the next one.
  await page.getByRole('button', { name: 'Enough, finish' }).click();
  await expect(page.getByRole('heading', { name: 'Mirror, photo, wipe down' })).toBeVisible();
  await expect(page.getByText(/Next No\. 2 Emil, Seal pup\. Ask about allergies/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
  await page.getByRole('button', { name: 'Enough, finish' }).click();
  await page.getByRole('button', { name: 'Seat No. 2 Emil' }).click();
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
    const big = page.getByRole('button', { name: /space bar|Seat|Done|Child is off/ });
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
    await expect(page.getByRole('heading', { name: 'Grey' })).toBeVisible();
    expect(await places()).toEqual(first);
    // The design stands there whole, however long the child's name.
    await expect(page.getByText(/An octopus brow with a very long name · step 1 of 3/)).toBeVisible();
    for (const heading of [/The second step/, 'Dots', 'Mirror, photo, wipe down', 'Grey']) {
      // A finger that bounces is one tap.
      const until = (await page.evaluate(() => performance.now())) + BOUNCE_MS;
      await page.waitForFunction((moment) => performance.now() > moment, until);
      await big.dblclick();
      await expect(page.getByRole('heading', { name: heading })).toBeVisible();
      expect(await places()).toEqual(first);
    }
  });
}
