/** The casts of a piece in their order, each with what it needs to be made. */
import { View } from 'react-native';
import type { CastPlan } from '../../core/castplan/plan';
import type { Piece } from '../../core/records/piece';
import type { TargetId } from '../../core/water/pieces';
import type { Access } from '../../core/water/terms';
import { CAST_PLAN, castLine, castName } from '../../wording/castPlan';
import { Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

interface CastListProps {
  piece: Piece;
  plan: CastPlan;
  access: Access;
  /** While it is fished: a cast is left out, or made next. */
  onSkip?: (t: TargetId) => void;
  onFirst?: (t: TargetId) => void;
}

export function CastList({ piece, plan, access, onSkip, onFirst }: CastListProps) {
  const { p, units, scale } = useTheme();
  const disc = 28 * scale;
  return (
    <View role="list" style={{ gap: 12 }}>
      {plan.casts.map((c, i) => (
        <View key={c.target.id} role="listitem" style={{ gap: 4 }}>
          <Row gap={10} style={{ alignItems: 'flex-start' }}>
            <View
              style={{
                width: disc,
                height: disc,
                borderRadius: disc / 2,
                alignItems: 'center',
                justifyContent: 'center',
                backgroundColor: i === 0 ? p.copper : p.card,
                borderWidth: 1.5 * p.stroke,
                borderColor: i === 0 ? p.copper : p.ink,
              }}
            >
              <Say kind="labelStrong" tone={i === 0 ? 'onCopper' : undefined}>
                {i + 1}
              </Say>
            </View>
            <View style={{ flex: 1 }}>
              <Say kind="strong">{castName(piece, c, access)}</Say>
              <Say>{castLine(piece, c, access, units)}</Say>
            </View>
          </Row>
          {onSkip && onFirst ? (
            <Row gap={8} wrap style={{ paddingLeft: disc + 10 }}>
              {i > 0 ? (
                <Button
                  title={CAST_PLAN.first}
                  label={`${CAST_PLAN.first}: ${castName(piece, c, access)}`}
                  onPress={() => onFirst(c.target.id)}
                />
              ) : null}
              <Button
                title={CAST_PLAN.skip}
                label={`${CAST_PLAN.skip}: ${castName(piece, c, access)}`}
                onPress={() => onSkip(c.target.id)}
              />
            </Row>
          ) : null}
        </View>
      ))}
    </View>
  );
}
