import { type BrowserContextOptions, type Page, test } from '@playwright/test';

const folder = process.env['SCREENSHOTS'] ?? 'docs/screenshots';
const tablet = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

const enter = (start: string) => (page: Page) => page.locator(`main a[href^="${start}"]`).first().click();
const sealPup = (page: Page) => page.getByRole('link', { name: 'Seal pup' }).first().click();

/** The fair's plan, when its figures are there. */
async function planned(page: Page): Promise<void> {
  await enter('/events/')(page);
  await page.getByRole('link', { name: 'Plan' }).click();
  await page.getByRole('button', { name: /half an hour earlier/ }).waitFor();
  await page.locator('dl[aria-busy=false]').waitFor();
}

/** The chair at work: after a face the next child is seated, who was just seated is asked, and painting begins. */
async function painting(page: Page): Promise<void> {
  const clock = page.getByRole('timer', { name: 'Step clock' });
  const ask = page.getByRole('button', { name: 'All is well, begin' });
  const seat = page.getByRole('button', { name: /^Seat No/ });
  await clock.or(ask).or(seat).first().waitFor();
  if (await seat.isVisible()) await seat.click();
  await clock.or(ask).first().waitFor();
  if (await ask.isVisible()) await ask.click();
  await clock.waitFor();
}

const typedList = `half sponge, night blue and deep blue, across the cheek, 15s
white tower, round 6, 12s
2nd coat on the tower 10s
thin red stripes on it, when dry, 8s
light beam out to the cheekbone, lamp yelow
stars, if there is time`;

const views: { name: string; path: string; size: typeof tablet; open?: (page: Page) => Promise<void> }[] = [
  { name: 'chair', path: '/', size: tablet, open: painting },
  { name: 'chair-phone', path: '/', size: phone, open: painting },
  { name: 'kit', path: '/kit', size: tablet },
  { name: 'designs', path: '/designs', size: tablet },
  {
    name: 'designs-pictures',
    path: '/designs',
    size: tablet,
    open: (page) => page.getByText('pictures').click(),
  },
  {
    name: 'new-design',
    path: '/designs',
    size: tablet,
    open: async (page) => {
      await page.getByRole('button', { name: 'New design' }).click();
      await page.getByText('your own words').click();
      await page.getByLabel('Type or paste it as you say it').fill(typedList);
      await page.getByText('the rest as in').first().waitFor();
      await page.getByText('Type or paste it as you say it').scrollIntoViewIfNeeded();
      await page.getByRole('dialog').evaluate((dialog) => {
        dialog.scrollTo(0, 350);
      });
    },
  },
  {
    name: 'bench',
    path: '/designs',
    size: tablet,
    open: async (page) => {
      await sealPup(page);
      await page.getByRole('button', { name: /^7 Whisker dots, / }).click();
      await page.getByLabel('In one line').focus();
      await page.getByText('its name').waitFor();
    },
  },
  {
    name: 'ladder',
    path: '/designs',
    size: tablet,
    open: async (page) => {
      await sealPup(page);
      await page.getByRole('tab', { name: /^Ladder/ }).click();
      await page.getByRole('region', { name: 'The ladder' }).getByRole('button', { name: /quick/ }).click();
      await page.getByText('What the child loses').waitFor();
    },
  },
  {
    name: 'best-order',
    path: '/designs',
    size: tablet,
    open: async (page) => {
      await page.getByRole('link', { name: 'Lighthouse cheek' }).first().click();
      await page.getByRole('button', { name: 'Best order' }).click();
      await page.getByText('Proven: no order').waitFor();
    },
  },
  { name: 'bench-phone', path: '/designs', size: phone, open: sealPup },
  { name: 'event-day', path: '/events', size: tablet, open: enter('/events/') },
  { name: 'menu', path: '/menu', size: tablet, open: enter('/menu/') },
  {
    name: 'board',
    path: '/menu',
    size: { width: 1280, height: 1400 },
    open: async (page) => {
      await enter('/menu/')(page);
      await page.getByRole('link', { name: 'Board and cards' }).click();
    },
  },
  { name: 'plan', path: '/events', size: { width: 1280, height: 1100 }, open: planned },
  {
    name: 'levers',
    path: '/events',
    size: tablet,
    open: async (page) => {
      await planned(page);
      await page.getByRole('heading', { name: 'What would help' }).evaluate((heading) => {
        heading.scrollIntoView();
      });
    },
  },
  {
    name: 'money',
    path: '/events',
    size: { width: 1280, height: 1000 },
    open: async (page) => {
      await enter('/events/')(page);
      await page.getByRole('link', { name: 'Money' }).click();
      await page.getByText('What a face has to cost').waitFor();
    },
  },
  {
    name: 'parents-board',
    path: '/events',
    size: tablet,
    open: async (page) => {
      await enter('/events/')(page);
      await page.getByRole('button', { name: 'Board for parents' }).click();
      const make = page.getByRole('button', { name: 'Make the board’s link' });
      const link = page.getByRole('link', { name: 'Open on a second screen' });
      await make.or(link).first().waitFor();
      if (await make.isVisible()) await make.click();
      await page.goto((await link.getAttribute('href')) ?? '');
      await page.getByText('The line is open').waitFor();
    },
  },
  {
    name: 'logbook-day',
    path: '/logbook',
    size: tablet,
    open: async (page) => {
      await enter('/logbook/')(page);
      await page.getByRole('region', { name: 'The day in a minute' }).waitFor();
    },
  },
  { name: 'practice', path: '/practice', size: tablet },
];

let storageState: NonNullable<BrowserContextOptions['storageState']>;

test.beforeAll(async ({ browser, baseURL }) => {
  const page = await browser.newPage({ ...(baseURL === undefined ? {} : { baseURL }), viewport: tablet });
  await page.goto('/');
  await page.getByRole('button', { name: 'Fill it in' }).click();
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('navigation', { name: 'Rooms' }).waitFor();
  storageState = await page.context().storageState();
  await page.close();
});

for (const { name, path, size, open } of views) {
  test(name, async ({ browser, baseURL }) => {
    const page = await browser.newPage({
      ...(baseURL === undefined ? {} : { baseURL }),
      viewport: size,
      storageState,
    });
    await page.goto(path);
    await page.waitForLoadState('networkidle');
    await open?.(page);
    await page.waitForLoadState('networkidle');
    await page.waitForFunction(
      () => document.querySelector('main h1') !== null && document.querySelector('.reel') === null,
    );
    await page.waitForLoadState('networkidle');
    await page.evaluate(() => document.fonts.ready);
    await page.screenshot({ path: `${folder}/${name}.png` });
    await page.close();
  });
}
