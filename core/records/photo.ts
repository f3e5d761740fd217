/** A photo of what happened on a cast: what the book knows of it. The picture itself is kept beside the book. */
import * as z from 'zod';
import { defineRecord } from './define';
import { id, ms } from './fields';

/** So many may stand with one event. */
export const MAX_PHOTOS = 6;
/** The longer side of a picture that is kept, px, and its bytes at the most. */
export const MAX_PHOTO_PX = 1600;
export const MAX_PHOTO_BYTES = 8_000_000;

const px = z.number().int().min(1).max(MAX_PHOTO_PX);

export const photoRecord = defineRecord('photo', () =>
  z.strictObject({
    id,
    eventId: id,
    /** When it was put with its event. */
    atMs: ms,
    widthPx: px,
    heightPx: px,
    bytes: z.number().int().min(1).max(MAX_PHOTO_BYTES),
  }),
);
export type Photo = z.infer<typeof photoRecord.schema>;
