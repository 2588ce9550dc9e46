import type { DaySummary, DesignTape, KitSheet } from '../../resources/js/api/types.gen';
import { expect, test } from './team';

/** From the sign-in to the first step; nothing is typed. */
const MOST_TAPS = 12;

test('a new team comes to the first step in the chair with a few taps and no typing', async ({
  page,
  team,
}) => {
  await page.goto('/');
  let taps = 0;
  const tap = async (name: string | RegExp) => {
    taps += 1;
    await page.getByRole('button', { name }).click();
  };
  await expect(page.getByRole('button', { name: /^Still to tap: where you paint/ })).toBeDisabled();
  await tap('a festival');
  await tap('2 paint');
  await tap(/^Wave band/);
  await tap(/^Crab nose/);
  await tap('Begin');
  await expect(page.getByRole('heading', { name: 'Nobody is waiting' })).toBeVisible();
  await tap(/^Crab nose/);
  await expect(page.getByRole('heading', { name: 'Ask first' })).toBeVisible();
  await tap(/^All is well/);
  await expect(page.getByText('step 1 of 6')).toBeVisible();
  expect(taps).toBeLessThanOrEqual(MOST_TAPS);

  // Once a child sits there it is the team's own, and is not offered to be thrown away.
  await expect(page.getByRole('button', { name: 'Throw it all away' })).toBeHidden();
  const [day] = await team.get<DaySummary[]>('days/near');
  expect(day).toMatchObject({ name: 'A festival', chairs: 2 });
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('heading', { name: 'No. 1' })).toBeVisible();
});

test('what a new team was given can be thrown away, and begun again', async ({ page, team }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'just practising' }).click();
  await page.getByRole('button', { name: 'one paints' }).click();
  await page.getByRole('button', { name: /^Starfish/ }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('Set up: a starter kit, a design and this line.')).toBeVisible();
  expect((await team.get<KitSheet>('kit')).things.length).toBeGreaterThan(20);

  await page.getByRole('button', { name: 'Throw it all away' }).click();
  await expect(page.getByRole('heading', { name: /^Three taps/ })).toBeVisible();
  expect(await team.get<DesignTape[]>('designs')).toEqual([]);
  expect((await team.get<KitSheet>('kit')).things).toEqual([]);
  expect(await team.get<DaySummary[]>('days/near')).toEqual([]);
});
