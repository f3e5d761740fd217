/** Spots out to a file and in from one: what would be new, what would change, what cannot be taken, before it is. */
import { useMemo, useRef, useState } from 'react';
import { View } from 'react-native';
import { MAX_FILE_CHARS, refused, type PlacesFile } from '../../../core/exchange/places/found';
import { writeGeoJson } from '../../../core/exchange/places/geoJson';
import { mergePlaces, type PlacesMerge } from '../../../core/exchange/places/merge';
import { writeGpx } from '../../../core/exchange/places/writeGpx';
import { placesTold, type Tells } from '../../../core/exchange/privacy';
import { inUse, put, type Put } from '../../../core/records';
import { useCommitter } from '../../../data/useBook';
import {
  changeText,
  farText,
  freshText,
  mergeText,
  placeProblemText,
  placesText,
  refusalText,
  shoreText,
  SPOT_FILE,
  takenText,
} from '../../../wording/places';
import { SPOTS_PAGE } from '../../../wording/pages/spots';
import { SHARED } from '../../../wording/pages/shared';
import { compute } from '../../../workers/client';
import { useBookWithoutLog } from '../../day/contexts';
import { Card, Note, Part } from '../../parts/Box';
import { Button, Choices } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { Say } from '../../parts/Say';
import { TellsChoice } from '../../parts/TellsChoice';
import { YesNoChoice } from '../../parts/YesNoChoice';
import { realNowMs } from '../../platform/clock';
import { pickFile, saveFile } from '../../platform/files';
import { useTheme } from '../../theme/theme';

const SHOWN = 8;

/** Lines, the first few of them at once. */
function Lines({ lines }: { lines: readonly string[] }) {
  const say = (t: string, i: number) => (
    <Say key={i} kind="label">
      {t}
    </Say>
  );
  return (
    <>
      {lines.slice(0, SHOWN).map(say)}
      {lines.length > SHOWN ? (
        <Disclosure title={`${lines.length - SHOWN} more`}>{lines.slice(SHOWN).map(say)}</Disclosure>
      ) : null}
    </>
  );
}

export function SpotsFilePart({ waterId }: { waterId: string }) {
  const book = useBookWithoutLog();
  const committer = useCommitter();
  const { units } = useTheme();
  const [file, setFile] = useState<PlacesFile | null>(null);
  /** Whether lines of elsewhere are taken as shores. */
  const [withLines, setWithLines] = useState(false);
  /** The water of those that name none that is here. */
  const [onto, setOnto] = useState<string | null>(null);
  const [said, setSaid] = useState('');
  const [tells, setTells] = useState<Tells>('all');
  const [undo, setUndo] = useState<PlacesMerge | null>(null);
  const [reading, setReading] = useState<AbortController | null>(null);
  const waters = inUse(book.water);
  const outOf = (of: Parameters<typeof placesTold>[0]) => {
    const told = placesTold(of, tells);
    return { spots: inUse(told.spot), shores: inUse(told.shore) };
  };
  const out = outOf(book);
  /** As it is stored: what the page shows follows it by and by. */
  const outNow = () => outOf(committer.current() ?? book);
  const all = placesText(out.spots.length, out.shores.length);
  const none = out.spots.length + out.shores.length === 0;
  const nameOf = (id: string): string => book.water[id]?.name ?? '';
  const target = onto ?? waterId;
  const leftOut = (file?.left ?? 0) + (withLines ? 0 : (file?.lines.length ?? 0));
  const merge = useMemo(() => {
    if (!file || file.refusal) return null;
    const shores = withLines ? [...file.shores, ...file.lines] : file.shores;
    return mergePlaces({ found: file.found, shores }, book, target);
  }, [file, withLines, book, target]);
  const problems = file && merge ? [...file.problems, ...merge.problems].sort((a, b) => a.n - b.n) : [];

  const pick = async (): Promise<void> => {
    setSaid('');
    setUndo(null);
    setWithLines(false);
    const picked = await pickFile('.gpx,.geojson,.json,application/gpx+xml,application/geo+json');
    if (!picked) return;
    const stop = new AbortController();
    setReading(stop);
    setFile(null);
    try {
      // What is too big is not even read in.
      const text = picked.size > MAX_FILE_CHARS * 3 ? null : await picked.text();
      setFile(text === null ? refused('too-big') : await compute.places(stop.signal, text));
    } catch {
      setSaid(stop.signal.aborted ? SPOT_FILE.stopped : SPOT_FILE.unreadable);
    } finally {
      setReading(null);
    }
  };
  const taking = useRef(false);
  const store = async (puts: readonly Put[], told: string, after: PlacesMerge | null): Promise<void> => {
    if (taking.current) return;
    taking.current = true;
    const stored = await committer.record(() => puts);
    taking.current = false;
    if (!stored) return;
    setSaid(told);
    setUndo(after);
    setFile(null);
  };
  const take = (m: PlacesMerge): void =>
    void store(
      [
        ...[...m.fresh, ...m.changed.map((c) => c.to)].map((s) => put('spot', s)),
        ...m.shores.map((s) => put('shore', s.to)),
      ],
      SPOT_FILE.taken(m),
      m,
    );
  const takeBack = (m: PlacesMerge): void =>
    void store(
      [
        ...m.fresh.map((s) => put('spot', { ...s, retiredAtMs: realNowMs() })),
        ...m.changed.map((c) => put('spot', c.was)),
        ...m.shores.map((s) => put('shore', s.was ?? { ...s.to, retiredAtMs: realNowMs() })),
      ],
      SPOT_FILE.takenBack,
      null,
    );
  return (
    <Part title={SHARED.files}>
      <Say kind="label" tone="soft">
        {SPOT_FILE.what}
      </Say>
      <Button title={SPOTS_PAGE.readFile} onPress={() => void pick()} disabled={reading !== null} />
      {none ? null : (
        <TellsChoice
          label={SHARED.tells}
          why={SPOT_FILE.tells}
          options={['roughly', 'all']}
          value={tells}
          onChange={setTells}
        />
      )}
      <View style={{ gap: 8 }}>
        <Button
          title={SPOTS_PAGE.saveGpx(all)}
          disabled={none}
          onPress={() => saveFile('moss-kettle-spots.gpx', writeGpx(outNow(), nameOf), 'application/gpx+xml')}
        />
        <Button
          title={SPOTS_PAGE.saveGeoJson(all)}
          disabled={none}
          onPress={() => saveFile('moss-kettle-spots.geojson', writeGeoJson(outNow(), nameOf), 'application/geo+json')}
        />
      </View>
      {reading ? (
        <View>
          <Say role="status">Reading the file…</Say>
          <Button title="Stop reading" onPress={() => reading.abort()} />
        </View>
      ) : null}
      {said ? (
        <Say role="status" kind="label" tone="moss">
          {said}
        </Say>
      ) : null}
      {undo ? <Button title="Take that back" onPress={() => takeBack(undo)} /> : null}
      {file ? (
        <Card tone="wash">
          {file.refusal ? <Note>{refusalText(file.refusal, file.line)}</Note> : null}
          {merge ? (
            <>
              <Say kind="strong" role="status">
                {mergeText(merge, problems.length, leftOut)}
              </Say>
              {file.lines.length > 0 ? (
                <YesNoChoice
                  label={SPOT_FILE.lines(file.lines.length)}
                  yes={SPOTS_PAGE.linesIn}
                  no={SPOTS_PAGE.linesOut}
                  value={withLines}
                  onChange={setWithLines}
                />
              ) : null}
              {merge.homeless && waters.length > 1 ? (
                <>
                  <Say kind="label" tone="soft">
                    {SPOT_FILE.onto}
                  </Say>
                  <Choices
                    label="On which water"
                    options={waters.map((w) => ({ value: w.id, title: w.name }))}
                    value={target}
                    onChange={setOnto}
                  />
                </>
              ) : null}
              <Lines lines={merge.fresh.map((s) => freshText(s, nameOf(s.waterId)))} />
              <Lines lines={merge.changed.map((c) => changeText(c.was, c.to, units))} />
              <Lines lines={merge.shores.map((s) => shoreText(s.to, s.was !== null))} />
              {merge.far.length > 0 ? (
                <Note>
                  {merge.far
                    .slice(0, 3)
                    .map((x) => farText(x.spot.name, x.awayM, nameOf(x.spot.waterId), units))
                    .join(' ')}
                </Note>
              ) : null}
              <Lines lines={problems.map(placeProblemText)} />
              {takenText(merge) ? (
                <Button kind="copper" title={`Take ${takenText(merge)}`} onPress={() => take(merge)} />
              ) : null}
            </>
          ) : null}
          <Button title={SHARED.putFileAway} onPress={() => setFile(null)} />
        </Card>
      ) : null}
    </Part>
  );
}
