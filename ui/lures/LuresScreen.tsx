import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { FamilyId } from '../../core/lures/family';
import type { RankedLure } from '../../core/lures/rank';
import { rateLine, rigLine, whyLine } from '../../wording/lures';
import { capital, FAMILY_NAME } from '../../wording/names';
import { exclusionSentence } from '../../wording/reasons';
import { useDay } from '../day/DayProvider';
import { Card, Note, Part, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Gradual } from '../parts/Gradual';
import { Say } from '../parts/Say';
import { Screen } from '../shell/Screen';
import { useTheme } from '../theme/theme';
import { LurePicture } from './LurePicture';
import { RankedRow } from './RankedRow';

const ROLES = [
  { key: 'start', title: 'Start with', more: 'Best for the mood as it stands.' },
  { key: 'follow', title: 'Then', more: 'Best of another kind once a dozen casts drew nothing.' },
  { key: 'refusal', title: 'If they refuse', more: 'Quiet, for fish that have seen it all.' },
] as const;

export function LuresScreen() {
  const { day, ranking, rankingBusy, rankingError, box } = useDay();
  const router = useRouter();
  const { units } = useTheme();
  if (!day) {
    return (
      <Screen title="Lures" sub="What do I tie on?">
        <Note>Start a day on the Water page first: what to tie on depends on the water.</Note>
        <Button kind="solid" title="To the water" onPress={() => router.navigate('/')} />
      </Screen>
    );
  }
  const nameOf = (f: FamilyId): string => box.find((l) => l.family === f)?.name ?? capital(FAMILY_NAME[f]);
  return (
    <Screen
      title="Tie this on"
      sub={`${day.water.name} · ${box.length > 0 ? `${box.length} lures in the box` : 'every kind of lure, as the box is empty'}`}
    >
      {rankingError ? <Note>The ranking could not be worked out. Change a reading to try again.</Note> : null}
      {!ranking && !rankingError ? <Say role="status">Weighing up the box…</Say> : null}
      {ranking?.plan ? (
        <View style={{ gap: 10, opacity: rankingBusy ? 0.7 : 1 }}>
          <Gradual>
            {ROLES.map((role) => {
              const x = ranking.ranked.find((r) => r.family === ranking.plan![role.key]);
              return x ? <RoleCard key={role.key} title={role.title} more={role.more} x={x} name={nameOf(x.family)} /> : null;
            })}
          </Gradual>
        </View>
      ) : null}
      {ranking && ranking.ranked.length > 0 ? (
        <Part title="Everything that would work">
          <Say kind="label" tone="soft">
            Strikes an hour, with the likely range; the bar counts those hooked and the time lost to snags. The first five stand in the section by
            number.
          </Say>
          <Gradual>
            {ranking.ranked.map((x, i) => (
              <RankedRow key={x.family} x={x} place={i + 1} best={ranking.ranked[0]!.score} all={ranking.ranked} />
            ))}
          </Gradual>
        </Part>
      ) : null}
      {ranking && ranking.ranked.length === 0 ? <Note>Nothing in the box works here: see below why, or add a lure in the Kit.</Note> : null}
      {ranking && ranking.excluded.length > 0 ? (
        <Part title="Left in the box">
          {ranking.excluded.map((x) => (
            <Say key={x.family}>
              <Say kind="strong">{nameOf(x.family)}</Say>
              {`: ${exclusionSentence(x, units)}.`}
            </Say>
          ))}
        </Part>
      ) : null}
    </Screen>
  );
}

function RoleCard({ title, more, x, name }: { title: string; more: string; x: RankedLure; name: string }) {
  const { ranking, box, lure, actions } = useDay();
  const { units, p } = useTheme();
  const router = useRouter();
  const own = box.find((l) => l.family === x.family);
  const inHand = lure?.family === x.family;
  return (
    <Card style={inHand ? { borderColor: p.moss, borderWidth: 2 } : undefined}>
      <Row style={{ justifyContent: 'space-between' }} wrap>
        <Say kind="label" tone="copper">
          {title}
        </Say>
        {inHand ? (
          <Say kind="labelStrong" tone="moss">
            in hand
          </Say>
        ) : null}
      </Row>
      <Row gap={12}>
        <LurePicture family={x.family} width={64} />
        <View style={{ flex: 1, minWidth: 0 }}>
          <Say kind="heading" level={2}>
            {name}
          </Say>
          <Say kind="label" tone="soft">
            {FAMILY_NAME[x.family]}
          </Say>
        </View>
      </Row>
      <Say>{whyLine(x, ranking?.ranked ?? [x], units)}</Say>
      <Say kind="label" tone="soft">{`${rateLine(x)}. ${more}`}</Say>
      <Disclosure title="How to rig it">
        <Say>{capital(rigLine(x.rig, units))}.</Say>
      </Disclosure>
      {own ? (
        <Button
          kind={inHand ? 'solid' : 'outline'}
          title={inHand ? 'How to work it' : 'Take this one'}
          label={inHand ? `How to work the ${name}` : `Take the ${name}`}
          onPress={() => {
            if (!inHand) actions.chooseLure(own.id);
            router.navigate('/retrieve');
          }}
        />
      ) : null}
    </Card>
  );
}
