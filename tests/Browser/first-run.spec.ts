import type { DaySummary, DesignSheet, DesignTape, KitSheet } from '../../resources/js/api/types.gen';
import { expect, step, test } from './team';

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

test('the chair is shown on a made-up child, of whom nothing is kept; it can be skipped and taken again', async ({
  page,
  team,
}) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'a party' }).click();
  await page.getByRole('button', { name: 'one paints' }).click();
  await page.getByRole('button', { name: /^Crab nose/ }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByRole('button', { name: 'Show me round' }).click();
  const tour = page.getByRole('dialog', { name: 'A made-up child' });
  await tour.getByRole('button', { name: 'Seat No. 1 Mim' }).click();
  await tour.getByRole('button', { name: 'Skip the tour' }).click();
  await expect(tour).toBeHidden();

  // Again, from its beginning to its end.
  await page.getByRole('button', { name: 'Light, hand, sounds on this device' }).click();
  await page.getByRole('button', { name: 'A tour on a made-up child' }).click();
  await expect(tour.getByRole('button', { name: 'Undo' })).toBeDisabled();
  await tour.getByRole('button', { name: 'Seat No. 1 Mim' }).click();
  // The design is planned anew meanwhile, which the chair hears of.
  const [crab] = await team.get<DesignTape[]>('designs');
  const { revision, name, placement } = await team.get<DesignSheet>(`designs/${crab?.id ?? ''}`);
  const heard = page.waitForResponse(/\/plans$/);
  await team.send('put', `designs/${crab?.id ?? ''}`, {
    ...{ revision, name, placement, promise: '4:00' },
    steps: ['Shell', 'Claws', 'Legs', 'Eyes', 'Lights'].map((what) => step(what, '0:20')),
  });
  await heard;
  for (const key of ['All is well, begin', 'Done, next step', 'Done, next step', 'Undo', 'Quicker']) {
    await tour.getByRole('button', { name: key }).click();
  }
  await expect(tour.getByText('it still looks finished')).toBeVisible();
  const done = tour.getByRole('button', { name: 'Done, next step' });
  while (await done.isVisible()) {
    await done.click();
  }
  await tour.getByRole('button', { name: 'Child is off, chair free' }).click();
  await tour.getByRole('button', { name: 'To the chair' }).click();
  await expect(page.getByRole('heading', { name: 'Nobody is waiting' })).toBeVisible();
  const [day] = await team.get<DaySummary[]>('days/near');
  expect(await team.get(`days/${day?.id ?? ''}/line`)).toMatchObject({ ended: [], waiting: [] });
});
