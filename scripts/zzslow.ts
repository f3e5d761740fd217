import { simulateDocument, simulateSchema } from '../core/exchange/simulateDocument';
const main = () => {
  const base: any = { kind: 'cast-retrieve', lure: { massKg: 0.01, volumeM3: 3.4e-6, dragAreaM2: 2e-4 }, line: { diameterM: 0.0003, densityKgM3: 1140, stiffnessN: 214 }, tipM: [0, 0, 1], lureM: [30, 0, 0], lineLengthM: 30.5 };
  const docs: [string, any][] = [
    ['an hour at rest', { ...base, timesS: [3600] }],
    ['an hour of 5000 twitches', { ...base, timesS: [3600], tipMoves: Array.from({ length: 5000 }, (_, i) => ({ startS: i * 0.7, durationS: 0.2, dxM: i % 2 ? 0.4 : -0.4, dzM: 0 })) }],
    ['the same in space', { ...base, currentMps: [0, 0.4, 0], timesS: [3600], tipMoves: Array.from({ length: 5000 }, (_, i) => ({ startS: i * 0.7, durationS: 0.2, dxM: i % 2 ? 0.4 : -0.4, dzM: 0 })) }],
    ['heavy light', { ...base, line: { diameterM: 0.005, densityKgM3: 12000, stiffnessN: 1e6 }, lure: { massKg: 1e-5, volumeM3: 1e-9, dragAreaM2: 1e-7 }, currentMps: [3, 3, 3], windMps: [40, 40, 0], floorDepthM: 2, timesS: [3600] }],
    ['120 s', { ...base, timesS: Array.from({ length: 600 }, (_, i) => i * 0.2), reel: { startS: 3, speedMps: 0.2, rampS: 0.3 } }],
  ];
  for (const [n, d] of docs) {
    const p = simulateSchema.safeParse(d);
    if (!p.success) { console.log(n, 'refused', JSON.stringify(p.error.issues).slice(0, 200)); continue; }
    const a = performance.now();
    const r: any = simulateDocument(p.data);
    console.log(n, (performance.now() - a).toFixed(0), 'ms', JSON.stringify(r.notes), r.depthM?.[0]);
  }
};
main();
