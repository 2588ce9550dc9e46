// Prints the bench's figures: node tools/bench/table.mjs FILE JSON(yes|no)
import { readFileSync } from 'node:fs';

const [file, json] = process.argv.slice(2);
const rows = readFileSync(file, 'utf8')
  .trim()
  .split('\n')
  .map((line) => JSON.parse(line));
if (json === 'yes') {
  console.log(JSON.stringify(rows, null, 2));
} else {
  const shown = rows.map(({ figure, value, unit, limit }) => [
    figure,
    `${Number.isInteger(value) ? value : value.toFixed(1)} ${unit}`,
    limit === null ? '' : `${limit} ${unit}`,
  ]);
  const widths = [0, 1, 2].map((column) => Math.max(...shown.map((row) => row[column].length), 8));
  for (const row of [['figure', 'measured', 'wanted'], ...shown]) {
    console.log(
      row
        .map((cell, column) => cell.padEnd(widths[column]))
        .join('  ')
        .trimEnd(),
    );
  }
}
