// Writes core/retrieve/surrogate/table.ts from the simulator. Run after a change to lure physics: npm run surrogate
import { writeFileSync } from 'node:fs';
import { allFamilies } from '../core/lures/families';
import { buildShares } from '../core/retrieve/surrogate/build';

const rows = allFamilies()
  .filter((f) => f.mode === 'swim')
  .map((f) => {
    const { share, setup } = buildShares(f);
    console.log(f.id, share.map((v) => v.toFixed(2)).join(' '));
    const cells = share.map((v, i) => {
      const s = setup[i]!;
      return `[${[v, s.countdownS, s.speedMps, s.tipM].map((x) => Number(x.toFixed(3))).join(', ')}]`;
    });
    return `  '${f.id}': [${cells.join(', ')}],`;
  });

writeFileSync(
  new URL('../core/retrieve/surrogate/table.ts', import.meta.url),
  `/**
 * Made by \`npm run surrogate\`; do not edit. Per family, for each depth of DEPTH_GRID_M:
 * best share of a cast in the default band there, and the countdown (s), speed (m/s) and tip height (m) that gave it.
 */
export const ZONE_TABLE: Readonly<Record<string, readonly (readonly [number, number, number, number])[]>> = {
${rows.join('\n')}
};
`,
);
