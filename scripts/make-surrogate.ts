// Writes core/holdtable/table.ts from the simulator. Run after a change to lure physics:
// npm run surrogate [-- family …]
// Named: only these are cast anew, the others stay as they are.
import { writeFileSync } from 'node:fs';
import { allFamilies } from '../core/lures/families';
import type { Family } from '../core/lures/family';
import { buildTable } from '../core/holdtable/build';
import { ZONE_TABLE } from '../core/holdtable/table';

const named = process.argv.slice(2);
type Rows = (typeof ZONE_TABLE)[string];

function made(f: Family): Rows {
  const table = buildTable(f);
  console.log(f.id, table.map((cells) => Math.max(...cells.map((c) => c.shares[1]!)).toFixed(2)).join(' '));
  return table.map((cells) =>
    cells.map(
      ({ countdownS, tipM, shares: [thin, middle, thick] }) => [countdownS, tipM, thin!, middle!, thick!] as const,
    ),
  );
}

const text = (rows: Rows): string =>
  rows
    .map((cells) => `    [${cells.map((c) => `[${c.map((x) => Number(x.toFixed(2))).join(',')}]`).join(',')}],`)
    .join('\n');

const rows = allFamilies()
  .filter((f) => f.mode === 'swim')
  .map((f) => {
    const kept = named.length > 0 && !named.includes(f.id) ? ZONE_TABLE[f.id] : undefined;
    return `  '${f.id}': [\n${text(kept ?? made(f))}\n  ],`;
  });

writeFileSync(
  new URL('../core/holdtable/table.ts', import.meta.url),
  `/**
 * Made by \`npm run surrogate\`; do not edit. Per family, for each depth of DEPTH_GRID_M (rows) and each speed of
 * tableSpeeds (columns): countdown (s) and tip height (m) that gave the best share on the middle line, and the best
 * share of a cast in the default band on each of TABLE_LINES_M.
 */
export const ZONE_TABLE: Readonly<Record<string, readonly (readonly (readonly [number, number, number, number, number])[])[]>> = {
${rows.join('\n')}
};
`,
);
