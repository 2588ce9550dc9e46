// Eight teams at work (taps, desk, boards) while another does all the harm that it can: taps on a full day, lists and files that take long
// to read, searches by the dozen, wrong passwords. What the eight wait for a tap is measured before and meanwhile.
//   node tools/bench/attack.mjs URL SECONDS_BEFORE SECONDS_MEANWHILE
// A tap's time runs from the moment it was due. Those who work are other machines in life: here they are given the processor first, where
// that may be, or their own clocks would be late, which is no fault of the server's. Prints what it measured as JSON; exit 1 when a tap that was acknowledged is not there.
import { execFileSync, fork } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { ulid } from 'ulid';
import { Painter } from './painter.mjs';

const [url, before, meanwhile] = process.argv
  .slice(-3)
  .map((given, at) => (at === 0 ? given : Number(given)));
const EVERY_MS = 800;
function workFirst() {
  try {
    // What is forked, as the harm is, stands back as all else.
    execFileSync('chrt', ['--all-tasks', '--reset-on-fork', '--rr', '--pid', '1', String(process.pid)]);
  } catch {
    console.error('The clocks of those who work may be late here: run this as root.');
  }
}
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
const lower = () => ulid().toLowerCase();
const clock = (shift) => String(Math.min(23, Math.max(0, new Date().getUTCHours() + shift))).padStart(2, '0');

async function team(name) {
  const painter = await Painter.founding(url, name);
  const design = await painter.json('POST', 'designs', {
    name: 'Wave band',
    placement: 'cheek',
    list: 'sponge blue cheek 40s\nwhite dots on cheek 20s',
  });
  const day = await painter.json('POST', 'days', {
    name,
    place: '',
    timezone: 'UTC',
    date: new Date().toISOString().slice(0, 10),
    opens: `${clock(-2)}:00`,
    closes: `${clock(6)}:59`,
    chairs: 2,
    turnaround: '1:00',
  });
  await painter.json('PUT', `days/${day.id}/menu`, {
    items: [{ designId: design.id, promise: '2:00', priceCents: null }],
  });
  const opened = { id: lower(), kind: 'opened', at: Date.now() };
  await painter.json('POST', `days/${day.id}/taps`, { taps: [opened] });
  const { address } = await painter.json('PUT', `days/${day.id}/board`, { showsNames: false });

  return { painter, design, day, board: new URL(address).pathname, kept: [opened.id] };
}

const joined = (design) => ({
  id: lower(),
  kind: 'joined',
  at: Date.now(),
  ticket: lower(),
  design: design.id,
});

const times = { before: [], meanwhile: [] };
const deskTimes = { before: [], meanwhile: [] };
/** Whether it grows with what the day holds. */
const byHalfMinute = [];
const started = Date.now();
let phase = 'before';
let over = false;
let refused = 0;

/** Somebody taps every so often; what is not taken is sent again, as a browser does. */
async function tapping({ painter, design, day, kept }) {
  await pause(Math.random() * EVERY_MS);
  let since;
  for (let due = Date.now(); !over; due += EVERY_MS) {
    await pause(due - Date.now());
    const join = joined(design);
    // A moment later: of two taps at the same one the id says which comes first, and who has not come cannot leave.
    const leave = { id: lower(), kind: 'left', at: join.at + 1, ticket: join.ticket };
    for (;;) {
      // As a browser does, with what it knows already.
      const { status, text } = await painter
        .ask('POST', `days/${day.id}/taps`, { taps: [join, leave], since })
        .catch(() => ({ status: 0 }));
      if (status === 200) {
        since = JSON.parse(text).news.version;
        break;
      }
      refused++;
      await pause(100);
    }
    times[phase].push(Date.now() - due);
    byHalfMinute[Math.floor((Date.now() - started) / 30_000)] ??= [];
    byHalfMinute[Math.floor((Date.now() - started) / 30_000)].push(Date.now() - due);
    kept.push(join.id, leave.id);
  }
}

async function deskAndBoard({ painter, day, board }) {
  while (!over) {
    for (const path of ['designs', `days/${day.id}/plan`, 'kit', 'logbook']) {
      const began = Date.now();
      await painter.ask('GET', path).catch(() => undefined);
      deskTimes[phase].push(Date.now() - began);
      await fetch(`${url}${board}/line`).catch(() => undefined);
      await pause(500);
    }
  }
}

function zipOfNewlines() {
  const folder = mkdtempSync(`${tmpdir()}/inch-attack-`);
  try {
    execFileSync('php', [
      '-r',
      `$zip = new ZipArchive; $zip->open('${folder}/a.zip', ZipArchive::CREATE);
      $tables = array_keys(json_decode(file_get_contents('schemas/account.v1.schema.json'), true)['$defs']);
      $zip->addFromString('manifest.json', json_encode(['format' => 'inch-timer/account', 'version' => 1, 'tables' => ['teams' => 1]]));
      foreach ($tables as $table) { $zip->addFromString("tables/{$table}.jsonl", $table === 'teams' ? str_repeat("\\n", 100_000_000) : ''); }
      $zip->close();`,
    ]);

    return new Uint8Array(readFileSync(`${folder}/a.zip`));
  } finally {
    rmSync(folder, { recursive: true });
  }
}

const calendarOf = (count, rule) =>
  `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\n${Array.from(
    { length: count },
    (_, at) =>
      `BEGIN:VEVENT\r\nUID:${at}\r\nDTSTART:20260101T100000Z\r\nDTEND:20260101T110000Z\r\n${rule}SUMMARY:x\r\nEND:VEVENT\r\n`,
  ).join('')}END:VCALENDAR\r\n`;

const answers = {};
let isTired = false;
async function harm(what, act) {
  while (!isTired) {
    const status = await act()
      .then((answer) => answer.status)
      .catch(() => 'no answer');
    answers[`${what} ${status}`] = (answers[`${what} ${status}`] ?? 0) + 1;
    await pause(20);
  }
}

async function hostile({ painter, design, day }) {
  const waiting = Array.from({ length: 1000 }, () => joined(design));
  for (let batch = 0; batch < 1000; batch += 250) {
    await painter.ask('POST', `days/${day.id}/taps`, { taps: waiting.slice(batch, batch + 250) });
  }
  // Each is kept, and every other one is late, so that what was folded is folded anew.
  const late = () => ({
    id: lower(),
    kind: 'called',
    at: Date.now() - (Math.random() < 0.5 ? 0 : Math.floor(Math.random() * 60_000)),
    ticket: waiting[Math.floor(Math.random() * waiting.length)].ticket,
  });
  const zip = zipOfNewlines();
  const lists = [
    'x\n'.repeat(995),
    'red '.repeat(499),
    'a/'.repeat(999),
    '1:2 '.repeat(499),
    'x and '.repeat(332),
  ];
  const typed = (at) => ({
    list: Array(25)
      .fill(lists[at % lists.length])
      .join('\n')
      .slice(0, 59_000)
      .split('\n')
      .slice(0, 999)
      .join('\n'),
  });
  const files = [calendarOf(40_000, ''), calendarOf(2_900, 'RRULE:FREQ=DAILY\r\n')];
  const dear = [
    ['GET', `days/${day.id}/money`],
    ['GET', `days/${day.id}/checklist`],
    ['GET', `designs/${design.id}/best-order?seconds=60`],
    ['GET', `designs/${design.id}/ladder`],
  ];
  const searches = [];
  const guess = new Painter(url);
  await guess.ask('GET', 'session');
  const all = [
    ...Array.from({ length: 4 }, () =>
      harm('tap', () => painter.ask('POST', `days/${day.id}/taps`, { taps: [late()] })),
    ),
    ...[0, 1, 2, 3].map((at) => harm('list', () => painter.ask('POST', 'step-lists', typed(at)))),
    harm('zip', () => painter.ask('POST', 'team/file', zip)),
    ...files.map((file) => harm('calendar', () => painter.ask('POST', 'calendar/look?timezone=UTC', file))),
    ...dear.map(([method, path]) =>
      harm(path.split('/').pop(), async () => {
        const answer = await painter.ask(method, path);
        if (answer.status === 202) {
          searches.push(JSON.parse(answer.text).search);
        }
        await pause(300);

        return answer;
      }),
    ),
    ...Array.from({ length: 24 }, () =>
      harm('poll', async () => {
        await pause(60);

        return painter.ask('GET', `searches/${searches.at(-1) ?? 'none'}`);
      }),
    ),
    ...[0, 1].map(() =>
      harm('sign-in', () => guess.ask('POST', 'session', { email: 'nobody@example.org', password: 'wrong' })),
    ),
  ];
  await Promise.all(all);
}

// The harm comes from a process of its own: what it sends keeps nobody's clock from going on.
if (process.argv[2] === 'harm') {
  const harming = hostile(await team('Hostile'));
  process.once('message', () => (isTired = true));
  await harming;
  process.send(answers);
  process.exit(0);
}
workFirst();
const teams = [];
for (let at = 1; at <= 8; at++) {
  teams.push(await team(`At work ${at}`));
}
const working = teams.flatMap((one) => [tapping(one), deskAndBoard(one)]);
await pause(1000 * before);
phase = 'meanwhile';
const harming = fork(process.argv[1], ['harm', url, before, meanwhile]);
const told = new Promise((resolve) => harming.once('message', resolve));
const signIns = [];
const until = Date.now() + 1000 * meanwhile;
while (Date.now() < until) {
  const began = Date.now();
  await fetch(`${url}/`).catch(() => undefined);
  signIns.push(Date.now() - began);
  await pause(1000);
}
over = true;
await Promise.all(working);
harming.send('enough');

const quantile = (found, share) =>
  found.toSorted((one, other) => one - other)[Math.floor(share * found.length)] ?? null;
const figures = (found) => ({
  count: found.length,
  p50: quantile(found, 0.5),
  p95: quantile(found, 0.95),
  longest: Math.max(...found),
});
let lost = 0;
for (const { painter, day, kept } of teams) {
  const { status, text } = await painter.ask('POST', `days/${day.id}/taps`, {
    taps: kept.slice(-400).map((id) => ({ id, kind: 'opened', at: Date.now() })),
  });
  lost +=
    status === 200 ? JSON.parse(text).outcomes.filter(({ fate }) => fate === 'kept').length : kept.length;
}
console.log(
  JSON.stringify({
    before: figures(times.before),
    meanwhile: figures(times.meanwhile),
    desk: { before: figures(deskTimes.before), meanwhile: figures(deskTimes.meanwhile) },
    p95EachHalfMinute: byHalfMinute.map((found) => quantile(found, 0.95)),
    frontPage: figures(signIns),
    sentAgain: refused,
    lost,
    hostile: await told,
  }),
);
process.exit(lost === 0 ? 0 : 1);
