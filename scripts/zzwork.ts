import { performance } from 'node:perf_hooks';
import { readFileSync, writeFileSync } from 'node:fs';
import { planInSteps } from '../core/planning/plan/plan';
import { castNow } from '../core/planning/plan/casting';
import { seededRequests } from './bench/planner';
import { setUpTask } from '../core/planning/task/setup';
import { worth } from '../core/planning/plan/worth';
import { MESH } from '../core/simulation/types';
const main = () => {
  const only = process.argv[2] && process.argv[2] !== 'all' ? process.argv[2].split(',').map(Number) : null;
  const seed = Number(process.argv[3] ?? 20), n = seed === 20 ? 50 : 30;
  const out: any[] = [];
  seededRequests(n, seed).forEach((r, i) => {
    if (only && !only.includes(i)) return;
    const t0 = performance.now();
    const steps = planInSteps(r, 'settled');
    let step = steps.next();
    const rounds: string[] = []; let all = 0;
    while (!step.done) {
      const jobs = step.value.jobs;
      const tracks = jobs.map((j: any) => castNow(j));
      const w = tracks.reduce((a: number, t: any) => a + t.work, 0);
      all += w;
      const name = jobs[0] ? Object.entries(MESH).find(([, v]) => v === (jobs[0] as any).how.mesh)![0] : '';
      if (only && jobs.length) rounds.push(`${jobs.length}×${name} ${(w / 1000).toFixed(1)}k`);
      step = steps.next(tracks);
    }
    const plan: any = step.value;
    const p: any = setUpTask(r);
    const own = worth(p, plan.hands, plan.track);
    out.push({ seed, i, own, mean: plan.zoneShare.mean, work: all, ms: performance.now() - t0, share: plan.track.zoneShare });
    console.log(seed, i, r.lure.family, `work ${(all / 1000).toFixed(0)}k`, (performance.now() - t0).toFixed(0), 'ms sims', plan.simulations, 'cast', plan.castS.toFixed(0), 'worth', own.toFixed(4), 'share', plan.zoneShare.mean.toFixed(3));
    if (only) console.log(rounds.join(' | '));
  });
  const works = out.map((o) => o.work).sort((a, b) => a - b);
  console.log('work median', works[Math.floor(works.length / 2)], 'max', works[works.length - 1]);
  if (!only) writeFileSync(`/tmp/work-${seed}-${process.argv[4] ?? 'new'}.json`, JSON.stringify(out));
};
main();
