/** The photos of a day: on its page, and on the sheet for a friend. */
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { StrikeEvent } from '../../core/records/event';
import type { Photo } from '../../core/records/photo';
import { photoOfText } from '../../wording/events';
import { PHOTOS } from '../../wording/pages/photos';
import { Part } from '../parts/Box';
import { Ink } from '../parts/Paper';
import { Picture } from '../platform/Picture';
import { useTheme } from '../theme/theme';
import { PhotoGrid } from './PhotoGrid';
import { usePhotosOf, usePicture } from './usePhotos';

export interface DayPhotosProps {
  events: readonly StrikeEvent[];
  zone: string;
}

export function DayPhotos({ events, zone }: DayPhotosProps) {
  const photos = usePhotosOf(useMemo(() => events.map((e) => e.id), [events]));
  const { units } = useTheme();
  // The last one deleted leaves its way back.
  const [any, setAny] = useState(false);
  if (photos.length > 0 && !any) setAny(true);
  if (photos.length === 0 && !any) return null;
  return (
    <Part title={PHOTOS.title}>
      <PhotoGrid
        photos={photos}
        whatOf={(x) =>
          photoOfText(
            events.find((e) => e.id === x.eventId)!,
            zone,
            units,
          )
        }
        captions
      />
    </Part>
  );
}

/** So many have room on the sheet beside all else. */
const ON_SHEET = 4;

/** Some of them for the sheet: the longest fish first. */
export function SheetPhotos({ photos, events, zone }: DayPhotosProps & { photos: readonly Photo[] }) {
  const { units } = useTheme();
  const shown = useMemo(() => {
    const eventOf = new Map(events.map((e) => [e.id, e]));
    return photos
      .map((photo) => ({ photo, event: eventOf.get(photo.eventId)! }))
      .sort((a, b) => (b.event.lengthM ?? 0) - (a.event.lengthM ?? 0))
      .slice(0, ON_SHEET);
  }, [events, photos]);
  if (shown.length === 0) return null;
  return (
    <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
      {shown.map(({ photo, event }) => (
        <OnSheet key={photo.id} photo={photo} text={photoOfText(event, zone, units)} />
      ))}
    </View>
  );
}

function OnSheet({ photo, text }: { photo: Photo; text: string }) {
  const url = usePicture(photo.id);
  if (!url) return null;
  return (
    <View style={{ flexBasis: 132, flexGrow: 1, maxWidth: 200 }}>
      <Picture url={url} alt={text} style={{ width: '100%', aspectRatio: '4 / 3', objectFit: 'cover' }} />
      <Ink>{text}</Ink>
    </View>
  );
}
