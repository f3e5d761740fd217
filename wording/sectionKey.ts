/** What each thing in the section is and what it says here: one sentence for the key, and for a touch on the thing. */
import type { Bottom } from '../core/water/terms';
import { ACCESS_NAME, BOTTOM_NAME, capital, COVER_NAME, EVENT_NAME } from './names';
import type { EventKind } from '../core/records/event';
import { countsAt, flowText, holdingPhrase, isAcross, type SectionFacts } from './section';
import { say, type UnitPrefs } from './units';

export const SECTION_THINGS = [
  'band',
  'fish',
  'sees',
  'feels',
  'sighted',
  'path',
  'range',
  'other',
  'reach',
  'layer',
  'mark',
  'aim',
  'rise',
  'cover',
  'current',
  'wind',
  'stand',
  'bottom',
] as const;
/** Something that stands in the section. */
export type SectionThing = (typeof SECTION_THINGS)[number];

/** What the key needs beside what the section is told with. */
export interface KeyFacts extends SectionFacts {
  bottom: Bottom;
  attenuationPerM: number;
  marks: readonly { kind: EventKind }[];
}

export interface KeyEntry {
  thing: SectionThing;
  /** What it looks like. */
  sign: string;
  /** What it is, and what it says here. */
  text: string;
}

const SQUEEZED = 'Depth is drawn larger than distance, so a circle looks narrow.';

/** Everything that is drawn, from the fish outwards. `shows`: what not every place draws. */
export function sectionKey(s: KeyFacts, u: UnitPrefs, shows: { sight: boolean; wind: boolean }): KeyEntry[] {
  const out: KeyEntry[] = [];
  const add = (thing: SectionThing, sign: string, text: string): void => {
    out.push({ thing, sign, text });
  };
  const own = countsAt(s, u);
  add(
    'band',
    'Pale band',
    `How deep the fish are expected, ${say.depthBand(s.bandM, u)}. ${own ? `This lure counts ${own}: they come to it.` : 'In it a lure counts as in the zone.'}`,
  );
  if (s.layers.length === 0)
    add('fish', 'Fish', `Where they are likeliest now: ${holdingPhrase(s.holding, s.cover.kind)}.`);
  if (shows.sight) {
    add('sees', 'Dashed ring', `From so far off a fish sees a lure: ${say.depth(s.sightM, u)}. ${SQUEEZED}`);
    add('feels', 'Dotted ring', `From so far off it feels a lure that thumps: ${say.depth(s.feltM, u)}.`);
    add(
      'sighted',
      'Short dashes',
      `A white lure goes out of sight at ${say.depth(s.clarityM, u)}; a tenth of the light is left at ${say.depth(Math.LN10 / s.attenuationPerM, u)}.`,
    );
  }
  if (s.path) {
    add(
      'path',
      'Copper line',
      `The way of the lure: solid ${own ? 'where it counts' : 'among the fish'}, dotted above or below. White dots under it: it touches something.`,
    );
    if (s.path.range)
      add(
        'range',
        'Shaded',
        'It may run anywhere in here, nine times in ten: lures of a kind differ, and so does the drag of line.',
      );
  }
  if (s.other) add('other', 'Thin white line', 'The way of the plan that you put aside.');
  if (s.reaches.length > 0)
    add(
      'reach',
      'Upright bars, by number',
      'Where a lure can be kept; the lure itself stands where it does best. Copper: in hand. Dashes: it hangs up often.',
    );
  if (s.layers.length > 0)
    add('layer', 'Bars lying', 'Strikes in 100 casts at that depth. Pale: fewer than 30 casts, too few to go by.');
  if (s.marks.length > 0)
    add(
      'mark',
      'Small signs',
      'What you logged, where the lure was then. A ring is a fish that was on, a bare hook one that missed.',
    );
  if (s.targetM !== null) add('aim', 'Flag', `What you aim at, ${say.distance(s.targetM, u)} off.`);
  if (s.over !== null)
    add(
      'rise',
      'Rise',
      `What you said rises on the way: ${say.distance(s.over.atM, u)} off, up to ${say.depth(s.over.topM, u)} below the surface.`,
    );
  if (s.cover.kind !== 'none')
    add('cover', capital(COVER_NAME[s.cover.kind]), `The cover, ${say.percent(s.cover.density)} dense.`);
  const flow = (what: 'current' | 'wind', mps: number, angleDeg: number): void =>
    add(
      what,
      isAcross(angleDeg) ? 'Ring with a dot' : what === 'wind' ? 'Dark arrow' : 'White arrow',
      `${capital(flowText(what, mps, angleDeg, u))}.`,
    );
  if (s.currentMps >= 0.02) flow('current', s.currentMps, s.currentAngleDeg);
  if (shows.wind && s.windMps >= 0.5) flow('wind', s.windMps, s.windAngleDeg);
  add('stand', 'You', `${capital(ACCESS_NAME[s.access])}; the rod tip ${say.depth(s.tipM, u)} above the water.`);
  add('bottom', 'Bottom', `${capital(BOTTOM_NAME[s.bottom])}, ${say.depth(s.depthM, u)} down.`);
  return out;
}

/** One lure's bar. */
export const reachText = (r: KeyFacts['reaches'][number], n: number, u: UnitPrefs): string =>
  `${n} ${r.name}: can be kept from ${r.topM < 0.05 ? 'the top' : say.depth(r.topM, u)} to ${say.depth(r.bottomM, u)}, does best at ${r.atM < 0.05 ? 'the top' : say.depth(r.atM, u)}${r.snag > 0.12 ? ', and hangs up often' : ''}.`;

/** One layer of the record. */
export const layerText = (l: KeyFacts['layers'][number], u: UnitPrefs): string =>
  `${say.depthBand([l.topM, l.bottomM], u)}: ${(100 * l.perCast).toFixed(1)} strikes in 100 casts, from ${l.casts} casts.`;

/** One sign of the log. */
export const markText = (kind: EventKind): string => `${capital(EVENT_NAME[kind])}: the lure was here.`;

/** Open water at a depth. */
export const waterAt = (depthM: number, attenuationPerM: number, u: UnitPrefs): string =>
  `${say.depth(depthM, u)} down: ${say.percent(Math.exp(-attenuationPerM * depthM))} of the light at the surface is left here.`;

export const OVER_WATER = 'Over the water: the air, your rod and your line.';
