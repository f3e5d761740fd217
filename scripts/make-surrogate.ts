// Writes core/holdtable/table.ts from the simulator. Run after a change to lure physics:
// npm run surrogate [-- family …]
// Named: only these are cast anew, the others stay as they are.
import { writeFileSync } from 'node:fs';
import { allFamilies } from '../core/lures/families';
import type { Family } from '../core/lures/family';
import { atWeight } from '../core/lures/weights';
import { buildTable } from '../core/holdtable/build';
import { written } from '../core/holdtable/cells';
import { TABLE_WEIGHTS } from '../core/holdtable/grid';
import { ZONE_TABLE } from '../core/holdtable/table';

const named = process.argv.slice(2);

function made(f: Family): string[] {
  return TABLE_WEIGHTS.map((share) => {
    const table = buildTable(atWeight(f, share * f.weightKg[1]));
    console.log(f.id, share, table.map((cells) => Math.max(...cells.map((c) => c.shares[1]!)).toFixed(2)).join(' '));
    return written(table);
  });
}

const rows = allFamilies()
  .filter((f) => f.mode === 'swim')
  .map((f) => {
    const kept = named.length > 0 && !named.includes(f.id) ? ZONE_TABLE[f.id] : undefined;
    return `  '${f.id}': [\n${(kept ?? made(f)).map((text) => `    '${text}',`).join('\n')}\n  ],`;
  });

writeFileSync(
  new URL('../core/holdtable/table.ts', import.meta.url),
  `/**
 * Made by \`npm run surrogate\`; do not edit. Per family, for each of TABLE_WEIGHTS, what cells.ts reads: the best share
 * of a cast in the default band by depth, speed and line, and the hands that gave it.
 */
export const ZONE_TABLE: Readonly<Record<string, readonly string[]>> = {
${rows.join('\n')}
};
`,
);
