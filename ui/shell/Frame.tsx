/** Phone: the place above, five places in a bar below. Wide: a rail, the section always open, the place beside it. */
import { usePathname, useRouter } from 'expo-router';
import { useEffect, type ReactNode } from 'react';
import { View } from 'react-native';
import { asksForAll, deviceKeeper } from '../../data/deviceKeeper';
import { isOpen, isPart } from '../../data/keeper';
import { troubles } from '../../data/troubles';
import { NOT_OPENED_TEXT } from '../../wording/record';
import { SHELL } from '../../wording/pages/shell';
import { SHARED } from '../../wording/pages/shared';
import { useStatus } from '../day/contexts';
import { saveProblemReport } from '../kit/problemReport';
import { Button } from '../parts/Buttons';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { SectionPanel } from '../section/SectionPanel';
import { useTheme } from '../theme/theme';
import { SectionBoundary } from './Boundary';
import { Notices } from './Notices';
import { SavedBar } from './SavedBar';
import { rememberGround } from '../platform/ground';
import { PLACES, placeOfPath } from './places';
import { Shortcuts } from './Shortcuts';
import { useFirstStart } from './useFirstStart';
import { useWide } from './useWide';

export function Frame({ children }: { children: ReactNode }) {
  const { p } = useTheme();
  const wide = useWide();
  const path = usePathname();
  const where = placeOfPath(path);
  const status = useStatus();
  // The Kit and the Lessons are no places on the water, and without a record there is no water: they have the width.
  const alone = where === 'kit' || where === 'lessons' || status === 'error';
  const all = asksForAll(path);
  useEffect(() => {
    if (all && status === 'late') void deviceKeeper().whole();
  }, [all, status]);
  const loadingDemo = useFirstStart();
  useDocumentColours(p.ground, p.copper, p.dark);
  useDocumentTitle();
  const waiting = loadingDemo
    ? SHELL.demoWaiting
    : status === 'loading' || (isPart(status) && all)
      ? 'Opening your record…'
      : status === 'error'
        ? NOT_OPENED_TEXT
        : null;
  const place = (
    <View role="main" style={{ flex: 1, minWidth: 0 }}>
      <Notices />
      {waiting ? <Waiting text={waiting} failed={status === 'error'} /> : null}
      {/* Kept mounted while waiting, so that the page asked for is not forgotten. */}
      <View style={{ flex: 1, display: waiting ? 'none' : 'flex' }}>{children}</View>
      <SavedBar />
      <Shortcuts />
    </View>
  );
  if (!wide)
    return (
      <View style={{ flex: 1, backgroundColor: p.ground }}>
        {place}
        <Bar />
      </View>
    );
  return (
    <View style={{ flex: 1, flexDirection: 'row', backgroundColor: p.ground }}>
      <Rail />
      {alone ? null : (
        <View style={{ flex: 1.25, borderRightWidth: p.stroke, borderRightColor: p.rule, minWidth: 0 }}>
          {isOpen(status) ? (
            <SectionBoundary>
              <SectionPanel fill />
            </SectionBoundary>
          ) : null}
        </View>
      )}
      <View style={{ flex: 1, minWidth: 0, maxWidth: alone ? 1180 : 640 }}>{place}</View>
    </View>
  );
}

function Waiting({ text, failed }: { text: string; failed: boolean }) {
  return (
    <View style={{ flex: 1, alignItems: 'center', justifyContent: 'center', padding: 24, gap: 12 }}>
      <Say role="status" style={{ textAlign: 'center', maxWidth: 520 }}>
        {text}
      </Say>
      {failed ? (
        <>
          <Button kind="solid" title="Try again" onPress={() => void deviceKeeper().open()} />
          <Button title={SHELL.withoutStoring} onPress={() => void deviceKeeper().openInMemory()} />
          <Button title={SHARED.saveReport} onPress={() => saveProblemReport(troubles.getState().list)} />
        </>
      ) : null}
    </View>
  );
}

function NavItem({ item, current, column }: { item: (typeof PLACES)[number]; current: boolean; column: boolean }) {
  const { p, scale } = useTheme();
  const router = useRouter();
  return (
    <Press
      as="link"
      label={item.name}
      {...({ 'aria-current': current ? 'page' : undefined, href: item.path } as object)}
      onPress={(e) => {
        e.preventDefault();
        router.navigate(item.path);
      }}
      style={{
        flex: column ? undefined : 1,
        alignItems: 'center',
        paddingVertical: column ? 12 : 7,
        borderTopWidth: column ? 0 : 4,
        borderTopColor: current ? p.moss : 'transparent',
        borderLeftWidth: column ? 4 : 0,
        borderLeftColor: current ? p.moss : 'transparent',
        minHeight: 60,
      }}
    >
      <Glyph name={item.glyph} color={current ? p.moss : p.soft} />
      <Say
        kind={current ? 'labelStrong' : 'label'}
        tone={current ? 'moss' : 'soft'}
        numberOfLines={1}
        style={{ fontSize: 13 * Math.min(scale, column ? 1.5 : 1.15) }}
      >
        {item.name}
      </Say>
    </Press>
  );
}

function Bar() {
  const { p } = useTheme();
  const here = placeOfPath(usePathname());
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={{ flexDirection: 'row', backgroundColor: p.card, borderTopWidth: p.stroke, borderTopColor: p.rule }}
    >
      {PLACES.filter((x) => x.id !== 'kit').map((x) => (
        <NavItem key={x.id} item={x} current={x.id === here} column={false} />
      ))}
    </View>
  );
}

function Rail() {
  const { p, scale } = useTheme();
  const here = placeOfPath(usePathname());
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={{
        width: 84 + 36 * (scale - 1),
        backgroundColor: p.card,
        borderRightWidth: p.stroke,
        borderRightColor: p.rule,
        paddingTop: 10,
      }}
    >
      {PLACES.map((x) => (
        <NavItem key={x.id} item={x} current={x.id === here} column />
      ))}
    </View>
  );
}

/** Page colour behind the application, for overscroll and the browser's own edges; the ring of what has the focus. */
function useDocumentColours(ground: string, focus: string, dark: boolean): void {
  useEffect(() => {
    document.documentElement.style.setProperty('--focus', focus);
    document.body.style.backgroundColor = ground;
    document.documentElement.style.colorScheme = dark ? 'dark' : 'light';
    document.querySelector('meta[name="theme-color"]')?.setAttribute('content', ground);
    rememberGround(ground);
  }, [ground, focus, dark]);
}

/** The page's name in the tab and for a screen reader. */
function useDocumentTitle(): void {
  const here = placeOfPath(usePathname());
  useEffect(() => {
    document.title = `${PLACES.find((x) => x.id === here)!.name} · Moss Kettle`;
  }, [here]);
}
