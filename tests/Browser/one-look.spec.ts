import type { DesignSheet } from '../../resources/js/api/types.gen';
import { expect, night, step, test } from './team';

const steps = () =>
  ['Base', 'Wave', 'Foam', 'Spray', 'Gulls', 'Boat', 'Sail', 'Mast', 'Glow', 'Stars', 'Glitter'].map((name) =>
    step(name, '0:15'),
  );
const names = (sheet: DesignSheet) => sheet.steps.map(({ name }) => name);

test('the whole design and the chosen step stand on one screen', async ({ page, team }) => {
  const design = await team.design('Harbour night', steps());
  await page.goto(`/designs/${design.id}`);
  await page.getByRole('button', { name: /^7 Sail, 0:15/ }).click();
  const seen = [
    page.getByLabel('Name of the design'),
    page.getByRole('button', { name: 'Undo' }),
    page.getByText('Saved'),
    page.getByRole('button', { name: 'Best order' }),
    page.getByRole('img', { name: /^Harbour night, \d:\d\d in 11 steps/ }),
    page.getByRole('img', { name: /^Harbour night, painted in 11 steps/ }),
    page.getByLabel('In one line'),
    page.getByLabel('New line'),
    page.getByRole('tab', { name: /^Craft/ }),
  ];
  for (const one of seen) await expect(one).toBeInViewport({ ratio: 0.9 });
  expect(await page.evaluate(() => document.documentElement.scrollHeight - innerHeight)).toBeLessThanOrEqual(
    0,
  );
});

test('the bench is driven with the keys alone', async ({ page, team }) => {
  const design = await team.design('Wave band', steps().slice(0, 3));
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await page.goto(`/designs/${design.id}`);
  const row = (name: RegExp) => page.getByRole('list').getByRole('button', { name });
  await expect(row(/^1 Base/)).toBeFocused();

  await page.keyboard.press('ArrowDown');
  await expect(row(/^2 Wave/)).toBeFocused();
  await page.keyboard.press('Tab');
  await expect(page.getByLabel('In one line')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('Swell: round 4 blue swirl on the cheek left side, 22s');
  await page.keyboard.press('Enter');
  await expect.poll(async () => names(await saved())).toEqual(['Base', 'Swell', 'Foam']);
  await page.keyboard.press('Escape');
  await expect(row(/^2 Swell/)).toBeFocused();

  // A new line right below, which gives the focus on to its step.
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('New line')).toBeFocused();
  await page.keyboard.type('Gulls: round 2 white lines on the temple, 9s');
  await page.keyboard.press('Enter');
  await expect(row(/^3 Gulls/)).toBeFocused();
  await expect.poll(async () => names(await saved())).toEqual(['Base', 'Swell', 'Gulls', 'Foam']);

  await page.keyboard.press('Alt+ArrowUp');
  await expect(row(/^2 Gulls/)).toBeFocused();
  await expect.poll(async () => names(await saved())).toEqual(['Base', 'Gulls', 'Swell', 'Foam']);
  await page.keyboard.press('Delete');
  await expect(row(/^2 Swell/)).toBeFocused();
  await expect.poll(async () => names(await saved())).toEqual(['Base', 'Swell', 'Foam']);
  await page.keyboard.press('ControlOrMeta+z');
  await page.keyboard.press('ControlOrMeta+y');
  await page.keyboard.press('ControlOrMeta+z');
  await expect.poll(async () => names(await saved())).toEqual(['Base', 'Gulls', 'Swell', 'Foam']);

  // The line at the end is ready for one after another, and what stands in it half typed is not lost.
  await row(/^4 Foam/).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('New line')).toBeFocused();
  await page.keyboard.type('Glow: sponge white on the chin, 10s');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('New line')).toHaveValue('');
  await page.keyboard.type('half a word');
  await row(/^1 Base/).click();
  await expect(page.getByLabel('New line')).toHaveValue('half a word');
  await expect.poll(async () => names(await saved())).toEqual(['Base', 'Gulls', 'Swell', 'Foam', 'Glow']);
  await row(/^1 Base/).focus();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys of the bench' })).toBeVisible();
});

test('a tap on the picture puts the step there, and takes it away again, in the words of its line', async ({
  page,
  team,
}) => {
  const design = await team.design('Wave band', [
    step('Base', '0:15'),
    step('Rim', '0:15', { zones: ['chin'] }),
  ]);
  const zones = async () => (await team.get<DesignSheet>(`designs/${design.id}`)).steps[0]?.zones;
  await page.goto(`/designs/${design.id}`);
  const zone = (name: string) => page.locator(`[data-zone="${name}"]`);
  await zone('chin middle').click();
  await expect.poll(zones).toEqual(['cheek', 'chin']);
  await expect(page.getByLabel('In one line')).toHaveValue(/cheek chin/);
  await zone('chin middle').click();
  await expect.poll(zones).toEqual(['cheek']);
  // Its last place stays: a step is somewhere.
  await page
    .getByRole('list')
    .getByRole('button', { name: /^2 Rim/ })
    .click();
  await zone('chin middle').click();
  await expect(page.getByLabel('In one line')).toHaveValue(/chin/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(zones).toEqual(['cheek', 'chin']);
});

test('what the craft says is shown on tape and picture while one looks at it', async ({ page, team }) => {
  const design = await team.design('Night sky', night());
  await page.goto(`/designs/${design.id}`);
  const finding = page.getByRole('region', { name: 'What the craft says' }).getByRole('listitem').first();
  await expect(finding).toBeVisible();
  const piece = page.getByRole('button', { name: /^2 Stars, \d:/ });
  await expect(piece).not.toHaveClass(/outline-brass/);
  await finding.hover();
  await expect(piece).toHaveClass(/outline-brass/);
  await page.mouse.move(400, 30);
  await expect(piece).not.toHaveClass(/outline-brass/);
});

test('a mark on the picture is pulled to another hour, larger, and turned, in the words of its line', async ({
  page,
  team,
}) => {
  const design = await team.design('Starfish', [
    step('Star', '0:20', {
      medium: 'brush',
      technique: 'fill',
      tool: 'round 4',
      shape: 'starfish',
      side: 'left',
    }),
  ]);
  const saved = async () => (await team.get<DesignSheet>(`designs/${design.id}`)).steps[0];
  await page.goto(`/designs/${design.id}`);
  const pull = async (grip: string, x: number, y: number) => {
    const box = await page.locator(`[data-grip="${grip}"]`).boundingBox();
    if (box === null) throw new Error(`There is no ${grip}.`);
    const [fromX, fromY] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(fromX, fromY);
    await page.mouse.down();
    await page.mouse.move(fromX + x, fromY + y, { steps: 6 });
    await page.mouse.up();
  };
  const line = page.getByLabel('In one line');
  // A tap on it means the place that it stands on, and a step's last place stays.
  await page.locator('[data-grip="middle"]').click();
  await pull('corner', 30, 30);
  await expect.poll(async () => (await saved())?.sizePercent).toBeGreaterThan(110);
  await expect(line).toHaveValue(/size 1\d\d%/);
  await pull('top', 60, 30);
  await expect.poll(async () => (await saved())?.turnDegrees).toBeGreaterThan(20);
  await expect(line).toHaveValue(/turn \d\d/);
  await pull('middle', 0, 60);
  await expect
    .poll(async () => (await saved())?.guides.map(({ by, value }) => [by, value]))
    .toEqual([['clock', '6']]);
  await expect(line).toHaveValue(/at 6 o'clock/);
  for (let undo = 0; undo < 3; undo++) await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => [(await saved())?.sizePercent, (await saved())?.guides]).toEqual([100, []]);
});

test('the picture is looked at closely, on another face, and a finger goes on to the next step', async ({
  page,
  team,
}) => {
  const design = await team.design('Harbour night', steps());
  await page.goto(`/designs/${design.id}`);
  const picture = page.getByRole('img', { name: /^Harbour night, painted in 11 steps/ });
  const width = async () => Number((await picture.getAttribute('viewBox'))?.split(' ')[2]);
  const whole = await width();
  await page.getByRole('button', { name: 'close', exact: true }).click();
  await expect.poll(width).toBeLessThan(whole * 0.8);
  await page.getByRole('button', { name: 'close', exact: true }).click();
  await expect.poll(width).toBe(whole);

  await page.getByRole('button', { name: /^Who sits/ }).click();
  await page.getByRole('button', { name: 'dark skin, black curls', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Who sits: dark skin, black curls' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Who sits: dark skin, black curls' })).toBeVisible();

  await page.setViewportSize({ width: 390, height: 844 });
  await expect(page.getByRole('button', { name: 'Steps 1 of 11' })).toBeVisible();
  await picture.evaluate((element) => {
    const touch = (type: string, clientX: number, name: string) =>
      element.dispatchEvent(
        Object.assign(new Event(type, { bubbles: true, cancelable: true }), {
          [name]: [{ clientX, clientY: 300 }],
        }),
      );
    touch('touchstart', 300, 'touches');
    touch('touchend', 180, 'changedTouches');
  });
  await expect(page.getByRole('button', { name: 'Steps 2 of 11' })).toBeVisible();
});

test('strokes are pulled to what they aim at, and the line says it', async ({ page, team }) => {
  const design = await team.design('Wave band', [
    step('Base', '0:15'),
    step('Tears', '0:15', {
      medium: 'brush',
      tool: 'round 3',
      technique: 'teardrop',
      zones: ['cheek'],
      side: 'left',
      count: 3,
    }),
  ]);
  await page.goto(`/designs/${design.id}`);
  await page
    .getByRole('list')
    .getByRole('button', { name: /^2 Tears/ })
    .click();
  const grip = page.locator('[data-grip=aim]');
  const box = await grip.boundingBox();
  const [x, y] = [(box?.x ?? 0) + (box?.width ?? 0) / 2, (box?.y ?? 0) + (box?.height ?? 0) / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  // Straight up and out from the cheek: to an angle, as no point of the face lies there.
  await page.mouse.move(x + 60, y - 160, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByLabel('In one line')).toHaveValue(/, (?:at -?\d+ degrees|aim [a-z ]+),/);
  const kept = () => team.get<DesignSheet>(`designs/${design.id}`);
  await expect.poll(async () => (await kept()).steps[1]?.guides.length).toBe(1);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => (await kept()).steps[1]?.guides.length).toBe(0);
});

test('several designs are chosen, tagged, put on a menu and put away together', async ({ page, team }) => {
  const [wave, seal] = [await team.design('Wave band', steps()), await team.design('Seal pup', steps())];
  await team.design('Storm cloud', steps());
  const menu = await team.send<{ id: string }>('post', 'menus', {
    name: 'Fair',
    offers: [{ designId: wave.id, rung: null, promiseMs: null, priceCents: 500, group: null }],
  });
  await page.goto('/designs');
  await page.getByRole('button', { name: 'More for Wave band' }).click();
  await page.getByRole('menuitem', { name: 'Choose with others' }).click();
  await page.getByRole('checkbox', { name: 'Choose Seal pup' }).check();
  await expect(page.getByText('2 chosen')).toBeVisible();

  await page.getByLabel('Tag for the chosen designs').fill('sea');
  await page.getByRole('button', { name: 'Tag', exact: true }).click();
  await expect(page.getByText('are tagged “sea”.')).toBeVisible();
  await page.getByRole('button', { name: 'Put the chosen designs on a menu' }).click();
  await page.getByRole('menuitem', { name: 'Fair' }).click();
  await expect
    .poll(async () =>
      (await team.get<{ offers: { designId: string }[] }>(`menus/${menu.id}`)).offers.map(
        ({ designId }) => designId,
      ),
    )
    .toEqual([wave.id, seal.id]);
  await page.getByRole('button', { name: 'Put away', exact: true }).click();
  await expect(page.getByText(/are put away\.$/)).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Wave band' })).toBeHidden();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'Wave band' })).toBeVisible();

  await page.getByRole('button', { name: 'Done' }).click();
  await page.keyboard.press('?');
  const keys = page.getByRole('dialog', { name: 'Keys of the shelf' });
  await expect(keys).toBeVisible();
  await page.keyboard.press('Escape');
  // Keys that are pressed in a dialog are the dialog's, as long as it goes.
  await expect(keys).toBeHidden();
  await page.keyboard.press('/');
  await expect(page.getByLabel('Find', { exact: true })).toBeFocused();
});

test('the strokes of a design are drilled, the weakest first', async ({ page, team }) => {
  await team.design('Wave band', [
    step('Base', '0:20'),
    step('Tears', '0:15', { medium: 'brush', tool: 'round 3', technique: 'teardrop', zones: ['cheek'] }),
  ]);
  await page.goto('/practice');
  await page.getByRole('button', { name: /^Wave band/ }).click();
  const strokes = page.getByRole('region', { name: 'The strokes of this design' });
  await expect(strokes.getByRole('listitem')).toHaveText([/^Base/, /^Tears/]);
  await strokes.getByRole('button', { name: /^Tears/ }).click();
  await expect(page.getByRole('heading', { name: 'Tears, Wave band' })).toBeVisible();
  await strokes.getByRole('button', { name: 'drill: three teardrops' }).click();
  await expect(page.getByRole('heading', { name: 'Three teardrops' })).toBeVisible();
});
