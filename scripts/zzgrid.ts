import { writeFileSync } from 'node:fs';
import { exhaustive, seededRequests } from './bench/planner';
const main = () => {
  const out: any[] = [];
  for (const [seed, n] of [[20, 50], [41, 30]] as const)
    seededRequests(n, seed).forEach((r, i) => {
      out.push({ seed, i, ...exhaustive(r) });
      writeFileSync('/tmp/grid.json', JSON.stringify(out));
    });
};
main();
