// Plays eight fairs at once: names are taken and children called, each tap sent again until it was acknowledged. Prints as JSON what
// became of them; exit 1 when an acknowledged one is missing or there twice, or a number was given twice.
// Of each fair one screen listens on another front than its desk speaks with, and has to hear of its last tap.
// node tools/bench/cluster-fairs.mjs URL,URL SECONDS
import { ulid } from 'ulid';

/** As the server writes it. */
const newId = () => ulid().toLowerCase();

const [urls, seconds] = process.argv.slice(2);
const FRONTS = urls.split(',');
const FAIRS = 8;
const EVERY_MS = 150;
const PATIENCE_MS = 5_000;
/** A pause that somebody at a desk would notice. */
const LONG_MS = 700;
/** As a browser does whose stream of events broke off. */
const LISTEN_AGAIN_MS = 1_000;
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** One browser: its cookies, and its way to the server, which is another one when a front does not answer. */
class Browser {
  cookies = new Map();

  constructor(front) {
    this.front = front;
  }

  async ask(method, path, body) {
    const answer = await this.reach(`/api/${path}`, {
      method,
      signal: AbortSignal.timeout(PATIENCE_MS),
      headers: {
        Accept: 'application/json',
        'Content-Type': 'application/json',
        // As a browser names its team: the server gives each its turns.
        ...(this.team === undefined ? {} : { 'X-Team': this.team }),
        Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '),
        'X-XSRF-TOKEN': decodeURIComponent(this.cookies.get('XSRF-TOKEN') ?? ''),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
    });
    for (const cookie of answer.headers.getSetCookie()) {
      const [name, value] = cookie.split(';')[0].split('=');
      this.cookies.set(name, value);
    }

    return { status: answer.status, text: await answer.text() };
  }

  async reach(path, options) {
    const { front } = this;
    try {
      return await fetch(`${FRONTS[front % FRONTS.length]}${path}`, options);
    } catch (error) {
      // Of several requests that failed there, one goes on to the next.
      this.front = front + 1;
      throw error;
    }
  }

  /** Hears word of changes until told to stop; the number of the newest tap that it heard of. */
  listen(channel) {
    const screen = { heard: 0, stop: new AbortController() };
    const hear = async () => {
      while (!screen.stop.signal.aborted) {
        try {
          const answer = await this.reach(`/push/${channel}`, {
            headers: { Accept: 'text/event-stream' },
            signal: screen.stop.signal,
          });
          const words = new TextDecoder();
          for await (const chunk of answer.body) {
            const numbers = [...words.decode(chunk, { stream: true }).matchAll(/^data: (\d+)$/gm)];
            screen.heard = Math.max(screen.heard, ...numbers.map(([, number]) => Number(number)));
          }
        } catch {
          // The front is gone, or all is over.
        }
        await pause(LISTEN_AGAIN_MS);
      }
    };
    void hear();

    return screen;
  }

  /** Until it is answered. */
  async json(method, path, body) {
    for (;;) {
      const { status, text } = await this.ask(method, path, body).catch(() => ({ status: 0, text: '' }));
      if (status >= 200 && status < 300) {
        return text === '' ? null : JSON.parse(text);
      }
      if (status >= 400 && status < 500) {
        throw new Error(`${method} ${path}: ${status} ${text.slice(0, 300)}`);
      }
      await pause(100);
    }
  }
}

const hour = (from) => `${String(new Date(Date.now() + from * 3_600_000).getUTCHours()).padStart(2, '0')}:00`;

async function opened(number) {
  const browser = new Browser(number);
  await browser.json('GET', 'session');
  const { teamId } = await browser.json('POST', 'teams', {
    team: `Fair ${number}`,
    name: 'Mara',
    email: `fair-${number}-${Date.now()}@example.org`,
    password: 'three words more',
  });
  browser.team = teamId;
  const list = 'wave: round 4, tide blue, cheek, 30 s\nfoam: round 2, white, cheek, 20 s';
  const design = await browser.json('POST', 'designs', { name: 'Wave band', placement: 'cheek', list });
  const day = await browser.json('POST', 'days', {
    name: `Fair ${number}`,
    place: 'Quay',
    timezone: 'UTC',
    date: new Date().toISOString().slice(0, 10),
    opens: hour(-2),
    closes: hour(4),
    chairs: 2,
    turnaround: '1:00',
  });
  await browser.json('PUT', `days/${day.id}/menu`, {
    items: [{ designId: design.id, promise: '2:00', priceCents: null }],
  });

  const { channel } = await browser.json('GET', `days/${day.id}/line`);
  const screen = new Browser(number + 1).listen(channel);

  return { browser, design: design.id, day: day.id, screen };
}

const tally = {
  taps: 0,
  again: 0,
  missing: 0,
  doubled: 0,
  unheard: 0,
};
const delays = [];
/** Of desks, with when they began. */
const pauses = [];

async function play({ browser, design, day, screen }, ends) {
  const taken = [];
  let last = performance.now();
  const send = async (tap) => {
    const began = performance.now();
    for (let tries = 0; ; tries++) {
      const answer = await browser
        .ask('POST', `days/${day}/taps`, { taps: [tap] })
        .catch(() => ({ status: 0, text: '' }));
      if (answer.status === 200) {
        const [{ fate, message }] = JSON.parse(answer.text).outcomes;
        if (fate === 'refused') {
          throw new Error(message);
        }
        break;
      }
      tally.again++;
      await pause(50);
    }
    const now = performance.now();
    delays.push(now - began);
    if (now - last > LONG_MS) {
      pauses.push({
        ms: Math.round(now - last),
        from: new Date(Date.now() - now + last).toISOString().slice(11, 21),
      });
    }
    last = now;
    tally.taps++;
  };
  await send({ id: newId(), kind: 'opened', at: Date.now() });
  while (Date.now() < ends) {
    const ticket = newId();
    // Two desks at once, on whichever servers they land.
    const other = newId();
    await Promise.all(
      [ticket, other].map((one) =>
        send({ id: newId(), kind: 'joined', at: Date.now(), ticket: one, design }),
      ),
    );
    taken.push(ticket, other);
    await send({ id: newId(), kind: 'called', at: Date.now(), ticket });
    await pause(EVERY_MS);
    last = performance.now();
  }
  const { waiting, version } = await browser.json('GET', `days/${day}/line`);
  const newest = Number(version.split('-')[0]);
  for (const until = Date.now() + PATIENCE_MS; screen.heard < newest && Date.now() < until;) {
    await pause(50);
  }
  screen.stop.abort();
  tally.unheard += Number(screen.heard < newest);
  const there = waiting.map(({ id }) => id);
  tally.missing += taken.filter((ticket) => !there.includes(ticket)).length;
  tally.doubled += there.length - new Set(there).size;
  tally.doubled += waiting.length - new Set(waiting.map(({ number }) => number)).size;
  tally.missing += Math.max(...waiting.map(({ number }) => number)) - waiting.length;
}

const fairs = [];
for (let number = 1; number <= FAIRS; number++) {
  fairs.push(await opened(number));
}
const ends = Date.now() + 1000 * Number(seconds);
await Promise.all(fairs.map((fair) => play(fair, ends)));
delays.sort((one, other) => one - other);
const p95 = Math.round(delays[Math.floor(0.95 * (delays.length - 1))]);
pauses.sort((one, other) => other.ms - one.ms);
console.log(
  JSON.stringify({ ...tally, p95, longestPauseMs: pauses[0]?.ms ?? 0, pauses: pauses.slice(0, 8) }),
);
process.exit(tally.missing + tally.doubled + tally.unheard > 0 ? 1 : 0);
