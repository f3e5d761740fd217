/** The spots of a water: their plan, what is known of each, moving one, files out and in. */
import { useRouter } from 'expo-router';
import { useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import type { Degrees } from '../../../core/base/ground';
import { spotsOf } from '../../../core/forecast/ahead';
import { inUse, put } from '../../../core/records';
import type { Shore } from '../../../core/records/shore';
import { MAX_PINS, type Pin, type Spot } from '../../../core/records/spot';
import { useCommitter } from '../../../data/useBook';
import { pinName, PINS } from '../../../wording/pins';
import { movedText } from '../../../wording/way';
import { SPOT_PLAN, spotsText } from '../../../wording/places';
import { spotFeatures, spotWarnings } from '../../../wording/spots';
import { positionText } from '../../../wording/units';
import { SPOTS_PAGE } from '../../../wording/pages/spots';
import { useBookWithoutLog, useConditions } from '../../day/contexts';
import { Card, Note, Part } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { Find } from '../../parts/Find';
import { Press } from '../../parts/Press';
import { Say } from '../../parts/Say';
import { Screen } from '../../shell/Screen';
import { useTheme } from '../../theme/theme';
import { drawingOf, newDrawing, putAt, type Drawing } from './drawing';
import { DrawShore, ShoresPart } from './ShoresPart';
import { NEW_PIN, PinsList, PuttingPins, type PinInHand } from './PinsPart';
import { SpotsFilePart } from './SpotsFilePart';
import { SpotsPlan } from './SpotsPlan';

const SHOWN = 30;

/** The spot in hand: what is known of it, and moving it on the plan. */
function InHand({
  spot,
  moving,
  at,
  onMoving,
  onMoved,
  pin,
  onPin,
  onPut,
  onOut,
}: {
  spot: Spot;
  moving: boolean;
  at: Degrees | null;
  onMoving: (on: boolean) => void;
  onMoved: (to: Degrees) => void;
  /** What is being pinned; null: nothing. */
  pin: PinInHand | null;
  onPin: (pin: PinInHand | null) => void;
  onPut: (at: Degrees) => void;
  onOut: (pin: Pin) => void;
}) {
  const router = useRouter();
  const { units } = useTheme();
  const way = moving && at ? movedText(spot, at, units) : '';
  return (
    <Card tone="wash">
      <Say kind="strong" role="status">
        {spot.name}
      </Say>
      {/* While it is moved, the plan and the keys belong together on a phone's screen. */}
      {moving || pin ? null : (
        <>
          <Say kind="label">{[spotFeatures(spot), spotWarnings(spot), spot.note].filter(Boolean).join(' ')}</Say>
          <Say kind="label" tone="soft">
            {positionText(spot)}
          </Say>
        </>
      )}
      {moving ? (
        <>
          <Say role="status">{way ? SPOT_PLAN.to(way) : SPOT_PLAN.move}</Say>
          <Button kind="copper" title="Put it here" disabled={!way} onPress={() => at && onMoved(at)} />
          <Button title={SPOTS_PAGE.leaveIt} onPress={() => onMoving(false)} />
        </>
      ) : pin ? (
        <PuttingPins spot={spot} pin={pin} at={at} onPin={onPin} onPut={onPut} />
      ) : (
        <>
          <PinsList spot={spot} onOut={onOut} />
          <Button title={PINS.add} onPress={() => onPin(NEW_PIN)} />
          <Button title={`Change ${spot.name}`} onPress={() => router.navigate(`/kit/spot/${spot.id}` as never)} />
          <Button title={SPOTS_PAGE.moveOnPlan(spot.name)} onPress={() => onMoving(true)} />
        </>
      )}
    </Card>
  );
}

/** The spots of a water by name, and its shores: the plan is drawn anew when they change, and only then. */
function useOfWater(waterId: string): { spots: Spot[]; shores: Shore[] } {
  const book = useBookWithoutLog();
  return useMemo(
    () => ({
      spots: spotsOf(book, waterId).sort((a, b) => a.name.localeCompare(b.name)),
      shores: inUse(book.shore).filter((s) => s.waterId === waterId),
    }),
    [book, waterId],
  );
}

export function SpotsScreen() {
  const book = useBookWithoutLog();
  const committer = useCommitter();
  const router = useRouter();
  const { day, reading } = useConditions();
  const { p, units } = useTheme();
  const waters = inUse(book.water);
  const [asked, setAsked] = useState<string | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const [moving, setMoving] = useState(false);
  /** The line that is being drawn; null: none is. */
  const [drawn, setDrawn] = useState<Drawing | null>(null);
  const [at, setAt] = useState<Degrees | null>(null);
  /** What was changed last, with what it was before. */
  const [moved, setMoved] = useState<{ was: Spot; text: string } | null>(null);
  /** What is being pinned at the spot in hand; null: nothing. */
  const [pin, setPin] = useState<PinInHand | null>(null);
  const [search, setSearch] = useState('');
  const [shown, setShown] = useState(SHOWN);
  const waterId = asked ?? day?.water.id ?? waters[0]?.id ?? '';
  const { spots, shores } = useOfWater(waterId);
  const inHand = drawn ? null : (spots.find((s) => s.id === picked) ?? null);
  const word = search.trim().toLowerCase();
  const found = spots.filter((s) => word === '' || `${s.name} ${s.note} ${s.hazards}`.toLowerCase().includes(word));
  // Only a station tells it by the compass.
  const wind =
    day?.water.id === waterId && day.station && reading
      ? { fromDeg: day.station.windFromDeg, text: SPOT_PLAN.wind(reading.windMps, day.station.windFromDeg, units) }
      : null;
  const storing = useRef(false);
  const store = async (s: Spot, was: { was: Spot; text: string } | null): Promise<void> => {
    if (storing.current) return;
    storing.current = true;
    const stored = await committer.record(() => [put('spot', s)]);
    storing.current = false;
    if (!stored) return;
    setMoving(false);
    setMoved(was);
  };
  const putPin = (spot: Spot, { latDeg, lonDeg }: Degrees): void => {
    if (!pin || spot.pins.length >= MAX_PINS) return;
    void store({ ...spot, pins: [...spot.pins, { ...pin, latDeg, lonDeg }] }, null).then(() =>
      setPin((still) => still && { ...still, name: '' }),
    );
  };
  const choose = (id: string | null): void => {
    // A touch beside the cross while one is moved is part of moving it.
    if (moving || pin) return;
    setMoved(null);
    setPicked(id);
  };
  return (
    <Screen
      title="Spots"
      sub={waters.length > 1 ? SPOTS_PAGE.ofThisWater(spots.length) : spotsText(spots.length)}
      section={false}
      columns
    >
      <View style={{ gap: 12 }}>
        {waters.length > 1 ? (
          <Choices
            label="Of which water"
            options={waters.map((w) => ({ value: w.id, title: w.name }))}
            value={waterId}
            onChange={(id) => {
              setAsked(id);
              setPicked(null);
              setMoving(false);
              setPin(null);
              setMoved(null);
              setDrawn(null);
            }}
          />
        ) : null}
        {waters.length === 0 ? <Note>{SPOT_PLAN.noWater}</Note> : null}
        <SpotsPlan
          key={pin && inHand ? `${waterId} ${inHand.id}` : waterId}
          {...(pin && inHand ? { closeOver: inHand } : {})}
          spots={spots}
          shores={drawn?.of ? shores.filter((s) => s.id !== drawn.of!.id) : shores}
          from={book.water[waterId] ?? null}
          {...(wind ? { wind } : {})}
          selectedId={inHand?.id ?? null}
          onSelect={choose}
          {...(moving || drawn || pin ? { onMiddle: setAt } : {})}
          {...(pin && inHand ? { onPoint: (x: Degrees) => putPin(inHand, x) } : {})}
          {...(drawn
            ? {
                drawn,
                onPoint: (x: Degrees, near: number | null) =>
                  setDrawn(drawn.held === null && near !== null ? { ...drawn, held: near } : putAt(drawn, x)),
              }
            : {})}
        />
        {spots.length > 0 && !moving && !drawn && !pin ? (
          <Say kind="label" tone="soft">
            {SPOT_PLAN.key}
          </Say>
        ) : null}
        {inHand ? (
          <InHand
            spot={inHand}
            moving={moving}
            at={at}
            onMoving={setMoving}
            onMoved={(to) => void store({ ...inHand, ...to }, { was: inHand, text: SPOT_PLAN.moved(inHand.name) })}
            pin={pin}
            onPin={setPin}
            onPut={(x) => putPin(inHand, x)}
            onOut={(out) =>
              void store(
                { ...inHand, pins: inHand.pins.filter((x) => x !== out) },
                { was: inHand, text: PINS.out(pinName(out), inHand.name) },
              )
            }
          />
        ) : null}
        {drawn ? <DrawShore waterId={waterId} count={shores.length} drawn={drawn} at={at} onDrawn={setDrawn} /> : null}
        {moved ? (
          <View>
            <Say role="status" kind="label" tone="moss">
              {moved.text}
            </Say>
            <Button title={SPOTS_PAGE.putBack} onPress={() => void store(moved.was, null)} />
          </View>
        ) : null}
      </View>
      <Part
        title={SPOTS_PAGE.allOfWater}
        right={<Button title="Add a spot" onPress={() => router.navigate('/kit/spot/new' as never)} />}
      >
        {spots.length > 6 ? <Find label={SPOTS_PAGE.find} value={search} onChange={setSearch} /> : null}
        {found.length === 0 ? <Note>{spots.length === 0 ? SPOT_PLAN.noSpot : SPOT_PLAN.noneFound}</Note> : null}
        {found.slice(0, shown).map((s) => (
          <Press
            key={s.id}
            label={`${s.name}: show it`}
            selected={s.id === inHand?.id}
            onPress={() => choose(s.id)}
            style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule, paddingVertical: 6 }}
          >
            <Say kind="strong">{s.name}</Say>
            <Say kind="label" tone="soft">
              {spotFeatures(s)}
            </Say>
          </Press>
        ))}
        {found.length > shown ? (
          <Button
            title={SPOTS_PAGE.showMore(Math.min(SHOWN, found.length - shown))}
            onPress={() => setShown(shown + SHOWN)}
          />
        ) : null}
      </Part>
      {waterId !== '' && !drawn ? (
        <ShoresPart
          shores={shores}
          onDraw={() => setDrawn(newDrawing)}
          onChange={(shore) => setDrawn(drawingOf(shore))}
        />
      ) : null}
      <SpotsFilePart waterId={waterId} />
    </Screen>
  );
}
