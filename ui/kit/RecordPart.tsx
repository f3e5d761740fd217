/** The whole record out to one open file and back, the demo world, and what could not be read. */
import { useState } from 'react';
import { View } from 'react-native';
import { importBook, type ImportResult } from '../../core/exchange/bookDocument';
import { problemText } from '../../wording/problems';
import { deviceKeeper } from '../../data/deviceKeeper';
import { useReplaceBook, useStored } from '../../data/useBook';
import { useBook, usePrefs } from '../day/contexts';
import { Card, Note, Part } from '../parts/Box';
import { Button } from '../parts/Buttons';
import { Disclosure } from '../parts/Disclosure';
import { Say } from '../parts/Say';
import { pickTextFile, saveFile } from '../platform/files';
import { saveRecord } from './saveRecord';
import { useDemoWorld } from './useDemoWorld';

const SHOWN = 12;

export function RecordPart() {
  const book = useBook();
  const quarantined = useStored((s) => s.quarantined);
  const prefs = usePrefs();
  const replace = useReplaceBook();
  const demo = useDemoWorld();
  const [read, setRead] = useState<ImportResult | null>(null);
  const [asking, setAsking] = useState<'demo' | 'clear' | null>(null);
  const [said, setSaid] = useState('');
  const hasRecord = Object.keys(book.trip).length > 0 || Object.keys(book.lure).length > 0;

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
              ? 'Clear the whole record on this device? Save it to a file first if you want it back.'
              : 'The demo world takes the place of what is here. Save your record to a file first.'}
          </Say>
          <Button
            kind="copper"
            title={asking === 'clear' ? 'Clear everything now' : 'Load the demo world now'}
            onPress={() => {
              // Told once the device has it.
              if (asking === 'clear') demo.clear(() => setSaid('Cleared.'));
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
                replace.mutate(() => read.puts, { onSuccess: () => setSaid('The record was read in.') });
                setRead(null);
              }}
            />
          ) : null}
          <Button title="Leave it as it is" onPress={() => setRead(null)} />
        </Card>
      ) : null}
      {replace.isError || demo.error ? <Note>This device refused to store that. Nothing else was changed.</Note> : null}
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
