/** Which water, which fish: a day starts with two touches. */
import type { Trip } from '../../core/records/trip';
import { endedText } from '../../wording/day';
import { deviceZone, useNow } from '../platform/clock';
import { useTheme } from '../theme/theme';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { inUse, tripsOf } from '../../core/records';
import { speciesIn, speciesProfile } from '../../core/water/species';
import { legalText } from '../../wording/species';
import { ACCESS_NAME, capital, SPECIES_NAME } from '../../wording/names';
import { WATER_PAGE } from '../../wording/pages/water';
import { useActions, useConditions, useBookWithoutLog, usePrefs } from '../day/contexts';
import { Card, Note } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useDemoWorld } from '../kit/useDemoWorld';
import { ACCESSES, type Access, type SpeciesId } from '../../core/water/terms';

/** Ended by mistake, or too early: a day can be gone on with for so long, ms. */
const TAKEN_UP_MS = 12 * 3_600_000;
function lastEnded(trips: readonly Trip[], nowMs: number): Trip | null {
  const ended = trips.filter((t) => t.endedAtMs !== null && nowMs - t.endedAtMs < TAKEN_UP_MS);
  return ended.sort((a, b) => b.endedAtMs! - a.endedAtMs!)[0] ?? null;
}

export function StartDay() {
  const { day } = useConditions();
  const nowMs = useNow(usePrefs().demoClock, 60_000);
  const { units } = useTheme();
  const book = useBookWithoutLog();
  const actions = useActions();
  const router = useRouter();
  const demo = useDemoWorld();
  const waters = inUse(book.water);
  const [waterId, setWaterId] = useState<string | null>(day?.water.id ?? waters[0]?.id ?? null);
  const [species, setSpecies] = useState<SpeciesId>(day?.trip.species ?? 'largemouth-bass');
  const [from, setFrom] = useState<Access | null>(null);
  if (waters.length === 0) {
    return (
      <Card>
        <Say kind="heading" level={2}>
          Start with a water
        </Say>
        <Say>{WATER_PAGE.firstWater}</Say>
        <Button kind="solid" title={WATER_PAGE.addWater} onPress={() => router.navigate('/kit/water/new')} />
        <Button
          title={demo.busy ? WATER_PAGE.demoWaiting : WATER_PAGE.demoLook}
          onPress={() => demo.load()}
          disabled={demo.busy}
        />
        {demo.error ? <Note>{WATER_PAGE.demoFailed}</Note> : null}
      </Card>
    );
  }
  const chosen = waters.some((w) => w.id === waterId) ? waterId! : waters[0]!.id;
  const there = book.water[chosen]!;
  const fish = speciesIn(there.setting, there.salinity);
  const fishSought = fish.includes(species) ? species : (fish[0] ?? species);
  // Who moves on goes on from what he stands in, where he said so.
  const standing = from ?? (day && chosen !== day.water.id ? day.trip.readings.access : null) ?? there.usual.access;
  const access = from ?? (standing === there.usual.access ? null : standing);
  const before = day?.trip.movedFrom ? book.water[book.trip[day.trip.movedFrom]?.waterId ?? ''] : undefined;
  const last = day ? null : lastEnded(tripsOf(book), nowMs);
  return (
    <Card>
      {last ? (
        <>
          <Say>
            {endedText(
              book.water[last.waterId]?.name ?? 'your water',
              last.endedAtMs!,
              book.water[last.waterId]?.zone ?? deviceZone(),
              units,
            )}
          </Say>
          <Button title={WATER_PAGE.goOn} onPress={() => actions.takeUpTrip(last.id)} />
        </>
      ) : null}
      <Say kind="heading" level={2}>
        Which water?
      </Say>
      <Choices
        label="Water"
        options={waters.map((w) => ({ value: w.id, title: w.name }))}
        value={chosen}
        onChange={setWaterId}
      />
      <Say kind="heading" level={2}>
        Which fish?
      </Say>
      <Choices
        label="Fish"
        options={fish.map((s) => ({ value: s, title: capital(SPECIES_NAME[s]) }))}
        value={fishSought}
        onChange={(s) => setSpecies(s as SpeciesId)}
      />
      <Say kind="heading" level={2}>
        Fishing from
      </Say>
      <Choices
        label="Fishing from"
        options={ACCESSES.map((a) => ({ value: a, title: capital(ACCESS_NAME[a]) }))}
        value={standing}
        onChange={(a) => setFrom(a as Access)}
      />
      {day && chosen !== day.water.id ? (
        <>
          <Button
            kind="solid"
            title={WATER_PAGE.moveOn(there.name)}
            onPress={() => actions.moveOn(chosen, fishSought, access)}
          />
          <Say kind="label" tone="soft">
            {WATER_PAGE.moveNote}
          </Say>
        </>
      ) : null}
      {before && day ? <MoveBack to={before.name} /> : null}
      <Button
        kind={day ? 'outline' : 'solid'}
        title={day ? WATER_PAGE.endAndStart : 'Start the day'}
        onPress={() => actions.startTrip(chosen, fishSought, access)}
      />
      <Button kind="plain" title="Add another water" onPress={() => router.navigate('/kit/water/new')} />
      <Say kind="label" tone="soft">
        {legalText(speciesProfile(fishSought))}
      </Say>
    </Card>
  );
}

/** Moved by mistake: back to the water before, while nothing is logged here. */
function MoveBack({ to }: { to: string }) {
  const actions = useActions();
  const [logged, setLogged] = useState(false);
  return (
    <>
      <Button
        title={WATER_PAGE.moveBack(to)}
        disabled={logged}
        onPress={() => void actions.moveBack().then((moved) => setLogged(!moved))}
      />
      {logged ? <Note>{WATER_PAGE.moveBackNot}</Note> : null}
    </>
  );
}
