// Writes core/holdtable/table.ts from the simulator. Run after a change to lure physics: npm run surrogate
import { writeFileSync } from 'node:fs';
import { allFamilies } from '../core/lures/families';
import { buildTable } from '../core/holdtable/build';

const rows = allFamilies()
  .filter((f) => f.mode === 'swim')
  .map((f) => {
    const table = buildTable(f);
    console.log(f.id, table.map((cells) => Math.max(...cells.map((c) => c.shares[1]!)).toFixed(2)).join(' '));
    const depths = table.map(
      (cells) =>
        `[${cells.map((c) => `[${[c.countdownS, c.tipM, ...c.shares].map((x) => Number(x.toFixed(2))).join(',')}]`).join(',')}]`,
    );
    return `  '${f.id}': [\n    ${depths.join(',\n    ')},\n  ],`;
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
