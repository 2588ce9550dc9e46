// Draws the designs of designs.txt, typed as lines, and the wall of everyday designs, as those who type them would, at the sizes
// of a menu, a wall and a bench.
// node tools/gallery/gallery.mjs URL EMAIL PASSWORD FOLDER
import { readdirSync, readFileSync } from 'node:fs';
import { chromium } from '@playwright/test';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { createServer } from 'vite';

const [url, email, password, folder] = process.argv.slice(2);
const SIZES = [48, 160, 480];

/** Lists of the tests, with the place that their first lines say; names of files tell nothing but of what parties ask for. */
const wall = ['everyday', 'labelled', 'words/everyday', 'words/everyday-aside'].flatMap((folder) =>
  readdirSync(new URL(`../../tests/Trade/${folder}`, import.meta.url))
    .filter((file) => file.endsWith('.txt'))
    .map((file) => {
      const lines = readFileSync(new URL(`../../tests/Trade/${folder}/${file}`, import.meta.url), 'utf8')
        .split('\n')
        .filter((line) => !/^[>#] /u.test(line));
      const placement = lines.find((line) => line.startsWith('placement: '))?.slice('placement: '.length);

      return {
        name: folder === 'everyday' ? file.replace('.txt', '') : `Wall ${file.slice(0, 2)}`,
        placement: placement.trim().replace(' ', '_'),
        lines: lines.filter((line) => line !== '' && !line.startsWith('placement: ')),
      };
    }),
);

const designs = readFileSync(new URL('designs.txt', import.meta.url), 'utf8')
  .trim()
  .split(/\n\s*\n/u)
  .map((text) => {
    const [head, ...lines] = text.split('\n');
    const [, name, placement] = /^(.*) \((.*)\)$/u.exec(head);

    return { name, placement: placement.replace(' ', '_'), lines };
  });

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox'] });
const context = await browser.newContext({ baseURL: url });
const call = async (method, path, data) => {
  const cookie = (await context.cookies()).find(({ name }) => name === 'XSRF-TOKEN')?.value ?? '';
  const answer = await context.request[method](`/api/${path}`, {
    data,
    headers: { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(cookie) },
  });
  if (!answer.ok()) {
    throw new Error(`${path}: ${answer.status()} ${await answer.text()}`);
  }

  return answer.status() === 204 ? null : answer.json();
};
await call('get', 'session');
await call('post', 'session', { email, password });

const drawn = [];
for (const { name, placement, lines } of [...designs, ...wall]) {
  const made = await call('post', 'designs', { name, placement, list: lines.join('\n') });
  const bench = await call('get', `designs/${made.id}`);
  drawn.push({ name, placement, steps: (bench.design ?? bench).steps });
  await call('delete', `designs/${made.id}`);
}

const vite = await createServer({
  configFile: false,
  plugins: [svelte()],
  server: { middlewareMode: true, watch: null },
  appType: 'custom',
  logLevel: 'error',
});
const { default: FaceMap } = await vite.ssrLoadModule('/resources/js/facemap/FaceMap.svelte');
const { lookOf } = await vite.ssrLoadModule('/resources/js/facemap/looks.ts');
const { render } = await vite.ssrLoadModule('svelte/server');
// Each picture has ids of its own, or one would be drawn with the edges of another.
const pictures = drawn.map(({ name, placement, steps }, at) => ({
  name,
  svg: render(FaceMap, {
    props: { title: name, placement, steps, look: lookOf(name) },
    idPrefix: `g${at}-`,
  }).body,
}));
await vite.close();

const page = await context.newPage();
for (const size of SIZES) {
  const per = size === 480 ? 8 : 40;
  for (let first = 0; first < pictures.length; first += per) {
    const cells = pictures
      .slice(first, first + per)
      .map(
        ({ name, svg }) =>
          `<figure style="width:${size}px"><div>${svg}</div><figcaption>${name}</figcaption></figure>`,
      );
    await page.setViewportSize({ width: size === 480 ? 2000 : size === 160 ? 1700 : 1100, height: 400 });
    await page.setContent(
      `<style>body{margin:8px;display:flex;flex-wrap:wrap;gap:8px;background:#f6f0e4;font:12px sans-serif}figure{margin:0}` +
        `div{height:${Math.round(size * 1.2)}px}svg{width:100%;height:100%}</style>${cells.join('')}`,
    );
    await page.screenshot({ path: `${folder}/${size}-${first / per}.png`, fullPage: true });
  }
}
await browser.close();
