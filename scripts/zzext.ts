import { allFamilies } from '../core/lures/families';
import { seededRandom } from '../core/base/random';
import { planInSteps } from '../core/planning/plan/plan';
import { castNow } from '../core/planning/plan/casting';
import { LINE_MATERIALS, lineClasses } from '../core/tackle/line';
const main = () => {
  const random = seededRandom(Number(process.argv[2] ?? 5));
  const between = (a: number, b: number) => a + (b - a) * random();
  const one = <T>(x: readonly T[]): T => x[Math.floor(random() * x.length)]!;
  const fams = allFamilies();
  const rows: [number, number, string][] = [];
  for (let n = 0; n < 60; n++) {
    const f = one(fams); const depthM = between(1, 25); const material = one(LINE_MATERIALS);
    const r: any = { conditions: { species: one(['largemouth-bass', 'walleye', 'crappie', 'striped-bass', 'spotted-seatrout']), month: 1 + Math.floor(random() * 12),
      water: { setting: one(['lake', 'river']), surfaceTempC: between(1, 30), clarityM: between(0.2, 5), depthM, fishDepthM: between(0.3, depthM), currentMps: between(0, 1.5), currentAngleDeg: between(0, 180), windMps: between(0, 12), windAngleDeg: between(0, 180), cover: { kind: 'none', density: 0 } }, access: one(['bow', 'stern', 'bank', 'wade', 'jetty']) },
      lure: { family: f.id }, rod: { lengthM: between(1.5, 4), minLureKg: 0.001, maxLureKg: 0.1, action: 'fast' }, reel: { ratio: between(3, 10), spoolM: 0.045, arborM: 0.03, capacityM: 300 }, line: { material, strengthLb: one(lineClasses(material)) } };
    const t = performance.now(); let work = 0;
    try {
      const s = planInSteps(r, 'settled'); let step = s.next();
      while (!step.done) { const tr = step.value.jobs.map(castNow); for (const x of tr) work += x.work; step = s.next(tr); }
      rows.push([work, performance.now() - t, `${f.id} ${step.value.castS.toFixed(0)} s d ${depthM.toFixed(1)} cur ${r.conditions.water.currentMps.toFixed(2)} ${step.value.simulations}`]);
    } catch (e) { console.log(f.id, String(e)); }
  }
  rows.sort((a, b) => b[0] - a[0]);
  for (const [w, ms, s] of rows.slice(0, 8)) console.log(`${(w / 1000).toFixed(0)}k ${ms.toFixed(0)} ms ${s}`);
  console.log('slowest ms', Math.max(...rows.map((r) => r[1])).toFixed(0), 'median', rows.map(r=>r[1]).sort((a,b)=>a-b)[30]!.toFixed(0));
};
main();
