/** All was cast at from here: the same piece from its next place. */
import { facedIn, type CastPlan } from '../../core/castplan/plan';
import type { Piece } from '../../core/records/piece';
import type { Access } from '../../core/water/terms';
import { angleText, CAST_PLAN } from '../../wording/castPlan';
import { useActions } from '../day/contexts';
import { Card } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

export function NextAngle({ piece, next, access }: { piece: Piece; next: CastPlan; access: Access }) {
  const actions = useActions();
  const { units } = useTheme();
  return (
    <Card tone="wash">
      <Say>{angleText(piece, next, access, units)}</Say>
      <Button title={CAST_PLAN.goOnThere} onPress={() => actions.goToAngle(next.stand, facedIn(piece, next))} />
    </Card>
  );
}
