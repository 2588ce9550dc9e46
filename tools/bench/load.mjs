// Sends taps and reads of a line at a steady rate, whether or not the answers keep up, and prints what it measured as JSON.
//   node tools/bench/load.mjs URL EMAIL PASSWORD DAY_ID REQUESTS_A_SECOND SECONDS
// A request's time runs from the moment it was due, so waiting behind others counts too. Loopback addresses only.
import { Agent, request } from 'node:http';
import { gunzipSync } from 'node:zlib';
import { ulid } from 'ulid';

const [url, email, password, dayId, rate, seconds] = process.argv.slice(2);
if (!['127.0.0.1', 'localhost', '[::1]'].includes(new URL(url).hostname)) {
  throw new Error('The load is for a server on this machine only.');
}
const cookies = new Map();
/** What the server called its last answer to each read. */
const names = new Map();

// Kept open as a browser keeps them; unpacking and reading an answer is not the server's time.
const agent = new Agent({ keepAlive: true });

/** Bytes of an answer, as they came over the wire. */
function send(path, body) {
  const headers = {
    Accept: 'application/json',
    'Accept-Encoding': 'gzip',
    'Content-Type': 'application/json',
    Cookie: [...cookies].map(([name, value]) => `${name}=${value}`).join('; '),
    'X-XSRF-TOKEN': decodeURIComponent(cookies.get('XSRF-TOKEN') ?? ''),
    // As a browser's page does: what is the same is not told again.
    ...(body === undefined && names.has(path) ? { 'If-None-Match': names.get(path) } : {}),
  };

  return new Promise((resolve, reject) => {
    const sent = request(
      `${url}/api/${path}`,
      { agent, headers, method: body === undefined ? 'GET' : 'POST' },
      (response) => {
        const chunks = [];
        response.on('data', (chunk) => chunks.push(chunk));
        response.on('end', () => resolve({ response, bytes: Buffer.concat(chunks) }));
        response.on('error', reject);
      },
    );
    sent.on('error', reject);
    sent.end(body === undefined ? undefined : JSON.stringify(body));
  });
}

async function call(path, body) {
  const { response, bytes } = await send(path, body);
  const answered = performance.now();
  if (body === undefined && response.headers.etag !== undefined) {
    names.set(path, response.headers.etag);
  }
  if (response.statusCode === 304) {
    return { answer: null, answered, setCookies: [] };
  }
  const text = response.headers['content-encoding'] === 'gzip' ? gunzipSync(bytes) : bytes;
  const answer = JSON.parse(text.toString());
  if (response.statusCode >= 300) {
    throw new Error(`${path}: ${response.statusCode} ${answer.message}`);
  }

  return { answer, answered, setCookies: response.headers['set-cookie'] ?? [] };
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
const painting = (line) =>
  line.chairs.map((chair) => chair.child).filter((child) => child !== null && child.paintedAt === null);
let { answer: line } = await call(`days/${dayId}/line`);
// The demo's fair may stand between two faces just now.
if (painting(line).length === 0) {
  const [next] = line.waiting;
  const free = line.chairs.find((chair) => chair.child === null) ?? line.chairs[0];
  const ended = free.child === null ? [] : [{ kind: 'finished', ticket: free.child.id }];
  const seated = { kind: 'seated', ticket: next.id, chair: free.chair, plan: next.planId };
  const taps = [...ended, seated].map((tap, index) => ({
    id: ulid().toLowerCase(),
    at: Date.now() + index,
    ...tap,
  }));
  ({ line } = (await call(`days/${dayId}/taps`, { taps })).answer);
}
const chairs = painting(line).map((child) => new ChairTaps(child.id));
if (chairs.length === 0) {
  throw new Error('Nobody could be seated on that day.');
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
      const { answered } = await (what === 'taps'
        ? chairs[(index / 2) % chairs.length].send()
        : call(`days/${dayId}/line`));
      times[what].push(answered - due);
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
agent.destroy();
console.log(
  JSON.stringify({
    taps: figures(times.taps),
    line: figures(times.line),
    failures: failures.length,
    first: failures[0] ?? null,
  }),
);
