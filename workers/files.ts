/** The third worker: files from elsewhere are read here, so that a long or a hostile one never holds the page. */
import { readGeoJson } from '../core/exchange/places/geoJson';
import { readGpx } from '../core/exchange/places/readGpx';
import { lookAtCatches } from '../core/exchange/catches/look';
import { readTable } from '../core/exchange/table';
import type { PlacesFile } from '../core/exchange/places/found';

export const filesApi = {
  /** A file of places, by what it begins with. */
  places: (text: string): PlacesFile => (/^[\s\uFEFF]*[{[]/.test(text) ? readGeoJson(text) : readGpx(text)),
  /** The names of a table's columns, from its beginning. */
  catchColumns: (head: string): string[] => readTable(head).columns,
  /** A list of catches, and the days it would make. */
  catches: lookAtCatches,
};
export type FilesApi = typeof filesApi;
