/** The log for a spreadsheet: four tables and their description in one file. */
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { bookTold, type Tells } from '../../core/exchange/privacy';
import { LOG_FILE, ownLogUnits } from '../../wording/logTables';
import { dateText } from '../../wording/time';
import { KIT_PAGE } from '../../wording/pages/kit';
import { SHARED } from '../../wording/pages/shared';
import { useCommitter } from '../../data/useBook';
import { useBook } from '../day/contexts';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { TellsChoice } from '../parts/TellsChoice';
import { deviceZone, realNowMs } from '../platform/clock';
import { saveBlob } from '../platform/files';
import { useTheme } from '../theme/theme';
import { PhotosChoice, useStandingPhotos } from './PhotosChoice';

export function LogTablesPart() {
  const book = useBook();
  const committer = useCommitter();
  const router = useRouter();
  const { units } = useTheme();
  const [inUnits, setInUnits] = useState<'own' | 'si'>('own');
  const [mark, setMark] = useState<'plain' | 'mark'>('plain');
  const [said, setSaid] = useState('');
  const [tells, setTells] = useState<Tells>('names');
  const photos = useStandingPhotos();
  const [pictures, setPictures] = useState(true);
  const empty = Object.keys(book.trip).length === 0;
  const save = async (): Promise<void> => {
    try {
      // The writers are fetched only here.
      const [{ zipped }, { logDescriptor, logTableCsv, logTables, SI_LOG_UNITS }, { pictureEntries }] =
        await Promise.all([import('../platform/zip'), import('../../core/exchange/csv'), import('../photos/pages')]);
      const told = bookTold(committer.current() ?? book, tells);
      const tables = logTables(
        pictures ? told : { ...told, photo: {} },
        inUnits === 'own' ? ownLogUnits(units) : SI_LOG_UNITS,
      );
      async function* entries() {
        for (const t of tables) yield { name: `${t.name}.csv`, content: logTableCsv(t, mark === 'mark') };
        yield { name: 'datapackage.json', content: logDescriptor(tables) };
        if (pictures && tells !== 'nothing') yield* pictureEntries(photos);
      }
      saveBlob(`moss-kettle-log-${dateText(realNowMs(), deviceZone())}.zip`, await zipped(entries()));
      setSaid(LOG_FILE.done);
    } catch {
      setSaid(LOG_FILE.failed);
    }
  };
  return (
    <Part title={KIT_PAGE.logAsTables}>
      <Say>{LOG_FILE.what}</Say>
      <Choices
        label={KIT_PAGE.unitsOfTables}
        options={[
          { value: 'own', title: 'My units' },
          { value: 'si', title: 'Metres, kilograms, °C' },
        ]}
        value={inUnits}
        onChange={setInUnits}
      />
      <Choices
        label={KIT_PAGE.whoReadsThem}
        options={[
          { value: 'plain', title: 'For most programs' },
          { value: 'mark', title: 'For older spreadsheets' },
        ]}
        value={mark}
        onChange={setMark}
      />
      <TellsChoice
        label={SHARED.tells}
        why={LOG_FILE.tells}
        options={['nothing', 'names']}
        value={tells}
        onChange={setTells}
      />
      {tells === 'nothing' ? null : <PhotosChoice photos={photos} value={pictures} onChange={setPictures} />}
      <Button title={KIT_PAGE.saveTables} disabled={empty} onPress={() => void save()} />
      <Button title={SHARED.fromElsewhere} onPress={() => router.navigate('/kit/catches' as never)} />
      {said ? (
        <Say role="status" kind="label" tone="moss">
          {said}
        </Say>
      ) : null}
    </Part>
  );
}
