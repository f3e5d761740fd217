/** The photos of one event, and what is done with them. */
import { useEffect, useMemo, useState } from 'react';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { photosOf, roomForPhoto } from '../../core/log/photos';
import { bringBackPuts, put, takeBackPuts } from '../../core/records';
import type { Photo } from '../../core/records/photo';
import { devicePictures, freePictures, pictureQuery, sweepPictures } from '../../data/devicePictures';
import { reportTrouble } from '../../data/troubles';
import { useCommitter } from '../../data/useBook';
import { useBook } from '../day/contexts';
import { useDayClock } from '../day/useDayClock';
import { realNowMs } from '../platform/clock';
import { pickFile } from '../platform/files';
import { newId } from '../platform/ids';
import { askToKeep } from '../platform/persistence';
import { scaledPicture } from '../platform/scaled';

/** How adding one went. */
export type Added = 'storing' | 'stored' | 'unreadable' | 'refused' | 'full';

export interface EventPhotos {
  photos: readonly Photo[];
  /** Of the last one that was added here; null: none was. */
  added: Added | null;
  add: () => Promise<void>;
}

/** The photos of these events. */
export function usePhotosOf(eventIds: readonly string[]): readonly Photo[] {
  const { photo, tombstone } = useBook();
  return useMemo(() => photosOf({ photo, tombstone }, eventIds), [photo, tombstone, eventIds]);
}

export function useEventPhotos(eventId: string): EventPhotos {
  const ids = useMemo(() => [eventId], [eventId]);
  const photos = usePhotosOf(ids);
  const now = useDayClock();
  const { record, current } = useCommitter();
  const [added, setAdded] = useState<Added | null>(null);
  useEffect(() => void sweepPictures(realNowMs()), []);

  const add = async (): Promise<void> => {
    const file = await pickFile('image/*');
    if (!file) return;
    setAdded('storing');
    try {
      const picture = await scaledPicture(file);
      const book = current();
      if (!picture || !book) return setAdded('unreadable');
      if (!roomForPhoto(book, eventId)) return setAdded('full');
      const { jpeg, ...size } = picture;
      const photo: Photo = { id: newId(), eventId, atMs: now(), ...size, bytes: jpeg.length };
      await devicePictures().keep(photo.id, jpeg, realNowMs());
      const stored = await record((b) => (roomForPhoto(b, eventId) ? [put('photo', photo)] : []));
      // Another page may have filled the last place meanwhile.
      setAdded(!stored ? 'refused' : current()?.photo[photo.id] ? 'stored' : 'full');
      if (stored) void askToKeep();
    } catch (e) {
      reportTrouble('storing a photo', e);
      setAdded('refused');
    }
  };
  return { photos, added, add };
}

/** Takes a photo out of its event, or brings it back. */
export function usePhotoGone(): { remove: (id: string) => void; bringBack: (id: string) => void } {
  const now = useDayClock();
  const { record } = useCommitter();
  return {
    remove: (id) => void record((b) => takeBackPuts(b, id, now())),
    bringBack: (id) => void record((b) => bringBackPuts(b, id, now())),
  };
}

/** The address of a picture; undefined while it is read, null where it is not on this device. */
export function usePicture(id: string): string | null | undefined {
  const client = useQueryClient();
  useEffect(() => freePictures(client), [client]);
  const { data, isError } = useQuery(pictureQuery(id));
  return isError ? null : data;
}
