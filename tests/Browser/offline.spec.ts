import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { newId } from '../../resources/js/lib/ids';
import type { DayLog } from '../../resources/js/api/types.gen';
import { expect, openChair, pedal, seat, readyForOffline, step, test } from './team';

const steps = () => [
  step('Grey base', '0:40'),
  step('Nose', '0:20'),
  step('Dots', '0:15'),
  step('Glow', '0:10'),
];

test('goes offline mid-face, paints on, reloads, comes back, and every tap is there once', async ({
  page,
  context,
  team,
}) => {
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design], ['Noor', 'Emil']);
  await openChair(page);
  await readyForOffline(page);
  await openChair(page);
  await seat(page);
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.steps[0]?.status).toBe('done');

  await context.setOffline(true);
  await pedal(page);
  await expect(page.getByText('1 tap is kept here')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Dots' })).toBeVisible();
  await pedal(page);
  await page.keyboard.press('s');
  await expect(page.getByText('3 taps are kept here')).toBeVisible();
  await seat(page);
  await expect(page.getByText('No. 2 Emil · Seal pup · step 1 of 4')).toBeVisible();
  await page.reload();
  await expect(page.getByText('No. 2 Emil · Seal pup · step 1 of 4')).toBeVisible();

  await context.setOffline(false);
  await page.evaluate(() => dispatchEvent(new Event('online')));
  await expect(page.getByText('No network.')).toBeHidden({ timeout: 60_000 });
  const log = await team.get<DayLog>(`days/${day.id}/logbook`);
  expect(log.faces.map(({ number, outcome }) => [number, outcome])).toEqual([[1, 'finished']]);
  expect(log.faces[0]?.steps.map(({ status }) => status)).toEqual(['done', 'done', 'done', 'skipped']);
  const line = await team.line(day);
  expect(line.chairs[0]?.child?.number).toBe(2);
  expect(line.finishedCount).toBe(1);
});

async function freePort(): Promise<number> {
  const server = createServer();
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
  const address = server.address();
  await new Promise((resolve) => server.close(resolve));

  return typeof address === 'object' && address !== null ? address.port : 0;
}

/** Of each server its own: another one in the same folder would be ended as a leftover. */
const folderOf = (port: number) => `${process.cwd()}/storage/run/killed-server-${port}`;

function serve(port: number): ChildProcess {
  return spawn('tools/serve.sh', [String(port), folderOf(port)], {
    detached: true,
    stdio: 'ignore',
  });
}

/** As the power goes: nothing is told to anybody. */
function kill(server: ChildProcess): void {
  process.kill(-Number(server.pid), 'SIGKILL');
}

async function stop(server: ChildProcess, port: number): Promise<void> {
  const gone = new Promise((resolve) => server.once('exit', resolve));
  server.kill('SIGTERM');
  await gone;
  await rm(folderOf(port), { recursive: true, force: true });
}

test('paints on while the server is killed, and hands in every tap once when it is back', async ({
  browser,
  team,
  context,
}) => {
  test.slow();
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design], ['Noor', 'Emil']);
  const port = await freePort();
  let server = serve(port);
  const own = await browser.newContext({ baseURL: `http://127.0.0.1:${port}` });
  try {
    await own.addCookies(
      (await context.cookies()).map(({ name, value }) => ({ name, value, url: `http://127.0.0.1:${port}` })),
    );
    const page = await own.newPage();
    // A second server loads all its classes while the other tests keep both cores busy.
    await expect
      .poll(async () => (await page.goto('/').catch(() => null))?.status(), { timeout: 60_000 })
      .toBe(200);
    await openChair(page);
    await seat(page);
    await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
    const clock = page.getByRole('timer', { name: 'Step clock' });
    await pedal(page);
    kill(server);
    await pedal(page);
    await expect(page.getByText(/taps? (is|are) kept here and sent/)).toBeVisible();
    await expect(clock).toHaveText(/0:0[2-9]/);

    server = serve(port);
    await expect(page.getByText('No network.')).toBeHidden({ timeout: 20_000 });
    await expect(page.getByRole('heading', { name: 'Dots' })).toBeVisible();
    await expect
      .poll(async () => (await team.line(day)).chairs[0]?.child?.steps.map(({ status }) => status))
      .toEqual(['done', 'done', 'pending', 'pending']);
  } finally {
    await stop(server, port);
    await own.close();
  }
});

test('workers of the application are killed under taps, and every tap that was taken is there once', async ({
  team,
  playwright,
  context,
}) => {
  test.slow();
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design]);
  const port = await freePort();
  const server = serve(port);
  const { cookies } = await context.request.storageState();
  const own = await playwright.request.newContext({
    baseURL: `http://127.0.0.1:${port}`,
    storageState: {
      cookies: cookies.map((cookie) => ({ ...cookie, domain: '127.0.0.1' })),
      origins: [],
    },
  });
  const token = cookies.find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '';
  const send = (tap: Record<string, unknown>) =>
    own
      .post(`/api/days/${day.id}/taps`, {
        data: { taps: [tap] },
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
      })
      .then((answer) => answer.ok())
      .catch(() => false);
  try {
    await expect
      .poll(async () => (await own.get('/').catch(() => null))?.status(), { timeout: 60_000 })
      .toBe(200);
    const fpm = (await readFile(`${folderOf(port)}/line.pid`, 'utf8')).trim();
    let isOver = false;
    let refused = 0;
    // Three desks take names one after another; what is not taken is sent again, as a browser does.
    const desks = [0, 1, 2].map(async (desk) => {
      const taken: string[] = [];
      for (let name = 0; !isOver; name++) {
        const ticket = newId();
        const tap = {
          id: newId(),
          kind: 'joined',
          at: Date.now(),
          ticket,
          design: design.id,
          firstName: `D${desk}`,
        };
        while (!(await send(tap))) {
          refused++;
          await new Promise((resolve) => setTimeout(resolve, 30));
        }
        taken.push(ticket);
      }

      return taken;
    });
    // Until one was hit in the middle of a tap, which is a matter of chance.
    for (let kill = 0; kill < 12 || (refused === 0 && kill < 100); kill++) {
      await new Promise((resolve) => setTimeout(resolve, 150 + 23 * (kill % 12)));
      // Asked of no program, which would hold the desks up until all their taps were answered.
      const workers = (await readFile(`/proc/${fpm}/task/${fpm}/children`, 'utf8')).trim().split(' ');
      process.kill(Number(workers[kill % workers.length]), 'SIGKILL');
    }
    await new Promise((resolve) => setTimeout(resolve, 500));
    isOver = true;
    const taken = (await Promise.all(desks)).flat();
    const waiting = (await team.line(day)).waiting;

    expect(waiting.map(({ id }) => id).toSorted()).toEqual(taken.toSorted());
    expect(waiting.map(({ number }) => number).toSorted((one, other) => one - other)).toEqual(
      taken.map((_, at) => at + 1),
    );
    expect(taken.length).toBeGreaterThan(20);
    // Some were killed in the middle of a tap.
    expect(refused).toBeGreaterThan(0);
  } finally {
    await own.dispose();
    await stop(server, port);
  }
});

test('a chair opens with what it knew while the network takes its time, and then shows what is new', async ({
  page,
  context,
  team,
}) => {
  const day = await team.runningDay(1, [await team.design('Seal pup', steps())], ['Noor', 'Emil']);
  await openChair(page);
  await readyForOffline(page);
  await openChair(page);
  let answerAll = () => {};
  const mayAnswer = new Promise<void>((resolve) => (answerAll = resolve));
  await context.route('**/api/**', async (route) => {
    await mayAnswer;
    await route.fallback();
  });
  const [noor] = (await team.line(day)).waiting;
  await team.taps(day, [{ kind: 'left', at: Date.now(), ticket: noor?.id }]);

  await openChair(page);
  answerAll();
  await expect(page.getByRole('button', { name: 'Seat No. 2 Emil' })).toBeVisible();
});

/** As the browser's own menu does it: with all that the session holds. */
async function duplicate(page: Page): Promise<void> {
  await page.bringToFront();
  await page.evaluate(() => {
    const link = document.createElement('a');
    link.href = location.href;
    link.target = '_blank';
    link.rel = 'opener';
    link.click();
  });
}

test('a tab that was duplicated hands in what the other one had, when that is gone', async ({
  page,
  context,
  team,
}) => {
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await readyForOffline(page);
  await openChair(page);
  await seat(page);
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.cautions).toEqual([]);

  for (const [at, heading] of ['Nose', 'Dots', 'Glow'].entries()) {
    // Each time the tab under the hand is another one: the one before it is gone, its taps unsent.
    const [tab] = await Promise.all([context.waitForEvent('page'), duplicate(page)]);
    await expect(tab.getByRole('heading', { name: steps()[at]?.name ?? '' })).toBeVisible();
    await context.setOffline(true);
    await pedal(tab);
    await expect(tab.getByRole('heading', { name: heading })).toBeVisible();
    await tab.close();
    await context.setOffline(false);
    await page.evaluate(() => dispatchEvent(new Event('online')));
    await expect(page.getByRole('heading', { name: heading })).toBeVisible({ timeout: 20_000 });
    await expect
      .poll(
        async () =>
          (await team.line(day)).chairs[0]?.child?.steps.filter(({ status }) => status === 'done').length,
      )
      .toBe(at + 1);
  }
});

test('keeps the taps of a painter who was signed out, and sends them after the next sign-in', async ({
  page,
  team,
}) => {
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design], ['Noor']);
  await openChair(page);
  await seat(page);
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.cautions).toEqual([]);

  await team.signOut();
  await pedal(page);
  await expect(page.getByText('You were signed out.')).toBeVisible();
  await team.typeSignIn(page);
  await expect(page.getByRole('heading', { name: 'Nose' })).toBeVisible();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.steps[0]?.status).toBe('done');
});

test('a browser that is killed in the middle of a face has kept every tap', async ({ team, context }) => {
  test.slow();
  const day = await team.runningDay(1, [await team.design('Seal pup', steps())], ['Noor']);
  const profile = await mkdtemp(join(tmpdir(), 'inch-timer-profile-'));
  const { launchOptions, baseURL } = test.info().project.use;
  const launch = async () => {
    const own = await chromium.launchPersistentContext(profile, {
      ...launchOptions,
      ...(baseURL === undefined ? {} : { baseURL }),
    });

    return { own, page: await own.newPage() };
  };
  try {
    let { own, page } = await launch();
    await own.addCookies(await context.cookies());
    await openChair(page);
    await readyForOffline(page);
    await openChair(page);
    await seat(page);
    await expect(page.getByRole('heading', { name: 'Grey base' })).toBeVisible();
    await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.cautions).toEqual([]);
    for (let kill = 1; kill <= 2; kill++) {
      await own.setOffline(true);
      await pedal(page);
      await expect(page.getByText(kill === 1 ? '1 tap is kept here' : '2 taps are kept here')).toBeVisible();
      const gone = new Promise((resolve) => own.once('close', resolve));
      // As the battery goes: the profile stays as it lies.
      execFileSync('pkill', ['-9', '-f', profile]);
      await gone;
      ({ own, page } = await launch());
      await own.setOffline(true);
      await page.goto('/');
      await expect(page.getByRole('heading', { name: kill === 1 ? 'Nose' : 'Dots' })).toBeVisible();
    }
    // A browser writes its cookies down within the minute; these are younger.
    await own.addCookies(await context.cookies());
    await own.setOffline(false);
    await page.evaluate(() => dispatchEvent(new Event('online')));
    await expect
      .poll(async () => (await team.line(day)).chairs[0]?.child?.steps.map(({ status }) => status), {
        timeout: 30_000,
      })
      .toEqual(['done', 'done', 'pending', 'pending']);
    await own.close();
  } finally {
    await rm(profile, { recursive: true, force: true });
  }
});

test('every room that was open once opens without a network, with what it showed', async ({
  page,
  context,
  team,
}) => {
  test.slow();
  const design = await team.design('Seal pup', steps());
  const day = await team.runningDay(1, [design], ['Noor']);
  const ofDay = ['', '/plan', '/money', '/before', '/packing'].map((room) => `/events/${day.id}${room}`);
  const others = ['/designs', `/designs/${design.id}`, '/kit', '/shapes', '/menu', '/events', '/practice'];
  const rooms = [...others, ...ofDay, '/logbook', '/'];
  await openChair(page);
  await readyForOffline(page);
  const heading = page.getByRole('heading', { level: 1 }).first();
  const letters = async () => (await page.getByRole('main').innerText()).length;
  const shown = new Map<string, [string, number]>();
  for (const room of rooms) {
    await page.goto(room);
    await expect(heading).toBeVisible();
    // What a room asks for when it is there already; a plan is played many times.
    if (room.endsWith('/plan')) {
      await expect(page.getByRole('button', { name: /^Take it/ }).first()).toBeVisible();
    }
    await page.waitForTimeout(room.endsWith('/plan') ? 5_000 : 700);
    shown.set(room, [await heading.innerText(), await letters()]);
  }
  await context.setOffline(true);
  for (const room of rooms) {
    await page.goto(room);
    const [title, length] = shown.get(room) ?? ['', 0];
    await expect(heading, room).toHaveText(title);
    // Clocks and times go on; the rest is there.
    await expect.poll(letters, { message: room }).toBeGreaterThan(0.7 * length);
  }
});
