/** The box: every lure, found by name or kind, favourites first; doubles; what it lacks; files in and out. */
import { useDayClock } from '../../day/useDayClock';
import { useCommitter } from '../../../data/useBook';
import { useQuery } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { lazy, Suspense, useMemo, useState } from 'react';
import { View } from 'react-native';
import { duplicatesIn } from '../../../core/box/duplicates';
import { byFavour, sortedBox, type BoxOrder } from '../../../core/box/sorted';
import { contentHash } from '../../../core/base/hash';
import { inBox, put } from '../../../core/records';
import { queryKeys } from '../../../data/keys';
import { capital, FAMILY_NAME } from '../../../wording/names';
import { lackSentence } from '../../../wording/rods';
import { boxLine } from '../../../wording/lures';
import { BOX_PAGE } from '../../../wording/pages/box';
import { SHARED } from '../../../wording/pages/shared';
import { compute } from '../../../workers/client';
import { useConditions, useRankingQuestion, useBookWithoutLog } from '../../day/contexts';
import { LurePicture } from '../../lures/LurePicture';
import { useLight } from '../../lures/rods/useRods';
import { Note, Part, Row } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { Find } from '../../parts/Find';
import { Glyph } from '../../parts/Glyph';
import { Gradual } from '../../parts/Gradual';
import { Press } from '../../parts/Press';
import { Say } from '../../parts/Say';
import { Screen } from '../../shell/Screen';
import { useWide } from '../../shell/useWide';
import { useTheme } from '../../theme/theme';
import { FilePart } from './FilePart';
import type { Lure } from '../../../core/records/lure';

const VIEWS = [
  { value: 'all', title: 'All' },
  { value: 'favourite', title: 'Favourites' },
  { value: 'gone', title: 'Retired and lost' },
] as const;
type View_ = (typeof VIEWS)[number]['value'];

const SHOWN = 30;
/** Of what is in it twice, at first. */
const DOUBLES_SHOWN = 6;
/** Each with its picture: all of them at once hold up a finger. */
const ROWS_A_FRAME = 6;
/** How the list can stand on a phone. */
const ORDERS: readonly { value: BoxOrder | 'favour'; title: string }[] = [
  { value: 'favour', title: BOX_PAGE.byFavour },
  { value: 'name', title: BOX_PAGE.byName },
  { value: 'kind', title: BOX_PAGE.byKind },
  { value: 'weight', title: BOX_PAGE.byWeight },
  { value: 'length', title: BOX_PAGE.byLength },
];
/** A day's fishing that the box is measured against, h. */
const HOURS = 8;

/** The table is no part of what a phone fetches. */
const BoxTable = lazy(() => import('./BoxTable').then((m) => ({ default: m.BoxTable })));

export function BoxScreen() {
  const book = useBookWithoutLog();
  const router = useRouter();
  const wide = useWide();
  const [search, setSearch] = useState('');
  const [view, setView] = useState<View_>('all');
  const [shown, setShown] = useState(SHOWN);
  const [order, setOrder] = useState<BoxOrder | 'favour'>('favour');
  const all = Object.values(book.lure);
  const box = useMemo(() => inBox(book.lure), [book.lure]);
  const word = search.trim().toLowerCase();
  const found = (view === 'gone' ? all.filter((l) => !box.includes(l)) : box)
    .filter((l) => view !== 'favourite' || l.favourite)
    .filter((l) => word === '' || `${l.name} ${FAMILY_NAME[l.family]} ${l.note}`.toLowerCase().includes(word));
  // The table puts itself in order, by its heads.
  const sorted = sortedBox(found, order === 'favour' ? null : { order, up: true }, (l) => FAMILY_NAME[l.family]);
  return (
    <Screen title="The box" sub={BOX_PAGE.count(box.length, all.length)} section={false}>
      <View style={{ gap: 10 }}>
        <Find label={BOX_PAGE.find} value={search} onChange={setSearch} />
        <Choices label="Which lures" options={VIEWS} value={view} onChange={setView} />
        {wide || found.length < 2 ? null : (
          <Choices label={BOX_PAGE.order} options={ORDERS} value={order} onChange={setOrder} />
        )}
        <Say kind="label" tone="soft">
          {BOX_PAGE.favourites}
        </Say>
      </View>
      <View>
        {found.length === 0 ? <Note>{all.length === 0 ? BOX_PAGE.empty : BOX_PAGE.noneFound}</Note> : null}
        {wide && found.length > 0 ? (
          <Suspense fallback={null}>
            <BoxTable lures={found} shown={shown} favourite={(l) => <Favourite l={l} />} />
          </Suspense>
        ) : (
          <Gradual aFrame={ROWS_A_FRAME}>
            {sorted.slice(0, shown).map((l) => (
              <LureRow key={l.id} l={l} />
            ))}
          </Gradual>
        )}
        {found.length > shown ? (
          <Button
            title={SHARED.showMore(Math.min(SHOWN, found.length - shown), found.length)}
            onPress={() => setShown(shown + SHOWN)}
          />
        ) : null}
      </View>
      <Button kind="solid" title="Add a lure" onPress={() => router.navigate('/kit/lure/new' as never)} />
      {box.length > 0 ? (
        <Button title={BOX_PAGE.onPaper} onPress={() => router.navigate('/kit/box-sheet' as never)} />
      ) : null}
      <FilePart />
      <Doubles box={box} />
      <Lacks />
      <Button title={SHARED.backToKit} onPress={() => router.navigate('/kit')} />
    </Screen>
  );
}

function Favourite({ l }: { l: Lure }) {
  const committer = useCommitter();
  const { p } = useTheme();
  return (
    <Press
      as="checkbox"
      selected={l.favourite}
      label={`${l.name} is a favourite`}
      onPress={() =>
        void committer.commit((book) => [put('lure', { ...book.lure[l.id]!, favourite: !book.lure[l.id]!.favourite })])
      }
      style={{ width: 48, alignItems: 'center' }}
    >
      <Glyph name="leaf" size={22} fill={l.favourite} color={l.favourite ? p.copper : p.soft} />
    </Press>
  );
}

function LureRow({ l }: { l: Lure }) {
  const { p, units } = useTheme();
  const router = useRouter();
  const gone = l.lostAtMs !== null ? ', lost' : l.retiredAtMs !== null ? ', retired' : '';
  const sub = `${boxLine(l, units)}${gone}`;
  return (
    <Row style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule, paddingVertical: 4 }} gap={4}>
      <Favourite l={l} />
      <Press
        label={`${l.name}, ${sub}: open`}
        onPress={() => router.navigate(`/kit/lure/${l.id}` as never)}
        style={{ flex: 1, minWidth: 0 }}
      >
        <Row gap={10}>
          <LurePicture family={l.family} width={40} />
          <View style={{ flex: 1, minWidth: 0 }}>
            <Say kind="strong">{l.name}</Say>
            <Say kind="label" tone="soft">
              {sub}
            </Say>
          </View>
          <Glyph name="right" size={18} color={p.soft} />
        </Row>
      </Press>
    </Row>
  );
}

/** One and the same more than once: kept as one with the count of all. */
function Doubles({ box }: { box: readonly Lure[] }) {
  const now = useDayClock();
  const committer = useCommitter();
  const [shown, setShown] = useState(DOUBLES_SHOWN);
  const groups = useMemo(() => duplicatesIn([...box].sort(byFavour)), [box]);
  if (groups.length === 0) return null;
  const merge = (group: readonly Lure[]): void =>
    void committer.commit((book) => {
      const [first, ...rest] = group.flatMap((l) => (book.lure[l.id] ? [book.lure[l.id]!] : []));
      if (!first) return [];
      const count = group.reduce((s, l) => s + l.count, 0);
      const nowMs = now();
      return [
        put('lure', { ...first, count }),
        ...rest.map((l) => put('lure', { ...l, count: 0, retiredAtMs: nowMs })),
      ];
    });
  return (
    <Part title="In it twice">
      {groups.slice(0, shown).map((g) => (
        <Row key={g[0]!.id} style={{ justifyContent: 'space-between' }} wrap>
          <Say style={{ flexShrink: 1 }}>
            {BOX_PAGE.doubles(
              g.map((l) => l.name),
              g[0]!.family,
            )}
          </Say>
          <Button title={`Keep as ${g[0]!.name}`} onPress={() => merge(g)} />
        </Row>
      ))}
      {groups.length > shown ? (
        <Button
          kind="plain"
          title={BOX_PAGE.moreDoubles(Math.min(SHOWN, groups.length - shown), groups.length)}
          onPress={() => setShown(shown + SHOWN)}
        />
      ) : null}
    </Part>
  );
}

function Lacks() {
  const { day } = useConditions();
  const { box } = useBookWithoutLog();
  const { conditions, options: rankOptions } = useRankingQuestion();
  const light = useLight(HOURS);
  const query = useQuery({
    queryKey: queryKeys.choosing('lacks', contentHash({ c: conditions, light, rankOptions })),
    queryFn: ({ signal }) => compute.lacks(signal, conditions!, light!, rankOptions),
    enabled: !!day && !!light && box.length > 0,
    staleTime: Infinity,
  });
  if (!day || box.length === 0) return null;
  return (
    <Part title={BOX_PAGE.lacksFor(day.water.name)}>
      <Disclosure title={BOX_PAGE.measuredAgainst}>
        {query.isError ? <Say>{SHARED.failedNow}</Say> : null}
        {!query.data && !query.isError ? <Say role="status">{BOX_PAGE.lacksWaiting}</Say> : null}
        {query.data && query.data.lacks.length === 0 ? <Say>{BOX_PAGE.lacksNothing}</Say> : null}
        {query.data?.lacks.slice(0, 6).map((l) => (
          <Say key={l.family}>{capital(lackSentence(l, query.data.scenarios))}</Say>
        ))}
      </Disclosure>
    </Part>
  );
}
