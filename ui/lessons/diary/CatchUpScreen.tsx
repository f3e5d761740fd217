/** A day that was not logged, written in afterwards: water, fish, day, and a few lures with their casts and strikes. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { dateAt, midnightMs } from '../../../core/base/zone';
import { spotsOf } from '../../../core/forecast/ahead';
import { inUse, tripsOf } from '../../../core/records';
import type { Trip } from '../../../core/records/trip';
import { composeDay } from '../../../core/trip/day';
import { newTrip } from '../../../core/trip/newTrip';
import { catchUpTrouble, caughtUp, DAY_PARTS, type DayPart } from '../../../core/trip/catchUp';
import { speciesIn } from '../../../core/water/species';
import type { SpeciesId } from '../../../core/water/terms';
import { useCommitter } from '../../../data/useBook';
import { CATCH_UP, daysAgoText, lureOfRow, PART_NAME, TROUBLE_TEXT } from '../../../wording/catchUp';
import { capital, SPECIES_NAME } from '../../../wording/names';
import { monthOf, pastDayText } from '../../../wording/time';
import { useBookWithoutLog, useConditions, usePrefs } from '../../day/contexts';
import { askedLure } from '../../day/planFor';
import { chooseTackle, outfitOf } from '../../day/tackle';
import { lureById } from '../../day/usual';
import { LureChoice } from '../../lures/LureChoice';
import { Card, Note, Part } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { Say } from '../../parts/Say';
import { DateKey } from '../../parts/DateKey';
import { SteppedNumber } from '../../parts/SteppedNumber';
import { appNowMs } from '../../platform/clock';
import { newId } from '../../platform/ids';
import { Screen } from '../../shell/Screen';
import { tellSaved } from '../../shell/saved';
import { STEPPERS } from '../../theme/stepping';

interface RowDraft {
  lureId: string | null;
  spotId: string | null;
  casts: number;
  landed: number;
  lost: number;
  missed: number;
}
const NEW_ROW: RowDraft = { lureId: null, spotId: null, casts: 20, landed: 0, lost: 0, missed: 0 };
const DAY_MS = 86_400_000;
const HOUR_MS = 3_600_000;
const RECENT = [0, 1, 2, 3, 4, 5, 6];
const COUNT = STEPPERS.plain(1, 0, 1000);
const CASTS = STEPPERS.plain(5, 0, 1000);
const MOST_DAYS = 3650;
const whole = (n: number): string => String(Math.round(n));

export function CatchUpScreen() {
  const book = useBookWithoutLog();
  const prefs = usePrefs();
  const { schools } = useConditions();
  const committer = useCommitter();
  const router = useRouter();
  const waters = inUse(book.water);
  const [ago, setAgo] = useState(1);
  const [part, setPart] = useState<DayPart>('morning');
  const [waterId, setWaterId] = useState<string | null>(null);
  const [species, setSpecies] = useState<SpeciesId | null>(null);
  const [rows, setRows] = useState<readonly RowDraft[]>([NEW_ROW]);
  const [told, setTold] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  // Where one was last, until another is chosen.
  const lastThere = tripsOf(book).sort((a, b) => b.startedAtMs - a.startedAtMs)[0]?.waterId;
  const water = waters.find((w) => w.id === (waterId ?? lastThere)) ?? waters[0];
  if (!water)
    return (
      <Screen title={CATCH_UP.title} section={false}>
        <Note>{CATCH_UP.noWater}</Note>
      </Screen>
    );
  const fish = speciesIn(water.setting, water.salinity);
  const sought = species && fish.includes(species) ? species : fish[0]!;
  const nowMs = appNowMs(prefs.demoClock);
  const today = dateAt(nowMs, water.zone);
  const dayAt = (n: number): number => midnightMs(today.year, today.month, today.day - n, water.zone);
  const change = (i: number, more: Partial<RowDraft>): void => {
    setTold(null);
    setRows(rows.map((r, k) => (k === i ? { ...r, ...more } : r)));
  };
  const save = async (): Promise<void> => {
    const midnight = dayAt(ago);
    const [startedAtMs, endedAtMs] = DAY_PARTS[part].map((h) => Math.round(midnight + h * HOUR_MS)) as [number, number];
    const strikes = (r: RowDraft): number => r.landed + r.lost + r.missed;
    const trouble = catchUpTrouble(
      rows.map((r) => ({ ...r, strikes: strikes(r) })),
      endedAtMs,
      nowMs,
    );
    if (trouble) return setTold(TROUBLE_TEXT[trouble]);
    setBusy(true);
    try {
      const { workedUnplanned } = await import('../../../data/offPage');
      const trip: Trip = { ...newTrip(newId(), water.id, sought, startedAtMs), endedAtMs };
      const middleMs = (startedAtMs + endedAtMs) / 2;
      const day = composeDay(book, trip, middleMs, monthOf(middleMs, water.zone))!;
      const remembered = rows.map((r) => {
        const lure = lureById(book.lure, r.lureId!)!;
        const tackle = chooseTackle(book, null, prefs, lure)!;
        const worked = workedUnplanned({
          conditions: day.conditions,
          lure: askedLure(lure),
          ...outfitOf(tackle),
          schools,
        });
        const { casts, spotId, landed, lost, missed } = r;
        return { worked, conditions: day.conditions, spotId, casts, events: { landed, lost, missed } };
      });
      const stored = await committer.record(() => caughtUp(trip, remembered, newId));
      if (!stored) return setTold(CATCH_UP.refused);
      tellSaved(daysAgoText(ago, startedAtMs, water.zone), `/lessons/day/${trip.id}`);
      router.navigate(`/lessons/day/${trip.id}` as never);
    } finally {
      setBusy(false);
    }
  };
  const spots = spotsOf(book, water.id);
  return (
    <Screen title={CATCH_UP.title} sub={CATCH_UP.sub} section={false}>
      <Part title={CATCH_UP.when}>
        <Choices
          label={CATCH_UP.when}
          options={RECENT.map((n) => ({ value: n, title: daysAgoText(n, dayAt(n) + HOUR_MS * 12, water.zone) }))}
          value={ago}
          onChange={setAgo}
        />
        <DateKey
          label={CATCH_UP.calendar}
          title={RECENT.includes(ago) ? CATCH_UP.earlier : pastDayText(dayAt(ago) + HOUR_MS * 12, water.zone)}
          atMs={dayAt(ago)}
          firstMs={dayAt(MOST_DAYS)}
          lastMs={nowMs}
          zone={water.zone}
          onDay={(ms) => setAgo(Math.round((dayAt(0) - ms) / DAY_MS))}
        />
        <Choices
          label={CATCH_UP.part}
          options={(Object.keys(DAY_PARTS) as DayPart[]).map((value) => ({ value, title: PART_NAME[value] }))}
          value={part}
          onChange={setPart}
        />
      </Part>
      <Part title={CATCH_UP.water}>
        <Choices
          label={CATCH_UP.water}
          options={waters.map((w) => ({ value: w.id, title: w.name }))}
          value={water.id}
          onChange={(id) => {
            setWaterId(id);
            setRows(rows.map((r) => ({ ...r, spotId: null })));
          }}
        />
      </Part>
      <Part title={CATCH_UP.fish}>
        <Choices
          label={CATCH_UP.fish}
          options={fish.map((s) => ({ value: s, title: capital(SPECIES_NAME[s]) }))}
          value={sought}
          onChange={setSpecies}
        />
      </Part>
      {rows.map((r, i) => (
        <Card key={i}>
          <Say kind="heading" level={2}>
            {lureOfRow(i)}
          </Say>
          <LureChoice
            label={CATCH_UP.lure}
            box={book.box}
            value={r.lureId}
            onChange={(lureId) => change(i, { lureId })}
          />
          {spots.length > 0 ? (
            <View style={{ gap: 4 }}>
              <Say kind="strong">{CATCH_UP.spot}</Say>
              <Choices
                label={CATCH_UP.spot}
                options={spots.map((s) => ({ value: s.id, title: s.name }))}
                value={r.spotId}
                onChange={(spotId) => change(i, { spotId: spotId === r.spotId ? null : spotId })}
              />
            </View>
          ) : null}
          <View style={{ gap: 8 }}>
            <SteppedNumber
              text={whole}
              label={CATCH_UP.casts}
              value={r.casts}
              stepper={CASTS}
              onNumber={(n) => change(i, { casts: Math.round(n) })}
            />
            <SteppedNumber
              text={whole}
              label={CATCH_UP.landed}
              value={r.landed}
              stepper={COUNT}
              onNumber={(n) => change(i, { landed: Math.round(n) })}
            />
            <SteppedNumber
              text={whole}
              label={CATCH_UP.lost}
              value={r.lost}
              stepper={COUNT}
              onNumber={(n) => change(i, { lost: Math.round(n) })}
            />
            <SteppedNumber
              text={whole}
              label={CATCH_UP.missed}
              value={r.missed}
              stepper={COUNT}
              onNumber={(n) => change(i, { missed: Math.round(n) })}
            />
          </View>
          {rows.length > 1 ? (
            <Button kind="plain" title={CATCH_UP.less} onPress={() => setRows(rows.filter((_, k) => k !== i))} />
          ) : null}
        </Card>
      ))}
      <Button title={CATCH_UP.another} onPress={() => setRows([...rows, NEW_ROW])} />
      {told ? (
        <View role="alert">
          <Say tone="copper">{told}</Say>
        </View>
      ) : null}
      <Button
        kind="solid"
        title={busy ? CATCH_UP.busy : CATCH_UP.keep}
        disabled={busy}
        onPress={() => void save().catch(() => setTold(CATCH_UP.refused))}
      />
    </Screen>
  );
}
