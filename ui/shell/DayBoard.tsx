/**
 * Wide: the day at a glance below the section, whatever place is open beside it. What that place says itself is left
 * out. Every figure comes from where its place has it.
 */
import { usePathname, useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { castsText } from '../../wording/strikes';
import { rateLine } from '../../wording/lures';
import { moodHeadline, guardingText } from '../../wording/mood';
import { capital } from '../../wording/names';
import { cardRows } from '../../wording/retrieve';
import { say } from '../../wording/units';
import { SHELL } from '../../wording/pages/shell';
import { useConditions, useLog, useMood, usePlan, useRanking } from '../day/contexts';
import { useNames } from '../lures/useNames';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';
import { DayStrip } from '../today/DayStrip';
import { readingText } from '../water/readings/control';
import { readingGroups } from '../water/readings/controls';
import { placeOfPath } from './places';

const CARD_PX = 190;
const HILL_PX = 84;

export function DayBoard() {
  const path = usePathname();
  const here = placeOfPath(path);
  const onToday = path.startsWith('/today');
  return (
    <View style={{ padding: 14, gap: 12 }}>
      {onToday ? null : <DayStrip heightPx={HILL_PX} />}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 12 }}>
        {here === 'water' && !onToday ? null : <WaterCard />}
        {here === 'lures' ? null : <LureCard />}
        {here === 'retrieve' ? null : <HandsCard />}
        {here === 'strikes' ? null : <LogCard />}
      </View>
    </View>
  );
}

/** A part of the day, which opens the place that it belongs to. */
function BoardCard({ title, path, children }: { title: string; path: string; children: ReactNode }) {
  const { p } = useTheme();
  const router = useRouter();
  return (
    <Press
      as="link"
      {...({ href: path } as object)}
      onPress={(e) => {
        e.preventDefault();
        router.navigate(path as never);
      }}
      style={{
        flexGrow: 1,
        flexBasis: CARD_PX,
        justifyContent: 'flex-start',
        borderWidth: p.stroke,
        borderColor: p.rule,
        borderRadius: 12,
        backgroundColor: p.card,
        padding: 12,
        gap: 4,
      }}
    >
      <Say kind="label" tone="copper">
        {title}
      </Say>
      {children}
    </Press>
  );
}

/** Name and value in pairs. */
function Pairs({ rows }: { rows: readonly (readonly [string, string])[] }) {
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', columnGap: 16, rowGap: 4 }}>
      {rows.map(([name, value]) => (
        <View key={name} style={{ flexBasis: 76, flexGrow: 1 }}>
          <Say kind="small" tone="soft">
            {name}
          </Say>
          <Say kind="strong">{value}</Say>
        </View>
      ))}
    </View>
  );
}

function WaterCard() {
  const { reading } = useConditions();
  const mood = useMood();
  const { units } = useTheme();
  if (!reading) return null;
  return (
    <BoardCard title="The water" path="/">
      <Pairs
        rows={readingGroups(reading, units)[0]!
          .controls.slice(0, 6)
          .map((c) => [c.name, readingText(c)])}
      />
      {mood ? <Say>{mood.guarding ? guardingText(mood.guarding) : moodHeadline(mood, reading)}</Say> : null}
    </BoardCard>
  );
}

function LureCard() {
  const { ranking } = useRanking();
  const nameOf = useNames();
  const three = ranking?.plan;
  if (!ranking || !three) return null;
  const rows = (
    [
      ['Start with', three.start],
      ['Then', three.follow],
      ['If they refuse', three.refusal],
    ] as const
  ).map(([title, key]) => [title, ranking.ranked.find((x) => x.key === key)] as const);
  return (
    <BoardCard title="Tie this on" path="/lures">
      {rows.map(([title, x]) =>
        x ? (
          <View key={title}>
            <Say kind="small" tone="soft">
              {title}
            </Say>
            <Say kind="strong">{capital(nameOf(x.key))}</Say>
            <Say kind="label" tone="soft">
              {rateLine(x)}
            </Say>
          </View>
        ) : null,
      )}
    </BoardCard>
  );
}

function HandsCard() {
  const { plan, lure, planBusy } = usePlan();
  const { units } = useTheme();
  if (!plan || !lure) return null;
  return (
    <BoardCard title={SHELL.howToWork(lure.name)} path="/retrieve">
      {plan.effort === 'first' && planBusy ? (
        <Say tone="soft">Being worked out…</Say>
      ) : (
        <Pairs rows={[['in the zone', say.percent(plan.zoneShare.mean)], ...cardRows(plan, units)]} />
      )}
    </BoardCard>
  );
}

function LogCard() {
  const { tally } = useLog();
  if (!tally) return null;
  return (
    <BoardCard title="So far today" path="/strikes">
      <Pairs
        rows={[
          ['thrown', castsText(tally.casts)],
          ['strikes', String(tally.strikes)],
          ['hooked', String(tally.hooked)],
          ['landed', String(tally.landed)],
        ]}
      />
    </BoardCard>
  );
}
