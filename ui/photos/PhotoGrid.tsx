/** Photos as small squares; a touch shows one whole, with what can be done with it; one deleted is brought back. */
import { useState } from 'react';
import { View } from 'react-native';
import type { Photo } from '../../core/records/photo';
import { PHOTOS } from '../../wording/pages/photos';
import { Button } from '../parts/Buttons';
import { Overlay } from '../parts/Overlay';
import { Press } from '../parts/Press';
import { Say } from '../parts/Say';
import { saveUrl } from '../platform/files';
import { Picture } from '../platform/Picture';
import { useTheme } from '../theme/theme';
import { usePhotoGone, usePicture } from './usePhotos';

const SQUARE = 104;

interface PhotoGridProps {
  photos: readonly Photo[];
  /** What a photo shows, in words. */
  whatOf: (photo: Photo) => string;
  /** Words below each, where they stand for different things. */
  captions?: boolean;
}

export function PhotoGrid({ photos, whatOf, captions = false }: PhotoGridProps) {
  const [open, setOpen] = useState<string | null>(null);
  const [gone, setGone] = useState<string | null>(null);
  const { remove, bringBack } = usePhotoGone();
  const at = photos.findIndex((x) => x.id === open);
  const name = (i: number): string => PHOTOS.oneOf(i + 1, photos.length, whatOf(photos[i]!));
  return (
    <View style={{ gap: 8 }}>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 10 }}>
        {photos.map((x, i) => (
          <View key={x.id} style={{ width: SQUARE, gap: 2 }}>
            <Small photo={x} name={name(i)} onPress={() => setOpen(x.id)} />
            {captions ? <Say kind="small">{whatOf(x)}</Say> : null}
          </View>
        ))}
      </View>
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
      <Overlay open={at >= 0} onClose={() => setOpen(null)}>
        {at >= 0 ? (
          <Whole
            key={open}
            photo={photos[at]!}
            name={name(at)}
            previous={at > 0 ? () => setOpen(photos[at - 1]!.id) : null}
            next={at < photos.length - 1 ? () => setOpen(photos[at + 1]!.id) : null}
            onClose={() => setOpen(null)}
            onRemove={(id) => {
              remove(id);
              setGone(id);
              setOpen(null);
            }}
          />
        ) : null}
      </Overlay>
    </View>
  );
}

function Small({ photo, name, onPress }: { photo: Photo; name: string; onPress: () => void }) {
  const { p } = useTheme();
  const url = usePicture(photo.id);
  return (
    <Press
      label={name}
      onPress={onPress}
      style={{
        width: SQUARE,
        height: SQUARE,
        borderRadius: 10,
        overflow: 'hidden',
        borderWidth: p.stroke,
        borderColor: p.edge,
        backgroundColor: p.water[2],
      }}
    >
      {url ? (
        <Picture url={url} alt="" style={{ width: '100%', height: '100%', objectFit: 'cover' }} />
      ) : url === null ? (
        <Say kind="small" style={{ textAlign: 'center', padding: 4 }}>
          {PHOTOS.missing}
        </Say>
      ) : null}
    </Press>
  );
}

function Whole({
  photo,
  name,
  previous,
  next,
  onClose,
  onRemove,
}: {
  photo: Photo;
  name: string;
  previous: (() => void) | null;
  next: (() => void) | null;
  onClose: () => void;
  onRemove: (id: string) => void;
}) {
  const { p } = useTheme();
  const url = usePicture(photo.id);
  return (
    <View
      role="dialog"
      aria-label={name}
      style={{ backgroundColor: p.card, borderRadius: 14, padding: 12, gap: 8, maxWidth: 900, width: '100%' }}
    >
      {url ? (
        <Picture
          url={url}
          alt={name}
          style={{ width: '100%', maxHeight: '56vh', objectFit: 'contain', borderRadius: 8 }}
        />
      ) : url === null ? (
        <Say>{PHOTOS.missingWhy}</Say>
      ) : null}
      <Say kind="strong">{name}</Say>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 8 }}>
        {previous ? <Button title={PHOTOS.previous} onPress={previous} /> : null}
        {next ? <Button title={PHOTOS.next} onPress={next} /> : null}
        {url ? <Button title={PHOTOS.save} onPress={() => saveUrl(`moss-kettle-${photo.id}.jpg`, url)} /> : null}
        <Button title={PHOTOS.remove} onPress={() => onRemove(photo.id)} />
        <Button kind="solid" title={PHOTOS.close} onPress={onClose} />
      </View>
    </View>
  );
}
