import { execFileSync } from 'node:child_process';
import {
  type APIRequestContext,
  type BrowserContext,
  expect,
  type Locator,
  type Page,
  test as base,
} from '@playwright/test';
import type {
  DaySummary,
  DesignSheet,
  EventPlanSheet,
  LineBoard,
  Plan,
  SearchAsked,
  SearchProgress,
  TapsAnswer,
} from '../../resources/js/api/types.gen';
import { BOUNCE_MS } from '../../resources/js/lib/bounce';
import { newId } from '../../resources/js/lib/ids';

const PASSWORD = 'a long password';

/** A step as short as a test needs it. */
export const step = (name: string, time: string, more: Record<string, unknown> = {}) => ({
  id: newId(),
  name,
  medium: 'sponge',
  tool: 'half sponge',
  colours: [{ name: 'sea grey', hex: '#8593a0' }],
  zones: ['cheek'],
  side: 'both',
  coats: 1,
  time,
  dryFor: '',
  optional: false,
  note: '',
  ...more,
});

/** A night on a cheek whose stars are set while it is wet. */
export const night = () => [
  step('Night', '0:20', {
    medium: 'brush',
    technique: 'fill',
    tool: 'wash brush',
    colours: [{ name: 'night blue', hex: '#1b2a52' }],
    zones: ['cheek', 'cheekbone'],
  }),
  step('Stars', '0:10', {
    medium: 'brush',
    technique: 'starburst',
    tool: 'round 2',
    colours: [{ name: 'white', hex: '#fafaf7' }],
  }),
  step('Waves', '0:30', {
    medium: 'brush',
    technique: 'stripe',
    tool: 'round 4',
    colours: [{ name: 'tide blue', hex: '#3f8fc6' }],
    zones: ['jaw'],
  }),
];

/** A team of its own for each test, and its painter's way to the server past the screen. */
export class Team {
  readonly email = `painter-${newId()}@example.org`;
  readonly name = `Dune Faces ${newId().slice(-6)}`;

  constructor(private readonly request: APIRequestContext) {
    execFileSync('php', ['artisan', 'inch:team', this.name, 'Mara', this.email, `--password=${PASSWORD}`]);
  }

  /** Somebody more who paints in the team. */
  addPainter(name: string): void {
    execFileSync('php', [
      ...['artisan', 'inch:team', this.name, name, `${name.toLowerCase()}-${newId()}@example.org`],
      `--password=${PASSWORD}`,
    ]);
  }

  /** Signs the browser's context in. */
  async signIn(): Promise<void> {
    await this.request.get('/api/session');
    await this.send('post', 'session', { email: this.email, password: PASSWORD });
  }

  /** As if it was done in another window: what is under way there may still bring back cookies, but no session. */
  async signOut(): Promise<void> {
    await this.answerTo('delete', 'session', {});
  }

  /** What a second browser needs to be signed in too. */
  session() {
    return this.request.storageState();
  }

  /** Waits for the page to sign in at: the team's page, which may still be there, asks for an e-mail too. */
  async typeSignIn(page: Page): Promise<void> {
    await page.getByLabel('E-mail', { exact: true }).fill(this.email);
    await page.getByLabel('Password', { exact: true }).fill(PASSWORD);
    await page.getByRole('button', { name: 'Sign in' }).click();
  }

  async design(name: string, steps: ReturnType<typeof step>[]): Promise<DesignSheet> {
    const blank = await this.send<DesignSheet>('post', 'designs', { name, placement: 'cheek' });

    return this.send<DesignSheet>('put', `designs/${blank.id}`, {
      revision: 1,
      name,
      placement: 'cheek',
      promise: '1:30',
      steps,
    });
  }

  /** A day that is running, with an open line and children waiting for the designs given. */
  async runningDay(
    chairs: number,
    designs: DesignSheet[],
    firstNames: (string | undefined)[] = [],
  ): Promise<DaySummary> {
    const now = new Date();
    const hour = (shift: number) => `${String((now.getUTCHours() + shift + 24) % 24).padStart(2, '0')}:00`;
    const day = await this.send<DaySummary>('post', 'days', {
      name: 'Dune fair',
      place: 'Sand bar',
      timezone: 'UTC',
      date: new Date(now.getTime() - 3_600_000).toISOString().slice(0, 10),
      opens: hour(-1),
      closes: hour(4),
      chairs,
      turnaround: '1:00',
    });
    const items = designs.map((design) => ({ designId: design.id, promise: '1:30', priceCents: null }));
    await this.send('put', `days/${day.id}/menu`, { items });
    const at = Date.now() - 60_000;
    await this.taps(day, [
      { kind: 'opened', at },
      ...firstNames.map((firstName, index) => ({
        kind: 'joined',
        at: at + 1 + index,
        ticket: newId(),
        design: designs[index % designs.length]?.id,
        ...(firstName === undefined ? {} : { firstName }),
      })),
    ]);

    return day;
  }

  taps(day: DaySummary, taps: Record<string, unknown>[]): Promise<TapsAnswer> {
    return this.send('post', `days/${day.id}/taps`, { taps: taps.map((tap) => ({ id: newId(), ...tap })) });
  }

  async line(day: DaySummary): Promise<LineBoard> {
    return (await (await this.request.get(`/api/days/${day.id}/line`)).json()) as LineBoard;
  }

  /** What is painted of the designs of a day, whole and shorter. */
  async plans(day: DaySummary): Promise<Plan[]> {
    return this.get<Plan[]>(`days/${day.id}/plans`);
  }

  async plan(day: DaySummary): Promise<EventPlanSheet> {
    return this.get<EventPlanSheet>(`days/${day.id}/plan`);
  }

  async get<T>(path: string): Promise<T> {
    const response = await this.request.get(`/api/${path}`);
    expect(response.ok(), `get ${path}: ${await response.text()}`).toBe(true);

    return (await response.json()) as T;
  }

  async send<T>(method: 'post' | 'put' | 'delete', path: string, data: unknown): Promise<T> {
    return (await (await this.answerTo(method, path, data)).json()) as T;
  }

  /** Until all is found of what the server works out in its own time; how many lines it was. */
  async search(path: string, data: unknown): Promise<number> {
    const { search } = (await (await this.answerTo('post', path, data)).json()) as SearchAsked;
    for (;;) {
      const response = await this.request.get(`/api/searches/${search}`, {
        headers: { Accept: 'application/json' },
      });
      const { status, lines } = (await response.json()) as SearchProgress;
      if (status !== null) {
        expect(status, lines.join('\n')).toBeLessThan(300);

        return lines.length;
      }
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }

  private async answerTo(method: 'post' | 'put' | 'delete', path: string, data: unknown) {
    const { cookies } = await this.request.storageState();
    const token = cookies.find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '';
    const response = await this.request[method](`/api/${path}`, {
      data,
      headers: { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
    });
    expect(response.ok(), `${method} ${path}: ${await response.text()}`).toBe(true);

    return response;
  }
}

/** Fails the test when a page breaks the content policy or throws. */
export function watch(page: Page): void {
  page.on('pageerror', (error) => {
    throw error;
  });
  page.on('console', (message) => {
    if (message.text().includes('Content Security Policy')) {
      throw new Error(message.text());
    }
  });
}

/** Opens the chair and waits until the first child can be seated. */
export async function openChair(page: Page, name = 'No. 1 Noor'): Promise<void> {
  await page.goto('/');
  await expect(page.getByRole('button', { name: `Seat ${name}` })).toBeVisible();
}

/** Waits as long as a hand or a foot takes between two presses: sooner it would be a contact that bounced. */
async function pastBounce(page: Page): Promise<void> {
  const until = (await page.evaluate(() => performance.now())) + BOUNCE_MS;
  await page.waitForFunction((moment) => performance.now() > moment, until);
}

/** Opens all that is known of the step that is chosen on the bench. */
export async function allOfIt(page: Page): Promise<Locator> {
  await page.getByRole('button', { name: 'All of it' }).click();
  const form = page.getByRole('dialog', { name: /all of it$/ });
  await expect(form).toBeVisible();

  return form;
}

/** The steps of the bench in their order; on a phone they lie behind a key, and are opened. */
export async function stepLines(page: Page): Promise<Locator> {
  const lines = page.getByRole('region', { name: 'Steps in painting order' });
  const key = page.getByRole('button', { name: /^Steps/ });
  await expect(lines.or(key).first()).toBeVisible();
  if (!(await lines.isVisible())) await key.click();
  await expect(lines).toBeVisible();

  return lines;
}

/** What one seldom does with the step that is chosen on the bench. */
export async function withStep(page: Page, act: string): Promise<void> {
  await page.getByRole('button', { name: 'More for this step' }).click();
  await page.getByRole('menuitem', { name: act }).click();
}

/** Opens the list of a field and takes one of it. */
export async function choose(page: Page, label: string | RegExp, words: string | RegExp): Promise<void> {
  await page.getByRole('combobox', { name: label, exact: true }).click();
  await page.getByRole('option', { name: words, exact: true }).click();
}

/** Presses the pedal. */
export async function pedal(page: Page): Promise<void> {
  await pastBounce(page);
  await page.keyboard.press('Space');
}

/** Presses the big key of the chair with a thumb. */
export async function bigKey(page: Page, name: string): Promise<void> {
  await pastBounce(page);
  await page.getByRole('button', { name }).click();
}

/** Seats the next child: one press to take it, one to say that all is well. */
export async function seat(page: Page): Promise<void> {
  await pedal(page);
  await expect(page.getByRole('heading', { name: 'Ask first' })).toBeVisible();
  await pedal(page);
}

/** Waits until the service worker has everything it needs to answer without a network. */
export async function readyForOffline(page: Page): Promise<void> {
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.waitForFunction(async () => {
    const names = await caches.keys();
    const cached = await Promise.all(
      names.map(async (name) => (await (await caches.open(name)).keys()).length),
    );

    return cached.reduce((sum, count) => sum + count, 0) > 5;
  });
}

export const test = base.extend<{ team: Team; second: BrowserContext }>({
  team: async ({ context }, use) => {
    const team = new Team(context.request);
    await team.signIn();
    await use(team);
  },
  page: async ({ page }, use) => {
    watch(page);
    await use(page);
  },
  /** A browser of its own, signed in as the same painter. */
  second: async ({ browser, team }, use) => {
    const second = await browser.newContext({ storageState: await team.session() });
    await use(second);
    await second.close();
  },
});

export { expect };
