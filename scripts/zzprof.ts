import { performance } from 'node:perf_hooks';
import { planInSteps } from '../core/planning/plan/plan';
import { castNow } from '../core/planning/plan/casting';
import { seededRequests } from './bench/planner';
import { MESH } from '../core/simulation/types';
const name = (m: any) => Object.entries(MESH).find(([, v]) => v === m)?.[0] ?? '?';
const main = () => {
  const only = process.argv[2] ? process.argv[2].split(',').map(Number) : null;
  seededRequests(50).forEach((r, i) => {
    if (only && !only.includes(i)) return;
    const by: Record<string, { n: number; ms: number; s: number }> = {};
    const t0 = performance.now();
    const steps = planInSteps(r, 'settled');
    let step = steps.next();
    const rounds: string[] = [];
    while (!step.done) {
      let ms = 0; const jobs = step.value.jobs;
      const tracks = jobs.map((j: any) => {
        const a = performance.now();
        const t = castNow(j);
        const d = performance.now() - a;
        ms += d;
        const k = name(j.how.mesh);
        const b = (by[k] ??= { n: 0, ms: 0, s: 0 });
        b.n++; b.ms += d; b.s += t.castS;
        return t;
      });
      if (only) rounds.push(`${jobs.length}×${jobs[0] ? name(jobs[0].how.mesh) : ''} ${ms.toFixed(0)}`);
      step = steps.next(tracks);
    }
    const all = performance.now() - t0;
    console.log(i, r.lure.family, `${all.toFixed(0)} ms cast ${step.value.castS.toFixed(0)} s`, 'sims', step.value.simulations,
      Object.entries(by).map(([k, b]) => `${k}: ${b.n} × ${(b.ms / b.n).toFixed(1)} ms (${(b.s / b.n).toFixed(0)} s)`).join('; '));
    if (only) console.log(rounds.join(' | '));
  });
};
main();
