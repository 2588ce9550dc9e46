import { get } from 'node:http';
import { readFileSync } from 'node:fs';
import { newId } from '../../resources/js/lib/ids';
import { expect, step, test } from './team';

test.beforeEach(() => {
  test.skip(test.info().project.name !== 'tablet', 'the server is the same for a phone');
});

test('what is only a file is guarded like all else, and nothing says what serves it', async ({ request }) => {
  const manifest = JSON.parse(readFileSync('public/build/manifest.json', 'utf8')) as Record<
    string,
    { file: string }
  >;
  const files = Object.values(manifest).map(({ file }) => `/build/${file}`);
  for (const path of ['/', '/sw.js', '/api/session', ...files.slice(0, 5)]) {
    const answer = await request.get(path);
    expect(answer.status(), path).toBe(200);
    const headers = answer.headers();
    expect(headers['x-content-type-options'], path).toBe('nosniff');
    expect(headers['content-security-policy'], path).toContain("script-src 'self'");
    expect(headers['server'] ?? '', path).not.toMatch(/\d/);
    expect(headers['x-powered-by'], path).toBeUndefined();
  }
  // Once each, not once by the server in front and once by the application.
  const guards = (await request.get('/api/session')).headersArray().map(({ name }) => name.toLowerCase());
  expect(guards.filter((name) => name === 'content-security-policy')).toHaveLength(1);
});

test('no file that begins with a dot is given out, built or not', async ({ request }) => {
  for (const path of ['/build/.sum', '/build/.vite/manifest.json', '/.env', '/.git/config']) {
    expect((await request.get(path)).status(), path).toBe(404);
  }
});

test('a body that is too large is refused in words, however large it is', async ({ request, team }) => {
  await team.design('Wave band', [step('Wave', '0:30')]);
  for (const megabytes of [9, 99]) {
    const answer = await request.post('/api/designs/file', {
      data: Buffer.alloc(megabytes * 1_000_000, '1'),
      headers: { 'Content-Type': 'text/plain', Accept: 'application/json' },
    });
    expect(answer.status()).toBe(413);
    expect(((await answer.json()) as { message: string }).message).toContain('A file stays under 5 MB');
  }
});

test('a tap is answered while all that reckons is busy', async ({ team }) => {
  const design = await team.design('Wave band', [
    step('Wave', '1:00'),
    step('Foam', '1:00', { optional: true, look: 4 }),
  ]);
  const day = await team.runningDay(2, [design], ['Noor']);
  const { terms } = await team.plan(day);
  // More than there are workers for it, each of them for seconds.
  let answered = 0;
  const reckoned = Array.from({ length: 6 }, async () => {
    answered += await team.search(`days/${day.id}/levers`, { ...terms, children: 120 });
  });
  const [noor] = (await team.line(day)).waiting;
  await team.taps(day, [{ kind: 'called', at: Date.now(), ticket: noor?.id }]);
  const line = await team.line(day);
  expect(line.waiting[0]?.called).toBe(true);
  expect(answered).toBe(0);
  await Promise.all(reckoned);
  expect(answered).toBeGreaterThan(6);
});

test('searches are asked after at once, each in its turn; too often for one is told when to come again', async ({
  team,
  page,
}) => {
  await team.signIn();
  const ask = (search: string) =>
    page.request.get(`/api/searches/${search}`, { headers: { Accept: 'application/json' } });
  const many = await Promise.all(Array.from({ length: 60 }, () => ask(newId())));
  expect(new Set(many.map((answer) => answer.status()))).toEqual(new Set([404]));

  const one = newId();
  const often = await Promise.all(Array.from({ length: 60 }, () => ask(one)));
  const refused = often.filter((answer) => answer.status() !== 404);
  expect(refused.length).toBeGreaterThan(0);
  expect(refused.map((answer) => answer.status())).toEqual(refused.map(() => 429));
  expect(Number(refused[0]?.headers()['retry-after'])).toBeLessThanOrEqual(5);
  expect(((await refused[0]?.json()) as { message: string }).message).toContain('try again in a few seconds');
});

test('by a name that is not its own the server answers nobody', async ({ baseURL }) => {
  const { port } = new URL(baseURL ?? '');
  const statusFor = (host: string) =>
    new Promise<number | undefined>((resolve, reject) => {
      get({ host: '127.0.0.1', port, path: '/api/session', headers: { Host: host } }, (answer) => {
        answer.resume();
        resolve(answer.statusCode);
      }).on('error', reject);
    });
  expect(await statusFor(`127.0.0.1:${port}`)).toBe(200);
  expect(await statusFor('faces.example.org')).toBe(400);
});
