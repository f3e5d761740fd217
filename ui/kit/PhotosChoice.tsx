/** Whether photos go along into a file, with how many there are and how much they take. */
import { useMemo } from 'react';
import { photosOf } from '../../core/log/photos';
import { standing } from '../../core/records';
import type { Photo } from '../../core/records/photo';
import { KIT_PAGE } from '../../wording/pages/kit';
import { useBook } from '../day/contexts';
import { YesNoChoice } from '../parts/YesNoChoice';

/** The photos of all that stands in the log. */
export function useStandingPhotos(): readonly Photo[] {
  const { photo, event, tombstone } = useBook();
  return useMemo(() => {
    if (Object.keys(photo).length === 0) return [];
    return photosOf(
      { photo, tombstone },
      standing({ event, tombstone }, 'event').map((e) => e.id),
    );
  }, [photo, event, tombstone]);
}

interface PhotosChoiceProps {
  photos: readonly Photo[];
  value: boolean;
  onChange: (on: boolean) => void;
}

export function PhotosChoice({ photos, value, onChange }: PhotosChoiceProps) {
  if (photos.length === 0) return null;
  const bytes = photos.reduce((s, x) => s + x.bytes, 0);
  return (
    <YesNoChoice
      label={KIT_PAGE.photosInFile}
      yes={KIT_PAGE.withPhotos(photos.length, bytes)}
      no={KIT_PAGE.withoutPhotos}
      value={value}
      onChange={onChange}
    />
  );
}
