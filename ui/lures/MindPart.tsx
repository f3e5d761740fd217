/** What would change the choice, and the way from loud to quiet. */
import { useQuery } from '@tanstack/react-query';
import { View } from 'react-native';
import { contentHash } from '../../core/base/hash';
import { queryKeys } from '../../data/keys';
import type { FamilyId } from '../../core/lures/family';
import { breakEvenSentence, leadText, rungMood, rungSentence } from '../../wording/choosing';
import { capital } from '../../wording/names';
import { LURES_PAGE } from '../../wording/pages/lures';
import { SHARED } from '../../wording/pages/shared';
import { compute } from '../../workers/client';
import { useConditions, useRanking } from '../day/contexts';
import { Part, Row } from '../parts/Box';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { LurePicture } from './LurePicture';
import { useLearnedOptions } from './useLearnedOptions';
import { useNames } from './useNames';

function useChoosing() {
  const { conditions, options } = useLearnedOptions();
  const { ranking } = useRanking();
  // Under ice a box without two lures for it teaches no ladder: the kinds do.
  const byKind = !!ranking && ranking.branch === 'ice' && ranking.ranked.length < 2;
  const rankOptions = byKind ? { ...options, lures: null } : options;
  const identity = contentHash({ c: conditions, rankOptions });
  const { data, isError } = useQuery({
    queryKey: queryKeys.choosing('turns', identity),
    queryFn: ({ signal }) => compute.choosing(signal, conditions!, rankOptions),
    staleTime: Infinity,
    placeholderData: (old) => old,
  });
  return { data, isError, byKind };
}

export function MindPart() {
  const { ranking } = useRanking();
  const { units } = useTheme();
  const nameOf = useNames();
  const { data, isError, byKind } = useChoosing();
  const turned = ranking?.branch === 'guarding' ? (ranking.plan?.follow ?? null) : null;
  return (
    <Part title={LURES_PAGE.changeMind}>
      {isError ? <Say tone="soft">{SHARED.failedNow}</Say> : null}
      {!data && !isError ? <Say role="status">Trying other waters…</Say> : null}
      {data && (byKind || data.turns.length === 0) ? (
        <Say>
          {leadText(byKind ? (ranking?.plan?.start ?? null) : data.leader, ranking?.ranked.length ?? 0, nameOf, turned)}
        </Say>
      ) : null}
      {data && !byKind
        ? data.turns.map((t) => (
            <Say key={`${t.reading}${t.way}`}>{breakEvenSentence(t, nameOf, data.leader!, units)}</Say>
          ))
        : null}
    </Part>
  );
}

export function LadderPart() {
  const { ranking } = useRanking();
  const { schools } = useConditions();
  const { p } = useTheme();
  const nameOf = useNames();
  const { data, byKind } = useChoosing();
  if (!data || data.ladder.length < 2) return null;
  const upwards = schools.order === 'quiet-first';
  const branch = ranking?.branch === 'ice' ? 'drop' : 'cast';
  return (
    <Part title={upwards ? LURES_PAGE.upwards : LURES_PAGE.downwards}>
      <Say kind="label" tone="soft">
        {LURES_PAGE.ladder(upwards, byKind)}
      </Say>
      {data.ladder.map((r, i) => {
        const next = data.ladder[i + 1];
        const family = byKind ? (r.key as FamilyId) : ranking?.ranked.find((x) => x.key === r.key)?.family;
        return (
          <Row key={r.key} gap={12} style={{ alignItems: 'flex-start' }}>
            <View style={{ width: 44, alignItems: 'center', paddingTop: 2 }}>
              {family ? <LurePicture family={family} width={44} /> : null}
              {next ? (
                <View style={{ width: 3 * p.stroke, height: 26, backgroundColor: p.rule, marginTop: 6 }} />
              ) : null}
            </View>
            <View style={{ flex: 1, minWidth: 0 }}>
              <Say kind="strong">{`${i + 1}. ${capital(nameOf(r.key))}`}</Say>
              <Say>{rungSentence(r, next ? nameOf(next.key) : null, branch, upwards)}</Say>
              {i > 0 && rungMood(r, data.ladder[i - 1]!) ? (
                <Say kind="label" tone="soft">
                  {rungMood(r, data.ladder[i - 1]!)}
                </Say>
              ) : null}
            </View>
          </Row>
        );
      })}
    </Part>
  );
}
