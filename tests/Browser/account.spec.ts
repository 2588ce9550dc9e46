import { choose, expect, step, test } from './team';

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
  await expect(theirs.getByRole('alert')).toContainText('10 letters at least');
  await theirs.getByLabel(/^A password/).fill('three words more');
  await theirs.getByRole('button', { name: 'Come in' }).click();
  // Whoever helps finds the events, and nothing else.
  await expect(theirs.getByRole('link', { name: 'Events' })).toBeVisible();
  await expect(theirs.getByRole('link', { name: 'Designs' })).toBeHidden();
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
