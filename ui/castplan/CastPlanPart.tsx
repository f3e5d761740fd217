/** On Strikes, while a piece is fished by its plan: the next cast, and how far one is. */
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { isFromBank } from '../../core/castplan/stands';
import { CAST_PLAN, castLine, doneText } from '../../wording/castPlan';
import { targetName } from '../../wording/pieces';
import { useActions } from '../day/contexts';
import { Card, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { NextAngle } from './NextAngle';
import { PlanPicture } from './PlanPicture';
import { useFishedPlan } from './useCastPlan';

/** The picture beside the words is so wide, px. */
const PICTURE_PX = 124;

export function CastPlanPart() {
  const fished = useFishedPlan();
  const actions = useActions();
  const router = useRouter();
  const { units } = useTheme();
  if (!fished) return null;
  const { piece, plan, access, next: angle } = fished;
  const next = plan.casts[0];
  return (
    <Card>
      <Row gap={12} style={{ alignItems: 'flex-start' }}>
        <View role="status" aria-live="polite" style={{ flex: 1 }}>
          {next ? (
            <>
              <Say kind="strong">{`${CAST_PLAN.next}: ${targetName(piece.kind, next.target.id, isFromBank(access))}`}</Say>
              <Say>{castLine(piece, next, access, units)}</Say>
              <Say kind="label" tone="soft">{`${piece.name}: ${doneText(plan)}`}</Say>
            </>
          ) : (
            <Say>{angle ? CAST_PLAN.overHere : CAST_PLAN.over}</Say>
          )}
        </View>
        {next ? (
          <View style={{ width: PICTURE_PX }}>
            <PlanPicture piece={piece} plan={plan} access={access} numbered={0} small />
          </View>
        ) : null}
      </Row>
      {angle ? <NextAngle piece={piece} next={angle} access={access} /> : null}
      <Row gap={8} wrap>
        {next ? (
          <Button
            title={CAST_PLAN.skip}
            onPress={() => actions.changeCastPlan((on) => ({ ...on, skipped: [...on.skipped, next.target.id] }))}
          />
        ) : null}
        <Button title={CAST_PLAN.title} onPress={() => router.navigate('/strikes/cover' as never)} />
      </Row>
    </Card>
  );
}
