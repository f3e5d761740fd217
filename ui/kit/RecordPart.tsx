/** The whole record out to one open file and back, the demo world, and what could not be read. */
import { useState } from 'react';
import { View } from 'react-native';
import { importBook, type ImportResult } from '../../core/exchange/bookDocument';
import { problemText } from '../../wording/problems';
import { beforeText } from '../../wording/record';
import { deviceKeeper } from '../../data/deviceKeeper';
import { usePutBack, useReplaceBook, useStored, type Replacement } from '../../data/useBook';
import { useBook, usePrefs } from '../day/contexts';
import { Card, Note, Part } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { deviceZone, realNowMs } from '../platform/clock';
import { pickTextFile, saveFile } from '../platform/files';
import { useTheme } from '../theme/theme';
import { saveRecord } from './saveRecord';
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
  const [read, setRead] = useState<ImportResult | null>(null);
  const [asking, setAsking] = useState<'demo' | 'clear' | null>(null);
  const [said, setSaid] = useState('');
  const hasRecord = Object.keys(book.trip).length > 0 || Object.keys(book.lure).length > 0;

  const put = (asked: Replacement, told: string): void => {
    setLast({ asked, told });
    // Told once the device has it.
    replace.mutate(asked, { onSuccess: () => setSaid(told) });
  };
  const exportAll = (): void => {
    saveRecord(deviceKeeper().withRefused());
    setSaid('The record is saved as a file, with your downloads.');
  };
  const importFile = async (): Promise<void> => {
    const text = await pickTextFile('.json,application/json');
    if (text !== null) setRead(importBook(text));
  };
  return (
    <Part title="Your record">
      <Say>Everything you entered and logged is yours, in one open file.</Say>
      <View style={{ gap: 8 }}>
        <Button title="Save the record to a file" onPress={exportAll} disabled={!hasRecord} />
        <Button title="Read a record from a file…" onPress={() => void importFile()} />
        {hasRecord ? <Button title="Clear everything…" onPress={() => setAsking('clear')} /> : null}
        <Button
          title={prefs.demoClock ? 'Load the demo world afresh…' : 'Look around with the demo world…'}
          onPress={() => (hasRecord ? setAsking('demo') : demo.load())}
          disabled={demo.busy}
        />
      </View>
      {replace.isPending || demo.busy ? <Say role="status">Storing it…</Say> : null}
      {said ? (
        <Say role="status" kind="label" tone="moss">
          {said}
        </Say>
      ) : null}
      {asking ? (
        <Card tone="wash">
          <Say kind="strong">
            {asking === 'clear'
              ? 'Clear the whole record on this device? It can be put back here until the next time you replace it.'
              : 'The demo world takes the place of what is here, which can be put back afterwards.'}
          </Say>
          <Button
            kind="copper"
            title={asking === 'clear' ? 'Clear everything now' : 'Load the demo world now'}
            onPress={() => {
              if (asking === 'clear') put({ record: () => [], by: 'clear', atMs: realNowMs() }, 'Cleared.');
              else demo.load(() => setSaid('The demo world is loaded.'));
              setAsking(null);
            }}
          />
          <Button title="Leave it as it is" onPress={() => setAsking(null)} />
        </Card>
      ) : null}
      {read ? (
        <Card tone="wash">
          <Say kind="strong">{`${read.puts.length} records can be read${read.problems.length > 0 ? `, ${read.problems.length} problem${read.problems.length === 1 ? '' : 's'}` : ''}.`}</Say>
          {read.problems.slice(0, SHOWN).map((x, i) => (
            <Say key={i} kind="label">
              {problemText(x)}
            </Say>
          ))}
          {read.problems.length > SHOWN ? <Say kind="label">{`and ${read.problems.length - SHOWN} more`}</Say> : null}
          {read.puts.length > 0 ? (
            <Button
              kind="copper"
              title="Put these in place of what is here"
              onPress={() => {
                put({ record: () => read.puts, by: 'import', atMs: realNowMs() }, 'The record was read in.');
                setRead(null);
              }}
            />
          ) : null}
          <Button title="Leave it as it is" onPress={() => setRead(null)} />
        </Card>
      ) : null}
      {replace.isError && last ? (
        <Card>
          <Say role="alert">
            This device refused to store that; nothing was changed. It may have no room for both records. Save this one
            to a file, then replace it without keeping it here.
          </Say>
          <Button
            title="Replace it without keeping it here"
            onPress={() => put({ ...last.asked, keep: false }, last.told)}
          />
        </Card>
      ) : null}
      {demo.error || back.isError ? <Note>This device refused to store that. Nothing was changed.</Note> : null}
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
        <Disclosure
          title={`${quarantined.length} stored value${quarantined.length === 1 ? '' : 's'} could not be read`}
        >
          <Say kind="label">They are kept aside untouched.</Say>
          {quarantined.slice(0, SHOWN).flatMap((q) =>
            q.problems.map((x, i) => (
              <Say key={`${q.key}${i}`} kind="label">
                {problemText(x)}
              </Say>
            )),
          )}
          <Button
            title="Save them to a file"
            onPress={() => saveFile('moss-kettle-unreadable.json', JSON.stringify(quarantined, null, 1))}
          />
        </Disclosure>
      ) : null}
    </Part>
  );
}
