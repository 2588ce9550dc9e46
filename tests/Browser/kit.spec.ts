import type { DesignSheet, KitSheet } from '../../resources/js/api/types.gen';
import { choose, expect, step, test } from './team';

test('fills the bag, adds, changes and takes out, each with its way back', async ({ page, team }) => {
  const names = async () => (await team.get<KitSheet>('kit')).things.map(({ name }) => name);
  await page.goto('/kit');
  await page.getByRole('button', { name: 'Fill it with a starter kit' }).click();
  await expect(page.getByRole('button', { name: /^half sponge/ })).toBeVisible();
  await page.getByRole('button', { name: 'Add to split cakes' }).click();
  await page.getByLabel('What you call it').fill('tide cake');
  await page.getByLabel('Length in mm').fill('90');
  await page.getByRole('button', { name: 'Add a colour' }).click();
  await page.getByRole('button', { name: 'Put it in the kit' }).click();
  const lookOut = page.getByRole('region', { name: 'To look out for' });
  await expect(lookOut).toContainText('90 mm long, wider than every sponge');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(lookOut).toContainText('Nothing: all is for skin');
  expect(await names()).not.toContain('tide cake');

  await page.getByRole('button', { name: /^water pots/ }).click();
  await page.getByLabel('How many').fill('0');
  await page.getByRole('button', { name: 'Keep the change' }).click();
  await expect(lookOut).toContainText('None left.');
  await page
    .getByRole('button', { name: /^water pots/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Take it out of the kit' }).click();
  await expect(page.getByText('water pots is taken out.')).toBeVisible();
  expect(await names()).not.toContain('water pots');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(names).toContain('water pots');
});

test('a kit is taken out as a file, and brought in again where it lacks', async ({ page, team }) => {
  await team.send('post', 'kit/starter', {});
  const { things } = await team.get<KitSheet>('kit');
  await page.goto('/team');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'kit', exact: true }).click(),
  ]);
  expect(download.suggestedFilename()).toBe('kit.json');
  const gone = things.slice(0, 3);
  for (const { id } of gone) {
    await team.send('delete', `kit/${id}`, { anyway: true });
  }

  await page.goto('/kit');
  const bringIn = page.getByLabel('Bring in a file');
  await bringIn.setInputFiles(await download.path());
  await expect(page.getByText('3 things more, as that file has them.')).toBeVisible();
  const names = async () => (await team.get<KitSheet>('kit')).things.map(({ name }) => name).toSorted();
  expect(await names()).toEqual(things.map(({ name }) => name).toSorted());
  await bringIn.setInputFiles(await download.path());
  await expect(page.getByText('All of that is in the kit already.')).toBeVisible();
  await bringIn.setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('[{"kind": "bucket", "name": "blue"}]'),
  });
  await expect(page.getByText('/0/kind')).toBeVisible();
});

test('asks what takes the place of a thing that designs use', async ({ page, team }) => {
  await team.send('post', 'kit/starter', {});
  const design = await team.design('Wave band', [step('Wave', '0:30'), step('Foam', '0:10')]);
  await page.goto('/kit');
  await page.getByRole('button', { name: /^half sponge/ }).click();
  await page.getByRole('button', { name: 'Take it out of the kit' }).click();
  await expect(page.getByRole('dialog', { name: 'Take it out?' })).toContainText('Wave band Wave, Foam');
  await choose(page, 'What takes its place', 'round sponge');
  await page.getByRole('button', { name: 'Take it out, round sponge takes its place' }).click();
  const tools = async () =>
    (await team.get<DesignSheet>(`designs/${design.id}`)).steps.map(({ tool }) => tool);
  await expect.poll(tools).toEqual(['round sponge', 'round sponge']);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(tools).toEqual(['half sponge', 'half sponge']);
});

test('times the hands, and designs get longer with them', async ({ page, team }) => {
  const design = await team.design('Wave band', [
    step('Wave', '0:30'),
    step('Foam', '0:10', { tool: 'round sponge' }),
  ]);
  // Who times the strokes alone has the tool changes on top.
  await team.send('put', 'ways/timing', { timing: 'strokes_alone' });
  const total = async () => (await team.get<DesignSheet>(`designs/${design.id}`)).totalMs;
  expect(await total()).toBe(44_000);
  await page.goto('/kit');
  await page.getByRole('button', { name: /^Load a tool/ }).click();
  await page.getByRole('button', { name: 'Start', exact: true }).click();
  await page.getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('button', { name: /^Forget/ })).toHaveCount(1);
  await page.getByLabel('or type it, in seconds').fill('9.5');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('button', { name: /^Load a tool/ })).toContainText('9.5 s your own');
  await expect.poll(total).toBe(51_500);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /^Load a tool/ })).toContainText('2.0 s team’s estimate');
  await expect.poll(total).toBe(44_000);
});
