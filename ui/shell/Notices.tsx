/**
 * What the angler must know at once, above any page and never in the way of the log: a device that refuses to store, a
 * new version.
 */
import { usePathname } from 'expo-router';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import { thunderClearMs } from '../../core/cautions/cautions';
import { deviceKeeper } from '../../data/deviceKeeper';
import { useStored } from '../../data/useBook';
import { refusedText } from '../../wording/problems';
import { droppedText, IN_MEMORY_TEXT, NEWER_TEXT } from '../../wording/record';
import { clockText } from '../../wording/time';
import { SHELL } from '../../wording/pages/shell';
import { useConditions, usePrefs } from '../day/contexts';
import { saveAll } from '../kit/saveRecord';
import { Button } from '../parts/Buttons';
import { Say } from '../parts/Say';
import { useNow } from '../platform/clock';
import { reloadStored } from '../platform/reload';
import { takeUpdate, useUpdateState } from '../platform/updates';
import { useTheme } from '../theme/theme';

export function Notices() {
  return (
    <>
      <MemoryNotice />
      <NewerNotice />
      <DroppedNotice />
      <RefusedNotice />
      <ThunderNotice />
      <UpdateNotice />
    </>
  );
}

function Band({
  tone,
  role,
  children,
}: {
  tone: 'copperWash' | 'mossWash';
  role: 'alert' | 'status';
  children: ReactNode;
}) {
  const { p } = useTheme();
  return (
    <View
      role={role}
      style={{
        backgroundColor: p[tone],
        padding: 12,
        gap: 8,
        borderBottomWidth: 2 * p.stroke,
        borderBottomColor: p.edge,
      }}
    >
      {children}
    </View>
  );
}
const Keys = ({ children }: { children: ReactNode }) => (
  <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>{children}</View>
);

/** The device keeps nothing: told on every page for as long as it is so. */
function MemoryNotice() {
  const inMemory = useStored((s) => s.inMemory);
  if (!inMemory) return null;
  return (
    <Band tone="copperWash" role="alert">
      <Say kind="strong">{IN_MEMORY_TEXT}</Say>
      <Keys>
        <Button title={SHELL.saveNow} onPress={() => void saveAll()} />
      </Keys>
    </Band>
  );
}

function RefusedNotice() {
  const refused = useStored((s) => (s.newer > 0 ? 0 : s.refused));
  const [still, setStill] = useState(false);
  if (refused === 0) return null;
  const again = (): void =>
    void deviceKeeper()
      .retryRefused()
      .then((ok) => setStill(!ok));
  return (
    <Band tone="copperWash" role="alert">
      <Say kind="strong">{refusedText(refused, still)}</Say>
      <Keys>
        <Button kind="solid" title="Try again" onPress={again} />
        <Button title={SHELL.saveNow} onPress={() => void saveAll()} />
        <Button title="Let it go" onPress={() => deviceKeeper().dropRefused()} />
      </Keys>
    </Band>
  );
}

/** Another page runs a newer build, and stored what this one cannot read. */
function NewerNotice() {
  const newer = useStored((s) => s.newer);
  const held = useStored((s) => s.refused);
  if (newer === 0) return null;
  return (
    <Band tone="copperWash" role="alert">
      <Say kind="strong">{NEWER_TEXT}</Say>
      <Keys>
        <Button kind="solid" title={SHELL.loadAgain} onPress={reloadStored} />
        {held > 0 ? <Button title={SHELL.saveNow} onPress={() => void saveAll()} /> : null}
      </Keys>
    </Band>
  );
}

function DroppedNotice() {
  const dropped = useStored((s) => s.dropped);
  if (dropped === null) return null;
  return (
    <Band tone="copperWash" role="alert">
      <Say kind="strong">{droppedText(dropped)}</Say>
      <Keys>
        <Button title="Close" label={SHELL.closeLost} onPress={() => deviceKeeper().forgetDropped()} />
      </Keys>
    </Band>
  );
}

/** While the wait after thunder lasts, on every page. */
function ThunderNotice() {
  const { day } = useConditions();
  const prefs = usePrefs();
  const { units } = useTheme();
  const now = useNow(prefs.demoClock, 15_000);
  const path = usePathname();
  const clearMs = day ? thunderClearMs(day.trip.thunder) : null;
  // The Water page says it in full among its cautions.
  if (!day || clearMs === null || now >= clearMs || path === '/') return null;
  return (
    <Band tone="copperWash" role="status">
      <Say kind="strong">{SHELL.thunder(clockText(clearMs, day.water.zone, units))}</Say>
    </Band>
  );
}

function UpdateNotice() {
  const update = useUpdateState();
  const slow = useStored((s) => s.slow);
  const [later, setLater] = useState<string | null>(null);
  if (update === 'none' || later === update) return null;
  return (
    <Band tone="mossWash" role="status">
      <Say kind="strong">{update === 'ready' ? SHELL.newVersion : SHELL.otherPageChanged}</Say>
      <Keys>
        <Button
          kind="solid"
          title={update === 'ready' ? SHELL.changeNow : SHELL.loadAgain}
          disabled={slow}
          onPress={takeUpdate}
        />
        <Button title="Later" onPress={() => setLater(update)} />
      </Keys>
    </Band>
  );
}
