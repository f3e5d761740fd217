/** The photos of one event: small, each opened by a touch; one more added; one deleted brought back. */
import { View } from 'react-native';
import { MAX_PHOTOS } from '../../core/records/photo';
import { PHOTOS } from '../../wording/pages/photos';
import { Button } from '../parts/Buttons';
import { Glyph } from '../parts/Glyph';
import { Say } from '../parts/Say';
import { PhotoGrid } from './PhotoGrid';
import { useEventPhotos } from './usePhotos';

export function EventPhotos({ eventId, what }: { eventId: string; what: string }) {
  const { photos, added, add } = useEventPhotos(eventId);
  return (
    <View style={{ gap: 8 }}>
      <PhotoGrid photos={photos} whatOf={() => what} />
      {photos.length < MAX_PHOTOS ? (
        <Button
          title={photos.length === 0 ? PHOTOS.add : PHOTOS.addAnother}
          label={`${photos.length === 0 ? PHOTOS.add : PHOTOS.addAnother}: ${what}`}
          icon={<Glyph name="camera" size={20} />}
          disabled={added === 'storing'}
          onPress={() => void add()}
        />
      ) : null}
      {added ? (
        <Say
          role={added === 'stored' || added === 'storing' ? 'status' : 'alert'}
          kind="label"
          tone={added === 'stored' ? 'moss' : 'ink'}
        >
          {PHOTOS[added]}
        </Say>
      ) : null}
      {photos.length > 0 ? (
        <Say kind="label" tone="soft">
          {PHOTOS.about}
        </Say>
      ) : null}
    </View>
  );
}
