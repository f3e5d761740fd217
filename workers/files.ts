/** The third worker: files from elsewhere are read here, so that a long or a hostile one never holds the page. */
import { readGeoJson } from '../core/exchange/places/geoJson';
import { readGpx } from '../core/exchange/places/readGpx';
import type { PlacesFile } from '../core/exchange/places/found';

export const filesApi = {
  /** A file of places, by what it begins with. */
  places: (text: string): PlacesFile => (/^[\s\uFEFF]*[{[]/.test(text) ? readGeoJson(text) : readGpx(text)),
};
export type FilesApi = typeof filesApi;
