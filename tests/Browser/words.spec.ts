import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import type { DesignSheet } from '../../resources/js/api/types.gen';
import { allOfIt, expect, pedal, step, stepLines, test } from './team';

const typed = (page: Page) => page.getByLabel('Type or paste it as you say it');

async function expectNoViolations(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag22aa']).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`)).toEqual([]);
}

test('a pasted list becomes tape and picture while typing, with the same question in two lines, each answered by a tap', async ({
  page,
  team,
}) => {
  await page.goto('/designs');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByText('your own words').click();
  await typed(page).fill(
    'Harbour light\n- sponge white cheek 2\n- sponge white cheek 2\n- thin red stripes, when dry, 8s',
  );
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('2 what?')).toHaveCount(2);
  await expect(dialog.getByRole('img', { name: /^The lines as a tape/ })).toBeVisible();
  await expect(dialog.getByRole('img', { name: /^What the lines come to/ })).toBeVisible();
  await expect(dialog.getByRole('radio', { name: 'cheek', exact: true })).toBeChecked();
  await expectNoViolations(page);

  await dialog.getByRole('button', { name: '2 coats' }).first().click();
  await expect(typed(page)).toHaveValue(/- sponge white cheek 2 coats\n- sponge white cheek 2\n/);
  await expect(dialog.getByText('2 what?')).toHaveCount(1);
  await dialog.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(page.getByLabel('Name of the design')).toHaveValue('Harbour light');
  const [design] = await team.get<{ id: string; name: string }[]>('designs');
  const sheet = await team.get<DesignSheet>(`designs/${design?.id ?? ''}`);
  expect(sheet.placement).toBe('cheek');
  expect(sheet.steps.map(({ name, coats, time }) => [name, coats, time])).toEqual([
    ['White cheek', 2, ''],
    ['White cheek', 1, '2:00'],
    ['Red stripes', 1, '0:08'],
  ]);
});

test('what was assumed is changed by one tap, with the keys', async ({ page, team }) => {
  expect(await team.get('designs')).toEqual([]);
  await page.goto('/designs');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByText('your own words').click();
  await typed(page).fill('half sponge blue on the cheek\nthin lines on top');
  await page.getByRole('button', { name: /Assumed, colour: black/ }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('group', { name: 'Instead of black' }).getByRole('button', { name: 'white' }).focus();
  await pedal(page);
  await expect(typed(page)).toHaveValue('half sponge blue on the cheek\nthin lines on top, in white');
  await expect(page.getByRole('button', { name: /Assumed, colour/ })).toHaveCount(0);
});

test('nothing that is pasted breaks the page or blocks the way', async ({ page, team }) => {
  expect(await team.get('designs')).toEqual([]);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  await page.goto('/designs');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Any');
  await page.getByText('your own words').click();
  const button = page.getByRole('button', { name: 'Put it on the bench' });
  for (const text of ['🌊🐙', '<b>white dots</b>', 'x'.repeat(5000), 'إسفنج أبيض', '']) {
    await typed(page).fill(text);
    await expect(button).toBeEnabled();
  }
  await typed(page).fill('white dots 5s\n'.repeat(500));
  await expect(page.getByText('These are 500 steps, and a design holds 120.')).toBeVisible();
  await button.click();
  await expect(page.getByRole('alert')).toContainText('A design holds 120 at most');
  await expect(typed(page)).toHaveValue(/white dots/);
  await typed(page).fill('white dots 5s\n🌊🐙\nwhite dots 5s');
  await button.click();
  await expect((await stepLines(page)).getByRole('button', { name: /^1 / })).toHaveAttribute(
    'aria-current',
    'true',
  );
  expect(errors).toEqual([]);
});

test('lines pasted on the bench go on from the steps above, and bring their pins', async ({ page, team }) => {
  const design = await team.design('Wave band', [
    step('Boat', '0:20', {
      medium: 'brush',
      tool: 'round 4',
      technique: 'fill',
      side: 'left',
      shape: 'boat',
    }),
  ]);
  await page.goto(`/designs/${design.id}`);
  await (await stepLines(page)).getByRole('button', { name: 'Type or paste lines' }).click();
  await typed(page).fill('outline the boat, 8s\nwhite dots last, sparkly');
  await page.getByRole('button', { name: 'Add 2 steps' }).click();
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await expect.poll(async () => (await saved()).steps.length).toBe(3);
  const sheet = await saved();
  expect(sheet.steps[1]).toMatchObject({
    technique: 'outline',
    shape: 'boat',
    side: 'left',
    zones: ['cheek'],
  });
  expect(sheet.pins).toEqual([{ kind: 'last', steps: [sheet.steps[2]?.id] }]);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(async () => [(await saved()).steps.length, (await saved()).pins.length]).toEqual([1, 0]);
});

test('a typed line becomes its step in its words, and form and line agree', async ({ page, team }) => {
  const design = await team.design('Wave band', [step('Base', '0:40'), step('Wave', '0:30')]);
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await page.goto(`/designs/${design.id}`);
  const line = page.getByLabel('In one line');
  await expect(line).toHaveValue('Base: half sponge sea grey cheek both sides, 0:40');
  await line.fill('sponge pearl white frilly muzle, 2 coats, 35s, optional');
  await line.press('Enter');
  await expect
    .poll(async () => (await saved()).steps[0])
    .toMatchObject({ name: 'frilly', zones: ['muzzle'], coats: 2 });
  await expect(line).toHaveValue('frilly: sponge pearl white muzzle left side, 2 coats, 0:35, optional');
  const form = await allOfIt(page);
  await expect(form.getByLabel('What', { exact: true })).toHaveValue('frilly');
  await form.getByLabel('Time').fill('50s');
  await form.getByLabel('Time').press('Enter');
  await expect(form.getByLabel('Time')).toHaveValue('0:50');
  await page.keyboard.press('Escape');
  await expect(line).toHaveValue('frilly: sponge pearl white muzzle left side, 2 coats, 0:50, optional');
  await page.keyboard.press('Control+z');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line).toHaveValue('Base: half sponge sea grey cheek both sides, 0:40');
});

test('a typed line belongs to its step, whatever is pressed next', async ({ page, team }) => {
  const design = await team.design('Wave band', [step('Base', '0:40'), step('Wave', '0:30')]);
  const saved = () => team.get<DesignSheet>(`designs/${design.id}`);
  await page.goto(`/designs/${design.id}`);
  const choose = async (name: RegExp) => (await stepLines(page)).getByRole('button', { name }).click();
  for (const turn of [1, 2, 3]) {
    await choose(/^1 /);
    await page.getByLabel('In one line').fill(`turn ${String(turn)}: sponge white nose, ${String(turn)}1s`);
    const line = (await stepLines(page)).getByLabel('New line');
    await line.fill(`another: sponge blue chin, ${String(turn)}2s`);
    await line.press('Enter');
    await expect.poll(async () => (await saved()).steps.length).toBe(2 + turn);
    await expect
      .poll(async () => (await saved()).steps[0])
      .toMatchObject({ time: `0:${String(turn)}1`, zones: ['nose'] });
    expect(
      (await saved()).steps
        .slice(1)
        .filter(({ name, time }) => name.startsWith('turn') || time.endsWith('1')),
    ).toEqual([]);
  }
  // Away and back before it can be read: it is there still.
  await page.route('**/api/step-lists', (route) => route.abort());
  await choose(/^1 /);
  await page.getByLabel('In one line').fill('sponge blue chin 12s');
  await choose(/^2 /);
  await choose(/^1 /);
  await expect(page.getByLabel('In one line')).toHaveValue('sponge blue chin 12s');
  await page.unroute('**/api/step-lists');
  await page.getByLabel('In one line').press('Enter');
  await expect.poll(async () => (await saved()).steps[0]).toMatchObject({ zones: ['chin'], time: '0:12' });
});

test('the kit’s paints and tools are at hand, and ninety is a minute and a half', async ({ page, team }) => {
  const kit = {
    howMany: 1,
    paintKind: null,
    finish: null,
    gramsLeft: null,
    lengthMm: null,
    widthMm: null,
    reservedFor: '',
  };
  const flags = { skinSafe: true, latex: false, gel: false, selfStick: false };
  await team.send('post', 'kit', {
    ...kit,
    ...flags,
    kind: 'paint',
    name: 'lamp yellow',
    colours: [{ name: '', hex: '#f6c945' }],
  });
  await team.send('post', 'kit', { ...kit, ...flags, kind: 'sponge', name: 'petal sponge', colours: [] });
  const design = await team.design('Wave band', [step('Base', '0:40')]);
  const saved = async () => (await team.get<DesignSheet>(`designs/${design.id}`)).steps[0];
  await page.goto(`/designs/${design.id}`);
  const form = await allOfIt(page);
  await form.getByRole('button', { name: 'Add a colour' }).click();
  await form.getByLabel('Name of colour 2').fill('Lamp yellow');
  await form.getByLabel('Name of colour 2').press('Enter');
  await expect.poll(async () => (await saved())?.colours[1]).toEqual({ name: 'lamp yellow', hex: '#f6c945' });
  await expect(page.locator('datalist option[value="petal sponge"]')).toHaveCount(1);
  await page.keyboard.press('Escape');
  await page.getByRole('tab', { name: /^Table/ }).click();
  await page.getByRole('button', { name: 'Add sea grey paint to the kit' }).click();
  await expect(page.getByText('sea grey is in the kit.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Add sea grey paint to the kit' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Take it out again' }).click();
  await expect(page.getByRole('button', { name: 'Add sea grey paint to the kit' })).toBeVisible();
  const again = await allOfIt(page);
  await again.getByLabel('Time').fill('90');
  await again.getByLabel('Time').press('Enter');
  await again.getByRole('button', { name: 'Make it 1:30' }).click();
  await expect.poll(async () => (await saved())?.time).toBe('1:30');
});

test('begins a design with a worked one', async ({ page, team }) => {
  await page.goto('/designs');
  await page.getByRole('button', { name: 'New design' }).click();
  await page.getByText('a worked design').click();
  await page.getByRole('dialog').getByText('Puffin mask').click();
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(page.getByLabel('Name of the design')).toHaveValue('Puffin mask');
  await expect
    .poll(async () => (await team.get<{ name: string }[]>('designs')).map(({ name }) => name))
    .toEqual(['Puffin mask']);
});
