import { usualRequest } from '../core/fixtures/usualRequest';
import { planInSteps } from '../core/planning/plan/plan';
import { castNow } from '../core/planning/plan/casting';
import { MESH } from '../core/simulation/types';
const main = () => {
  for (const f of process.argv.slice(2)) {
    const steps = planInSteps(usualRequest(f as any), 'settled');
    let step = steps.next(); let all = 0; const rounds: string[] = [];
    while (!step.done) { const jobs = step.value.jobs; const t = jobs.map((j: any) => castNow(j)); const w = t.reduce((a: number, x: any) => a + (x.work ?? 0), 0); all += w;
      if (jobs.length) rounds.push(`${jobs.length}×${Object.entries(MESH).find(([, v]) => v === (jobs[0] as any).how.mesh)![0]} ${(w / 1000).toFixed(1)}k`);
      step = steps.next(t); }
    const p = step.value;
    console.log(f, p.zoneShare.mean.toFixed(3), p.castS.toFixed(0), JSON.stringify(p.hands), p.candidates, p.simulations, (all / 1000).toFixed(0) + 'k');
    console.log(rounds.join(' | '));
  }
};
main();
