import type { Page, Route } from '@playwright/test';
import type { DayLog, LineBoard } from '../../resources/js/api/types.gen';
import { expect, openChair, pedal, seat, step, type Team, test } from './team';

// What a network and a full device do to taps.

/** How long a step is painted here. */
const PAINTED_MS = 1200;
const NAMES = ['Noor', 'Emil', 'Ada', 'Mats'];

const statuses = (line: LineBoard) => line.chairs[0]?.child?.steps.map(({ status }) => status);

async function atWork(page: Page, team: Team) {
  const design = await team.design('Wave band', [step('Wave', '0:20'), step('Foam', '0:10')]);
  const day = await team.runningDay(1, [design], NAMES);
  await openChair(page);

  return day;
}

/** A face from the first step to the last. */
async function paint(page: Page) {
  await seat(page);
  await expect(page.getByRole('heading', { name: 'Wave', exact: true })).toBeVisible();
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Foam', exact: true })).toBeVisible();
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Foam', exact: true })).toBeHidden();
}

test('a network that cuts requests and answers, and brings some twice, loses and doubles nothing', async ({
  page,
  team,
}) => {
  test.slow();
  const day = await atWork(page, team);
  const spoilt = { lost: 0, answer: 0, twice: 0 };
  let turn = 0;
  await page.route(`**/api/days/${day.id}/taps`, async (route: Route) => {
    switch (turn++ % 4) {
      case 0:
        // It never gets there.
        spoilt.lost++;
        await route.abort('connectionreset');
        break;
      case 1:
        // The server has it, and its answer is cut off.
        await route.fetch();
        spoilt.answer++;
        await route.abort('connectionreset');
        break;
      case 2: {
        // It gets there twice.
        await route.fetch();
        spoilt.twice++;
        await route.fulfill({ response: await route.fetch() });
        break;
      }
      default:
        await route.continue();
    }
  });
  for (const name of NAMES) {
    await paint(page);
    expect(name).not.toBe('');
  }
  // Nothing is said to be kept before the third request: each kind of fault is met, however slowly it is tried again.
  await expect.poll(() => Math.min(...Object.values(spoilt)), { timeout: 60_000 }).toBeGreaterThan(0);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
  await expect
    .poll(async () => statuses(await team.line(day)), { timeout: 60_000 })
    .toEqual(['done', 'done']);
  // The last one is looked at in the mirror; the others are in the logbook, each once.
  expect((await team.line(day)).finishedCount).toBe(3);
  const { faces } = await team.get<DayLog>(`days/${day.id}/logbook`);
  expect(faces.map(({ number, outcome }) => [number, outcome])).toEqual(
    [1, 2, 3].map((number) => [number, 'finished']),
  );
  expect(faces.flatMap(({ steps }) => steps.map(({ status }) => status))).toEqual(Array(6).fill('done'));
});

test('a device that has no room left paints on, and hands its taps over while the page is open', async ({
  page,
  context,
  team,
}) => {
  const day = await atWork(page, team);
  // Every write fails from now on, as a browser's storage does that is full.
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('No room.', 'QuotaExceededError');
    };
  });
  await context.setOffline(true);
  await paint(page);
  await expect(page.getByText(/taps are kept here and sent/)).toBeVisible();
  await context.setOffline(false);
  await page.evaluate(() => dispatchEvent(new Event('online')));
  await expect
    .poll(async () => statuses(await team.line(day)), { timeout: 30_000 })
    .toEqual(['done', 'done']);
});

test('a device whose clock is set back and forth in the middle of a face keeps the minutes of its steps', async ({
  page,
  context,
  team,
}) => {
  await page.addInitScript(() => {
    const real = Date.now;
    Date.now = () => real() + Number(sessionStorage.getItem('set by') ?? 0);
  });
  const set = (minutes: number) =>
    page.evaluate((ms) => sessionStorage.setItem('set by', String(ms)), minutes * 60_000);
  const day = await atWork(page, team);
  for (const [atFirst, atLast, isAway] of [
    [-10, 0, false],
    [0, 60, false],
    // Out of reach nobody says what time it is.
    [120, -1500, true],
    [0, 0, false],
  ] as const) {
    await seat(page);
    await context.setOffline(isAway);
    await expect(page.getByRole('heading', { name: 'Wave', exact: true })).toBeVisible();
    await page.waitForTimeout(PAINTED_MS);
    await set(atFirst);
    await pedal(page);
    await expect(page.getByRole('heading', { name: 'Foam', exact: true })).toBeVisible();
    await page.waitForTimeout(PAINTED_MS);
    await set(atLast);
    await pedal(page);
    await expect(page.getByRole('heading', { name: 'Foam', exact: true })).toBeHidden();
    await context.setOffline(false);
  }
  await expect.poll(async () => (await team.line(day)).finishedCount, { timeout: 30_000 }).toBe(3);
  await expect
    .poll(async () => statuses(await team.line(day)), { timeout: 30_000 })
    .toEqual(['done', 'done']);
  const { faces } = await team.get<DayLog>(`days/${day.id}/logbook`);
  const spent = faces.flatMap(({ steps }) => steps.map(({ spentMs }) => spentMs));
  expect(spent).toHaveLength(6);
  expect(Math.min(...spent)).toBeGreaterThanOrEqual(PAINTED_MS);
  expect(Math.max(...spent)).toBeLessThan(30_000);
  await expect(page.getByText('lies in the future')).toBeHidden();
});
