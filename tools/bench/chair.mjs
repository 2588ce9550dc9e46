// Measures a chair in a real browser, on a day with thousands of taps behind it, and prints the figures as JSON.
//   node tools/bench/chair.mjs URL EMAIL PASSWORD
import { chromium } from '@playwright/test';
import { ulid } from 'ulid';

const [url, email, password] = process.argv.slice(2);
const EVENTS = 2000;
const OFFLINE_TAPS = 4000;
const SLOWDOWN = 6;
const PRESSES = 30;

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});
const context = await browser.newContext({ baseURL: url, viewport: { width: 1280, height: 800 } });

async function api(method, path, data) {
  const token = (await context.cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '';
  const answer = await context.request[method](`/api/${path}`, {
    ...(data === undefined ? {} : { data }),
    headers: { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
  });
  if (!answer.ok()) {
    throw new Error(`${path}: ${await answer.text()}`);
  }

  return answer.json();
}

let lastAt = Date.now() - 3_500_000;
const tap = (kind, more = {}) => ({ id: ulid(lastAt).toLowerCase(), kind, at: (lastAt += 500), ...more });

async function fullDay() {
  await api('get', 'session');
  const { teamId } = await api('post', 'session', { email, password });
  const [design] = (await api('get', 'designs')).filter(({ totalMs }) => totalMs > 0);
  const now = new Date();
  const hour = (shift) => `${String((now.getUTCHours() + shift + 24) % 24).padStart(2, '0')}:00`;
  const day = await api('post', 'days', {
    name: 'A day of many taps',
    place: '',
    timezone: 'UTC',
    date: new Date(now.getTime() - 3_600_000).toISOString().slice(0, 10),
    opens: hour(-1),
    closes: hour(6),
    chairs: 1,
    turnaround: '1:00',
  });
  await api('put', `days/${day.id}/menu`, {
    items: [{ designId: design.id, promise: '5:00', priceCents: null }],
  });
  const [plan] = await api('get', `days/${day.id}/plans`);
  const taps = [tap('opened')];
  while (taps.length < EVENTS) {
    const ticket = ulid().toLowerCase();
    taps.push(
      tap('joined', { ticket, design: design.id }),
      tap('seated', { ticket, chair: 1, plan: plan.id }),
      tap('asked', { ticket, answers: [] }),
      ...plan.steps.map(({ id }) => tap('step_done', { ticket, step: id })),
      tap('finished', { ticket }),
    );
  }
  const seated = ulid().toLowerCase();
  taps.push(
    tap('joined', { ticket: seated, design: design.id }),
    tap('seated', { ticket: seated, chair: 1, plan: plan.id }),
    tap('asked', { ticket: seated, answers: [] }),
  );
  for (let sent = 0; sent < taps.length; sent += 500) {
    const { outcomes } = await api('post', `days/${day.id}/taps`, { taps: taps.slice(sent, sent + 500) });
    const odd = outcomes.find(({ fate }) => fate !== 'kept');
    if (odd !== undefined) {
      throw new Error(JSON.stringify(odd));
    }
  }

  return { day: day.id, teamId, seated, events: taps.length };
}

const middle = (all) => all.toSorted((one, other) => one - other)[Math.floor(all.length / 2)];
const { day, teamId, seated, events } = await fullDay();
const page = await context.newPage();
await page.addInitScript((id) => localStorage.setItem('inch-timer.day', id), day);
const ready = () => page.getByRole('button', { name: /Done, next step|Go on/ }).waitFor();

async function open() {
  const began = performance.now();
  await page.goto('/', { waitUntil: 'commit' });
  await ready();

  return performance.now() - began;
}
const first = await open();
await page.evaluate(() => navigator.serviceWorker.ready);
const opened = [];
for (let again = 0; again < 5; again++) {
  opened.push(await open());
}

// From the key going down to the frame in which the screen says so.
const devtools = await context.newCDPSession(page);
await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWDOWN });
await page.evaluate(() => {
  window.shownAfter = [];
  let pressed = 0;
  addEventListener('keydown', (event) => (pressed = event.timeStamp), { capture: true });
  new MutationObserver(() => {
    if (pressed === 0) return;
    const at = pressed;
    pressed = 0;
    requestAnimationFrame(() => {
      const channel = new MessageChannel();
      channel.port1.onmessage = () => window.shownAfter.push(performance.now() - at);
      channel.port2.postMessage(null);
    });
  }).observe(document.querySelector('main') ?? document.body, {
    subtree: true,
    childList: true,
    characterData: true,
    attributes: true,
  });
});
for (let press = 0; press < PRESSES; press++) {
  await page.keyboard.press('p');
  await page.waitForTimeout(700);
}
const shown = await page.evaluate(() => window.shownAfter);
await devtools.send('Emulation.setCPUThrottlingRate', { rate: 1 });

// A day out of reach: its taps are kept in the browser, and the page comes back with them.
await context.setOffline(true);
let at = Date.now();
const kept = Array.from({ length: OFFLINE_TAPS }, (_, press) => {
  const id = ulid(++at).toLowerCase();
  const kind = (press + PRESSES) % 2 === 0 ? 'paused' : 'resumed';

  return { id, teamId, dayId: day, tap: { id, kind, at, ticket: seated } };
});
await page.evaluate(
  (taps) =>
    new Promise((resolve, reject) => {
      const opening = indexedDB.open('inch-timer');
      opening.onerror = () => reject(opening.error);
      opening.onsuccess = () => {
        const writing = opening.result.transaction('taps', 'readwrite');
        taps.forEach((one) => writing.objectStore('taps').put(one));
        writing.oncomplete = () => resolve(opening.result.close());
      };
    }),
  kept,
);
await context.setOffline(false);
const back = performance.now();
await page.goto('/', { waitUntil: 'commit' });
const isSent = async () => (await api('get', `days/${day}/line`)).story.taps.at(-1)?.id === kept.at(-1)?.id;
while (!(await isSent())) {
  await page.waitForTimeout(1000);
}
const sent = performance.now() - back;
await browser.close();
console.log(
  JSON.stringify({
    events,
    first: Math.round(first),
    opened: Math.round(middle(opened)),
    presses: shown.length,
    shown: Math.round(middle(shown)),
    shownLongest: Math.round(Math.max(...shown)),
    sent: Math.round(sent),
  }),
);
