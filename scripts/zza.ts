import { planOf, usualPiece, usualQuestion } from '../core/fixtures/pieces';
import { anglesAfter, planFrom } from '../core/castplan/plan';
import { PIECE_KINDS } from '../core/water/pieces';
for (const [kind, more] of [...PIECE_KINDS.map((k)=>[k,{}] as const), ['point',{lengthM:20,widthM:12}],['point',{lengthM:16,widthM:20}]] as const) {
  const q = usualQuestion(usualPiece(kind as any, more));
  const a = planOf(q); const t=performance.now();
  const all=[a, ...anglesAfter(q,a.stand)]; const ms=performance.now()-t;
  console.log(kind, JSON.stringify(more), ms.toFixed(0)+' ms'); for (const p of all) console.log('   ', p.side, p.stand, p.strikes.toFixed(3), planFrom(q,p.stand).strikes.toFixed(3), p.casts.map(c=>c.target.id+' '+c.distanceM.toFixed(0)).join(', '));
}
