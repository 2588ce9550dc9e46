import { execFileSync } from 'node:child_process';
import { newId } from '../../resources/js/lib/ids';
import { bigKey, choose, expect, openChair, pedal, step, test } from './team';

test('takes names, moves, calls, changes and takes off, and brings back', async ({ page, team }) => {
  const wave = await team.design('Wave band', [step('Wave', '1:00')]);
  const crab = await team.design('Crab nose', [step('Crab', '2:00')]);
  const day = await team.runningDay(1, [wave, crab], ['Noor', 'Emil', 'Ada']);
  const queue = async () =>
    (await team.line(day)).waiting.map(({ number, firstName, design, called }) =>
      [number, firstName, design, ...(called ? ['called'] : [])].join(' '),
    );
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: /^3 Ada/ }).click();
  await page.getByRole('button', { name: 'Earlier' }).click();
  await expect.poll(queue).toEqual(['1 Noor Wave band', '3 Ada Wave band', '2 Emil Crab nose']);
  await page.getByRole('button', { name: 'Call', exact: true }).click();
  await page.getByRole('button', { name: /^3 Ada/ }).focus();
  await page.keyboard.press('Alt+ArrowUp');
  await expect.poll(queue).toEqual(['3 Ada Wave band called', '1 Noor Wave band', '2 Emil Crab nose']);
  await page.getByLabel('First name', { exact: true }).fill('Adele');
  await choose(page, 'Design', 'Crab nose');
  await page.getByRole('button', { name: 'Change', exact: true }).last().click();
  await expect.poll(queue).toEqual(['3 Adele Crab nose called', '1 Noor Wave band', '2 Emil Crab nose']);
  await page.getByRole('button', { name: /^1 Noor/ }).click();
  await page.getByRole('button', { name: 'Did not come' }).click();
  await expect.poll(queue).toEqual(['3 Adele Crab nose called', '2 Emil Crab nose']);
  await page.getByRole('button', { name: 'Bring No. 1 back' }).click();
  await expect.poll(queue).toEqual(['3 Adele Crab nose called', '1 Noor Wave band', '2 Emil Crab nose']);
  await page.getByRole('button', { name: 'Close the line' }).click();
  await expect(page.getByText('The line is closed. Open it to take names.')).toBeVisible();
});

test('moves the call times as the chair falls behind', async ({ page, team }) => {
  const wave = await team.design('Wave band', [step('Wave', '1:00'), step('Foam', '1:00')]);
  const day = await team.runningDay(1, [wave], ['Noor', 'Emil']);
  const [first] = (await team.line(day)).waiting;
  await team.taps(day, [
    { kind: 'seated', at: Date.now(), ticket: first?.id, chair: 1, plan: first?.planId },
  ]);
  const inTime = (await team.line(day)).waiting[0]?.callAt ?? 0;
  await team.taps(day, [{ kind: 'paused', at: Date.now(), ticket: first?.id }]);
  await page.goto(`/events/${day.id}`);
  await expect(page.getByRole('button', { name: /^2 Emil/ })).toContainText(/\d\d:\d\d to \d\d:\d\d/);
  await expect.poll(async () => (await team.line(day)).waiting[0]?.callAt ?? 0).toBeGreaterThan(inTime);
});

test('gives every child a number of its own, however many names are taken at once', async ({ team }) => {
  const wave = await team.design('Wave band', [step('Wave', '1:00')]);
  const day = await team.runningDay(2, [wave]);
  const names = Array.from({ length: 24 }, () => [
    { kind: 'joined', at: Date.now(), ticket: newId(), design: wave.id },
  ]);
  await Promise.all(names.map((taps) => team.taps(day, taps)));
  const numbers = (await team.line(day)).waiting.map(({ number }) => number).sort((a, b) => a - b);

  expect(numbers).toEqual(Array.from({ length: 24 }, (_, index) => index + 1));
});

test('twelve names take twenty-four taps, and each is told its number and time in large type', async ({
  page,
  team,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const wave = await team.design('Wave band', [step('Wave', '1:00')]);
  const crab = await team.design('Crab nose', [step('Crab', '2:00')]);
  const day = await team.runningDay(1, [wave, crab]);
  await page.goto(`/events/${day.id}`);
  const field = page.getByLabel('First name, if they like');
  await field.click();
  for (let number = 1; number <= 12; number++) {
    // One tap is the name that is typed into the field at hand, the other one the design.
    await page.keyboard.type(`Child ${number}`);
    await page.getByRole('button', { name: number % 2 === 0 ? /^Wave band/ : /^Crab nose/ }).click();
    const told = page.getByRole('status').filter({ hasText: `No. ${number}, about` });
    await expect(told).toHaveText(new RegExp(`^No\\. ${number}, about \\d\\d:\\d\\d Child ${number}\\s`));
    await expect(field).toBeFocused();
    await expect(field).toHaveValue('');
  }
  await expect
    .poll(async () => (await team.line(day)).waiting.map(({ number, firstName }) => `${number} ${firstName}`))
    .toEqual(Array.from({ length: 12 }, (_, at) => `${at + 1} Child ${at + 1}`));
});

test('a pasted party stands together, and goes to the front for what it costs the others', async ({
  page,
  team,
}) => {
  const wave = await team.design('Wave band', [step('Wave', '1:00')]);
  const crab = await team.design('Crab nose', [step('Crab', '2:00')]);
  const day = await team.runningDay(1, [wave, crab], ['Ada', 'Emil']);
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'A whole party' }).click();
  await page.getByLabel(/First names, one to a line/).fill('1. Noor: crab\n2. Wren Silverlake\n');
  await expect(
    page.getByText('2 children, one after another: Noor (Crab nose), Wren (Wave band).'),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Give them numbers' }).click();
  await expect(page.getByText('with No. 4')).toBeVisible();
  await page.getByRole('button', { name: /^3 Noor/ }).click();
  await expect(page.getByText(/as for a birthday child: 2 wait about\s+[4-7] min longer/)).toBeVisible();
  await page.getByRole('button', { name: 'To the front' }).click();
  await expect
    .poll(async () => (await team.line(day)).waiting.map(({ firstName }) => firstName))
    .toEqual(['Noor', 'Wren', 'Ada', 'Emil']);
});

test('a design that is sold out is not given out, until it is put back', async ({ page, team }) => {
  const wave = await team.design('Wave band', [step('Wave', '1:00')]);
  const day = await team.runningDay(1, [wave, await team.design('Crab nose', [step('Crab', '2:00')])]);
  await page.goto(`/events/${day.id}`);
  const offer = page
    .getByRole('list', { name: 'and the design:' })
    .getByRole('button', { name: /Wave band/ });
  await page.getByRole('button', { name: 'Sold out …' }).click();
  await offer.click();
  await expect(offer).toBeDisabled();
  await expect.poll(async () => (await team.line(day)).soldOut).toEqual([wave.id]);
  await page.getByRole('button', { name: 'Sold out …' }).click();
  await offer.click();
  await expect(offer).toBeEnabled();
});

test('prints a slip of the number that was given, and nothing else', async ({ page, team }) => {
  const wave = await team.design('Wave band', [step('Wave', '1:00')]);
  const day = await team.runningDay(1, [wave], ['Emil', 'Ada']);
  await page.goto(`/events/${day.id}`);
  await page.getByLabel('First name, if they like').fill('Noor');
  await page.getByRole('button', { name: /^Wave band/ }).click();
  await page.getByRole('button', { name: 'Slip of No. 3' }).click();
  await expect(page.getByRole('button', { name: 'Print the slip' })).toBeVisible();
  const path = test.info().outputPath('slip.pdf');
  await page.pdf({ path });
  const words = execFileSync('pdftotext', [path, '-'], { encoding: 'utf8' }).replaceAll(/\s+/g, ' ').trim();

  // The large number may be read before what stands above it.
  expect(words).toMatch(
    /^(?:Sand bar 3|3 Sand bar) Slip code [0-9A-Z]{3} Wave band about \d\d:\d\d between \d\d:\d\d and \d\d:\d\d$/,
  );
});

test('takes a name that chooses at the chair, and the chair paints what it chooses', async ({
  page,
  team,
}) => {
  const wave = await team.design('Wave band', [step('Wave', '1:00')]);
  const crab = await team.design('Crab nose', [step('Crab shell', '2:00')]);
  const day = await team.runningDay(1, [wave, crab]);
  await page.goto(`/events/${day.id}`);
  await page.getByLabel('First name, if they like').fill('Noor');
  await page.getByRole('button', { name: 'Chooses at the chair' }).click();
  await expect(page.getByRole('status')).toContainText('chooses at the chair, reckoned with Wave band');

  await openChair(page);
  await expect(page.getByText('chooses at the chair')).toBeVisible();
  await pedal(page);
  await page.getByRole('button', { name: 'Another design' }).click();
  await page.getByRole('button', { name: /^Crab nose/ }).click();
  await bigKey(page, 'All is well, begin');
  await expect(page.getByRole('heading', { name: 'Crab shell' })).toBeVisible();
  await expect.poll(async () => (await team.line(day)).chairs[0]?.child?.design).toBe('Crab nose');
});

test('each painter may have a line of their own, and a party may wait for one of them', async ({
  page,
  team,
}) => {
  team.addPainter('Odo');
  const wave = await team.design('Wave band', [step('Wave', '2:00')]);
  const day = await team.runningDay(2, [wave]);
  const [mara, odo] = (await team.line(day)).roster.painters.map(({ id }) => id);
  const wishes = async () => (await team.line(day)).waiting.map(({ wishId }) => wishId);
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'A line each' }).click();
  const lines = page.getByRole('list', { name: 'Whose line' });
  const take = () => page.getByRole('button', { name: /^Wave band/ }).click();
  await expect(lines.getByRole('button', { name: /^Mara/ })).toHaveAttribute('aria-pressed', 'true');
  await take();
  // The shorter line is proposed, and another one taken with a tap.
  await expect(lines.getByRole('button', { name: /^Odo .* 0 waiting/ })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await take();
  await lines.getByRole('button', { name: /^Odo/ }).click();
  await take();
  await expect.poll(wishes).toEqual([mara, odo, odo]);
  await expect(page.getByText('in the line of Odo')).toHaveCount(2);

  await page.getByRole('button', { name: 'A whole party' }).click();
  await page.getByLabel(/First names, one to a line/).fill('Wren\nJun');
  await choose(page, 'Painted', 'one after another, by Mara');
  await page.getByRole('button', { name: 'Give them numbers' }).click();
  await expect.poll(wishes).toEqual([mara, odo, odo, mara, mara]);

  await page.getByRole('button', { name: 'One line for all' }).click();
  await expect(lines).toBeHidden();
  await expect(page.getByText('wishes for Odo')).toHaveCount(2);
});

test('a chair knows who came with the child that is next, and where they are painted', async ({
  page,
  team,
}) => {
  team.addPainter('Odo');
  const day = await team.runningDay(2, [await team.design('Wave band', [step('Wave', '2:00')])]);
  await page.goto(`/events/${day.id}`);
  await page.getByRole('button', { name: 'A whole party' }).click();
  await page.getByLabel(/First names, one to a line/).fill('Wren\nJun');
  await page.getByRole('button', { name: 'Give them numbers' }).click();
  await expect.poll(async () => (await team.line(day)).waiting.length).toBe(2);

  await openChair(page, 'No. 1 Wren');
  await expect(page.getByText(/Came with No. 2 Jun, chair 2 about \d\d?:\d\d/)).toBeVisible();
  const [, jun] = (await team.line(day)).waiting;
  await team.taps(day, [{ kind: 'seated', at: Date.now(), ticket: jun?.id, chair: 2, plan: jun?.planId }]);
  await expect(page.getByText('Came with No. 2 Jun, who sits at chair 2.')).toBeVisible();
});
