/** Wide: the box as a table in any order, and the lure that is chosen beside it. */
import { useRouter } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { sortedBox, type BoxOrder } from '../../../core/box/sorted';
import type { Lure } from '../../../core/records/lure';
import { BOX, lureFacts, standsToday } from '../../../wording/box';
import { capital, FAMILY_NAME } from '../../../wording/names';
import { say } from '../../../wording/units';
import { useActions, useConditions, useRanking } from '../../day/contexts';
import { LurePicture } from '../../lures/LurePicture';
import { Card, Row } from '../../parts/Box';
import { Button } from '../../parts/Buttons';
import { Say } from '../../parts/Say';
import { SortTable, type Column } from '../../parts/SortTable';
import { useTheme } from '../../theme/theme';

const PICTURE_PX = 150;
const kindOf = (l: Lure): string => FAMILY_NAME[l.family];

/** `shown`: so many rows, the first of all in the order that is chosen. */
export function BoxTable({
  lures,
  shown,
  favourite,
}: {
  lures: readonly Lure[];
  shown: number;
  favourite: (l: Lure) => ReactNode;
}) {
  const { units } = useTheme();
  const [by, setBy] = useState<{ order: BoxOrder; up: boolean } | null>(null);
  const [picked, setPicked] = useState<string | null>(null);
  const sorted = sortedBox(lures, by, kindOf).slice(0, shown);
  const chosen = sorted.find((l) => l.id === picked) ?? sorted[0];
  const columns: readonly Column<Lure, BoxOrder>[] = [
    { order: null, title: BOX.favourite, cell: favourite },
    { order: 'name', title: BOX.name, cell: (l) => l.name },
    { order: 'kind', title: BOX.kind, cell: (l) => capital(kindOf(l)) },
    {
      order: 'weight',
      title: BOX.weight,
      number: true,
      cell: (l) => (l.bare ? BOX.bare : say.weight(l.weightKg, units)),
    },
    { order: 'length', title: BOX.length, number: true, cell: (l) => say.size(l.lengthM, units) },
    { order: 'count', title: BOX.count, number: true, cell: (l) => String(l.count) },
  ];
  return (
    <View style={{ flexDirection: 'row', gap: 28, alignItems: 'flex-start' }}>
      <View style={{ flex: 1.7, minWidth: 0 }}>
        <SortTable
          label={BOX.table}
          columns={columns}
          rows={sorted}
          keyOf={(l) => l.id}
          nameOf={(l) => l.name}
          by={by}
          onOrder={(order) => setBy({ order, up: by?.order === order ? !by.up : true })}
          chosen={chosen?.id ?? null}
          onChoose={(l) => setPicked(l.id)}
        />
      </View>
      <View style={{ flex: 1, minWidth: 0 }} role="region" aria-label={BOX.chosen}>
        {chosen ? <Details l={chosen} /> : null}
      </View>
    </View>
  );
}

function Details({ l }: { l: Lure }) {
  const { units } = useTheme();
  const router = useRouter();
  const actions = useActions();
  const { day } = useConditions();
  const { ranking } = useRanking();
  const gone = l.lostAtMs !== null || l.retiredAtMs !== null;
  return (
    <Card>
      <Row gap={14} style={{ alignItems: 'flex-start' }} wrap>
        <LurePicture family={l.family} width={PICTURE_PX} />
        <View style={{ flexShrink: 1, flexGrow: 1, flexBasis: 140 }}>
          <Say kind="heading" level={2}>
            {l.name}
          </Say>
          <Say tone="soft">{capital(kindOf(l))}</Say>
        </View>
      </Row>
      <View role="list" style={{ gap: 4 }}>
        {lureFacts(l, units).map(([name, value]) => (
          <View key={name} role="listitem" style={{ flexDirection: 'row', gap: 12 }}>
            <Say kind="label" tone="soft" style={{ width: 96 }}>
              {name}
            </Say>
            <Say kind="label" style={{ flex: 1 }}>
              {value}
            </Say>
          </View>
        ))}
      </View>
      {l.note === '' ? null : <Say>{l.note}</Say>}
      {day && ranking && !gone ? <Say kind="strong">{standsToday(l, ranking, units)}</Say> : null}
      <Row wrap>
        <Button kind="solid" title={BOX.change} onPress={() => router.navigate(`/kit/lure/${l.id}` as never)} />
        {day && !gone ? (
          <Button
            title={BOX.work}
            onPress={() => {
              actions.chooseLure(l.id);
              router.navigate('/retrieve');
            }}
          />
        ) : null}
      </Row>
    </Card>
  );
}
