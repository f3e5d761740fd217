/** The shores and the lines of one depth of a water: drawn point by point on the plan, listed, put away and back. */
import { useState } from 'react';
import { View } from 'react-native';
import { lengthM, type Degrees } from '../../../core/base/ground';
import { put } from '../../../core/records';
import { MAX_SHORE_POINTS, type Shore } from '../../../core/records/shore';
import { useCommitter } from '../../../data/useBook';
import { SPOT_PLAN } from '../../../wording/places';
import { FT, say, type UnitPrefs } from '../../../wording/units';
import { SPOTS_PAGE } from '../../../wording/pages/spots';
import { Card, Note, Part, Row } from '../../parts/Box';
import { Adjuster } from '../../parts/Adjuster';
import { Button, Choices } from '../../parts/Buttons';
import { Say } from '../../parts/Say';
import { realNowMs } from '../../platform/clock';
import { newId } from '../../platform/ids';
import { stepBy, STEPPERS } from '../../theme/stepping';
import { useTheme } from '../../theme/theme';
import { nearestTo, putAt, takenOut, type Drawing } from './drawing';

/** A line of one depth begins at this, m: a round number in either unit. */
const usualDepthM = (u: UnitPrefs): number => (u.depth === 'ft' ? 10 * FT : 3);

interface DrawShoreProps {
  waterId: string;
  /** Shores the water has already: the new one is named by its number. */
  count: number;
  drawn: Drawing;
  /** Where the cross stands. */
  at: Degrees | null;
  onDrawn: (drawing: Drawing | null) => void;
}

/** Below the plan while a shore is drawn. */
export function DrawShore({ waterId, count, drawn, at, onDrawn }: DrawShoreProps) {
  const committer = useCommitter();
  const { units } = useTheme();
  const [busy, setBusy] = useState(false);
  /** The depth all along it, m; null: it is the bank. */
  const [depthM, setDepthM] = useState<number | null>(drawn.of?.depthM ?? null);
  const { points, held, of } = drawn;
  const full = points.length >= MAX_SHORE_POINTS;
  const keep = async (closed: boolean): Promise<void> => {
    setBusy(true);
    const stored = await committer.record(() => [
      put('shore', {
        ...(of ?? {
          id: newId(),
          waterId,
          name: depthM === null ? `Shore ${count + 1}` : `Depth line ${count + 1}`,
          retiredAtMs: null,
        }),
        points: [...points],
        closed,
        depthM,
      }),
    ]);
    setBusy(false);
    if (stored) onDrawn(null);
  };
  return (
    <Card tone="wash">
      <Say role="status">
        {held !== null
          ? SPOT_PLAN.held(held + 1)
          : points.length === 0
            ? SPOT_PLAN.draw(depthM !== null)
            : SPOT_PLAN.drawn(points.length, say.far(lengthM(points), units))}
      </Say>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Button
          title={held === null ? 'Put a point' : 'Put it here'}
          disabled={(full && held === null) || !at}
          onPress={() => at && onDrawn(putAt(drawn, at))}
        />
        <Button
          title={held === null ? SPOTS_PAGE.takeLastBack : 'Take it out'}
          disabled={points.length === 0}
          onPress={() => onDrawn(takenOut(drawn))}
        />
        {held === null ? (
          <Button
            title={SPOTS_PAGE.holdNearest}
            disabled={points.length === 0 || !at}
            onPress={() => at && onDrawn({ ...drawn, held: nearestTo(drawn, at) })}
          />
        ) : (
          <Button title="Let it be" onPress={() => onDrawn({ ...drawn, held: null })} />
        )}
      </View>
      <Choices
        label={SPOTS_PAGE.whatLine}
        options={[
          { value: 'bank', title: 'The bank' },
          { value: 'depth', title: SPOTS_PAGE.depthLine },
        ]}
        value={depthM === null ? 'bank' : 'depth'}
        onChange={(v) => setDepthM(v === 'bank' ? null : usualDepthM(units))}
      />
      {depthM === null ? null : (
        <Adjuster
          label="Depth"
          hint={SPOTS_PAGE.depthAlong}
          text={say.depth(depthM, units)}
          onLess={() => setDepthM(stepBy(STEPPERS.depth(units), depthM, -1))}
          onMore={() => setDepthM(stepBy(STEPPERS.depth(units), depthM, 1))}
        />
      )}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Button
          kind={of?.closed ? 'outline' : 'copper'}
          title={of?.closed ? SPOTS_PAGE.keepOpen : 'Keep it'}
          disabled={points.length < 2 || busy}
          onPress={() => void keep(false)}
        />
        <Button
          kind={of?.closed ? 'copper' : 'outline'}
          title="Keep it, closed"
          disabled={points.length < 3 || busy}
          onPress={() => void keep(true)}
        />
        <Button title="Leave it" onPress={() => onDrawn(null)} />
      </View>
      {full ? <Note>{SPOT_PLAN.shoreFull(MAX_SHORE_POINTS)}</Note> : null}
    </Card>
  );
}

interface ShoresPartProps {
  shores: readonly Shore[];
  onDraw: () => void;
  onChange: (shore: Shore) => void;
}

/** What shores there are. */
export function ShoresPart({ shores, onDraw, onChange }: ShoresPartProps) {
  const committer = useCommitter();
  const { units } = useTheme();
  const [away, setAway] = useState<Shore | null>(null);
  const store = async (s: Shore, was: Shore | null): Promise<void> => {
    if (await committer.record(() => [put('shore', s)])) setAway(was);
  };
  return (
    <Part title="Shore and depths" right={<Button title="Draw a line" onPress={onDraw} />}>
      {shores.length === 0 ? <Note>{SPOT_PLAN.noShore}</Note> : null}
      {shores.map((s) => (
        <Row key={s.id} wrap>
          <View style={{ flexGrow: 1, flexShrink: 1, flexBasis: 150 }}>
            <Say kind="strong">{s.name}</Say>
            <Say kind="label" tone="soft">
              {SPOT_PLAN.shoreIs(s, say.far(lengthM(s.points, s.closed), units), units)}
            </Say>
          </View>
          <Button title="Change" label={`${s.name}: change`} onPress={() => onChange(s)} />
          <Button
            title="Put away"
            label={`${s.name}: put away`}
            onPress={() => void store({ ...s, retiredAtMs: realNowMs() }, s)}
          />
        </Row>
      ))}
      {away ? (
        <View>
          <Say role="status" kind="label" tone="moss">
            {SPOT_PLAN.putAway(away.name)}
          </Say>
          <Button title="Bring it back" onPress={() => void store(away, null)} />
        </View>
      ) : null}
    </Part>
  );
}
