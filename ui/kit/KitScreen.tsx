import { useRouter } from 'expo-router';
import type { BookWithoutLog } from '../day/useBookWithoutLog';
import { View } from 'react-native';
import { FAMILY_NAME, SETTING_NAME, capital } from '../../wording/names';
import { terminalText } from '../../wording/rig';
import { PIECE_NAME } from '../../wording/pieces';
import { say, type UnitPrefs } from '../../wording/units';
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
    empty: 'The box is empty: every kind of lure is ranked until you add your own.',
    items: (book, u) =>
      Object.values(book.lure).map((l) => ({
        id: l.id,
        title: l.name,
        sub: `${FAMILY_NAME[l.family]}, ${l.bare ? 'body only' : say.weight(l.weightKg, u)}${l.count > 1 ? ` ×${l.count}` : ''}`,
        retired: retiredOf(l) || l.lostAtMs !== null,
        picture: <LurePicture family={l.family} width={40} />,
      })),
  },
  {
    kind: 'terminal',
    title: 'Heads, weights, hooks',
    add: 'Add one',
    empty: 'None yet: a soft body without a head gets any weight and hook that is sold.',
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
    empty: 'No rod yet: plans need one.',
    items: (book, u) =>
      Object.values(book.rod).map((r) => ({
        id: r.id,
        title: r.name,
        sub: [
          `${say.depth(r.lengthM, u)}, lures ${say.weight(r.minLureKg, u)}–${say.weight(r.maxLureKg, u)}`,
          ...[book.reel[r.reelId ?? '']?.name, book.line[r.lineId ?? '']?.name].filter(Boolean),
        ].join('; '),
        retired: retiredOf(r),
      })),
  },
  {
    kind: 'reel',
    title: 'Reels',
    add: 'Add a reel',
    empty: 'No reel yet: plans need one.',
    items: (book, u) =>
      Object.values(book.reel).map((r) => ({
        id: r.id,
        title: r.name,
        sub: `${r.ratio} to 1, spool ${say.size(r.spoolM, u)}`,
        retired: retiredOf(r),
      })),
  },
  {
    kind: 'line',
    title: 'Lines',
    add: 'Add a line',
    empty: 'No line yet: plans need one.',
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
    empty: 'No spot yet. Five or six good ones are plenty.',
    items: (book) =>
      Object.values(book.spot).map((s) => ({
        id: s.id,
        title: s.name,
        sub: book.water[s.waterId]?.name ?? 'a water that is gone',
        retired: retiredOf(s),
      })),
  },
  {
    kind: 'piece',
    title: 'Pieces of cover',
    add: 'Add a piece of cover',
    empty: 'No piece of cover yet: a laydown, a dock, a point that casts are planned for.',
    items: (book) =>
      Object.values(book.piece).map((x) => ({
        id: x.id,
        title: x.name,
        sub: `${capital(PIECE_NAME[x.kind])}, ${book.water[x.waterId]?.name ?? 'a water that is gone'}`,
        retired: retiredOf(x),
      })),
  },
];

export function KitScreen() {
  return (
    <Screen title="Kit" sub="What I own, where I fish, how the app behaves" section={false} columns>
      {SHELVES.map((s) => (
        <Items key={s.kind} book={s} />
      ))}
      <SettingsPart />
      <RecordPart />
      <LogTablesPart />
      <DevicePart />
      <Part title="Staying whole">
        <Say>
          Lightning: off the water at the first sign, and thirty minutes after the last thunder. Cold water: life
          jacket, dress for the water and not the air, tell someone. Rock and surf: slick, rogue waves, never alone.
          Wading: shuffle for stingrays, mind mud and tide. Hooks: glasses on.
        </Say>
        <Say kind="label" tone="soft">
          Licences, seasons, sizes, bag limits and closed waters: local law decides. Nothing here replaces it, nor a
          guide’s or a doctor’s word.
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
      label={`${i.title}, ${i.sub}${i.retired ? ', retired' : ''}: open`}
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
      {kind === 'lure' ? (
        <Button
          title="The box: search, files, doubles, what it lacks"
          onPress={() => router.navigate('/kit/box' as never)}
        />
      ) : null}
      {kind === 'spot' ? (
        <Button title="Spots from above; to and from a file" onPress={() => router.navigate('/kit/spots' as never)} />
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
        <Disclosure title={`${kind === 'lure' ? 'Retired and lost' : 'Retired'} (${retired.length})`}>
          <View>{retired.map(row)}</View>
        </Disclosure>
      ) : null}
    </Part>
  );
}
