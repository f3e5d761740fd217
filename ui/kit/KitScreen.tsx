import { useRouter } from 'expo-router';
import type { BookWithoutLog } from '../day/useBookWithoutLog';
import { View } from 'react-native';
import { SETTING_NAME, capital } from '../../wording/names';
import { terminalText } from '../../wording/rig';
import { say, type UnitPrefs } from '../../wording/units';
import { boxLine } from '../../wording/lures';
import { KIT_PAGE } from '../../wording/pages/kit';
import { useBookWithoutLog } from '../day/contexts';
import { Note, Part, Row } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { LurePicture } from '../lures/LurePicture';
import { Screen } from '../shell/Screen';
import { useTheme } from '../theme/theme';
import type { EditableKind } from './form/fields';
import { DevicePart } from './DevicePart';
import { LogTablesPart } from './LogTablesPart';
import { RecordPart } from './RecordPart';
import { SettingsPart } from './SettingsPart';
import type { ReactNode } from 'react';

interface Item {
  id: string;
  title: string;
  sub: string;
  retired: boolean;
  picture?: ReactNode;
}

interface Shelf {
  kind: EditableKind;
  title: string;
  add: string;
  empty: string;
  items: (book: BookWithoutLog, u: UnitPrefs) => Item[];
}

const retiredOf = (x: { retiredAtMs: number | null }): boolean => x.retiredAtMs !== null;

/** What is kept, in the order of the page. */
const SHELVES: readonly Shelf[] = [
  {
    kind: 'lure',
    title: 'Lures',
    add: 'Add a lure',
    empty: KIT_PAGE.noLures,
    items: (book, u) =>
      Object.values(book.lure).map((l) => ({
        id: l.id,
        title: l.name,
        sub: boxLine(l, u),
        retired: retiredOf(l) || l.lostAtMs !== null,
        picture: <LurePicture family={l.family} width={40} />,
      })),
  },
  {
    kind: 'terminal',
    title: 'Heads, weights, hooks',
    add: 'Add one',
    empty: KIT_PAGE.noTerminal,
    items: (book, u) =>
      Object.values(book.terminal).map((x) => ({
        id: x.id,
        title: x.name,
        sub: terminalText(x, u),
        retired: retiredOf(x),
      })),
  },
  {
    kind: 'rod',
    title: 'Rods',
    add: 'Add a rod',
    empty: KIT_PAGE.noRods,
    items: (book, u) =>
      Object.values(book.rod).map((r) => ({
        id: r.id,
        title: r.name,
        sub: [
          KIT_PAGE.rodSub(r, u),
          ...[book.reel[r.reelId ?? '']?.name, book.line[r.lineId ?? '']?.name].filter(Boolean),
        ].join('; '),
        retired: retiredOf(r),
      })),
  },
  {
    kind: 'reel',
    title: 'Reels',
    add: 'Add a reel',
    empty: KIT_PAGE.noReels,
    items: (book, u) =>
      Object.values(book.reel).map((r) => ({
        id: r.id,
        title: r.name,
        sub: KIT_PAGE.reelSub(r, u),
        retired: retiredOf(r),
      })),
  },
  {
    kind: 'line',
    title: 'Lines',
    add: 'Add a line',
    empty: KIT_PAGE.noLines,
    items: (book, u) =>
      Object.values(book.line).map((l) => ({
        id: l.id,
        title: l.name,
        sub: `${l.material}, ${say.line(l.strengthLb, u)}`,
        retired: retiredOf(l),
      })),
  },
  {
    kind: 'water',
    title: 'Waters',
    add: 'Add a water',
    empty: 'No water yet.',
    items: (book) =>
      Object.values(book.water).map((w) => ({
        id: w.id,
        title: w.name,
        sub: capital(SETTING_NAME[w.setting]),
        retired: retiredOf(w),
      })),
  },
  {
    kind: 'spot',
    title: 'Spots',
    add: 'Add a spot',
    empty: KIT_PAGE.noSpots,
    items: (book) =>
      Object.values(book.spot).map((s) => ({
        id: s.id,
        title: s.name,
        sub: book.water[s.waterId]?.name ?? KIT_PAGE.waterGone,
        retired: retiredOf(s),
      })),
  },
  {
    kind: 'piece',
    title: 'Pieces of cover',
    add: KIT_PAGE.addPiece,
    empty: KIT_PAGE.noPieces,
    items: (book) =>
      Object.values(book.piece).map((x) => ({
        id: x.id,
        title: x.name,
        sub: KIT_PAGE.pieceSub(x.kind, book.water[x.waterId]?.name ?? KIT_PAGE.waterGone),
        retired: retiredOf(x),
      })),
  },
];

export function KitScreen() {
  return (
    <Screen title="Kit" sub={KIT_PAGE.whatItIs} section={false} columns>
      {SHELVES.map((s) => (
        <Items key={s.kind} book={s} />
      ))}
      <SettingsPart />
      <RecordPart />
      <LogTablesPart />
      <DevicePart />
      <Part title="Staying whole">
        <Say>{KIT_PAGE.safety}</Say>
        <Say kind="label" tone="soft">
          {KIT_PAGE.law}
        </Say>
      </Part>
    </Screen>
  );
}

function Items({ book: { kind, title, add, empty, items: itemsOf } }: { book: Shelf }) {
  const router = useRouter();
  const { p, units } = useTheme();
  const book = useBookWithoutLog();
  const items = itemsOf(book, units).sort((a, b) => a.title.localeCompare(b.title));
  const open = items.filter((i) => !i.retired);
  const retired = items.filter((i) => i.retired);
  const row = (i: Item) => (
    <Press
      key={i.id}
      label={KIT_PAGE.open(i)}
      onPress={() => router.navigate(`/kit/${kind}/${i.id}` as never)}
      style={{ borderBottomWidth: p.stroke, borderBottomColor: p.rule, paddingVertical: 4 }}
    >
      <Row gap={10}>
        {i.picture}
        <View style={{ flex: 1, minWidth: 0 }}>
          <Say kind="strong">{i.title}</Say>
          <Say kind="label" tone="soft">
            {i.sub}
          </Say>
        </View>
        <Glyph name="right" size={18} color={p.soft} />
      </Row>
    </Press>
  );
  return (
    <Part title={title} right={<Button title={add} onPress={() => router.navigate(`/kit/${kind}/new` as never)} />}>
      {kind === 'lure' ? <Button title={KIT_PAGE.theBox} onPress={() => router.navigate('/kit/box' as never)} /> : null}
      {kind === 'spot' ? (
        <Button title={KIT_PAGE.spotsFromAbove} onPress={() => router.navigate('/kit/spots' as never)} />
      ) : null}
      {open.length === 0 ? <Note>{empty}</Note> : null}
      {open.length > 6 ? (
        <>
          <View>{open.slice(0, 4).map(row)}</View>
          <Disclosure title={`All ${open.length}`}>
            <View>{open.slice(4).map(row)}</View>
          </Disclosure>
        </>
      ) : (
        <View>{open.map(row)}</View>
      )}
      {retired.length > 0 ? (
        <Disclosure title={KIT_PAGE.retired(kind === 'lure', retired.length)}>
          <View>{retired.map(row)}</View>
        </Disclosure>
      ) : null}
    </Part>
  );
}
