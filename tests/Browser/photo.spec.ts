import type { BoardLinkShown } from '../../resources/js/api/types.gen';
import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { step, test } from './team';

const axe = async (page: Page) => expect((await new AxeBuilder({ page }).analyze()).violations).toEqual([]);

/** A photo as a page can make one: wider than high, red on its left and blue on its right. */
const taken = (dataUrl: string) => ({
  name: 'wave.jpg',
  mimeType: 'image/jpeg',
  buffer: Buffer.from(dataUrl.split(',')[1] ?? '', 'base64'),
});

test('an own photo is cut, kept, shown to parents where the owner says so, deleted and brought back', async ({
  page,
  browser,
  team,
}) => {
  const wave = await team.design('Wave band', [step('Wave', '0:40'), step('Foam', '0:20')]);
  const day = await team.runningDay(1, [wave], ['Noor']);
  const { address } = await team.send<BoardLinkShown>('put', `days/${day.id}/board`, { showsNames: false });
  await page.goto(`/designs/${wave.id}`);
  const photo = taken(
    await page.evaluate(() => {
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [1600, 900];
      const dots = canvas.getContext('2d');
      for (const [colour, from] of [
        ['#b02020', 0],
        ['#2040c0', 800],
      ] as const) {
        if (dots !== null) dots.fillStyle = colour;
        dots?.fillRect(from, 0, 800, 900);
      }

      return canvas.toDataURL('image/jpeg');
    }),
  );

  await page.getByRole('button', { name: 'More for this design' }).click();
  await page.getByRole('menuitem', { name: 'Own photo' }).click();
  await page.getByLabel('Choose a photo').setInputFiles({ ...photo, buffer: Buffer.from('no photo at all') });
  await page.getByRole('button', { name: 'Not this one' }).click();
  await page.getByLabel('Choose a photo').setInputFiles(photo);
  await page.getByLabel('somebody’s face').check();
  const keep = page.getByRole('button', { name: 'Keep the photo' });
  await expect(keep).toBeDisabled();
  await page.getByLabel(/A parent said yes/).click();
  await expect(keep).toBeEnabled();
  await axe(page);
  await keep.click();
  const kept = page.getByRole('img', { name: 'Wave band, own photo' });
  await expect(kept).toBeVisible();
  const size = () =>
    kept.evaluate((image) => [
      (image as HTMLImageElement).naturalWidth,
      (image as HTMLImageElement).naturalHeight,
    ]);
  // The square is as high as the photo was.
  await expect.poll(size).toEqual([900, 900]);
  await axe(page);

  const strangers = await browser.newContext();
  const board = await strangers.newPage();
  const shown = board.getByRole('img', { name: 'Wave band' }).and(board.locator('img'));
  await board.goto(address ?? '');
  await expect(board.getByText('Wave band').last()).toBeVisible();
  await expect(shown).toHaveCount(0);
  await page.getByLabel(/the parents’ board/).click();
  await expect(page.getByLabel(/the parents’ board/)).toBeChecked();
  // The server in front keeps the list of pictures for a second.
  await expect(async () => {
    await board.reload();
    await expect(shown).toBeVisible({ timeout: 4_000 });
  }).toPass();
  expect(await shown.evaluate((image) => (image as HTMLImageElement).naturalWidth)).toBe(900);

  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByLabel('Choose a photo')).toBeAttached();
  await page.getByRole('button', { name: 'Undo: bring it back' }).click();
  await expect(page.getByLabel(/the parents’ board/)).toBeChecked();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(page.getByText(/^Your own photo of this design/)).toBeVisible();
  await page.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByText('photo', { exact: true })).toHaveCount(0);
});
