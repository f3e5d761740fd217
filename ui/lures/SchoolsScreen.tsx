/** Where good anglers disagree: both ways with their reasons, and what the other would change today. */
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { contentHash } from '../../core/base/hash';
import type { SchoolEffect } from '../../core/ranking/schoolEffects';
import { SCHOOL_IDS, SCHOOLS, type SchoolId } from '../../core/ranking/schools';
import { schoolsOf } from '../../core/records/preferences';
import { queryKeys } from '../../data/keys';
import { effectSentence, SCHOOL_WORDS } from '../../wording/schools';
import { SCHOOLS_PAGE } from '../../wording/pages/schools';
import { SHARED } from '../../wording/pages/shared';
import { compute } from '../../workers/client';
import { useActions, useConditions, usePrefs } from '../day/contexts';
import { Note, Part, Row } from '../parts/Box';
import { Button, RadioGroup } from '../parts/Buttons';
import { Gradual } from '../parts/Gradual';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { useTheme } from '../theme/theme';
import { useLearnedOptions } from './useLearnedOptions';
import { useNames } from './useNames';

export function SchoolsScreen() {
  const { day } = useConditions();
  const prefs = usePrefs();
  const { conditions, options: rankOptions } = useLearnedOptions();
  const router = useRouter();
  const identity = conditions ? contentHash({ c: conditions, rankOptions }) : 'none';
  const effects = useQuery({
    queryKey: queryKeys.choosing('schools', identity),
    queryFn: ({ signal }) => compute.schools(signal, conditions!, rankOptions),
    enabled: !!day,
    staleTime: Infinity,
    placeholderData: (old) => old,
  });
  const species = day?.trip.species ?? null;
  const chosen = schoolsOf(prefs, species);
  return (
    <Screen
      title="Where they disagree"
      sub={species ? SCHOOLS_PAGE.choicesFor(species) : SCHOOLS_PAGE.choicesForAll}
      section={false}
    >
      <Say>{SCHOOLS_PAGE.whatItIs}</Say>
      {effects.isError ? <Note>{SCHOOLS_PAGE.effectsFailed}</Note> : null}
      <Gradual>
        {SCHOOL_IDS.map((id) => (
          <School
            key={id}
            id={id}
            value={chosen[id]}
            effects={day ? (effects.data?.filter((e) => e.school === id) ?? null) : []}
          />
        ))}
      </Gradual>
      <Button title={SHARED.backToLures} onPress={() => router.navigate('/lures')} />
    </Screen>
  );
}

function School({ id, value, effects }: { id: SchoolId; value: string; effects: readonly SchoolEffect[] | null }) {
  const actions = useActions();
  const { p, units } = useTheme();
  const nameOf = useNames();
  const words = SCHOOL_WORDS[id];
  return (
    <Part title={words.title}>
      <RadioGroup label={words.title} style={{ gap: 8 }}>
        {SCHOOLS[id].map((way) => {
          const on = way === value;
          const { title, why } = (words.ways as Record<string, { title: string; why: string }>)[way]!;
          const effect = effects?.find((e) => e.value === way);
          return (
            <Press
              key={way}
              as="radio"
              selected={on}
              label={`${title}. ${why}${effect ? ` ${effectSentence(effect, nameOf, units)}` : ''}`}
              onPress={() => actions.chooseSchool(id, way)}
              style={{
                borderRadius: 12,
                borderWidth: (on ? 2 : 1.5) * p.stroke,
                borderColor: on ? p.moss : p.rule,
                backgroundColor: on ? p.mossWash : p.card,
                paddingHorizontal: 14,
                paddingVertical: 10,
                alignItems: 'stretch',
              }}
            >
              <Row gap={8} style={{ alignItems: 'flex-start' }}>
                <View style={{ flex: 1, minWidth: 0, gap: 2 }}>
                  <Say kind="strong">{title}</Say>
                  <Say>{why}</Say>
                  {on ? null : effect ? (
                    <Say kind="label" tone="copper">
                      {effectSentence(effect, nameOf, units)}
                    </Say>
                  ) : effects === null ? (
                    <Say kind="label" tone="soft">
                      {SCHOOLS_PAGE.waiting}
                    </Say>
                  ) : null}
                </View>
                {on ? <Glyph name="check" size={20} /> : null}
              </Row>
            </Press>
          );
        })}
      </RadioGroup>
    </Part>
  );
}
