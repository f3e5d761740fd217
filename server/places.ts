/** Which addresses are places of the application, by the list that the build leaves beside its page. */
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';

/** Made by the build: one path a place, `*` for a piece that may be anything. */
export const PLACES_FILE = 'places.json';

const piecesOf = (address: string): string[] => address.split('/').filter((piece) => piece !== '');

/** Whether an address is a place; a build without a list has any address as one. */
export function placesIn(root: string): (address: string) => boolean {
  const file = path.join(root, PLACES_FILE);
  if (!existsSync(file)) return () => true;
  const places = z
    .array(z.string())
    .parse(JSON.parse(readFileSync(file, 'utf8')))
    .map(piecesOf);
  return (address) => {
    const asked = piecesOf(address);
    return places.some((p) => p.length === asked.length && p.every((piece, i) => piece === '*' || piece === asked[i]));
  };
}
