import { readFileSync, writeFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import { chromium } from '@playwright/test';
import { svelte } from '@sveltejs/vite-plugin-svelte';
import { createServer } from 'vite';
const [mode, out, ...args] = process.argv.slice(2);
const vite = await createServer({ configFile: false, plugins: [svelte()], server: { middlewareMode: true, watch: null }, appType: 'custom', logLevel: 'error' });
const { default: FaceMap } = await vite.ssrLoadModule('/resources/js/facemap/FaceMap.svelte');
const { lookOf } = await vite.ssrLoadModule('/resources/js/facemap/looks.ts');
const { forms } = await vite.ssrLoadModule('/resources/js/facemap/shapes.ts');
const { render } = await vite.ssrLoadModule('svelte/server');
let cells = [];
if (mode === 'shapes') {
  const [from, to] = args.map(Number);
  cells = Object.entries(forms).slice(from, to).map(([name, f]) => `<figure style="width:112px"><svg viewBox="-55 -55 110 110" style="width:92px;height:92px;background:#e9c9ab">${(f.pieces ?? [{d:f.d,as:'base'},{d:f.detail??'',as:'edge'}]).map(p=>`<path d="${p.d}" fill="${p.as==='ink'?'#0c1f30':p.as==='edge'?'none':'#3f8fc6'}" ${f.hollow?'fill-rule="evenodd"':''} stroke="${p.as==='ink'?'none':'#1a4060'}" stroke-width="1.3"/>`).join('')}</svg><figcaption>${name}</figcaption></figure>`);
} else {
  const size = Number(args[0]);
  const designs = [];
  for (const file of args.slice(1)) {
    const text = file === 'own' ? '' : readFileSync(file, 'utf8');
    const blocks = file.endsWith('.wall') ? text.trim().split(/\n\s*\n/u) : [text];
    for (const block of blocks) {
      const [head, ...rest] = block.split('\n');
      const m = /^(.*) \((.*)\)$/u.exec(head);
      const named = file.endsWith('.wall') && m;
      const list = named ? `placement: ${m[2]}\n${rest.join('\n')}` : block;
      const typed = list.split('\n').filter((l) => !l.startsWith('> ') && !l.startsWith('# ')).join('\n');
      writeFileSync('/tmp/w/one.txt', typed);
      let outp = '';
      try { outp = execFileSync('php', ['artisan', 'inch:read', '/tmp/w/one.txt', '--name=' + (named ? m[1] : file.includes('ev-') ? file.split('ev-').pop().replace('.txt','').replace('dragoneye','dragon eye').replace('flowercrown','flower crown') : ''), ...(named || /^placement:/m.test(typed) ? [] : ['--placement=' + (globalThis.pl ?? 'full_face')])], { encoding: 'utf8', stdio: ['ignore', 'pipe', 'ignore'] }); } catch (e) { outp = e.stdout; }
      const lines = outp.trim().split('\n').map((l) => JSON.parse(l));
      const placement = (/^placement: (.*)$/m.exec(typed)?.[1] ?? 'full face').trim().replace(' ', '_');
      let n = 0;
      const steps = lines.flatMap((l) => l.steps ?? (l.step ? [l.step] : [])).map((s) => ({ id: String(++n), name: s.name, technique: s.technique, colours: s.colours ?? [], zones: s.zones ?? [], side: s.side, coats: s.coats ?? 1, load: s.load ?? 'normal', count: s.count ?? null, shape: s.shape ?? null, sizePercent: s.sizePercent ?? 100, turnDegrees: s.turnDegrees ?? 0, guides: (s.guides ?? []).map((g) => ({ ...g, words: g.value })), seen: [] }));
      designs.push({ name: named ? m[1] : file.split('/').pop().replace('.txt', ''), placement, steps });
    }
  }
  cells = designs.map(({ name, placement, steps }, at) => {
    const svg = render(FaceMap, { props: { title: name, placement, steps, look: lookOf(name) }, idPrefix: `g${at}-` }).body;
    return `<figure style="width:${size}px"><div style="height:${Math.round(size * 1.2)}px">${svg}</div><figcaption>${name}</figcaption></figure>`;
  });
}
await vite.close();
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1500, height: 400 } });
await page.setContent(`<style>body{margin:8px;display:flex;flex-wrap:wrap;gap:6px;background:#f6f0e4;font:12px sans-serif}figure{margin:0;text-align:center}svg{width:100%;height:100%}</style>${cells.join('')}`);
await page.screenshot({ path: out, fullPage: true });
await browser.close();
