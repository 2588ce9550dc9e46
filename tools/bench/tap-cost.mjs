// What a tap costs the cores of this machine when nobody waits for another: faces painted one after the other, each tap sent when the
// one before it is answered, and after each tap what a second screen of the team asks for.
//   node tools/bench/tap-cost.mjs URL EMAIL PASSWORD FPM_PID_FILE DATABASE_PID_FILE [FACES]
// Prints milliseconds of a core, by program, as JSON.
import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { ulid } from 'ulid';
import { Painter } from './painter.mjs';

const [url, email, password, fpmPid, databasePid, faces = '80'] = process.argv.slice(2);
const TICK_MS = 1000 / Number(execFileSync('getconf', ['CLK_TCK'], { encoding: 'utf8' }));
const pidIn = (file) => Number(readFileSync(file, 'utf8').trim());
/** Milliseconds of a core that a process has used, with those of its children. */
function usedBy(pid) {
  const statOf = (one) => {
    const fields = readFileSync(`/proc/${one}/stat`, 'utf8').split(') ').at(-1).split(' ').map(Number);

    return { parent: fields[1], own: fields[11] + fields[12], gone: fields[13] + fields[14] };
  };
  const children = readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .flatMap((name) => {
      try {
        return [statOf(name)];
      } catch {
        return [];
      }
    })
    .filter(({ parent }) => parent === pid);
  const master = statOf(pid);

  return TICK_MS * children.reduce((sum, { own }) => sum + own, master.own + master.gone);
}

const painter = await Painter.signedIn(url, email, password);
const [design] = (await painter.json('GET', 'designs')).filter(({ totalMs }) => totalMs > 0);
const today = new Date();
const hour = (shift) => `${String((today.getUTCHours() + shift + 24) % 24).padStart(2, '0')}:00`;
const day = await painter.json('POST', 'days', {
  name: 'A fair of one chair',
  place: '',
  timezone: 'UTC',
  date: new Date(today.getTime() - 3_600_000).toISOString().slice(0, 10),
  opens: hour(-1),
  closes: hour(8),
  chairs: 1,
  turnaround: '1:00',
});
await painter.json('PUT', `days/${day.id}/menu`, {
  items: [{ designId: design.id, promise: '5:00', priceCents: null }],
});
const line = await painter.json('GET', `days/${day.id}/line`);
const planId = line.designs.find(({ id }) => id === design.id).planId;
const plan = (await painter.json('GET', `days/${day.id}/plans`)).find(({ id }) => id === planId);

let version = line.version;
let at = Date.now();
const tap = async (kind, more = {}) => {
  at = Math.max(Date.now(), at + 1);
  const tapped = { id: ulid().toLowerCase(), kind, at, ...more };
  const { outcomes, news } = await painter.json('POST', `days/${day.id}/taps`, {
    since: version,
    taps: [tapped],
  });
  if (outcomes[0].fate !== 'kept') {
    throw new Error(JSON.stringify(outcomes[0]));
  }
  version = news.version;
};

async function paint() {
  const ticket = ulid().toLowerCase();
  const before = version;
  await tap('joined', { ticket, design: design.id, firstName: 'Wren' });
  await tap('seated', { ticket, chair: 1, plan: plan.id });
  await tap('asked', { ticket, answers: [] });
  for (const { id } of plan.steps) {
    await tap('step_done', { ticket, step: id });
  }
  await tap('part_done', { ticket, part: 'mirror' });
  await tap('part_done', { ticket, part: 'water' });
  await tap('finished', { ticket });

  return before;
}

/** @returns {Promise<{php: number, database: number}>} milliseconds of a core */
async function costOf(work) {
  const used = () => ({ php: usedBy(pidIn(fpmPid)), database: usedBy(pidIn(databasePid)) });
  const before = used();
  await work();
  // What it wrote is still being put in its place.
  await new Promise((resolve) => setTimeout(resolve, 2000));
  const after = used();

  return { php: after.php - before.php, database: after.database - before.database };
}

await tap('opened');
for (let face = 0; face < 5; face++) {
  await paint();
}
const perFace = 6 + plan.steps.length;
const taps = Number(faces) * perFace;
const versions = [];
const tapping = await costOf(async () => {
  for (let face = 0; face < Number(faces); face++) {
    versions.push(await paint());
  }
});
const reading = await costOf(async () => {
  for (let turn = 0; turn < taps; turn++) {
    await painter.json('GET', `days/${day.id}/line/news?since=${versions.at(-1)}`);
  }
});
const each = (cost) => Number((cost / taps).toFixed(2));
console.log(
  JSON.stringify({
    taps,
    perFace,
    php: each(tapping.php),
    database: each(tapping.database),
    readPhp: each(reading.php),
    readDatabase: each(reading.database),
  }),
);
