import { performance } from 'node:perf_hooks';
import { firstSettings, setUpTask } from '../core/planning/task/setup';
import { simulateSettings } from '../core/planning/plan/track';
import { seededRequests } from './bench/planner';
import { MESH } from '../core/simulation/types';
const main = () => {
  const only = process.argv[2]!.split(',').map(Number);
  seededRequests(50).forEach((r, i) => {
    if (!only.includes(i)) return;
    const p: any = setUpTask(r);
    const h = firstSettings(p);
    for (const m of ['scan', 'quick', 'plan'] as const) {
      const ms: number[] = [];
      for (let k = 0; k < 200; k++) {
      const a = performance.now();
      const t = simulateSettings(p, h, { mesh: MESH[m] });
      ms.push(performance.now() - a); }
      console.log(i, p.family.id, m, [0,1,3,10,30,100,199].map(k => ms[k]!.toFixed(1)).join(' '), 'median', ms.sort((a,b)=>a-b)[100]!.toFixed(1));
    }
  });
};
main();
