// How fast the designs page and the bench are for eyes, in a real browser, with 200 designs and one of 30 steps:
//   node tools/bench/rooms.mjs URL EMAIL PASSWORD
// Prints milliseconds: the designs page from asking for it to its first tapes painted; the bench from an edit's key to tape and
// face map painted anew, and how long the server takes to time the edit; the bench from a tap on its design to tape, face and
// steps; forty pictures from a tap on "pictures"; a typed list of 30 lines and more from its last letter
// to tape and face, the pause of the typing included; a board of 12 designs until it can be printed.
import { chromium } from '@playwright/test';

const DESIGNS = 200;
const STEPS = 30;
const EDITS = 40;
const BOARD = 12;

const [url, email, password] = process.argv.slice(2);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const page = await browser.newPage({ baseURL: url, viewport: { width: 1280, height: 800 } });

/** Asks the server as the signed-in page does. */
const ask = (method, path, body) =>
  page.evaluate(
    async ([method, path, body]) => {
      const token = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='));
      const answer = await fetch(`/api/${path}`, {
        method,
        headers: {
          Accept: 'application/json',
          'Content-Type': 'application/json',
          'X-XSRF-TOKEN': decodeURIComponent(token.slice('XSRF-TOKEN='.length)),
        },
        ...(body === null ? {} : { body: JSON.stringify(body) }),
      });
      if (!answer.ok) {
        throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
      }

      return answer.json();
    },
    [method, path, body ?? null],
  );
const middle = (numbers) => numbers.toSorted((a, b) => a - b)[Math.floor(numbers.length / 2)];

await page.goto('/');
await page.getByLabel('E-mail').fill(email);
await page.getByLabel('Password').fill(password);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.getByRole('navigation', { name: 'Rooms' }).waitFor();

const points = await ask('GET', 'designs/starting-points');
const known = (await ask('GET', 'designs')).length;
for (let number = known; number < DESIGNS - 1; number++) {
  const { name, placement } = points[number % points.length];
  await ask('POST', 'designs', { name: `${name} ${number}`, placement, startingPoint: name });
}
const line = (at) =>
  [
    'sponge sea grey cheek forehead both sides 12s',
    'brush 3 stripes black cheek both sides 8s',
    'brush 5 dots white temple both sides 6s',
    'brush 4 teardrops coral red under eye both sides 9s',
    'glitter gel cheekbone both sides 5s',
  ][at % 5];
const long = await ask('POST', 'designs', {
  name: 'Thirty steps',
  placement: 'full_face',
  list: Array.from({ length: STEPS }, (_, at) => line(at)).join('\n'),
});

const openings = [];
for (let turn = 0; turn < 5; turn++) {
  await page.goto('about:blank');
  await page.goto('/designs', { waitUntil: 'commit' });
  openings.push(
    await page.evaluate(
      () =>
        new Promise((painted) => {
          const look = () =>
            document.querySelector('main li svg') === null
              ? requestAnimationFrame(look)
              : requestAnimationFrame(() => painted(performance.now()));
          look();
        }),
    ),
  );
}

await page.goto(`/designs/${long.id}`);
await page.locator('[id^=piece-]').nth(4).focus();
const edits = await page.evaluate(async (count) => {
  const took = [];
  const total = () =>
    document.querySelector('main svg[role=img][aria-label$=" steps"]').getAttribute('aria-label');
  const frame = () => new Promise((then) => requestAnimationFrame(then));
  for (let edit = 0; edit < count; edit++) {
    const before = total();
    const began = performance.now();
    document.activeElement.dispatchEvent(
      new KeyboardEvent('keydown', {
        key: edit % 2 ? 'ArrowLeft' : 'ArrowRight',
        shiftKey: true,
        bubbles: true,
      }),
    );
    while (total() === before) {
      await frame();
    }
    await frame();
    took.push(performance.now() - began);
    await new Promise((then) => setTimeout(then, 150));
  }

  const asked = performance
    .getEntriesByType('resource')
    .filter((entry) => entry.name.includes('/api/designs/'));

  return { took, answered: asked.slice(-count).map((entry) => entry.duration) };
}, EDITS);

/** Milliseconds from a tap on the first of those elements until so many of the others stand there, and are painted. */
const fromTap = (tapped, shown, count) =>
  page.evaluate(
    ([tapped, shown, count]) =>
      new Promise((then) => {
        const began = performance.now();
        document.querySelector(tapped).click();
        const look = () =>
          document.querySelectorAll(shown).length < count
            ? requestAnimationFrame(look)
            : requestAnimationFrame(() => then(performance.now() - began));
        look();
      }),
    [tapped, shown, count],
  );

const benches = [];
for (let turn = 0; turn < 7; turn++) {
  await page.goto('/designs');
  await page.locator('main li svg').nth(3).waitFor();
  await page.evaluate((id) => {
    const link = document.querySelector('main li a[href^="/designs/"]');
    link.href = `/designs/${id}`;
  }, long.id);
  benches.push(
    await fromTap('main li a[href^="/designs/"]', '[id^=piece-], main section svg[role=img]', STEPS + 1),
  );
}

// As tall as to have forty pictures on it.
await page.setViewportSize({ width: 1280, height: 2900 });
const walls = [];
for (let turn = 0; turn < 5; turn++) {
  await page.goto('/designs');
  await page.locator('main li svg').nth(3).waitFor();
  walls.push(await fromTap('input[name=view][value=pictures]', 'main li a.group svg[role=img]', 40));
}
await page.setViewportSize({ width: 1280, height: 800 });

await page.goto('/designs');
await page.getByRole('button', { name: 'New design' }).click();
await page.getByText('your own words').click();
const typed = page.getByLabel('Type or paste it as you say it');
await typed.fill(Array.from({ length: STEPS - 1 }, (_, at) => line(at)).join('\n'));
await page.getByText(`${STEPS - 1} steps`, { exact: true }).waitFor();
await typed.press('End');
const listed = [];
for (let turn = 1; turn <= 10; turn++) {
  // The letters before the last one are no matter: each turn one line more, of which the last letter is timed.
  await typed.evaluate((field) => field.setSelectionRange(field.value.length, field.value.length));
  await page.keyboard.insertText('\nwhite dots 5');
  const steps = STEPS - 1 + turn;
  await page.getByText(`${steps} steps`, { exact: true }).waitFor();
  const drawn = page.evaluate(
    () =>
      new Promise((then) => {
        const began = performance.now();
        const before = document.querySelector('[role=dialog] .minutes').textContent;
        const look = () =>
          document.querySelector('[role=dialog] .minutes').textContent === before
            ? requestAnimationFrame(look)
            : requestAnimationFrame(() => then(performance.now() - began));
        look();
      }),
  );
  await page.keyboard.insertText('9s');
  listed.push(await drawn);
}

// A board of twelve designs, from asking for it until its pictures stand on the paper.
const designs = (await ask('GET', 'designs')).slice(0, BOARD);
const menu = await ask('POST', 'menus', {
  name: `Board ${Date.now()}`,
  offers: designs.map(({ id }) => ({
    designId: id,
    rung: null,
    promiseMs: null,
    priceCents: 400,
    group: null,
  })),
});
const boards = [];
for (let turn = 0; turn < 5; turn++) {
  await page.goto('about:blank');
  await page.goto(`/menu/${menu.id}/board`, { waitUntil: 'commit' });
  boards.push(
    await page.evaluate(
      (count) =>
        new Promise((ready) => {
          const look = () =>
            document.querySelectorAll('.paper li svg').length < count
              ? requestAnimationFrame(look)
              : requestAnimationFrame(() => ready(performance.now()));
          look();
        }),
      BOARD,
    ),
  );
}
await browser.close();
console.log(
  JSON.stringify({
    designs: middle(openings),
    edit: middle(edits.took),
    answer: middle(edits.answered),
    bench: middle(benches),
    wall: middle(walls),
    list: middle(listed),
    board: middle(boards),
  }),
);
