import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import type { MenuSheet } from '../../resources/js/api/types.gen';
import { choose, expect, step, test } from './team';

/** A page as it comes out of the printer: its pages in points, and where each word stands on them. */
async function printed(page: Page): Promise<{
  pages: {
    width: number;
    height: number;
    words: { text: string; x: number; xEnd: number; yEnd: number }[];
  }[];
  fonts: string;
}> {
  const path = test.info().outputPath('printed.pdf');
  await page.pdf({ path, preferCSSPageSize: true, printBackground: true });
  const boxes = execFileSync('pdftotext', ['-bbox', path, '-'], { encoding: 'utf8' });
  const number = (text: string, name: string) => Number(new RegExp(` ${name}="([\\d.]+)"`).exec(text)?.[1]);
  const pages = boxes
    .split('<page ')
    .slice(1)
    .map((text) => ({
      width: number(` ${text}`, 'width'),
      height: number(` ${text}`, 'height'),
      words: [...text.matchAll(/<word ([^>]*)>([^<]*)</g)].map(([, at = '', word = '']) => ({
        text: word,
        x: number(` ${at}`, 'xMin'),
        xEnd: number(` ${at}`, 'xMax'),
        yEnd: number(` ${at}`, 'yMax'),
      })),
    }));

  return { pages, fonts: execFileSync('pdffonts', [path], { encoding: 'utf8' }) };
}

async function menuOf(
  team: { send: <T>(method: 'post', path: string, body: unknown) => Promise<T> },
  designs: { id: string }[],
) {
  return team.send<MenuSheet>('post', 'menus', {
    name: 'Fairs',
    offers: designs.map(({ id }) => ({
      designId: id,
      rung: null,
      promiseMs: null,
      priceCents: 400,
      group: null,
    })),
  });
}

test('a menu is made, its promise mended, taken back, and put up at an event', async ({ page, team }) => {
  await team.design('Wave band', [step('Wave', '1:40')]);
  await team.design('Puffin mask', [step('Base', '4:00')]);
  const day = await team.runningDay(1, [await team.design('Starfish', [step('Star', '2:00')])]);
  await page.goto('/menu');
  await page.getByLabel('A new menu, called').fill('Fairs');
  await page.getByRole('button', { name: 'Make the menu' }).click();
  await page.getByRole('button', { name: /Wave band/ }).click();
  await expect(page.getByText('Wave band is on the menu.')).toBeVisible();
  await page.getByRole('button', { name: /Puffin mask/ }).click();
  await page.getByLabel('Price of Puffin mask').fill('7');
  await page.getByLabel('Price of Puffin mask').press('Tab');
  await expect(page.getByText(/an hour, the most/)).toBeVisible();

  // A promise that nobody keeps is said to be one, and mended with a tap.
  await page.getByLabel('Promise for Puffin mask').fill('4:00');
  await page.getByLabel('Promise for Puffin mask').press('Tab');
  await page.getByRole('button', { name: /^Promise \d/ }).click();
  await expect(page.getByLabel('Promise for Puffin mask')).toHaveValue('5:00');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Promise for Puffin mask')).toHaveValue('4:00');
  await page.getByLabel('Promise for Puffin mask').fill('soon');
  await page.getByLabel('Promise for Puffin mask').press('Tab');
  await expect(page.getByRole('alert').filter({ hasText: 'is no time' })).toBeVisible();

  await page.getByRole('button', { name: /^Dune fair/ }).click();
  await expect(page.getByText('Dune fair offers this now.')).toBeVisible();
  expect((await team.line(day)).menu.map(({ name, priceCents }) => [name, priceCents])).toEqual([
    ['Wave band', null],
    ['Puffin mask', 700],
  ]);
  const { terms } = await team.plan(day);
  await team.send('put', `days/${day.id}/plan`, { ...terms, children: 10 });
  await page.getByRole('button', { name: 'Weigh it' }).click();
  await expect(page.getByRole('button', { name: 'Make it the menu' })).toBeVisible({ timeout: 20_000 });
});

test('a board fills its paper, in its language, with nothing cut off', async ({ page, team }) => {
  test.skip(test.info().project.name !== 'tablet', 'paper is the same from a phone');
  const names = ['Wave band', 'Starfish', 'Storm cloud', 'Whale tail', 'Crab nose', 'Jellyfish'];
  const designs = [];
  for (const name of names) {
    designs.push(await team.design(name, [step('Base', '1:40')]));
  }
  const menu = await menuOf(team, designs);
  await page.goto(`/menu/${menu.id}/board`);
  await expect(page.getByText('they are read at two metres')).toBeVisible();
  await choose(page, 'Language', 'Deutsch');
  await choose(page, 'Paper', 'A3');
  await choose(page, 'Orientation', 'lying');
  const { pages, fonts } = await printed(page);

  // ISO 216: A3 is 297 by 420 mm; a point is 1/72 of an inch.
  expect(pages).toHaveLength(1);
  const [board] = pages;
  expect(Math.abs((board?.width ?? 0) - (420 / 25.4) * 72)).toBeLessThan(1);
  expect(Math.abs((board?.height ?? 0) - (297 / 25.4) * 72)).toBeLessThan(1);
  const words = board?.words.map(({ text }) => text) ?? [];
  expect(words).toEqual(
    expect.arrayContaining(['Kinderschminken', ...names.flatMap((name) => name.split(' '))]),
  );
  for (const word of board?.words ?? []) {
    expect(word.x).toBeGreaterThan(0);
    expect(word.xEnd).toBeLessThan(board?.width ?? 0);
    expect(word.yEnd).toBeLessThan(board?.height ?? 0);
  }
  // Embedded: the column before "sub".
  const embedded = fonts
    .split('\n')
    .slice(2)
    .filter((line) => line !== '');
  expect(embedded.length).toBeGreaterThan(0);
  expect(embedded.filter((line) => !/ yes +(yes|no) +(yes|no) +\d/.test(line))).toEqual([]);

  await choose(page, 'Pages', 'on two pages');
  expect((await printed(page)).pages).toHaveLength(2);
});

test('the tape on a bag card is an inch a minute, and a long one goes on in a second strip', async ({
  page,
  team,
}) => {
  test.skip(test.info().project.name !== 'tablet', 'paper is the same from a phone');
  const menu = await menuOf(team, [
    await team.design('Puffin mask', [step('Base', '5:00'), step('Feathers', '4:00')]),
  ]);
  await page.goto(`/menu/${menu.id}/board`);
  await choose(page, 'What', 'Cards for the bag');
  await expect(page.getByText('joins at 7:00')).toBeVisible();
  const { pages } = await printed(page);

  const minute = (text: string) => pages[0]?.words.filter((word) => word.text === text).at(-1)?.x ?? NaN;
  // From the "1" to the "6" on the yellow rule are five inches, 72 points each: within half of a hundredth.
  expect((minute('6') - minute('1')) / 5 / 72).toBeGreaterThan(0.995);
  expect((minute('6') - minute('1')) / 5 / 72).toBeLessThan(1.005);
});

test('a field that chooses is opened, gone through and closed by the keyboard alone', async ({
  page,
  team,
}) => {
  const design = await team.design('Wave band', [step('Wave', '0:30')]);
  const menu = await menuOf(team, [design]);
  await page.goto(`/menu/${menu.id}/board`);
  const paper = page.getByRole('combobox', { name: 'Paper' });
  await paper.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('listbox')).toBeVisible();
  await page.keyboard.press('End');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('listbox')).toBeHidden();
  await expect(paper).toHaveText('A4');
  await expect(paper).toBeFocused();
  await page.keyboard.press('Enter');
  await page.keyboard.press('A');
  await page.keyboard.press('3');
  await page.keyboard.press('Enter');
  await expect(paper).toHaveText('A3');
});
