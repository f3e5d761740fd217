import type { GlyphName } from '../parts/Glyph';

/** The five places in the order of the day, and the kit beside them. */
export const PLACES = [
  { id: 'water', path: '/', name: 'Water', glyph: 'water' },
  { id: 'lures', path: '/lures', name: 'Lures', glyph: 'lures' },
  { id: 'retrieve', path: '/retrieve', name: 'Retrieve', glyph: 'retrieve' },
  { id: 'strikes', path: '/strikes', name: 'Strikes', glyph: 'strikes' },
  { id: 'lessons', path: '/lessons', name: 'Lessons', glyph: 'lessons' },
  { id: 'kit', path: '/kit', name: 'Kit', glyph: 'kit' },
] as const satisfies readonly { id: string; path: string; name: string; glyph: GlyphName }[];

export type PlaceId = (typeof PLACES)[number]['id'];

export function placeOfPath(path: string): PlaceId {
  return PLACES.find((x) => x.path !== '/' && path.startsWith(x.path))?.id ?? 'water';
}
