/** How long a cast plan takes: where to stand, then the order anew after a cast. */
import { bestStand, planFrom } from '../../core/castplan/plan';
import { EXAMPLE_PIECES, exampleQuestion } from '../../core/fixtures/pieces';
import { measure, spreadText, table } from './report';

export function castPlanBench(): string {
  const rows = EXAMPLE_PIECES.map((x) => {
    const q = exampleQuestion(x);
    const stand = bestStand(q)!;
    const first = planFrom(q, stand);
    const fished = { cast: [first.casts[0]!.target.id], hooked: [], resting: [] };
    return [
      x.piece.name,
      spreadText(
        measure(() => bestStand(q)),
        'ms',
        1,
      ),
      spreadText(
        measure(() => planFrom(q, stand, fished)),
        'ms',
        2,
      ),
      `${Math.round((first.strikes / first.insideFirst - 1) * 100)} %`,
    ];
  });
  return `## The casts at a piece of cover\n\nOn Node; median and range. The last column: what the order promises more than one begun from the inside.\n\n${table(
    ['piece', 'where to stand', 'ordered anew', 'more than inside first'],
    rows,
  )}`;
}
