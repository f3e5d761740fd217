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

/** A line of one depth begins at this, m: a round number in either unit. */
const usualDepthM = (u: UnitPrefs): number => (u.depth === 'ft' ? 10 * FT : 3);

interface DrawShoreProps {
  waterId: string;
  /** Shores the water has already: the new one is named by its number. */
  count: number;
  drawn: readonly Degrees[];
  /** Where the cross stands. */
  at: Degrees | null;
  onDrawn: (points: readonly Degrees[] | null) => void;
}

/** Below the plan while a shore is drawn. */
export function DrawShore({ waterId, count, drawn, at, onDrawn }: DrawShoreProps) {
  const committer = useCommitter();
  const { units } = useTheme();
  const [busy, setBusy] = useState(false);
  /** The depth all along it, m; null: it is the bank. */
  const [depthM, setDepthM] = useState<number | null>(null);
  const full = drawn.length >= MAX_SHORE_POINTS;
  const keep = async (closed: boolean): Promise<void> => {
    setBusy(true);
    const stored = await committer.record(() => [
      put('shore', {
        id: newId(),
        waterId,
        name: depthM === null ? `Shore ${count + 1}` : `Depth line ${count + 1}`,
        points: drawn.slice(0, MAX_SHORE_POINTS).map(({ latDeg, lonDeg }) => ({ latDeg, lonDeg })),
        closed,
        depthM,
        retiredAtMs: null,
      }),
    ]);
    setBusy(false);
    if (stored) onDrawn(null);
  };
  return (
    <Card tone="wash">
      <Say role="status">
        {drawn.length === 0
          ? SPOT_PLAN.draw(depthM !== null)
          : SPOT_PLAN.drawn(drawn.length, say.far(lengthM(drawn), units))}
      </Say>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        <Button title="Put a point" disabled={full || !at} onPress={() => at && onDrawn([...drawn, at])} />
        <Button
          title={SPOTS_PAGE.takeLastBack}
          disabled={drawn.length === 0}
          onPress={() => onDrawn(drawn.slice(0, -1))}
        />
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
        <Button kind="copper" title="Keep it" disabled={drawn.length < 2 || busy} onPress={() => void keep(false)} />
        <Button title="Keep it, closed" disabled={drawn.length < 3 || busy} onPress={() => void keep(true)} />
        <Button title="Leave it" onPress={() => onDrawn(null)} />
      </View>
      {full ? <Note>{SPOT_PLAN.shoreFull(MAX_SHORE_POINTS)}</Note> : null}
    </Card>
  );
}

/** What shores there are. */
export function ShoresPart({ shores, onDraw }: { shores: readonly Shore[]; onDraw: () => void }) {
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
        <Row key={s.id}>
          <View style={{ flex: 1 }}>
            <Say kind="strong">{s.name}</Say>
            <Say kind="label" tone="soft">
              {SPOT_PLAN.shoreIs(s, say.far(lengthM(s.points, s.closed), units), units)}
            </Say>
          </View>
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
