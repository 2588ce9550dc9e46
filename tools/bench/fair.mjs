// A fair at full swing against a server on this machine: eight chairs and a names desk tap, boards and parents' phones look on.
//   node tools/bench/fair.mjs URL EMAIL PASSWORD SECONDS [TAPS_A_SECOND] [PHONES]
// A tap's time runs from the moment it was due, so waiting behind others counts too. Prints what it measured as JSON.
import { Agent, request } from 'node:http';
import { gunzipSync } from 'node:zlib';
import { Worker } from 'node:worker_threads';
import { ulid } from 'ulid';
import { listen } from './fair-phones.mjs';

const [url, email, password, seconds, rate = '10', phones = '200'] = process.argv.slice(2);
if (!['127.0.0.1', 'localhost', '[::1]'].includes(new URL(url).hostname)) {
  throw new Error('The load is for a server on this machine only.');
}
const CHAIRS = 8;
const BOARDS = 3;
const TICKETS = 500;
/** As the pages do: however fast others tap, no screen asks more often. */
const SCREEN_EVERY_MS = 400;

const cookies = new Map();
const agent = new Agent({ keepAlive: true });

function send(path, { body, method, team = true, headers = {} } = {}) {
  const text = body === undefined ? undefined : JSON.stringify(body);

  return new Promise((resolve, reject) => {
    const sent = request(
      `${url}${path}`,
      {
        agent,
        method: method ?? (text === undefined ? 'GET' : 'POST'),
        headers: {
          Accept: 'application/json',
          'Accept-Encoding': 'gzip',
          ...(text === undefined ? {} : { 'Content-Type': 'application/json' }),
          ...(team
            ? {
                Cookie: [...cookies].map(([name, value]) => `${name}=${value}`).join('; '),
                'X-XSRF-TOKEN': decodeURIComponent(cookies.get('XSRF-TOKEN') ?? ''),
              }
            : {}),
          ...headers,
        },
      },
      (response) => {
        const chunks = [];
        response.on('data', (chunk) => chunks.push(chunk));
        response.on('error', reject);
        response.on('end', () => {
          const answered = now();
          const bytes = Buffer.concat(chunks);
          for (const cookie of team ? (response.headers['set-cookie'] ?? []) : []) {
            const [name, value] = cookie.split(';')[0].split('=');
            cookies.set(name, value);
          }
          if (response.statusCode >= 400) {
            reject(new Error(`${path}: ${response.statusCode} ${bytes.toString().slice(0, 200)}`));

            return;
          }
          const read = () => {
            const plain = response.headers['content-encoding'] === 'gzip' ? gunzipSync(bytes) : bytes;

            return JSON.parse(plain.toString());
          };
          resolve({ answered, read, status: response.statusCode, etag: response.headers.etag });
        });
      },
    );
    sent.on('error', reject);
    sent.end(text);
  });
}

const api = async (path, options) => (await send(`/api/${path}`, options)).read();
const now = () => performance.timeOrigin + performance.now();
const failures = [];
const guard = (work) => work.catch((error) => failures.push(String(error)));

/** Runs the work soon after each call, and never more often than every so many milliseconds. */
function seldom(work, everyMs) {
  let timer;
  let last = -Infinity;

  return () => {
    timer ??= setTimeout(
      () => {
        timer = undefined;
        last = now();
        guard(work());
      },
      Math.max(0, everyMs - (now() - last)),
    );
  };
}

const newestOf = (version) => Number(version.split('-')[0]);

/** A screen of the team: what it knows of, and since when. */
class Screen {
  version = '';
  /** [number of the newest event, from when it is shown] */
  shown = [];

  constructor(day) {
    this.ask = seldom(async () => {
      const { read } = await send(`/api/days/${day}/line/news?since=${this.version}`);
      this.learn(read());
    }, SCREEN_EVERY_MS);
  }

  learn(news) {
    if (newestOf(news.version) >= newestOf(this.version === '' ? '0' : this.version)) {
      this.version = news.version;
      this.shown.push([newestOf(news.version), now()]);
    }
  }
}

async function setUp() {
  await api('session');
  await api('session', { body: { email, password } });
  const designs = (await api('designs')).filter(({ totalMs }) => totalMs > 0).slice(0, 4);
  const today = new Date();
  const hour = (shift) => `${String((today.getUTCHours() + shift + 24) % 24).padStart(2, '0')}:00`;
  const day = await api('days', {
    body: {
      name: 'A full fair',
      place: '',
      timezone: 'UTC',
      date: new Date(today.getTime() - 3_600_000).toISOString().slice(0, 10),
      opens: hour(-1),
      closes: hour(8),
      chairs: CHAIRS,
      turnaround: '1:00',
    },
  });
  const items = designs.map(({ id }) => ({ designId: id, promise: '5:00', priceCents: null }));
  await api(`days/${day.id}/menu`, { method: 'PUT', body: { items } });
  const { address } = await api(`days/${day.id}/board`, { method: 'PUT', body: { showsNames: false } });
  const plans = new Map((await api(`days/${day.id}/plans`)).map((plan) => [plan.id, plan]));

  return { day: day.id, designs, plans, board: new URL(address).pathname };
}

const { day, designs, plans, board } = await setUp();
const line = await api(`days/${day}/line`);
const planOf = (design) => plans.get(line.designs.find(({ id }) => id === design).planId);
const times = [];
/** [number of the newest event then, when the answer came] of each tap */
const kept = [];
const waiting = [];
let joined = 0;

let lastAt = 0;

/** Each later than the one before. */
function tap(kind, more = {}) {
  lastAt = Math.max(Date.now(), lastAt + 1);

  return { id: ulid().toLowerCase(), kind, at: lastAt, ...more };
}

function joining() {
  const ticket = ulid().toLowerCase();
  const design = designs[joined++ % designs.length].id;
  waiting.push({ ticket, design });

  return tap('joined', { ticket, design, firstName: 'Wren' });
}

/** Taps of one screen: the next is sent when the one before it is answered. */
class Tapper extends Screen {
  turn = Promise.resolve();

  tap(due, taps) {
    this.turn = this.turn.then(async () => {
      const { read, answered } = await send(`/api/days/${day}/taps`, {
        body: { since: this.version, taps: taps() },
      });
      times.push(answered - due);
      const { outcomes, news } = read();
      const odd = outcomes.find(({ fate }) => fate !== 'kept');
      if (odd !== undefined) {
        failures.push(JSON.stringify(odd));
      }
      this.learn(news);
      kept.push([newestOf(news.version), now()]);
    });

    return guard(this.turn);
  }
}

class Chair extends Tapper {
  child = undefined;
  left = [];

  constructor(number) {
    super(day);
    this.number = number;
  }

  /** What a painter would tap next. */
  next() {
    const { child, left } = this;
    if (left.length > 0) {
      return [left.shift()()];
    }
    const next = waiting.shift();
    const finished = child === undefined ? [] : [tap('finished', { ticket: child.ticket })];
    this.child = next;
    if (next === undefined) {
      return [...finished, joining()];
    }
    const plan = planOf(next.design);
    const { ticket } = next;
    this.left = [
      () => tap('asked', { ticket, answers: [] }),
      ...plan.steps.map(
        ({ id }) =>
          () =>
            tap('step_done', { ticket, step: id }),
      ),
      () => tap('part_done', { ticket, part: 'mirror' }),
      () => tap('part_done', { ticket, part: 'water' }),
    ];

    return [...finished, tap('seated', { ticket, chair: this.number, plan: plan.id })];
  }
}

const desk = new Tapper(day);
desk.version = line.version;
const chairs = Array.from({ length: CHAIRS }, (_, at) => new Chair(at + 1));
await desk.tap(now(), () => [tap('opened'), ...Array.from({ length: 40 }, joining)]);
const screens = [desk, ...chairs];
screens.forEach((screen) => (screen.version = desk.version));
const { channel: publicChannel } = (await send(`${board}/line`, { team: false })).read();
// Threads of their own, as they are devices of their own.
const watchers = new Worker(new URL('./fair-phones.mjs', import.meta.url), {
  workerData: { url, board, channel: publicChannel, boards: BOARDS, phones: Number(phones) },
});
const failed = new Promise((_, reject) => watchers.on('error', reject));
const listening = [
  ...screens.map((screen) =>
    listen(url, line.channel, (newest = Infinity) => newest > newestOf(screen.version) && screen.ask()),
  ),
];
await new Promise((resolve) => setTimeout(resolve, 1500));
times.length = 0;
kept.length = 0;

const total = Number(rate) * Number(seconds);
const joinEvery = Math.max(2, Math.floor(total / (TICKETS - 40)));
const start = now() + 200;
const pending = [];
for (let index = 0; index < total; index++) {
  const due = start + (index * 1000) / Number(rate);
  await new Promise((resolve) => setTimeout(resolve, due - now()));
  const isDesk = index % joinEvery === 0 && joined < TICKETS;
  const chair = chairs[index % CHAIRS];
  // Who joins is in the line before anybody can be seated: the desk's taps are sent first.
  pending.push(
    isDesk || waiting.length === 0 ? desk.tap(due, () => [joining()]) : chair.tap(due, () => chair.next()),
  );
}
await Promise.all(pending);
await new Promise((resolve) => setTimeout(resolve, 3000));

const boards = await Promise.race([
  failed,
  new Promise((resolve) => {
    watchers.once('message', resolve);
    watchers.postMessage('report');
  }),
]);
failures.push(...boards.failures);

/** How long after a tap was answered a screen showed it: the last of all screens counts. */
function lags() {
  const until = (shown, mark) => shown.find(([at]) => at >= mark)?.[1] ?? Infinity;

  return kept.map(([number, answered]) =>
    Math.max(
      0,
      ...screens.map((screen) => until(screen.shown, number) - answered),
      ...boards.shown.map((shown) => until(shown, number) - answered),
    ),
  );
}
const quantile = (all, share) => {
  const sorted = all.toSorted((one, other) => one - other);

  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))];
};
const late = lags();
listening.forEach((one) => (typeof one.destroy === 'function' ? one.destroy() : clearInterval(one)));
agent.destroy();
console.log(
  JSON.stringify({
    taps: times.length,
    tickets: joined,
    p50: quantile(times, 0.5),
    p95: quantile(times, 0.95),
    max: Math.max(...times),
    alike: Math.max(...late),
    alikeP95: quantile(late, 0.95),
    boardsDiffer: new Set(boards.last).size - 1,
    isPushed: line.channel !== null,
    failures: failures.length,
    first: failures[0] ?? null,
  }),
);
process.exit(0);
