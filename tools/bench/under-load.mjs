// Taps while all that reckons is busy: ladders, best orders, schools, forecasts, levers and files, each asked for again as soon as it
// is answered, by four at once.
//   node tools/bench/under-load.mjs URL EMAIL PASSWORD SECONDS
// A tap's time runs from the moment it was due. Prints what it measured as JSON.
import { ulid } from 'ulid';
import { Painter } from './painter.mjs';

const [url, email, password, seconds] = process.argv.slice(2);
const EVERY_MS = 100;
const AT_ONCE = 4;
const painter = await Painter.signedIn(url, email, password);
const ask = (...sent) => painter.ask(...sent);
const json = (...sent) => painter.json(...sent);

const step = (at) => ({
  id: ulid().toLowerCase(),
  name: `Step ${at}`,
  medium: at % 3 === 0 ? 'sponge' : 'brush',
  tool: at % 3 === 0 ? 'half sponge' : `round ${1 + (at % 4)}`,
  colours: [
    { name: ['sea grey', 'white', 'night blue'][at % 3], hex: ['#8593a0', '#fafaf7', '#1d2a5b'][at % 3] },
  ],
  zones: [['cheek', 'forehead', 'nose', 'chin'][at % 4]],
  side: 'both',
  coats: 1,
  dryFor: null,
  optional: at % 4 === 1,
  note: null,
  time: `0:${10 + (at % 30)}`,
});
const blank = await json('POST', 'designs', { name: `Load ${ulid().slice(-5)}`, placement: 'full_face' });
const design = await json('PUT', `designs/${blank.id}`, {
  revision: 1,
  name: blank.name,
  placement: 'full_face',
  promise: '9:00',
  steps: Array.from({ length: 24 }, (_, at) => step(at)),
});
const file = (await ask('GET', `designs/${design.id}/file`)).text;
const hour = (shift) => {
  const at = Math.min(23, Math.max(0, new Date().getUTCHours() + shift));

  return `${String(at).padStart(2, '0')}:${shift > 0 ? '59' : '00'}`;
};
const day = await json('POST', 'days', {
  name: 'Load',
  place: '',
  timezone: 'UTC',
  date: new Date().toISOString().slice(0, 10),
  opens: hour(-2),
  closes: hour(4),
  chairs: 2,
  turnaround: '1:00',
});
await json('PUT', `days/${day.id}/menu`, {
  items: [{ designId: design.id, promise: '9:00', priceCents: null }],
});
// A line as long as at a fair.
const children = Array.from({ length: 20 }, () => ({
  id: ulid(),
  kind: 'joined',
  at: Date.now(),
  ticket: ulid(),
  design: design.id,
}));
await json('POST', `days/${day.id}/taps`, {
  taps: [{ id: ulid(), kind: 'opened', at: Date.now() }, ...children],
});
const { terms } = await json('GET', `days/${day.id}/plan`);

const dear = [
  () => ask('GET', `designs/${design.id}/ladder`),
  () => ask('GET', `designs/${design.id}/best-order?seconds=8`),
  () => ask('GET', `designs/${design.id}/schools`),
  () => ask('POST', `days/${day.id}/levers`, { ...terms, children: 400 }),
  () => ask('POST', `days/${day.id}/forecast`, { ...terms, children: 400 }),
  () => ask('POST', 'designs/file', file),
];
/** Asks after a search as a screen does, till it is over. */
async function found(search) {
  for (let pause = 60; ; pause = Math.min(400, pause * 1.3)) {
    await new Promise((resolve) => setTimeout(resolve, pause));
    const body = await json('GET', `searches/${search}`);
    if (body.status !== null) {
      answered[`found ${body.status}`] = (answered[`found ${body.status}`] ?? 0) + 1;
      return;
    }
  }
}
const ends = Date.now() + 1000 * Number(seconds);
const answered = {};
async function busy(first) {
  for (let at = first; Date.now() < ends; at++) {
    const { status, text } = await dear[at % dear.length]();
    if (status === 202) {
      await found(JSON.parse(text).search);
    }
    answered[status] = (answered[status] ?? 0) + 1;
    if (status === 429) {
      await new Promise((resolve) => setTimeout(resolve, 200));
    }
  }
}

const times = [];
let failures = 0;
let isSoldOut = false;
async function tap() {
  const due = performance.now();
  isSoldOut = !isSoldOut;
  const { status } = await ask('POST', `days/${day.id}/taps`, {
    taps: [{ id: ulid(), kind: isSoldOut ? 'sold_out' : 'on_menu_again', at: Date.now(), design: design.id }],
  });
  times.push(performance.now() - due);
  failures += status === 200 ? 0 : 1;
}
const load = Array.from({ length: AT_ONCE }, (_, at) => busy(at));
const taps = [];
while (Date.now() < ends) {
  taps.push(tap());
  await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
}
await Promise.all([...taps, ...load]);
times.sort((one, other) => one - other);
const at = (share) => Math.round(times[Math.floor(share * (times.length - 1))]);
console.log(
  JSON.stringify({ taps: times.length, failures, p50: at(0.5), p95: at(0.95), longest: at(1), answered }),
);
await json('DELETE', `days/${day.id}`).catch(() => undefined);
