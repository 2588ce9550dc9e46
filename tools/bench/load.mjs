// Sends taps and reads of a line at a steady rate, whether or not the answers keep up, and prints what it measured as JSON.
//   node tools/bench/load.mjs URL EMAIL PASSWORD DAY_ID REQUESTS_A_SECOND SECONDS
// A request's time runs from the moment it was due, so waiting behind others counts too. Loopback addresses only.
import { ulid } from 'ulid';

const [url, email, password, dayId, rate, seconds] = process.argv.slice(2);
if (!['127.0.0.1', 'localhost', '[::1]'].includes(new URL(url).hostname)) {
  throw new Error('The load is for a server on this machine only.');
}
const cookies = new Map();

async function call(path, body) {
  const response = await fetch(`${url}/api/${path}`, {
    method: body === undefined ? 'GET' : 'POST',
    headers: {
      Accept: 'application/json',
      'Content-Type': 'application/json',
      Cookie: [...cookies].map(([name, value]) => `${name}=${value}`).join('; '),
      'X-XSRF-TOKEN': decodeURIComponent(cookies.get('XSRF-TOKEN') ?? ''),
    },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  const answer = await response.json();
  if (!response.ok) {
    throw new Error(`${path}: ${response.status} ${answer.message}`);
  }

  return { answer, setCookies: response.headers.getSetCookie() };
}

async function signIn() {
  for (const body of [undefined, { email, password }]) {
    const { setCookies } = await call('session', body);
    for (const cookie of setCookies) {
      const [name, value] = cookie.split(';')[0].split('=');
      cookies.set(name, value);
    }
  }
}

/**
 * Pausing and resuming a face goes on for ever and is a tap like any other. As in a browser, the next tap of a chair is
 * sent when the one before it is answered.
 */
class ChairTaps {
  paused = false;
  last = Promise.resolve();

  constructor(ticket) {
    this.ticket = ticket;
  }

  send() {
    this.last = this.last.then(() => {
      this.paused = !this.paused;
      const kind = this.paused ? 'paused' : 'resumed';

      return call(`days/${dayId}/taps`, {
        taps: [{ id: ulid().toLowerCase(), kind, at: Date.now(), ticket: this.ticket }],
      });
    });

    return this.last;
  }
}

function quantile(times, share) {
  return times.toSorted((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))];
}

await signIn();
const { answer: line } = await call(`days/${dayId}/line`);
const chairs = line.chairs
  .map((chair) => chair.child)
  .filter((child) => child !== null && child.paintedAt === null)
  .map((child) => new ChairTaps(child.id));
if (chairs.length === 0) {
  throw new Error('Nobody is being painted on that day.');
}
const times = { taps: [], line: [] };
const failures = [];
const total = Number(rate) * Number(seconds);
const start = performance.now() + 200;
await Promise.all(
  Array.from({ length: total }, async (_, index) => {
    const due = start + (index * 1000) / Number(rate);
    await new Promise((resolve) => setTimeout(resolve, due - performance.now()));
    const what = index % 2 === 0 ? 'taps' : 'line';
    try {
      await (what === 'taps' ? chairs[(index / 2) % chairs.length].send() : call(`days/${dayId}/line`));
      times[what].push(performance.now() - due);
    } catch (error) {
      failures.push(String(error));
    }
  }),
);
const figures = (one) => ({
  count: one.length,
  p50: quantile(one, 0.5),
  p95: quantile(one, 0.95),
  max: Math.max(...one),
});
console.log(
  JSON.stringify({
    taps: figures(times.taps),
    line: figures(times.line),
    failures: failures.length,
    first: failures[0] ?? null,
  }),
);
