import { createHmac } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import { choose, expect, step, test } from './team';

const OUTBOX = 'storage/run/test-server/outbox';

/** The address in the letter to somebody, once it lies in the outbox. */
async function linkSentTo(email: string): Promise<string> {
  let link = '';
  await expect(() => {
    const letters = readdirSync(OUTBOX).map((name) => readFileSync(`${OUTBOX}/${name}`, 'utf8'));
    const letter = letters.find((text) => text.includes(`To: ${email}`)) ?? '';
    // Quoted-printable: a line that goes on ends in a sign of its own.
    link = /https?:\/\/\S+/u.exec(letter.replace(/=\r?\n/gu, '').replace(/=3D/gu, '='))?.[0] ?? '';
    expect(link).not.toBe('');
  }).toPass();

  return link;
}

/** What an authenticator shows for a secret in base32, by RFC 6238 and without the application's help. */
function codeOf(secret: string, at: number): string {
  const bits = Array.from(secret)
    .map((letter) => 'ABCDEFGHIJKLMNOPQRSTUVWXYZ234567'.indexOf(letter).toString(2).padStart(5, '0'))
    .join('');
  const key = Buffer.from((bits.match(/.{8}/gu) ?? []).map((byte) => Number.parseInt(byte, 2)));
  const counter = Buffer.alloc(8);
  counter.writeBigUInt64BE(BigInt(Math.floor(at / 30_000)));
  const hash = createHmac('sha1', key).update(counter).digest();
  const number = hash.readUInt32BE((hash[19] ?? 0) & 15) & 0x7fffffff;

  return String(number % 1_000_000).padStart(6, '0');
}

/** Whoever comes makes a team of their own. */
async function foundTeam(page: Page, name: string, email: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'A team of your own' }).click();
  await page.getByLabel('What it is called').fill(name);
  await page.getByLabel(/^Your name/).fill('Mara');
  await page.getByLabel(/^E-mail/).fill(email);
  await page.getByLabel(/^A password/).fill('three words more');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('link', { name: 'Designs', exact: true })).toBeVisible();
}

test('somebody comes into the team by a link, gets other work, and is let go', async ({
  page,
  team,
  browser,
}) => {
  await page.goto('/team');
  await expect(page.getByRole('heading', { name: team.name })).toBeVisible();
  await choose(page, 'Comes as', /^helper/);
  await page.getByRole('button', { name: 'Make a link' }).click();
  const link = await page.getByRole('status').locator('code').innerText();

  const other = await browser.newContext();
  const theirs = await other.newPage();
  await theirs.goto(link);
  await expect(theirs.getByText('takes names and calls')).toBeVisible();
  await theirs.getByLabel(/^Your name/).fill('Odo');
  await theirs.getByLabel(/^E-mail/).fill(`odo-${team.email}`);
  await theirs.getByLabel(/^A password/).fill('short');
  await theirs.getByRole('button', { name: 'Come in' }).click();
  await expect(theirs.getByRole('alert')).toContainText('12 letters at least');
  await theirs.getByLabel(/^A password/).fill('three words more');
  await theirs.getByRole('button', { name: 'Come in' }).click();
  // Whoever helps finds the events, and nothing else.
  await expect(theirs.getByRole('link', { name: 'Events' })).toBeVisible();
  await expect(theirs.getByRole('link', { name: 'Designs', exact: true })).toBeHidden();
  await theirs.goto(link);
  await expect(theirs.getByText(/used up, was taken back/)).toBeVisible();

  await page.reload();
  await choose(page, 'What Odo is', 'artist');
  await expect(page.getByText('made Odo artist')).toBeVisible();
  await theirs.goto('/designs');
  await expect(theirs.getByRole('heading', { name: 'Designs' })).toBeVisible();

  await page.getByRole('button', { name: 'Let Odo go' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Let Odo go' }).click();
  await expect(page.getByText('let Odo go from the team')).toBeVisible();
  await theirs.reload();
  await expect(theirs.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await other.close();
});

test('a new e-mail address is used once the link sent there is opened', async ({ page, team }) => {
  await page.goto('/team');
  const form = page.getByRole('region', { name: 'Your e-mail address' });
  await expect(form.getByText(team.email)).toBeVisible();
  const email = `new-${team.email}`;
  await form.getByLabel('New e-mail address').fill(email);
  await form.getByLabel('Your password').fill('a long password');
  await form.getByRole('button', { name: 'Send a link to the new address' }).click();
  await expect(form.getByText(`We sent a link to ${email}.`)).toBeVisible();

  const link = await linkSentTo(email);
  await page.goto(link);
  await page.getByRole('button', { name: 'Use this address' }).click();
  await expect(page.getByText('Done. Sign in with this address from now on.')).toBeVisible();
  await page.goto(link);
  await page.getByRole('button', { name: 'Use this address' }).click();
  await expect(page.getByRole('alert')).toContainText('This link has been used');
  await page.goto('/team');
  await expect(form.getByText(email)).toBeVisible();
});

test('a new password signs out every other device, and not this one', async ({ page, team, second }) => {
  const elsewhere = await second.newPage();
  await elsewhere.goto('/designs');
  await expect(elsewhere.getByRole('heading', { name: 'Designs' })).toBeVisible();

  await page.goto('/team');
  await page.getByLabel('The one you sign in with now').fill('guessed');
  await page.getByLabel('The new one').fill('another long one');
  await page.getByRole('button', { name: /^Change it/ }).click();
  await expect(page.getByRole('alert')).toContainText('not the password you sign in with');
  await page.getByLabel('The one you sign in with now').fill('a long password');
  await page.getByRole('button', { name: /^Change it/ }).click();
  await expect(page.getByText('It is changed.')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: team.name })).toBeVisible();

  await elsewhere.reload();
  await expect(elsewhere.getByRole('button', { name: 'Sign in' })).toBeVisible();
});

test('says what is kept of children, for as long as the team wants, and forgets one who asks', async ({
  page,
  team,
}) => {
  await page.goto('/team');
  await expect(page.getByText('a day after the event, then it is gone')).toBeVisible();
  await choose(page, 'First names stay', 'a week');
  await expect(page.getByText('a week after the event, then it is gone')).toBeVisible();

  const design = await team.design('Wave band', [step('Wave', '0:30')]);
  const day = await team.runningDay(1, [design], ['Noor']);
  const [noor] = (await team.line(day)).waiting;
  const at = Date.now() - 40_000;
  await team.taps(day, [
    { kind: 'seated', at, ticket: noor?.id, chair: 1, plan: noor?.planId },
    { kind: 'finished', at: at + 35_000, ticket: noor?.id },
  ]);
  await page.goto(`/logbook/${day.id}`);
  await page
    .getByRole('button', { name: /No\. 1/ })
    .first()
    .click();
  await page.getByRole('button', { name: /forget this child/ }).click();
  await expect(page.getByText('The name of No. 1, and all words about it, are gone.')).toBeVisible();
  expect(JSON.stringify(await team.line(day))).not.toContain('Noor');
});

test('whoever comes founds a team, forgets the password, and gets a new one by a letter', async ({
  browser,
}) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  const email = `mara-${Date.now()}@example.org`;
  await foundTeam(page, 'Dune Faces', email);
  await page.goto('/team');
  await expect(page.getByRole('heading', { name: 'Dune Faces' })).toBeVisible();
  await expect(page.getByText('founded the team')).toBeVisible();
  await page.getByRole('button', { name: 'Sign out here' }).click();

  await page.getByRole('button', { name: 'Password forgotten' }).click();
  await page.getByLabel(/^E-mail/).fill(email);
  await page.getByRole('button', { name: 'Send me a link' }).click();
  await expect(page.getByRole('status')).toContainText('a letter is on its way');
  const link = await linkSentTo(email);
  await page.goto(link);
  await page.getByLabel(/^Twelve letters at least/).fill('another long one');
  await page.getByRole('button', { name: 'Take it' }).click();
  await page.getByRole('button', { name: 'Sign in with it' }).click();
  await page.getByLabel('E-mail', { exact: true }).fill(email);
  await page.getByLabel('Password', { exact: true }).fill('another long one');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('link', { name: 'Designs', exact: true })).toBeVisible();
  await page.goto(link);
  await expect(page.getByText(/used up, or older than an hour/)).toBeVisible();
  await context.close();
});

test('a code of an authenticator is asked for beside the password, and one device signs out another', async ({
  page,
  team,
  browser,
}) => {
  const other = await browser.newContext();
  const elsewhere = await other.newPage();
  await elsewhere.goto('/designs');
  await team.typeSignIn(elsewhere);
  await expect(elsewhere.getByRole('heading', { name: 'Designs' })).toBeVisible();
  await page.goto('/team');
  await page.getByRole('button', { name: 'Set it up' }).click();
  const secret = await page.locator('section', { hasText: 'A code beside' }).locator('code').innerText();
  await page.getByLabel('The code that it shows now').fill(codeOf(secret, 0));
  await page.getByRole('button', { name: 'Ask for it from now on' }).click();
  await expect(page.getByRole('alert')).toContainText('not the code of this minute');
  // The step before serves as well, and leaves this one for the sign-in below.
  await page.getByLabel('The code that it shows now').fill(codeOf(secret, Date.now() - 30_000));
  await page.getByRole('button', { name: 'Ask for it from now on' }).click();
  const section = page.locator('section', { hasText: 'A code beside' });
  await expect(section.getByRole('listitem')).toHaveCount(8);
  const spare = await section.getByRole('listitem').first().innerText();
  const second = await section.getByRole('listitem').nth(1).innerText();

  await expect(page.getByRole('button', { name: 'Sign out there' })).toHaveCount(1);
  await page.getByRole('button', { name: 'Sign out there' }).click();
  await expect(page.getByRole('button', { name: 'Sign out there' })).toHaveCount(0);
  await elsewhere.reload();
  await team.typeSignIn(elsewhere);
  await elsewhere.getByLabel('Code of your authenticator').fill(codeOf(secret, Date.now()));
  await elsewhere.getByRole('button', { name: 'Sign in' }).click();
  await expect(elsewhere.getByRole('heading', { name: 'Designs' })).toBeVisible();

  await page.getByRole('button', { name: 'Sign out here' }).click();
  await team.typeSignIn(page);
  await page.getByLabel('Code of your authenticator').fill(spare);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('7 spare codes are left')).toBeVisible();
  // It goes with the password and a code, not with one of them.
  await page.getByLabel('Your password, to sign in without a code again').fill('a long password');
  await page.getByLabel('A code that your authenticator shows').fill(spare);
  await page.getByRole('button', { name: 'No code any more' }).click();
  await expect(page.getByRole('alert')).toContainText('was used before');
  await page.getByLabel('A code that your authenticator shows').fill(second);
  await page.getByRole('button', { name: 'No code any more' }).click();
  await expect(page.getByRole('button', { name: 'Set it up' })).toBeVisible();
  await other.close();
});

test('signing out says when the server is out of reach, and waits for an answer that is late', async ({
  page,
  team,
}) => {
  await page.goto('/team');
  await expect(page.getByRole('heading', { name: team.name })).toBeVisible();
  let isCut = true;
  await page.route('**/api/session', async (route) => {
    if (route.request().method() !== 'DELETE') {
      return route.fallback();
    }
    if (isCut) {
      return route.abort();
    }
    await new Promise((done) => setTimeout(done, 1_500));

    return route.continue();
  });
  const out = page.getByRole('button', { name: 'Sign out here' });
  await out.click();
  await expect(page.getByRole('main').getByText('The server is out of reach').first()).toBeVisible();
  await expect(page.getByRole('heading', { name: team.name })).toBeVisible();

  isCut = false;
  await out.click();
  await expect(out).toBeDisabled();
  await team.typeSignIn(page);
  await expect(page.getByRole('heading', { name: team.name })).toBeVisible();
});

test('a team that is closed says so on every screen, and can be kept', async ({ page, team }) => {
  await page.goto('/team');
  await expect(page.getByRole('heading', { name: team.name })).toBeVisible();
  await page.getByRole('button', { name: 'Close the team …' }).click();
  await page.getByRole('dialog').getByLabel('Your password').fill('guessed it');
  await page.getByRole('dialog').getByRole('button', { name: 'Close the team' }).click();
  await expect(page.getByRole('alert')).toContainText('not the password');
  await page.getByRole('dialog').getByLabel('Your password').fill('a long password');
  await page.getByRole('dialog').getByRole('button', { name: 'Close the team' }).click();
  await expect(page.getByText(/This team is closed/)).toBeVisible();
  await page.goto('/designs');
  await page.getByRole('link', { name: 'keep it after all' }).click();
  await page.getByRole('button', { name: 'Keep it after all' }).click();
  await expect(page.getByText(/This team is closed/)).toBeHidden();
});

test('all that is a team’s is taken out as one file, with pictures, and brought into an empty team', async ({
  page,
  team,
  browser,
}) => {
  const design = await team.design('Wave band', [step('Wave', '0:30')]);
  await team.runningDay(1, [design], ['Noor']);
  await page.goto('/team');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Take it out' }).click(),
  ]);
  const zip = await download.path();
  const files = unzipSync(readFileSync(zip));
  expect(Object.keys(files)).toEqual(
    expect.arrayContaining(['pictures/Wave band.svg', 'tables/designs.jsonl', 'designs.json', 'faces.csv']),
  );
  expect(strFromU8(files['tables/chair_events.jsonl'] ?? new Uint8Array())).not.toContain('Noor');

  // Into this one it cannot go, and says why.
  await page.getByLabel(/^Bring such a file/).setInputFiles(zip);
  await expect(page.getByRole('alert')).toContainText(
    'This team has designs, events, menus or a kit already',
  );

  const other = await browser.newContext();
  const theirs = await other.newPage();
  await foundTeam(theirs, 'Anew', `anew-${Date.now()}@example.org`);
  await theirs.goto('/team');
  await theirs.getByLabel(/^Bring such a file/).setInputFiles(zip);
  await expect(theirs.getByText('It is here.')).toBeVisible();
  await theirs.goto('/designs');
  await expect(theirs.getByText('Wave band')).toBeVisible();
  await other.close();
});

test('an event with its faces goes to another team, and out of it again', async ({ page, team, browser }) => {
  const design = await team.design('Wave band', [step('Wave', '0:30')]);
  const day = await team.runningDay(1, [design], ['Noor']);
  const [child] = (await team.line(day)).waiting;
  const [plan] = await team.plans(day);
  const at = Date.now() - 50_000;
  await team.taps(day, [
    { kind: 'seated', at, ticket: child?.id, chair: 1, plan: plan?.id },
    { kind: 'finished', at: at + 40_000, ticket: child?.id },
  ]);
  await page.goto(`/logbook/${day.id}`);
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'The event as a file' }).click(),
  ]);
  const zip = await download.path();

  const other = await browser.newContext();
  const theirs = await other.newPage();
  await foundTeam(theirs, 'Dune Faces', `dune-${Date.now()}@example.org`);
  await theirs.goto('/logbook');
  await theirs.getByLabel('Bring in a file').setInputFiles(zip);
  await expect(theirs.getByText('This event came with a file.')).toBeVisible();
  await expect(theirs.getByRole('heading', { name: 'Sand bar' })).toBeVisible();
  await expect(theirs.getByText('Wave band').first()).toBeVisible();
  await theirs.goto('/logbook');
  await expect(theirs.getByText('1 face', { exact: true })).toBeVisible();
  // Once is enough.
  await theirs.getByLabel('Bring in a file').setInputFiles(zip);
  await expect(theirs.getByRole('alert')).toContainText('is here already. Nothing was brought in.');

  await theirs.goto('/logbook');
  await theirs.getByRole('link', { name: /1 face/ }).click();
  await theirs.getByRole('button', { name: 'Take it out again' }).click();
  await expect(theirs.getByText('Nothing is logged yet.')).toBeVisible();
  await other.close();
});
