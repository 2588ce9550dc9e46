// Kilobytes that a browser fetches, compressed, before the chair is on the screen: the entry and all it imports, fonts apart.
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

Object.keys(manifest)
  .filter((name) => manifest[name].isEntry)
  .forEach(collect);
const bytes = [...files].reduce(
  (sum, file) => sum + gzipSync(readFileSync(`public/build/${file}`)).length,
  0,
);
console.log((bytes / 1000).toFixed(1));
