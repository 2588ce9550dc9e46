// Takes the pictures of docs/screenshots/ from a running demo: node tools/screenshots.mjs [FOLDER] [NAME...]
// The address is INCH_URL, http://127.0.0.1:8321 when not set.
import { mkdirSync } from 'node:fs';
import { chromium } from '@playwright/test';

const [folder = 'docs/screenshots', ...only] = process.argv.slice(2);
const url = process.env.INCH_URL ?? 'http://127.0.0.1:8321';
const tablet = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

const first = (page, start) => page.locator(`main a[href^="${start}"]`).first().click();
const views = [
  { name: 'sign-in', size: tablet },
  { name: 'chair', path: '/', size: tablet },
  { name: 'chair-phone', path: '/', size: phone },
  { name: 'designs', path: '/designs', size: tablet },
  { name: 'designs-phone', path: '/designs', size: phone },
  { name: 'bench', path: '/designs', open: (page) => page.getByRole('link', { name: 'Seal pup' }).first().click(), size: tablet },
  { name: 'bench-phone', path: '/designs', open: (page) => page.getByRole('link', { name: 'Seal pup' }).first().click(), size: phone },
  { name: 'events', path: '/events', size: tablet },
  { name: 'event-day', path: '/events', open: (page) => first(page, '/events/'), size: tablet },
  { name: 'event-day-phone', path: '/events', open: (page) => first(page, '/events/'), size: phone },
  { name: 'menu-of-the-day', path: '/events', open: async (page) => {
    await first(page, '/events/');
    await page.getByRole('button', { name: 'Menu of the day' }).click();
  }, size: tablet },
  { name: 'logbook', path: '/logbook', size: tablet },
  { name: 'logbook-day', path: '/logbook', open: (page) => first(page, '/logbook/'), size: tablet },
  { name: 'logbook-day-phone', path: '/logbook', open: (page) => first(page, '/logbook/'), size: phone },
];

mkdirSync(folder, { recursive: true });
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
});
const signedIn = await browser.newContext();
const door = await signedIn.newPage();
await door.goto(url);
await door.getByRole('button', { name: 'Fill it in' }).click();
await door.getByRole('button', { name: 'Sign in' }).click();
await door.getByRole('navigation', { name: 'Rooms' }).waitFor();
const storageState = await signedIn.storageState();

for (const view of views.filter(({ name }) => only.length === 0 || only.includes(name))) {
  const page = await browser.newPage({ viewport: view.size, ...(view.path === undefined ? {} : { storageState }) });
  await page.goto(url + (view.path ?? '/'));
  await page.waitForLoadState('networkidle');
  await view.open?.(page);
  await page.waitForLoadState('networkidle');
  await page.waitForTimeout(400);
  await page.screenshot({ path: `${folder}/${view.name}.png` });
  await page.close();
}
await browser.close();
