/** The box out to a file and in from one: what can be read, what cannot and why, before anything is taken. */
import { useCommitter } from '../../../data/useBook';
import { useRef, useState } from 'react';
import { View } from 'react-native';
import { readBoxJson, writeBoxJson } from '../../../core/exchange/boxJson';
import type { BoxFile } from '../../../core/exchange/boxCsv';
import { duplicatesIn, sameLure } from '../../../core/box/duplicates';
import { inBox, put } from '../../../core/records';
import type { Lure } from '../../../core/records/lure';
import { badRowText, FILE_FAULT, hadText, readText } from '../../../wording/box';
import { FAMILY_OF_NAME } from '../../../wording/readNames';
import { BOX_PAGE } from '../../../wording/pages/box';
import { SHARED } from '../../../wording/pages/shared';
import { useBookWithoutLog } from '../../day/contexts';
import { Card, Note, Part } from '../../parts/Box';
import { Button } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { Say } from '../../parts/Say';
import { pickTextFile, saveFile } from '../../platform/files';
import { newId } from '../../platform/ids';

const SHOWN = 20;
/** Tables are read and written by what is only fetched here. */
const csv = () => import('../../../core/exchange/csv');

export function FilePart() {
  const book = useBookWithoutLog();
  const committer = useCommitter();
  const [file, setFile] = useState<BoxFile | null>(null);
  /** Of the file, in the box already. */
  const [had, setHad] = useState(0);
  const [said, setSaid] = useState('');
  const [busy, setBusy] = useState(false);
  const box = inBox(book.lure);
  /** The box as it is stored: what the page shows follows it by and by. */
  const boxNow = (): Lure[] => inBox((committer.current() ?? book).lure);
  const pick = async (): Promise<void> => {
    setSaid('');
    const text = await pickTextFile('.csv,text/csv,.json,application/json');
    if (text === null) return;
    const read = /^\s*[[{]/.test(text) ? readBoxJson(text) : (await csv()).readBoxCsv(text, FAMILY_OF_NAME);
    // What is in the box already, name and all, is not put in once more.
    const known = boxNow();
    const fresh = read.lures.filter((l) => !known.some((b) => b.name === l.name && sameLure(b, l)));
    setHad(read.lures.length - fresh.length);
    setFile({ ...read, lures: fresh });
  };
  // At once: a second tap may come before the page is drawn again.
  const taking = useRef(false);
  const take = async (read: BoxFile): Promise<void> => {
    if (taking.current) return;
    taking.current = true;
    setBusy(true);
    const stored = await committer.record(() => read.lures.map((l) => put('lure', { ...l, id: newId() })));
    setBusy(false);
    taking.current = false;
    if (!stored) return;
    setSaid(BOX_PAGE.putIn(read.lures.length, read.bad.length));
    setFile(read.bad.length > 0 ? { ...read, lures: [] } : null);
  };
  const doubles = file
    ? duplicatesIn([...box, ...file.lures]).filter((g) => g.some((l) => file.lures.includes(l as never))).length
    : 0;
  return (
    <Part title={SHARED.files}>
      <Say kind="label" tone="soft">
        {BOX_PAGE.tableIs}
      </Say>
      <View style={{ gap: 8 }}>
        <Button title={BOX_PAGE.readFile} onPress={() => void pick()} />
        <Button
          title={BOX_PAGE.saveCsv}
          disabled={box.length === 0}
          onPress={() => void csv().then((x) => saveFile('moss-kettle-box.csv', x.writeBoxCsv(boxNow()), 'text/csv'))}
        />
        <Button
          title={BOX_PAGE.saveJson}
          disabled={box.length === 0}
          onPress={() => saveFile('moss-kettle-box.json', writeBoxJson(boxNow()))}
        />
      </View>
      {said ? (
        <Say role="status" kind="label" tone="moss">
          {said}
        </Say>
      ) : null}
      {file ? (
        <Card tone="wash">
          {file.fault ? (
            <Note>{FILE_FAULT[file.fault]}</Note>
          ) : (
            <>
              <Say kind="strong" role="status">
                {readText(file.lures.length, file.bad.length)}
              </Say>
              {had > 0 ? <Say kind="label">{hadText(had)}</Say> : null}
              {doubles > 0 ? <Say kind="label">{BOX_PAGE.doublesInFile(doubles)}</Say> : null}
              {file.bad.length > 0 ? (
                <>
                  {file.bad.slice(0, SHOWN).map((b) => (
                    <Say key={b.line} kind="label">
                      {badRowText(b)}
                    </Say>
                  ))}
                  {file.bad.length > SHOWN ? (
                    <Disclosure title={BOX_PAGE.moreLines(file.bad.length - SHOWN)}>
                      {file.bad.slice(SHOWN).map((b) => (
                        <Say key={b.line} kind="label">
                          {badRowText(b)}
                        </Say>
                      ))}
                    </Disclosure>
                  ) : null}
                  <Button
                    title={BOX_PAGE.saveBad}
                    onPress={() =>
                      void csv().then((x) =>
                        saveFile('moss-kettle-lines-to-mend.csv', x.writeBadRows(file), 'text/csv'),
                      )
                    }
                  />
                </>
              ) : null}
              {file.lures.length > 0 ? (
                <Button
                  kind="copper"
                  title={BOX_PAGE.putInBox(file.lures.length)}
                  disabled={busy}
                  onPress={() => void take(file)}
                />
              ) : null}
            </>
          )}
          <Button title={SHARED.putFileAway} onPress={() => setFile(null)} />
        </Card>
      ) : null}
    </Part>
  );
}
