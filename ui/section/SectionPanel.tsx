/** Fits the section into its space and gives it the moment that is shown. */
import { usePathname } from 'expo-router';
import { lazy, Suspense, useMemo, useState, type ComponentProps } from 'react';
import { ScrollView, View, useWindowDimensions } from 'react-native';
import { describeSection } from '../../wording/section';
import { SECTION_PART } from '../../wording/pages/section';
import { useConditions } from '../day/contexts';
import { useDraft } from '../day/draft';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { placeOfPath, type PlaceId } from '../shell/places';
import { useTheme } from '../theme/theme';
import type { Asked } from './KeyPart';
import { usePlayback } from './Playback';
import { SectionDrawing } from './SectionDrawing';
import { useSectionModel } from './useSectionModel';

// Only who asks, and only the wide screen, fetches these.
const KeyPart = lazy(() => import('./KeyPart').then((m) => ({ default: m.KeyPart })));
const DayBoard = lazy(() => import('../shell/DayBoard').then((m) => ({ default: m.DayBoard })));

/** How high the section is on a phone, px: lower where the thumbs need the room. */
export const phoneSectionPx = (place: PlaceId, windowPx: number): number =>
  Math.round(
    place === 'strikes'
      ? Math.min(220, Math.max(140, windowPx * 0.18))
      : Math.min(300, Math.max(190, windowPx * (place === 'lessons' ? 0.24 : 0.31))),
  );

/** Wide, the picture takes this share of the column; the day at a glance has the rest. */
const WIDE_SHARE = 0.43;
/** What not every place draws: the rings of the fish, the wind. */
const DRAWS: Partial<Record<PlaceId, { sight: boolean; wind: boolean }>> = {
  water: { sight: true, wind: true },
  lessons: { sight: false, wind: false },
};

interface Props {
  /** Wide: it fills its column, with the day at a glance below. */
  fill?: boolean;
  /** It stays in sight while something is changed: there is no room for the key then. */
  sticks?: boolean;
}

export function SectionPanel({ fill = false, sticks = false }: Props) {
  const { p, units } = useTheme();
  const { reading } = useConditions();
  const model = useSectionModel(reading);
  // Told of the day as it is stored: not anew with every frame of a drag.
  const words = useMemo(() => (model ? describeSection(model, units) : ''), [model, units]);
  const { atS } = usePlayback();
  const place = placeOfPath(usePathname());
  const window = useWindowDimensions();
  const [size, setSize] = useState({ width: fill ? 0 : window.width, height: 0 });
  // What was asked of one place's picture is not asked of the next one's.
  const [question, setQuestion] = useState<{ place: PlaceId; of: Asked } | null>(null);
  const asked = question?.place === place && !sticks ? question.of : null;
  const setAsked = (of: Asked | null): void => setQuestion(of && { place, of });
  const height = fill ? Math.max(280, size.height * WIDE_SHARE) : phoneSectionPx(place, window.height);
  const { sight, wind } = DRAWS[place] ?? { sight: false, wind: true };
  const ask = (e: MouseEvent & { currentTarget: HTMLElement }): void => {
    const box = e.currentTarget.getBoundingClientRect();
    setAsked({ x: e.clientX - box.left, y: e.clientY - box.top });
  };
  return (
    <View
      style={{ flex: fill ? 1 : undefined, overflow: 'hidden' }}
      onLayout={(e) =>
        setSize({ width: Math.round(e.nativeEvent.layout.width), height: Math.round(e.nativeEvent.layout.height) })
      }
    >
      {model && size.width > 0 ? (
        <View>
          {/* For a finger or a mouse; by keys and by ear the same is in the key. */}
          <View {...({ onClick: ask } as object)}>
            <LiveSection
              model={model}
              words={words}
              width={size.width}
              height={height}
              atS={place === 'retrieve' || place === 'strikes' ? atS : null}
              showSight={sight}
              showWind={wind}
            />
          </View>
          {asked && asked !== 'all' ? <Touched x={asked.x} y={asked.y} /> : null}
          <Press
            label={SECTION_PART.keyTitle}
            expanded={asked === 'all'}
            onPress={() => setAsked(asked === 'all' ? null : 'all')}
            style={{ position: 'absolute', right: 4, bottom: 0, paddingHorizontal: 10 }}
          >
            <Say kind="labelStrong" style={{ color: p.onWater, textDecorationLine: 'underline' }}>
              Key
            </Say>
          </Press>
        </View>
      ) : (
        <View style={{ height: fill ? 300 : 120, backgroundColor: p.water[0], justifyContent: 'center', padding: 20 }}>
          <Say>{SECTION_PART.noWater}</Say>
        </View>
      )}
      {asked && model ? (
        <Suspense fallback={null}>
          <KeyPart
            asked={asked}
            model={model}
            width={size.width}
            height={height}
            sight={sight}
            wind={wind}
            onAll={() => setAsked('all')}
            onClose={() => setAsked(null)}
          />
        </Suspense>
      ) : null}
      {fill && model ? (
        <ScrollView style={{ flex: 1 }} tabIndex={-1}>
          <Suspense fallback={null}>
            <DayBoard />
          </Suspense>
        </ScrollView>
      ) : null}
    </View>
  );
}

const TOUCH_PX = 28;

/** Where the finger asked. */
function Touched({ x, y }: { x: number; y: number }) {
  const { p } = useTheme();
  return (
    <View
      style={{
        position: 'absolute',
        left: x - TOUCH_PX / 2,
        top: y - TOUCH_PX / 2,
        width: TOUCH_PX,
        height: TOUCH_PX,
        borderRadius: TOUCH_PX / 2,
        borderWidth: 2 * p.stroke,
        borderColor: p.onWater,
        pointerEvents: 'none',
      }}
    />
  );
}

/** The drawing, of what is under the finger while a reading is dragged; nothing around it moves then. */
function LiveSection({ model, ...rest }: ComponentProps<typeof SectionDrawing>) {
  const live = useSectionModel(useDraft((d) => d?.reading ?? null));
  return <SectionDrawing model={live ?? model} {...rest} />;
}
