/**
 * When a page stumbles the rest stands: the log stays in reach, the trouble is written down, nothing stored is touched.
 */
import { usePathname } from 'expo-router';
import { useEffect, type ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { ErrorBoundary } from 'react-error-boundary';
import { reportTrouble, troubles } from '../../data/troubles';
import { EVENT_NAME } from '../../wording/names';
import { castsText } from '../../wording/strikes';
import { reloadStored } from '../platform/reload';
import { SHELL } from '../../wording/pages/shell';
import { SHARED } from '../../wording/pages/shared';
import { useActions, useLog, usePlan } from '../day/contexts';
import { useLastTouch } from '../day/lastTouch';
import { saveProblemReport } from '../kit/problemReport';
import { saveAll } from '../kit/saveRecord';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useTheme } from '../theme/theme';

const LOGGED = ['landed', 'lost', 'missed', 'bump'] as const;
/** A page outside the application, which opens whatever is stored. */
const toRescue = (): void => window.location.assign('/rescue.html');
const saveTroubles = (): void => saveProblemReport(troubles.getState().list);

/** A page's script that did not come stays missing until everything is loaded again. */
const isMissingScript = (e: Error): boolean => /Loading module|AsyncRequireError/.test(`${e.name} ${e.message}`);

/** What stands in a page's place, within the router, so that the bar and the address go on working. */
export function PlaceStumbled({ error, retry }: { error: Error; retry: () => Promise<void> }) {
  const path = usePathname();
  useEffect(() => reportTrouble(`the page ${path}`, error), [path, error]);
  const { tally } = useLog();
  const last = useLastTouch();
  const { worked } = usePlan();
  const actions = useActions();
  return (
    <ScrollView contentContainerStyle={{ padding: 16, gap: 14 }}>
      <Say kind="title" level={1}>
        This page stumbled
      </Say>
      <View role="alert">
        <Say>{SHELL.recordUntouched}</Say>
      </View>
      {tally && worked ? (
        <View style={{ gap: 10 }}>
          <Say kind="strong" role="status">{`${castsText(tally.casts)}, ${tally.events.length} logged`}</Say>
          <Button
            kind="solid"
            title="Cast: add one"
            onPress={actions.logCast}
            style={{ minHeight: 60, justifyContent: 'center' }}
          />
          <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
            {LOGGED.map((kind) => (
              <Button
                key={kind}
                title={EVENT_NAME[kind]}
                onPress={() => actions.logEvent(kind)}
                style={{ flexGrow: 1, minHeight: 56, justifyContent: 'center' }}
              />
            ))}
          </View>
          {last ? <Button title="Undo the last" onPress={() => actions.takeBack(last.id)} /> : null}
        </View>
      ) : null}
      <Button title={SHELL.tryAgain} onPress={() => (isMissingScript(error) ? reloadStored() : void retry())} />
      <Button title={SHARED.saveReport} onPress={saveTroubles} />
      <Button title={SHELL.lookInto} onPress={toRescue} />
    </ScrollView>
  );
}

/** Around the section: a drawing that fails leaves the page beside it whole. */
export function SectionBoundary({ children }: { children: ReactNode }) {
  return (
    <ErrorBoundary
      onError={(e) => reportTrouble(SHELL.theDrawing, e)}
      fallbackRender={({ resetErrorBoundary }) => (
        <View role="alert" style={{ padding: 16, gap: 8 }}>
          <Say>{SHELL.drawingFailed}</Say>
          <Button title="Draw it again" onPress={resetErrorBoundary} style={{ alignSelf: 'flex-start' }} />
        </View>
      )}
    >
      {children}
    </ErrorBoundary>
  );
}

/** Around everything: the last net. The record can still be taken out. */
export function RootBoundary({ children }: { children: ReactNode }) {
  return (
    <ErrorBoundary FallbackComponent={EverythingStumbled} onError={(e) => reportTrouble('the whole application', e)}>
      {children}
    </ErrorBoundary>
  );
}

function EverythingStumbled() {
  const { p } = useTheme();
  return (
    <View role="main" style={{ flex: 1, backgroundColor: p.ground, padding: 20, gap: 14, justifyContent: 'center' }}>
      <Say kind="title" level={1}>
        Moss Kettle stumbled
      </Say>
      <View role="alert">
        <Say>{SHELL.storedIsStored}</Say>
      </View>
      <Button kind="solid" title="Load everything again" onPress={reloadStored} />
      <Button title={SHELL.saveRecord} onPress={() => void saveAll()} />
      <Button title={SHARED.saveReport} onPress={saveTroubles} />
      <Button title={SHELL.lookIntoAndAside} onPress={toRescue} />
    </View>
  );
}
