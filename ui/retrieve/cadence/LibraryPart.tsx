/**
 * Cadences to begin from: those of this lure by mood with their reasons, the other ways of working, and the angler's
 * own.
 */
import { useDayClock } from '../../day/useDayClock';
import { useCommitter } from '../../../data/useBook';
import { useState } from 'react';
import { View } from 'react-native';
import { TextField } from '../../parts/TextField';
import type { Family } from '../../../core/lures/family';
import { inUse, put } from '../../../core/records';
import type { Cadence } from '../../../core/planning/cadence/cadence';
import { cadenceLibrary, type LibraryEntry } from '../../../core/planning/cadence/library';
import type { Plan } from '../../../core/planning/plan/plan';
import { speciesProfile } from '../../../core/water/species';
import { libraryTitle, STYLE_WHY } from '../../../wording/cadence';
import { capital } from '../../../wording/names';
import { cadenceText, styleTitle } from '../../../wording/retrieve';
import { CADENCE_PAGE } from '../../../wording/pages/cadence';
import { useConditions, useBookWithoutLog } from '../../day/contexts';
import { Part, Row } from '../../parts/Box';
import { Button } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { Press } from '../../parts/Press';
import { Say } from '../../parts/Say';
import { newId } from '../../platform/ids';
import { FIELD_OUTLINE, useTheme } from '../../theme/theme';
import type { OwnCadence } from '../../../core/records/cadence';

interface LibraryProps {
  family: Family;
  plan: Plan;
  cadence: Cadence;
  saved: boolean;
  onSaved: () => void;
  onBegin: (c: Cadence) => void;
}

/** The pauses the species wants in the moods that the library knows. */
const SHUT = 0;
const NEUTRAL = 2;
const AGGRESSIVE = 4;

export function LibraryPart({ family, plan, cadence, saved, onSaved, onBegin }: LibraryProps) {
  const { day } = useConditions();
  const book = useBookWithoutLog();
  const committer = useCommitter();
  const now = useDayClock();
  const { p, scale } = useTheme();
  const [name, setName] = useState('');
  if (!day) return null;
  const { wantedPauseS } = speciesProfile(day.trip.species);
  const library = cadenceLibrary(
    family.styles,
    {
      slow: Math.min(wantedPauseS[SHUT], family.longestPauseS),
      middle: wantedPauseS[NEUTRAL],
      lively: wantedPauseS[AGGRESSIVE],
    },
    plan.hands.turnsPerS,
  );
  const own = inUse(book.cadence).sort((a, b) => a.name.localeCompare(b.name));
  const trimmed = name.trim();
  const taken = own.some((o) => o.name === trimmed);
  const save = (): void => {
    const record: OwnCadence = { id: newId(), name: trimmed, cadence, atMs: now(), retiredAtMs: null };
    void committer
      .record(() => [put('cadence', record)])
      .then((stored) => {
        if (!stored) return;
        setName('');
        onSaved();
      });
  };
  const retire = (o: OwnCadence): void => void committer.commit(() => [put('cadence', { ...o, retiredAtMs: now() })]);
  const entry = (e: LibraryEntry) => (
    <Choice
      key={`${e.style}-${e.mood}`}
      title={`${libraryTitle(e.mood)}: ${styleTitle(e.style).toLowerCase()}`}
      why={capital(STYLE_WHY[e.style])}
      cadence={e.cadence}
      onPress={() => onBegin(e.cadence)}
    />
  );
  return (
    <>
      <Part title={CADENCE_PAGE.keep}>
        <Row gap={8} wrap>
          <TextField
            mode="outlined"
            outlineStyle={FIELD_OUTLINE}
            value={name}
            onChangeText={setName}
            aria-label={CADENCE_PAGE.nameTitle}
            placeholder={CADENCE_PAGE.nameSuch}
            maxLength={60}
            onSubmitEditing={() => trimmed && !taken && save()}
            style={{
              flexGrow: 1,
              flexShrink: 1,
              flexBasis: 180,
              minWidth: 0,
              maxWidth: '100%',
              minHeight: 56,
              backgroundColor: p.card,
              fontSize: 16 * Math.min(scale, 1.5),
            }}
          />
          <Button title="Keep it" disabled={!trimmed || taken} onPress={save} />
        </Row>
        {taken ? <Say kind="label">{CADENCE_PAGE.nameTaken}</Say> : null}
        {saved ? <Say role="status">{CADENCE_PAGE.kept}</Say> : null}
        {own.map((o) => (
          <Row key={o.id} gap={8}>
            <View style={{ flex: 1, minWidth: 0 }}>
              <Choice title={o.name} why={null} cadence={o.cadence} onPress={() => onBegin(o.cadence)} />
            </View>
            <Button kind="plain" title="Delete" label={`Delete ${o.name}`} onPress={() => retire(o)} />
          </Row>
        ))}
      </Part>
      <Part title="Begin from">
        {library.filter((e) => e.mood).map(entry)}
        <Disclosure title={CADENCE_PAGE.others}>{library.filter((e) => !e.mood).map(entry)}</Disclosure>
      </Part>
    </>
  );
}

function Choice({
  title,
  why,
  cadence,
  onPress,
}: {
  title: string;
  why: string | null;
  cadence: Cadence;
  onPress: () => void;
}) {
  const { p } = useTheme();
  return (
    <Press
      label={CADENCE_PAGE.beginFrom(title, cadence)}
      onPress={onPress}
      style={{
        borderWidth: p.stroke,
        borderColor: p.rule,
        borderRadius: 12,
        backgroundColor: p.card,
        paddingHorizontal: 14,
        paddingVertical: 10,
      }}
    >
      <Say kind="strong">{title}</Say>
      {why ? <Say kind="label">{why}</Say> : null}
      <Say kind="label" tone="soft">
        {cadenceText(cadence)}
      </Say>
    </Press>
  );
}
