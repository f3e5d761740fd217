/** A record's ZIP: what is a photo's picture comes out by its id, nothing else does, and no bytes break the reader. */
import { strToU8, zipSync } from 'fflate';
import { seededRandom } from '../base/random';
import { isJpeg, photoFile } from '../log/photos';
import { MAX_PHOTO_BYTES } from '../records/photo';
import { RECORD_IN_ZIP } from './bookDocument';
import { readRecordZip } from './recordZip';

const jpeg = (n: number): Uint8Array => {
  const bytes = new Uint8Array(n + 4).fill(n % 256);
  bytes.set([0xff, 0xd8, 0xff, 0xe0]);
  return bytes;
};

test('the document and each picture by its photo’s id, to the byte', () => {
  const ids = ['a', 'with/slash', '..', 'constructor', 'Ä b'];
  const files = Object.fromEntries(ids.map((id, i) => [photoFile(id), jpeg(50 + i)]));
  const { text, pictures } = readRecordZip(zipSync({ [RECORD_IN_ZIP]: strToU8('{"é":1}'), ...files }));
  expect(text).toBe('{"é":1}');
  expect(Object.keys(pictures).sort()).toEqual([...ids].sort());
  ids.forEach((id, i) => expect([...pictures[id]!]).toEqual([...jpeg(50 + i)]));
});

test('what is no JPEG, lies elsewhere or is larger than any photo stays out; so does a document that is not there', () => {
  const { text, pictures } = readRecordZip(
    zipSync({
      'photos/a.jpg': strToU8('<svg onload="x()"/>'),
      '../photos/b.jpg': jpeg(9),
      'photos/c/d.jpg': jpeg(9),
      'photos/%E0%A4%A.jpg': jpeg(9),
      'photos/e.jpg': jpeg(MAX_PHOTO_BYTES),
      'other/record.json': strToU8('{}'),
      'photos/f.jpg': jpeg(9),
    }),
  );
  expect(text).toBeNull();
  expect(Object.keys(pictures)).toEqual(['f']);
});

test('ten thousand broken files: refused or read in part, never a picture that is none', () => {
  const random = seededRandom(5);
  const whole = zipSync({ [RECORD_IN_ZIP]: strToU8('{"records":{}}'), 'photos/a.jpg': jpeg(300) });
  let refused = 0;
  let wrong = 0;
  for (let n = 0; n < 10_000; n++) {
    const bytes = whole.slice(0, random() < 0.3 ? Math.floor(random() * whole.length) : whole.length);
    for (let k = 0; k < 4; k++) bytes[Math.floor(random() * bytes.length)] = Math.floor(256 * random());
    try {
      for (const picture of Object.values(readRecordZip(bytes).pictures)) if (!isJpeg(picture)) wrong++;
    } catch {
      refused++;
    }
  }
  expect(wrong).toBe(0);
  expect(refused).toBeGreaterThan(1000);
});
