/** The photos of a day: on its page, and on the sheet for a friend. */
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import type { StrikeEvent } from '../../core/records/event';
import type { Photo } from '../../core/records/photo';
import { photoOfText } from '../../wording/events';
import { PHOTOS } from '../../wording/pages/photos';
import { Part } from '../parts/Box';
import { Button, Choices } from '../parts/Buttons';
import { Ink } from '../parts/Paper';
import { Say } from '../parts/Say';
import { Picture } from '../platform/Picture';
import { useTheme } from '../theme/theme';
import { PhotoGrid } from './PhotoGrid';
import { usePhotoGone, usePhotosOf, usePicture } from './usePhotos';

export interface DayPhotosProps {
  events: readonly StrikeEvent[];
  zone: string;
}

export function DayPhotos({ events, zone }: DayPhotosProps) {
  const photos = usePhotosOf(useMemo(() => events.map((e) => e.id), [events]));
  const { bringBack } = usePhotoGone();
  const { units } = useTheme();
  const [gone, setGone] = useState<string | null>(null);
  if (photos.length === 0 && !gone) return null;
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
        onRemoved={setGone}
      />
      {gone ? (
        <View role="status">
          <Say kind="label">{PHOTOS.removed}</Say>
          <Button
            title={PHOTOS.bringBack}
            onPress={() => {
              bringBack(gone);
              setGone(null);
            }}
          />
        </View>
      ) : null}
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

/** Whether the sheet shows them. */
export const SheetPhotosChoice = ({ value, onChange }: { value: boolean; onChange: (on: boolean) => void }) => (
  <View style={{ gap: 4 }}>
    <Say kind="strong">{PHOTOS.inReport}</Say>
    <Choices
      label={PHOTOS.inReport}
      options={[
        { value: 'on', title: PHOTOS.onSheet },
        { value: 'off', title: PHOTOS.offSheet },
      ]}
      value={value ? 'on' : 'off'}
      onChange={(v) => onChange(v === 'on')}
    />
  </View>
);
