import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { contentHash } from '../../core/base/hash';
import type { RankedLure } from '../../core/ranking/ranked';
import { simpleThree } from '../../core/ranking/simple';
import { queryKeys } from '../../data/keys';
import { followText, refusalText, reworkedText, startText, turnedText, WHEREABOUTS_LINE } from '../../wording/lures';
import { readingsMoved } from '../../wording/moved';
import { capital, list } from '../../wording/names';
import { exclusionSentence } from '../../wording/reasons';
import { LURES_PAGE } from '../../wording/pages/lures';
import { SHARED } from '../../wording/pages/shared';
import { compute } from '../../workers/client';
import {
  useActions,
  useConditions,
  usePrefs,
  useRanking,
  useRankingBusy,
  useRankingQuestion,
  useBookWithoutLog,
} from '../day/contexts';
import { useTurned } from '../day/turned';
import { Card, Note, Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Gradual } from '../parts/Gradual';
import { Say } from '../parts/Say';
import { Stale } from '../parts/Stale';
import { Screen } from '../shell/Screen';
import { useTheme } from '../theme/theme';
import { LogSwitch, TrialCard } from './LogPart';
import { LadderPart, MindPart } from './MindPart';
import { RankedRow } from './RankedRow';
import { RoleCard } from './RoleCard';
import { useNames } from './useNames';

const ROLES = [
  { key: 'start', title: 'Start with' },
  { key: 'follow', title: 'Then' },
  { key: 'refusal', title: 'If they refuse' },
] as const;

/** So many are listed at once: nobody chooses among hundreds, and each is a row to be laid out. */
const SHOWN = 60;
/** How many of the left-out are told at once. */
const SHOWN_OUT = 6;

export function LuresScreen() {
  const { day, schools } = useConditions();
  const nameOf = useNames();
  const { ranking, rankingError } = useRanking();
  const { box } = useBookWithoutLog();
  const prefs = usePrefs();
  const actions = useActions();
  const router = useRouter();
  if (!day) {
    return (
      <Screen title="Lures" sub={LURES_PAGE.question}>
        <Note>{LURES_PAGE.noDay}</Note>
        <Button kind="solid" title="To the water" onPress={() => router.navigate('/')} />
      </Screen>
    );
  }
  const simple = prefs.choosing === 'simple';
  const first = ranking?.ranked[0];
  const startMore = ranking?.plan && first ? startText(ranking, schools, nameOf(first.key)) : '';
  return (
    <Screen title="Tie this on" sub={LURES_PAGE.boxOf(day.water.name, box.length)}>
      {rankingError ? <Note>{LURES_PAGE.failed}</Note> : null}
      {!ranking && !rankingError ? <Say role="status">{LURES_PAGE.waiting}</Say> : null}
      {ranking && ranking.branch !== 'ice' ? <Say>{WHEREABOUTS_LINE[ranking.reading.whereabouts]}</Say> : null}
      <TurnedLine />
      {!simple && ranking && ranking.ranked.length > 1 ? (
        <Say kind="label" tone="soft">
          {LURES_PAGE.inPicture}
        </Say>
      ) : null}
      {ranking ? (
        <StaleWhileRanking>
          {simple && ranking.plan ? <Simple casts={ranking.plan.casts} /> : null}
          {!simple && ranking.plan ? (
            <Gradual>
              {ROLES.map((role) => {
                const x = ranking.ranked.find((r) => r.key === ranking.plan![role.key]);
                if (x && role.key !== 'start' && ranking.plan!.reworked.includes(role.key))
                  return <ReworkedCard key={role.key} title={role.title} of={role.key} x={x} />;
                return x ? (
                  <RoleCard
                    key={role.key}
                    title={role.title}
                    more={
                      role.key === 'start'
                        ? startMore
                        : role.key === 'follow'
                          ? followText(ranking)
                          : refusalText(ranking)
                    }
                    x={x}
                  />
                ) : null;
              })}
            </Gradual>
          ) : null}
          {!simple ? <TrialCard /> : null}
        </StaleWhileRanking>
      ) : null}
      {ranking && ranking.ranked.length === 0 ? <Note>{LURES_PAGE.nothingWorks}</Note> : null}
      <View style={{ gap: 8 }}>
        <Choices
          label="How to choose"
          options={[
            { value: 'all', title: 'With the reasons' },
            { value: 'simple', title: 'Keep it simple' },
          ]}
          value={prefs.choosing}
          onChange={(v) => actions.savePrefs({ choosing: v as 'all' | 'simple' })}
        />
        <LogSwitch />
        <Button title={LURES_PAGE.fewRods} onPress={() => router.navigate('/lures/rods' as never)} />
        <Button title={SHARED.disagree} onPress={() => router.navigate('/lures/schools' as never)} />
      </View>
      {!simple && ranking ? <MindPart /> : null}
      {!simple && ranking ? <LadderPart /> : null}
      {!simple && ranking ? <Everything /> : null}
      {!simple && ranking && ranking.excluded.length > 0 ? <LeftOut /> : null}
    </Screen>
  );
}

/** What the last change of a reading did to the choice. */
function TurnedLine() {
  const turned = useTurned();
  const { units } = useTheme();
  const nameOf = useNames();
  if (!turned) return null;
  const { then, now, before, after } = turned;
  const text = turnedText({
    moved: readingsMoved(then, now, units),
    before: nameOf(before),
    after: nameOf(after),
  });
  return text ? <Say role="status">{text}</Say> : null;
}

/** By itself, so that asking anew redraws nothing inside. */
function StaleWhileRanking({ children }: { children: ReactNode }) {
  return (
    <Stale busy={useRankingBusy()} gap={10}>
      {children}
    </Stale>
  );
}

/** The box holds nothing better than the lure one starts with: that is worked otherwise. */
function ReworkedCard({ title, of, x }: { title: string; of: 'follow' | 'refusal'; x: RankedLure }) {
  const nameOf = useNames();
  return (
    <Card>
      <Say kind="label" tone="copper">
        {title}
      </Say>
      <Say>{reworkedText(nameOf(x.key), of)}</Say>
    </Card>
  );
}

/** Three that are hard to fish wrong. */
function Simple({ casts }: { casts: number }) {
  const { ranking } = useRanking();
  const three = simpleThree(ranking!.ranked);
  return (
    <>
      <Say>{LURES_PAGE.threeEasy(casts)}</Say>
      <Gradual>
        {three.map((x, i) => (
          <RoleCard key={x.key} title={['First', 'Second', 'Third'][i]!} more="Easy to fish." x={x} />
        ))}
      </Gradual>
    </>
  );
}

function Everything() {
  const { ranking } = useRanking();
  const { box } = useBookWithoutLog();
  const { conditions, options: rankOptions, log } = useRankingQuestion();
  const [every, setEvery] = useState(false);
  const [listed, setListed] = useState(SHOWN);
  const kinds = { ...rankOptions, lures: null };
  const identity = contentHash({ c: conditions!, kinds, log: log.id });
  const all = useQuery({
    queryKey: queryKeys.choosing('every-kind', identity),
    queryFn: ({ signal }) => compute.rank(signal, conditions!, kinds, log.log),
    enabled: every,
    staleTime: Infinity,
    // While the water moves on the list stays: what is open in it stays open.
    placeholderData: (old) => old,
  });
  const shown = every ? (all.data ?? null) : ranking;
  const count = shown?.ranked.length ?? 0;
  return (
    <Part title={LURES_PAGE.everything}>
      {box.length > 0 ? (
        <Choices
          label="What is ranked"
          options={[
            { value: 0, title: 'My box' },
            { value: 1, title: 'Every kind' },
          ]}
          value={every ? 1 : 0}
          onChange={(v) => setEvery(v === 1)}
        />
      ) : null}
      <Say kind="label" tone="soft">
        {LURES_PAGE.everythingNote}
      </Say>
      {!shown ? <Say role="status">{all.isError ? LURES_PAGE.notWorkedOut : LURES_PAGE.everyKindWaiting}</Say> : null}
      <Gradual>
        {(shown?.ranked ?? []).slice(0, listed).map((x, i) => (
          <RankedRow key={x.key} x={x} place={i + 1} all={shown!.ranked} />
        ))}
        {count > listed ? (
          <Button
            title={SHARED.showMore(Math.min(SHOWN, count - listed), count)}
            onPress={() => setListed(listed + SHOWN)}
          />
        ) : null}
      </Gradual>
    </Part>
  );
}

/** Grouped by the reason, which many share; each can be worked all the same. */
function LeftOut() {
  const { ranking } = useRanking();
  const { box } = useBookWithoutLog();
  const actions = useActions();
  const router = useRouter();
  const { units } = useTheme();
  const nameOf = useNames();
  const groups = new Map<string, string[]>();
  for (const x of ranking!.excluded) {
    const why = exclusionSentence(x, units);
    groups.set(why, [...(groups.get(why) ?? []), x.key]);
  }
  const rows = [...groups];
  const shown = rows.map(([why, keys]) => (
    <Say key={why}>
      <Say kind="strong">{list(keys.map((key) => capital(nameOf(key))))}</Say>
      {`: ${why}.`}
    </Say>
  ));
  const own = ranking!.excluded.filter((x) => box.some((l) => l.id === x.key));
  return (
    <Part title={LURES_PAGE.leftOut}>
      {shown.slice(0, SHOWN_OUT)}
      {shown.length > SHOWN_OUT ? (
        <Disclosure title={LURES_PAGE.moreReasons(shown.length - SHOWN_OUT)}>{shown.slice(SHOWN_OUT)}</Disclosure>
      ) : null}
      {own.length > 0 ? (
        <Disclosure title={LURES_PAGE.workOne}>
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
            {own.map(({ key }) => (
              <Button
                key={key}
                title={capital(nameOf(key))}
                label={LURES_PAGE.workIt(nameOf(key))}
                onPress={() => {
                  actions.chooseLure(key);
                  router.navigate('/retrieve');
                }}
              />
            ))}
          </View>
        </Disclosure>
      ) : null}
    </Part>
  );
}
