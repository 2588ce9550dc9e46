import type { BoardLinkShown } from '../../resources/js/api/types.gen';
import { expect, openChair, pedal, seat, step, test, watch } from './team';

test('four windows on one fair: two chairs, the names desk and the parents\u2019 board', async ({
  page,
  context,
  browser,
  team,
}) => {
  test.slow();
  team.addPainter('Odo');
  const wave = await team.design('Wave band', [step('Wave', '0:40'), step('Foam', '0:20')]);
  const day = await team.runningDay(2, [wave], ['Noor', 'Emil', 'Ada']);
  const second = await context.newPage();
  const desk = await context.newPage();
  [second, desk].forEach(watch);
  await desk.goto(`/events/${day.id}`);
  await desk.getByRole('button', { name: 'Board for parents' }).click();
  await desk.getByRole('button', { name: 'Make the board’s link' }).click();
  await expect(desk.getByRole('img', { name: 'Code of the board' })).toBeVisible();
  const address =
    (await desk.getByRole('link', { name: 'Open on a second screen' }).getAttribute('href')) ?? '';
  await desk.keyboard.press('Escape');

  // Nobody is signed in there.
  const strangers = await browser.newContext();
  const board = await strangers.newPage();
  watch(board);
  await board.setViewportSize({ width: 1280, height: 800 });
  await board.goto(address);
  await expect(board.getByText('The line is open')).toBeVisible();
  expect(await strangers.cookies()).toEqual([]);
  const painted = board.locator('section').filter({ hasText: 'Being painted' });

  await openChair(page);
  await seat(page);
  await second.goto('/');
  await second.getByRole('button', { name: /^Which chair is this/ }).click();
  await second.getByRole('button', { name: 'Chair 2', exact: true }).click();
  await expect(second.getByRole('button', { name: 'Seat No. 2 Emil' })).toBeVisible();
  await seat(second);
  await expect(painted.getByRole('listitem')).toHaveText([/^\s*1\s*Wave band/, /^\s*2\s*Wave band/]);
  await expect(board.getByText('Emil')).toHaveCount(0);

  await desk.getByLabel('First name, if they like').fill('Wren');
  await desk
    .getByRole('list', { name: 'and the design:' })
    .getByRole('button', { name: /Wave band/ })
    .click();
  await expect(desk.getByText(/^No\. 4, about/)).toBeVisible();
  await expect(board.getByRole('listitem').filter({ hasText: /^\s*4\s/ })).toBeVisible();

  // A parent's phone: the number is kept there, through a reload.
  const phone = await strangers.newPage();
  await phone.setViewportSize({ width: 390, height: 844 });
  await phone.goto(address);
  await phone.getByLabel('Your number').fill('4');
  await phone.getByRole('button', { name: 'Show my turn' }).click();
  await expect(phone.getByText(/one before you/)).toBeVisible();
  await phone.reload();
  await expect(phone.getByText(/one before you/)).toBeVisible();
  const fourth = (await team.line(day)).waiting.find(({ number }) => number === 4);
  await phone.getByLabel('Code on your slip').fill(fourth?.id.slice(-3) ?? '');
  await phone.getByLabel('Mobile number').fill('+49 151 000 0042');
  await phone.getByRole('button', { name: 'Text me' }).click();
  await expect(phone.getByText(/You are texted when two are before you/)).toBeVisible();
  await desk.getByRole('button', { name: 'Texts' }).click();
  await expect(desk.getByText('Sand bar: two before No. 4. Come closer, please.')).toBeVisible();
  await expect(desk.getByText(/No\. 4 · phone …42/)).toBeVisible();
  await desk.keyboard.press('Escape');

  await page.bringToFront();
  await pedal(page);
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Mirror, photo, wipe down' })).toBeVisible();
  await seat(page);
  await expect(painted.getByRole('listitem')).toHaveText([/^\s*3\s*Wave band/, /^\s*2\s*Wave band/]);
  await expect(phone.getByText('Go to the chairs now')).toBeVisible();

  // Out of reach it stays, and says how old it is; ended, it is gone.
  await strangers.setOffline(true);
  await expect(board.getByText(/This is from/)).toBeVisible({ timeout: 40_000 });
  await strangers.setOffline(false);
  await expect(board.getByText(/This is from/)).toBeHidden();
  await team.send<BoardLinkShown>('delete', `days/${day.id}/board`, {});
  await expect(board.getByText('This board is over. Ask at the chairs.')).toBeVisible();
  await strangers.close();
});

test('a guessed board is not there, and tells nothing', async ({ request }) => {
  for (const path of ['', '/line', '/pictures']) {
    const answer = await request.get(`/board/${'x'.repeat(32)}${path}`);
    expect(answer.status()).toBe(404);
    expect(answer.headers()['set-cookie']).toBeUndefined();
  }
});
