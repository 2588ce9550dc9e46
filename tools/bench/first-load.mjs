// Kilobytes that a browser fetches, compressed, before the chair is on the screen: the rooms' entry and all it imports, fonts apart. The parents' board
// is a page of its own, which no chair fetches.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const manifest = JSON.parse(readFileSync('public/build/manifest.json', 'utf8'));
const files = new Set();

function collect(name) {
  const chunk = manifest[name];
  if (files.has(chunk.file)) {
    return;
  }
  files.add(chunk.file);
  (chunk.css ?? []).forEach((file) => files.add(file));
  (chunk.imports ?? []).forEach(collect);
}

collect('resources/js/app.ts');
const bytes = [...files].reduce(
  (sum, file) => sum + gzipSync(readFileSync(`public/build/${file}`)).length,
  0,
);
console.log((bytes / 1000).toFixed(1));
