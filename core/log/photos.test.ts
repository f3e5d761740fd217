/** Photos by their events; names of their files; what a device need not keep. */
import { applyPuts, emptyBook, put, takeBackPuts } from '../records';
import { MAX_PHOTOS, photoRecord, type Photo } from '../records/photo';
import { isJpeg, photoFile, photoOfFile, photosOf, roomForPhoto, unneededPictures } from './photos';

const photo = (id: string, eventId: string, atMs = 1): Photo => ({
  id,
  eventId,
  atMs,
  widthPx: 1600,
  heightPx: 1200,
  bytes: 300_000,
});
const bookOf = (...all: Photo[]) =>
  applyPuts(
    emptyBook(),
    all.map((x) => put('photo', x)),
  );

test('photos of some events in the order they were added, without what was taken back', () => {
  const book = bookOf(photo('c', 'e1', 3), photo('b', 'e1', 1), photo('a', 'e1', 1), photo('d', 'e2', 2));
  expect(photosOf(book, ['e1']).map((x) => x.id)).toEqual(['a', 'b', 'c']);
  const less = applyPuts(book, takeBackPuts(book, 'b', 9));
  expect(photosOf(less, ['e1', 'e2']).map((x) => x.id)).toEqual(['a', 'd', 'c']);
  expect(photosOf(book, [])).toEqual([]);
});

test('no more stand with one event than it may have', () => {
  const full = bookOf(...Array.from({ length: MAX_PHOTOS }, (_, i) => photo(`p${i}`, 'e1', i)));
  expect(roomForPhoto(full, 'e1')).toBe(false);
  expect(roomForPhoto(full, 'e2')).toBe(true);
  expect(roomForPhoto(applyPuts(full, takeBackPuts(full, 'p0', 9)), 'e1')).toBe(true);
});

test('a file’s name leads back to its photo, whatever the id; no id leads out of its folder', () => {
  for (const id of ['0f-1', 'a/b', '../../x', 'Ä ö%2F', '..']) {
    expect(photoFile(id).split('/')).toHaveLength(2);
    expect(photoOfFile(photoFile(id))).toBe(id);
  }
  for (const name of ['photos/a.png', 'a.jpg', 'photos/x/a.jpg', 'photos/%E0%A4%A.jpg', 'photos/.jpg', ''])
    expect(photoOfFile(name)).toBeNull();
});

test('only what begins as a JPEG is taken for one', () => {
  expect(isJpeg(Uint8Array.of(0xff, 0xd8, 0xff, 0xe0))).toBe(true);
  expect(isJpeg(new TextEncoder().encode('<svg onload="x()"/>'))).toBe(false);
  expect(isJpeg(new Uint8Array())).toBe(false);
});

test('a device need not keep what was taken back or never stood; ids that every object has are no photos', () => {
  const book = bookOf(photo('a', 'e1'), photo('b', 'e1'));
  const less = applyPuts(book, takeBackPuts(book, 'a', 9));
  expect(unneededPictures(less, ['a', 'b', 'x', 'toString'])).toEqual(['a', 'x', 'toString']);
});

test('a record says how large its picture is, within what is kept', () => {
  const ok = (change: Partial<Photo>): boolean =>
    photoRecord.schema.safeParse({ ...photo('a', 'e1'), ...change }).success;
  expect(ok({})).toBe(true);
  expect([ok({ widthPx: 0 }), ok({ heightPx: 9000 }), ok({ bytes: 0 }), ok({ widthPx: 1.5 })]).toEqual([
    false,
    false,
    false,
    false,
  ]);
});
