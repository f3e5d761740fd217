/** Fits the section into its space and gives it the moment that is shown. */
import { usePathname } from 'expo-router';
import { useMemo, useState, type ComponentProps } from 'react';
import { View, useWindowDimensions } from 'react-native';
import { describeSection } from '../../wording/section';
import { useConditions } from '../day/contexts';
import { useDraft } from '../day/draft';
import { Say } from '../parts/Say';
import { placeOfPath, type PlaceId } from '../shell/places';
import { useTheme } from '../theme/theme';
import { usePlayback } from './Playback';
import { SectionDrawing } from './SectionDrawing';
import { useSectionModel } from './useSectionModel';

const MIN_WORDS_PX = 110;

/** How high the section is on a phone, px: lower where the thumbs need the room. */
export const phoneSectionPx = (place: PlaceId, windowPx: number): number =>
  Math.round(
    place === 'strikes'
      ? Math.min(220, Math.max(140, windowPx * 0.18))
      : Math.min(300, Math.max(190, windowPx * (place === 'lessons' ? 0.24 : 0.31))),
  );

export function SectionPanel({ fill = false }: { fill?: boolean }) {
  const { p, units } = useTheme();
  const { reading } = useConditions();
  const model = useSectionModel(reading);
  // Told of the day as it is stored: not anew with every frame of a drag.
  const words = useMemo(() => (model ? describeSection(model, units) : ''), [model, units]);
  const { atS } = usePlayback();
  const place = placeOfPath(usePathname());
  const window = useWindowDimensions();
  // The words below take what they need; the drawing gets the rest.
  const [wordsPx, setWordsPx] = useState(MIN_WORDS_PX);
  const [size, setSize] = useState({ width: fill ? 0 : window.width, height: 0 });
  const height = fill ? Math.max(300, size.height - wordsPx) : phoneSectionPx(place, window.height);
  return (
    <View
      style={{ flex: fill ? 1 : undefined, overflow: 'hidden' }}
      onLayout={(e) =>
        setSize({ width: Math.round(e.nativeEvent.layout.width), height: Math.round(e.nativeEvent.layout.height) })
      }
    >
      {model && size.width > 0 ? (
        <LiveSection
          model={model}
          words={words}
          width={size.width}
          height={height}
          atS={place === 'retrieve' || place === 'strikes' ? atS : null}
          showSight={place === 'water'}
          showWind={place !== 'lessons'}
        />
      ) : (
        <View style={{ height: fill ? 300 : 120, backgroundColor: p.water[0], justifyContent: 'center', padding: 20 }}>
          <Say>No water yet: start a day on a water and the section through it appears here.</Say>
        </View>
      )}
      {fill && model ? (
        <View
          style={{ padding: 16, flexShrink: 0 }}
          onLayout={(e) => setWordsPx(Math.max(MIN_WORDS_PX, Math.ceil(e.nativeEvent.layout.height)))}
        >
          <Say kind="label" tone="soft">
            {words}
          </Say>
        </View>
      ) : null}
    </View>
  );
}

/** The drawing, of what is under the finger while a reading is dragged; nothing around it moves then. */
function LiveSection({ model, ...rest }: ComponentProps<typeof SectionDrawing>) {
  const live = useSectionModel(useDraft((d) => d?.reading ?? null));
  return <SectionDrawing model={live ?? model} {...rest} />;
}
