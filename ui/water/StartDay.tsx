/** Which water, which fish: a day starts with two touches. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { inUse } from '../../core/records';
import { speciesIn, speciesProfile } from '../../core/water/species';
import { legalText } from '../../wording/species';
import { ACCESS_NAME, capital, SPECIES_NAME } from '../../wording/names';
import { useActions, useConditions, useBookWithoutLog } from '../day/contexts';
import { Card, Note } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useDemoWorld } from '../kit/useDemoWorld';
import { ACCESSES, type SpeciesId } from '../../core/water/terms';

export function StartDay() {
  const { day } = useConditions();
  const book = useBookWithoutLog();
  const actions = useActions();
  const router = useRouter();
  const demo = useDemoWorld();
  const waters = inUse(book.water);
  const [waterId, setWaterId] = useState<string | null>(day?.water.id ?? waters[0]?.id ?? null);
  const [species, setSpecies] = useState<SpeciesId>(day?.trip.species ?? 'largemouth-bass');
  if (waters.length === 0) {
    return (
      <Card>
        <Say kind="heading" level={2}>
          Start with a water
        </Say>
        <Say>
          Name the pond, creek or shore you fish, and say what is usually there. Or look around first with an invented
          season.
        </Say>
        <Button kind="solid" title="Add my first water" onPress={() => router.navigate('/kit/water/new')} />
        <Button
          title={demo.busy ? 'Loading the demo world…' : 'Look around with the demo world'}
          onPress={() => demo.load()}
          disabled={demo.busy}
        />
        {demo.error ? <Note>The demo world could not be stored on this device.</Note> : null}
      </Card>
    );
  }
  const chosen = waters.some((w) => w.id === waterId) ? waterId! : waters[0]!.id;
  const there = book.water[chosen]!;
  const fish = speciesIn(there.setting, there.salinity);
  const fishSought = fish.includes(species) ? species : (fish[0] ?? species);
  return (
    <Card>
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
      {day ? (
        <>
          <Say kind="heading" level={2}>
            Fishing from
          </Say>
          <Choices
            label="Fishing from"
            options={ACCESSES.map((a) => ({ value: a, title: capital(ACCESS_NAME[a]) }))}
            value={day.conditions.access ?? null}
            onChange={(a) => actions.setReadings((r) => ({ ...r, access: a as (typeof ACCESSES)[number] }))}
          />
        </>
      ) : null}
      <Button
        kind="solid"
        title={day ? 'End this day and start a new one there' : 'Start the day'}
        onPress={() => actions.startTrip(chosen, fishSought)}
      />
      <Button kind="plain" title="Add another water" onPress={() => router.navigate('/kit/water/new')} />
      <Say kind="label" tone="soft">
        {legalText(speciesProfile(fishSought))}
      </Say>
    </Card>
  );
}
