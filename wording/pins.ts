/** Single limbs, rocks and marks of a spot, in words. */
import type { Pin, Spot } from '../core/records/spot';
import type { PinKind } from '../core/water/terms';
import { capital } from './names';
import { movedText } from './way';
import type { UnitPrefs } from './units';

export const PIN_NAME: Record<PinKind, string> = {
  limb: 'limb',
  stump: 'stump',
  rock: 'rock',
  snag: 'snag',
  hole: 'hole',
  bed: 'bed',
  mark: 'mark',
};

export const PINS = {
  title: 'Pinned here',
  add: 'Pin a limb, a rock, a mark…',
  kind: 'What it is',
  name: 'What you call it, if anything',
  how: 'Bring the cross to it and put the pin there, or touch its place on the plan.',
  put: 'Put the pin here',
  device: 'Where I am now',
  leave: 'No more pins',
  full: 'A spot has 40 pins at the most.',
  takeOut: 'Take it out',
  out: (pin: string, spot: string): string => `${capital(pin)} is taken out of ${spot}.`,
  pinned: (pin: string, spot: string): string => `${capital(pin)} is pinned at ${spot}.`,
  done: (spot: string, way: string): string => `Pinned at ${spot}${way ? `, ${way} of it` : ''}.`,
  farOff: (spot: string, way: string): string =>
    `You are ${way} of ${spot}: too far for a pin of it. Mark it as a place of its own.`,
} as const;

/** What it is called, for the middle of a sentence: “the leaning one” or “limb”. */
export const pinName = (p: Pick<Pin, 'kind' | 'name'>): string => (p.name === '' ? PIN_NAME[p.kind] : `“${p.name}”`);

/** A pin in a list: "Limb “the leaning one”, 40 ft north-east of the spot". */
export function pinText(p: Pin, spot: Spot, u: UnitPrefs): string {
  const way = movedText(spot, p, u);
  return `${capital(PIN_NAME[p.kind])}${p.name === '' ? '' : ` “${p.name}”`}, ${way ? `${way} of the spot` : 'at the spot itself'}`;
}
