/** The whole record out to one open file and back, the demo world, and what could not be read. */
import { useState } from 'react';
import { View } from 'react-native';
import { bookTold, TELLS, type Tells } from '../../core/exchange/privacy';
import { problemText } from '../../wording/problems';
import { beforeText } from '../../wording/record';
import { KIT_PAGE } from '../../wording/pages/kit';
import { SHARED } from '../../wording/pages/shared';
import { deviceKeeper } from '../../data/deviceKeeper';
import { reportTrouble } from '../../data/troubles';
import { usePutBack, useReplaceBook, useStored, type Replacement } from '../../data/useBook';
import { forgetWorkedOut } from '../../workers/client';
import { useBook, usePrefs } from '../day/contexts';
import { Card, Note, Part } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { TellsChoice } from '../parts/TellsChoice';
import { deviceZone, realNowMs } from '../platform/clock';
import { pickFile, saveFile } from '../platform/files';
import { useTheme } from '../theme/theme';
import { PhotosChoice, useStandingPhotos } from './PhotosChoice';
import { readRecordFile, type RecordFile } from './readRecord';
import { saveRecord } from './saveRecord';
import { saveRecordWithPhotos } from './saveWithPhotos';
import { useDemoWorld } from './useDemoWorld';

const SHOWN = 12;

export function RecordPart() {
  const book = useBook();
  const quarantined = useStored((s) => s.quarantined);
  const prefs = usePrefs();
  const { units } = useTheme();
  const replace = useReplaceBook();
  const demo = useDemoWorld();
  const before = useStored((s) => s.before);
  const back = usePutBack();
  /** What was asked last, to be asked again without keeping what is here. */
  const [last, setLast] = useState<{ asked: Replacement; told: string } | null>(null);
  const [reading, setReading] = useState(false);
  const [read, setRead] = useState<RecordFile | null>(null);
  const [asking, setAsking] = useState<'demo' | 'clear' | null>(null);
  const [said, setSaid] = useState('');
  const [tells, setTells] = useState<Tells>('all');
  const photos = useStandingPhotos();
  const [pictures, setPictures] = useState(true);
  // Nothing of them goes along where not even names are told.
  const withPhotos = pictures && photos.length > 0 && tells !== 'nothing';
  const hasRecord = Object.keys(book.trip).length > 0 || Object.keys(book.lure).length > 0;

  const put = (asked: Replacement, told: string): void => {
    setLast({ asked, told });
    // Told once the device has it.
    const done = (): void => {
      setSaid(told);
      void forgetWorkedOut();
    };
    replace.mutate(asked, { onSuccess: done });
  };
  const exportAll = async (): Promise<void> => {
    const told = bookTold(await deviceKeeper().withRefused(), tells);
    try {
      if (withPhotos) await saveRecordWithPhotos(told, photos);
      else saveRecord(told);
      setSaid(KIT_PAGE.recordSaved);
    } catch (e) {
      reportTrouble('saving with photos', e);
      setSaid(KIT_PAGE.notSaved);
    }
  };
  const importFile = async (): Promise<void> => {
    const file = await pickFile('.json,.zip,application/json,application/zip');
    if (!file) return;
    setRead(null);
    setReading(true);
    setRead(await readRecordFile(file));
    setReading(false);
  };
  return (
    <Part title="Your record">
      <Say>{KIT_PAGE.allIsYours}</Say>
      {hasRecord ? (
        <TellsChoice
          label={SHARED.tells}
          why={KIT_PAGE.recordTells(tells)}
          options={TELLS}
          value={tells}
          onChange={setTells}
        />
      ) : null}
      {tells === 'nothing' ? null : <PhotosChoice photos={photos} value={pictures} onChange={setPictures} />}
      <View style={{ gap: 8 }}>
        <Button title={KIT_PAGE.saveRecord} onPress={() => void exportAll()} disabled={!hasRecord} />
        <Button title={KIT_PAGE.readRecord} onPress={() => void importFile()} />
        {hasRecord ? <Button title="Clear everything…" onPress={() => setAsking('clear')} /> : null}
        <Button
          title={prefs.demoClock ? KIT_PAGE.demoAfresh : KIT_PAGE.demoLook}
          onPress={() => (hasRecord ? setAsking('demo') : demo.load())}
          disabled={demo.busy}
        />
      </View>
      {reading ? <Say role="status">{KIT_PAGE.readingFile}</Say> : null}
      {replace.isPending || demo.busy ? <Say role="status">Storing it…</Say> : null}
      {said ? (
        <Say role="status" kind="label" tone="moss">
          {said}
        </Say>
      ) : null}
      {asking ? (
        <Card tone="wash">
          <Say kind="strong">{asking === 'clear' ? KIT_PAGE.clearAll : KIT_PAGE.demoTakesPlace}</Say>
          <Button
            kind="copper"
            title={asking === 'clear' ? 'Clear everything now' : KIT_PAGE.loadDemo}
            onPress={() => {
              if (asking === 'clear') put({ record: () => [], by: 'clear', atMs: realNowMs() }, 'Cleared.');
              else demo.load(() => setSaid(KIT_PAGE.demoLoaded));
              setAsking(null);
            }}
          />
          <Button title={KIT_PAGE.leaveIt} onPress={() => setAsking(null)} />
        </Card>
      ) : null}
      {read ? (
        <Card tone="wash">
          <Say kind="strong">{KIT_PAGE.canBeRead(read.puts.length, read.problems.length)}</Say>
          {read.problems.slice(0, SHOWN).map((x, i) => (
            <Say key={i} kind="label">
              {problemText(x)}
            </Say>
          ))}
          {read.problems.length > SHOWN ? (
            <Say kind="label">{KIT_PAGE.andMore(read.problems.length - SHOWN)}</Say>
          ) : null}
          {read.lacking > 0 ? <Say kind="label">{KIT_PAGE.lacking(read.lacking)}</Say> : null}
          {read.puts.length > 0 ? (
            <Button
              kind="copper"
              title={KIT_PAGE.putInPlace}
              onPress={() => {
                put({ record: read.record, by: 'import', atMs: realNowMs() }, KIT_PAGE.readIn);
                setRead(null);
              }}
            />
          ) : null}
          <Button title={KIT_PAGE.leaveIt} onPress={() => setRead(null)} />
        </Card>
      ) : null}
      {replace.isError && last ? (
        <Card>
          <Say role="alert">{KIT_PAGE.refusedForRoom}</Say>
          <Button title={KIT_PAGE.replaceUnkept} onPress={() => put({ ...last.asked, keep: false }, last.told)} />
        </Card>
      ) : null}
      {demo.error || back.isError ? <Note>{KIT_PAGE.refused}</Note> : null}
      {before ? (
        <Card>
          <Say>{beforeText(before, deviceZone(), units)}</Say>
          <Button
            title="Put it back"
            disabled={back.isPending}
            onPress={() => back.mutate(realNowMs(), { onSuccess: () => setSaid('It is back.') })}
          />
        </Card>
      ) : null}
      {quarantined.length > 0 ? (
        <Disclosure title={KIT_PAGE.unread(quarantined.length)}>
          <Say kind="label">{KIT_PAGE.keptAside}</Say>
          {quarantined.slice(0, SHOWN).flatMap((q) =>
            q.problems.map((x, i) => (
              <Say key={`${q.key}${i}`} kind="label">
                {problemText(x)}
              </Say>
            )),
          )}
          <Button
            title={KIT_PAGE.saveAside}
            onPress={() => saveFile('moss-kettle-unreadable.json', JSON.stringify(quarantined, null, 1))}
          />
        </Disclosure>
      ) : null}
    </Part>
  );
}
