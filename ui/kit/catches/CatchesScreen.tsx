/** A list of catches from elsewhere, looked at, completed and put into the log. */
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { CATCH_FIELDS } from '../../../core/exchange/catches/fields';
import { inUse } from '../../../core/records';
import { CATCHES_PAGE, emptyTable, lineProblemText, linesText } from '../../../wording/pages/catches';
import { SHARED } from '../../../wording/pages/shared';
import { useBookWithoutLog } from '../../day/contexts';
import { Card, Note, Part } from '../../parts/Box';
import { Button } from '../../parts/Buttons';
import { Disclosure } from '../../parts/Disclosure';
import { ProgressLine } from '../../parts/ProgressLine';
import { Say } from '../../parts/Say';
import type { CatchSight } from '../../../workers/files';
import { saveFile } from '../../platform/files';
import { Screen } from '../../shell/Screen';
import { useTheme } from '../../theme/theme';
import { ColumnsPart } from './ColumnsPart';
import { OpenPart } from './OpenPart';
import { useCatches, type Catches } from './useCatches';

const SHOWN = 6;

export function CatchesScreen() {
  const book = useBookWithoutLog();
  const router = useRouter();
  const { units } = useTheme();
  const catches = useCatches();
  const { look, told, busy, said } = catches;
  // What is told holds while it is stored.
  const asked = look && told && catches.storing === null ? { look, told, tell: catches.tell } : null;
  const none = inUse(book.water).length === 0;
  return (
    <Screen title={CATCHES_PAGE.title} sub={CATCHES_PAGE.sub} section={false} columns>
      <Part title={CATCHES_PAGE.file}>
        <Say>{CATCHES_PAGE.needs}</Say>
        <Say kind="label" tone="soft">
          {`${CATCHES_PAGE.blanks} ${CATCHES_PAGE.own}`}
        </Say>
        {none ? <Note>{CATCHES_PAGE.noWater}</Note> : null}
        <Button
          kind={look ? 'outline' : 'solid'}
          title={CATCHES_PAGE.read}
          disabled={none || busy || catches.storing !== null}
          onPress={() => void catches.pick()}
        />
        <Button
          title={CATCHES_PAGE.empty}
          onPress={() => saveFile(CATCHES_PAGE.emptyFile, emptyTable(CATCH_FIELDS, units), 'text/csv')}
        />
        {busy ? (
          <View style={{ gap: 8 }}>
            <Say role="status">{look ? CATCHES_PAGE.working : CATCHES_PAGE.reading}</Say>
            <ProgressLine label={CATCHES_PAGE.howFar} share={catches.percent / 100} />
            <Button title={CATCHES_PAGE.stop} onPress={catches.stop} />
          </View>
        ) : null}
        {catches.storing ? (
          <View style={{ gap: 8 }}>
            <Say role="status">{CATCHES_PAGE.storing(catches.storing)}</Say>
            <ProgressLine label={CATCHES_PAGE.howFar} share={catches.storing.done / catches.storing.of} />
          </View>
        ) : null}
        {catches.failed ? <Note>{CATCHES_PAGE.unreadable}</Note> : null}
        {said ? (
          <Say role={said.wrong ? 'alert' : 'status'} kind="strong" tone={said.wrong ? 'bad' : 'moss'}>
            {said.text}
          </Say>
        ) : null}
        {catches.canTakeOut ? (
          <>
            <Button title={CATCHES_PAGE.diary} onPress={() => router.navigate('/lessons/diary' as never)} />
            <Button
              title={CATCHES_PAGE.takeOut}
              disabled={catches.storing !== null}
              onPress={() => void catches.takeOut()}
            />
          </>
        ) : null}
      </Part>
      {asked ? <ColumnsPart {...asked} asLast={catches.asLast} /> : null}
      {asked ? <OpenPart {...asked} /> : null}
      {look ? <ResultPart look={look} catches={catches} /> : null}
    </Screen>
  );
}

function ResultPart({ look, catches }: { look: CatchSight; catches: Catches }) {
  const { busy, storing } = catches;
  const line = (p: CatchSight['problems'][number]) => (
    <Say key={p.path} kind="label">
      {lineProblemText(p)}
    </Say>
  );
  const more = look.problems.length - SHOWN;
  return (
    <Part title={CATCHES_PAGE.result}>
      <Card tone="wash">
        <Say>{linesText(look)}</Say>
        {look.known > 0 ? <Say kind="label">{CATCHES_PAGE.known(look.known)}</Say> : null}
        {look.problemCount > 0 ? (
          <>
            <Say kind="label">{CATCHES_PAGE.left(look.problemCount)}</Say>
            {look.problems.slice(0, SHOWN).map(line)}
            {more > 0 ? (
              <Disclosure title={CATCHES_PAGE.moreLines(look.problemCount - SHOWN)}>
                {look.problems.slice(SHOWN).map(line)}
                {look.problemCount > look.problems.length ? (
                  <Say kind="label">{CATCHES_PAGE.moreInFile(look.problemCount - look.problems.length)}</Say>
                ) : null}
              </Disclosure>
            ) : null}
          </>
        ) : null}
        {look.batches > 0 ? (
          <Button
            kind="copper"
            title={CATCHES_PAGE.take(look.days, look.fish)}
            disabled={busy || storing !== null}
            onPress={() => void catches.take(look)}
          />
        ) : (
          <Say kind="strong" role="status">
            {look.known > 0 ? CATCHES_PAGE.nothingNew : CATCHES_PAGE.nothing}
          </Say>
        )}
        <Button title={SHARED.putFileAway} disabled={storing !== null} onPress={catches.away} />
      </Card>
    </Part>
  );
}
