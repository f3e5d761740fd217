/** A place: its head, on the phone the section, then what it holds. */
import { usePathname, useRouter } from 'expo-router';
import { Children, useRef, type ReactNode } from 'react';
import { ScrollView, useWindowDimensions, View, type ViewStyle } from 'react-native';
import { usePrefs } from '../day/contexts';
import { Row } from '../parts/Box';
import { Glyph } from '../parts/Glyph';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { phoneSectionPx, SectionPanel } from '../section/SectionPanel';
import { useGradually } from '../platform/gradually';
import { useTheme } from '../theme/theme';
import { SectionBoundary } from './Boundary';
import { HoldProvider, useHeldSection } from './inSight';
import { placeOfPath } from './places';
import { useWide } from './useWide';
import { SHELL } from '../../wording/pages/shell';

/** A screen lower than this many sections has no room for one that sticks. */
const MIN_SECTIONS_HIGH = 2.6;
// Sticking is the browser's own; the library's types do not know it.
const STICKING = { position: 'sticky', top: 0, zIndex: 2 } as unknown as ViewStyle;

// Columns, and parts that stay whole in them, are the browser's own too.
const COLUMNS = { display: 'block', columnCount: 2, columnGap: 32 } as unknown as ViewStyle;
const UNBROKEN = { breakInside: 'avoid', marginBottom: 24 };

interface ScreenProps {
  title: ReactNode;
  sub?: string;
  /** What the title opens. */
  opens?: { label: string; expanded: boolean; onPress: () => void };
  right?: ReactNode;
  /** Show the section above the content on a phone. */
  section?: boolean;
  /** Wide: the parts in two columns, one below the other. */
  columns?: boolean;
  /** Keys that stay in reach of the thumb, below the scrolling part. */
  foot?: ReactNode;
  children: ReactNode;
}

export function Screen({ title, sub, opens, right, section = true, columns = false, foot, children }: ScreenProps) {
  const { p, scale } = useTheme();
  const wide = useWide();
  const router = useRouter();
  const prefs = usePrefs();
  const path = usePathname();
  const inKit = placeOfPath(path) === 'kit';
  const parts = Children.toArray(children);
  // The head answers the finger at once; then the section, then the parts from the top, one a frame.
  const drawn = useGradually(parts.length + 1);
  const window = useWindowDimensions();
  const sectionPx = phoneSectionPx(placeOfPath(path), window.height);
  const scrolling = useRef<ScrollView>(null);
  const { held, hold } = useHeldSection(scrolling, sectionPx);
  const sticks = held && section && !wide && window.height >= MIN_SECTIONS_HIGH * sectionPx;
  return (
    <View style={{ flex: 1 }}>
      <ScrollView
        ref={scrolling}
        // What is scrolled to, or focused by a key, comes to rest below the section.
        style={[{ flex: 1 }, sticks && ({ scrollPaddingTop: sectionPx + 8 } as object)]}
        contentContainerStyle={{ paddingBottom: 24 }}
        tabIndex={-1}
      >
        <View style={{ paddingHorizontal: 16, paddingTop: 12, paddingBottom: 10, gap: 2 }}>
          <Row
            style={{
              alignItems: 'flex-start',
              justifyContent: 'space-between',
              flexDirection: prefs.hand === 'left' && scale <= 1.4 ? 'row-reverse' : 'row',
            }}
            gap={10}
            wrap={scale > 1.4}
          >
            <View style={{ flexShrink: 1, flexGrow: 1, flexBasis: scale > 1.4 ? '100%' : 150 }}>
              <Say kind="title" level={1}>
                {title}
              </Say>
              {opens ? (
                <Press
                  label={opens.label}
                  expanded={opens.expanded}
                  onPress={opens.onPress}
                  style={{ alignItems: 'flex-start' }}
                >
                  <Row gap={4}>
                    <Say kind="label" tone="soft" style={{ flexShrink: 1, textDecorationLine: 'underline' }}>
                      {sub}
                    </Say>
                    <Glyph name={opens.expanded ? 'up' : 'down'} size={18} />
                  </Row>
                </Press>
              ) : sub ? (
                <Say kind="label" tone="soft">
                  {sub}
                </Say>
              ) : null}
            </View>
            {right}
            {!wide && !inKit ? (
              <Press
                as="link"
                label="Kit"
                {...({ href: '/kit' } as object)}
                onPress={(e) => {
                  e.preventDefault();
                  router.navigate('/kit');
                }}
                style={{ alignItems: 'center', justifyContent: 'center' }}
              >
                <Glyph name="kit" />
                <Say kind="small" tone="soft">
                  Kit
                </Say>
              </Press>
            ) : null}
          </Row>
          {prefs.demoClock ? (
            <Say kind="small" tone="copper">
              {SHELL.demoDay}
            </Say>
          ) : null}
        </View>
        {drawn > 0 && section && !wide ? (
          <View style={sticks && STICKING}>
            <SectionBoundary>
              <SectionPanel sticks={sticks} />
            </SectionBoundary>
          </View>
        ) : null}
        <HoldProvider value={hold}>
          <View style={[{ padding: 16, gap: 20 }, columns && wide && COLUMNS]}>
            {parts.slice(0, Math.max(0, drawn - 1)).map((part, i) =>
              columns && wide ? (
                <View key={i} style={UNBROKEN as ViewStyle}>
                  {part}
                </View>
              ) : (
                part
              ),
            )}
          </View>
        </HoldProvider>
      </ScrollView>
      {drawn > 0 && foot ? (
        <View style={{ borderTopWidth: p.stroke, borderTopColor: p.rule, backgroundColor: p.ground, padding: 10 }}>
          {foot}
        </View>
      ) : null}
    </View>
  );
}
