import type { DesignSheet } from '../../resources/js/api/types.gen';
import { expect, readyForOffline, step, test } from './team';

test('a design edited out of reach survives a reload and is sent by itself', async ({
  page,
  context,
  team,
}) => {
  const design = await team.design('Wave band', [step('Wave', '0:40')]);
  await page.goto(`/designs/${design.id}`);
  await readyForOffline(page);
  await page.reload();
  const name = page.getByLabel('Name of the design');
  await expect(name).toHaveValue('Wave band');

  await context.setOffline(true);
  await name.fill('Storm band');
  await name.press('Enter');
  await name.blur();
  await expect(page.getByText('Your changes are on this screen')).toBeVisible();
  await page.reload();
  await expect(name).toHaveValue('Storm band');

  await context.setOffline(false);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible({ timeout: 30_000 });
  expect((await team.get<DesignSheet>(`designs/${design.id}`)).name).toBe('Storm band');
});

test('what was left unsaved on a bench is sent from any room', async ({ page, context, team }) => {
  const design = await team.design('Wave band', [step('Wave', '0:40')]);
  await page.goto(`/designs/${design.id}`);
  await readyForOffline(page);
  const name = page.getByLabel('Name of the design');
  await context.setOffline(true);
  await name.fill('Storm band');
  await name.blur();
  await expect(page.getByText('Your changes are on this screen')).toBeVisible();
  await page.getByRole('link', { name: 'Events' }).click();
  await context.setOffline(false);

  await expect
    .poll(async () => (await team.get<DesignSheet>(`designs/${design.id}`)).name, { timeout: 30_000 })
    .toBe('Storm band');
});
