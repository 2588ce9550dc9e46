import { execFileSync } from 'node:child_process';
import type { DaySummary } from '../../resources/js/api/types.gen';
import { newId } from '../../resources/js/lib/ids';
import { choose, expect, step, test } from './team';

/** What faces of a day are seated with. */
type Plans = { id: string }[];

/** A day three weeks from now as a form wants it. */
const LATER = new Date(Date.now() + 21 * 86_400_000).toISOString().slice(0, 10);

const calendar = (...events: string[]) =>
  [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//Elsewhere//EN',
    ...events.flatMap((lines) => ['BEGIN:VEVENT', 'DTSTAMP:20260101T000000Z', lines, 'END:VEVENT']),
    'END:VCALENDAR',
    '',
  ].join('\r\n');

test('the lantern fair, planned from scratch', async ({ page, team }) => {
  team.addPainter('Tobi');
  await team.design('Wave band', [step('Wave', '1:30')]);
  await team.design('Seal pup', [
    step('Base', '2:00'),
    step('Whiskers', '1:30', { optional: true, look: 4 }),
  ]);
  await team.design('Puffin mask', [step('Base', '2:30'), step('Beak', '1:00')]);

  // What is offered.
  await page.goto('/menu');
  await page.getByLabel('A new menu, called').fill('Fairs');
  await page.getByRole('button', { name: 'Make the menu' }).click();
  for (const [design, price] of [
    ['Wave band', '4'],
    ['Seal pup', '6.50'],
    ['Puffin mask', '7'],
  ] as const) {
    await page.getByRole('button', { name: new RegExp(design) }).click();
    await page.getByLabel(`Price of ${design}`).fill(price);
    await page.getByLabel(`Price of ${design}`).press('Tab');
    await expect(page.getByText('€').first()).toBeVisible();
  }

  // When and where.
  await page.goto('/events');
  await page.getByRole('button', { name: 'New event day' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Harbour lantern fair');
  await page.getByLabel('Place').fill('Lantern Quay');
  await page.getByLabel('Date').fill(LATER);
  await page.getByLabel('Chairs').fill('2');
  await page.getByRole('button', { name: 'Make the day' }).click();
  await expect(page.getByRole('heading', { name: 'Harbour lantern fair' })).toBeVisible();

  await page.goto('/menu');
  await page.getByRole('link', { name: /Fairs/ }).click();
  await page.getByRole('button', { name: /Harbour lantern fair/ }).click();
  await expect(page.getByText('Harbour lantern fair offers this now.')).toBeVisible();

  // Will everyone be painted?
  await page.goto('/events');
  await page.getByRole('link', { name: /Harbour lantern fair/ }).click();
  const sheets = page.getByRole('navigation', { name: 'Of this event' });
  await sheets.getByRole('link', { name: 'Plan' }).click();
  await page.getByRole('button', { name: 'Festival' }).click();
  const answer = (question: string) => page.locator('dl > div', { hasText: question }).locator('.minutes');
  await expect(answer('How many an hour?')).toHaveText(/^[1-9]/);
  await expect(answer('What do I earn an hour?')).toHaveText(/^€[1-9]/);

  // What to charge: the wished hour dragged up asks for more.
  await sheets.getByRole('link', { name: 'Money' }).click();
  const asked = page.getByRole('region', { name: 'What a face has to cost' }).locator('.minutes').first();
  await expect(asked).toHaveText(/^€/);
  const before = await asked.textContent();
  const hour = page.getByLabel(/Wished for an artist’s hour/);
  await hour.focus();
  await hour.press('End');
  await expect(asked).not.toHaveText(before ?? '');
  await expect(page.getByText(/Another wished hour/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(asked).toHaveText(before ?? '');

  // What is left to do before, and what goes into the bags.
  await sheets.getByRole('link', { name: 'Before' }).click();
  await expect(page.getByText(/things are left to look at/)).toBeVisible();
  await expect(page.getByText('The air, hour by hour')).toBeVisible();
  await sheets.getByRole('link', { name: 'Packing' }).click();
  await page.getByLabel('What else is packed').fill('lamp');
  await page.getByRole('button', { name: 'Add it to every event' }).click();
  await page.getByRole('checkbox', { name: /lamp/ }).check();
  await expect(page.getByText(/1 of \d+ packed/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('checkbox', { name: /lamp/ })).toBeChecked();

  // It takes place again, with all of that.
  await sheets.getByRole('link', { name: 'Line' }).click();
  await page.getByRole('button', { name: 'Again on other days' }).click();
  await page.getByLabel('How many times').fill('2');
  await page.getByRole('button', { name: 'Make these 2 days' }).click();
  await expect(page.getByText('2 days more are in the diary.')).toBeVisible();
  await expect(page.getByRole('link', { name: /Harbour lantern fair/ })).toHaveCount(3);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /Harbour lantern fair/ })).toHaveCount(1);
});

test('the boat shed party: who, when, what it costs, and what it used up', async ({ page, team }) => {
  const day = await team.runningDay(1, [
    await team.design('Starfish', [step('Star', '2:00')]),
    await team.design('Crab nose', [step('Nose', '1:00'), step('Claws', '1:00')]),
  ]);
  await page.goto(`/events/${day.id}/plan`);
  await page.getByRole('button', { name: 'Party' }).click();
  await expect(page.getByText('At once')).toBeVisible();
  await page
    .getByLabel(/One child a line/)
    .fill('Noor 7 birthday\nOdo 4\nMila 6 + Ben 5\nAda 7\nYusuf 8\nLina 6\nEmil 7');
  await page.getByRole('button', { name: 'Put them in order' }).click();
  const order = page.getByRole('status').getByRole('listitem');
  await expect(order).toHaveCount(8);
  await expect(order.first()).toHaveText(/Noor/);

  const sheets = page.getByRole('navigation', { name: 'Of this event' });
  await sheets.getByRole('link', { name: 'Money' }).click();
  const quote = page.getByRole('region', { name: 'What to ask for the whole' });
  await expect(quote.getByText('The booking')).toBeVisible();
  const way = page.getByLabel(/The way there/);
  await way.focus();
  await way.press('End');
  await expect(quote.getByText(/300 km at €0.30/)).toBeVisible();

  // What is printed is the quote alone.
  const path = test.info().outputPath('quote.pdf');
  await page.pdf({ path });
  const printed = execFileSync('pdftotext', [path, '-'], { encoding: 'utf8' });
  expect(printed).toContain('The booking');
  expect(printed).toContain('Dune fair');
  expect(printed).not.toContain('What a face has to cost');
  expect(printed).not.toContain('We are paid in');

  // Paid in another currency the figures stay.
  await choose(page, 'We are paid in', /^JPY/);
  await expect(quote.getByText(/¥\d/).first()).toBeVisible();
  await expect(page.getByLabel('Least we set out for')).toHaveValue('80');
});

test('a calendar is looked at before anything of it is taken, and given back', async ({ page, team }) => {
  await team.signIn();
  await page.goto('/events');
  await page.getByRole('button', { name: 'Calendar' }).click();
  const sheet = page.getByRole('dialog', { name: 'Calendar' });
  const choose = (text: string) =>
    sheet.locator('input[type=file]').setInputFiles({
      name: 'bookings.ics',
      mimeType: 'text/calendar',
      buffer: Buffer.from(text),
    });
  await choose('no calendar at all');
  await expect(sheet.getByRole('alert')).toContainText('That is no calendar that can be read');
  await choose(`BEGIN:VCALENDAR\r\nX:${'x'.repeat(9_500_000)}`);
  await expect(sheet.getByRole('alert')).toContainText('more than the 5 MB that are read');

  const time = `${LATER.replaceAll('-', '')}T100000Z`;
  await choose(
    calendar(
      `UID:a\r\nSUMMARY:Pier fair\r\nDTSTART:${time}\r\nDURATION:PT4H`,
      `UID:b\r\nSUMMARY:Boat shed\r\nDTSTART:${time}\r\nDURATION:PT1H`,
      'UID:c\r\nSUMMARY:Long ago\r\nDTSTART:20200101T100000Z\r\nDURATION:PT1H',
    ),
  );
  await expect(sheet.getByRole('checkbox', { name: /Pier fair/ })).toBeChecked();
  await expect(sheet.getByRole('checkbox', { name: /Long ago/ })).not.toBeChecked();
  await expect(sheet.getByText(/At the same time as Pier fair/)).toBeVisible();
  await sheet.getByRole('button', { name: 'Take these 2' }).click();
  await expect(page.getByText('2 bookings are taken.')).toBeVisible();
  await expect(page.getByText(/At the same time as Boat shed/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('No events yet.')).toBeVisible();

  // The private link is read without a session, until it is revoked.
  await page.getByRole('button', { name: 'Calendar' }).click();
  await sheet.getByRole('button', { name: 'Make a link' }).click();
  const address = await sheet.getByLabel('Private link').inputValue();
  const stranger = await page.request.fetch(new URL(address).pathname, { headers: { Cookie: '' } });
  expect(await stranger.text()).toContain('BEGIN:VCALENDAR');
  await sheet.getByRole('button', { name: 'Revoke it' }).click();
  await expect(sheet.getByRole('button', { name: 'Make a link' })).toBeVisible();
  expect((await page.request.get(new URL(address).pathname)).status()).toBe(404);
});

test('what a day used up is weighed, taken off the stock, and put back', async ({ page, team }) => {
  const design = await team.design('Starfish', [step('Star', '2:00')]);
  await team.send('post', 'kit', {
    kind: 'paint',
    name: 'sea grey',
    howMany: 1,
    colours: [{ name: 'sea grey', hex: '#8593a0' }],
    paintKind: 'wax',
    finish: 'regular',
    gramsLeft: 40,
    lengthMm: null,
    widthMm: null,
    reservedFor: '',
    skinSafe: true,
    latex: false,
    gel: false,
    selfStick: false,
  });
  // Yesterday, with a dozen faces.
  const day = await team.send<DaySummary>('post', 'days', {
    name: 'Dune fair',
    place: '',
    timezone: 'UTC',
    date: new Date(Date.now() - 86_400_000).toISOString().slice(0, 10),
    opens: '10:00',
    closes: '12:00',
    chairs: 1,
    turnaround: '1:00',
  });
  await team.send('put', `days/${day.id}/menu`, {
    items: [{ designId: design.id, promise: '2:30', priceCents: null }],
  });
  const plans = await team.get<Plans>(`days/${day.id}/plans`);
  await team.taps(day, [
    { kind: 'opened', at: day.opensAt },
    ...Array.from({ length: 12 }, (_, at) => {
      const ticket = newId();
      const seated = day.opensAt + 1000 + at * 180_000;

      return [
        { kind: 'joined', at: day.opensAt + at, ticket, design: design.id },
        { kind: 'seated', at: seated, ticket, chair: 1, plan: plans[0]?.id },
        { kind: 'finished', at: seated + 120_000, ticket },
      ];
    }).flat(),
  ]);
  await page.goto(`/events/${day.id}/packing`);
  const used = page.getByRole('region', { name: 'What 12 faces used up' });
  await expect(used.getByLabel('sea grey left')).toHaveValue('39');
  await used.getByLabel('sea grey left').fill('30');
  await used.getByRole('button', { name: 'Take it off the stock' }).click();
  await expect(used.getByText('30 g ✓')).toBeVisible();
  await expect(page.getByText(/as you weighed it after events/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(used.getByLabel('sea grey left')).toBeVisible();
  await page.goto('/kit');
  await expect(page.getByText(/40 g/)).toBeVisible();
});
