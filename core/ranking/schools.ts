/**
 * Where good anglers disagree: named choices, never silently picked. Kept per species. The first of each pair of ways
 * is the default: what moves the numbers least, or what the readings weigh by themselves.
 */
export const SCHOOLS = {
  /** Sliding weight: by what the branches ask for, or always left free. */
  peg: ['by-cover', 'free'],
  /** Size against the food: a size up where it is so thick that a match is lost in it, or always the hatch. */
  hatch: ['size-up', 'exact'],
  /** Which end to begin at. */
  order: ['loud-first', 'quiet-first'],
  /** Trebles in wood: by their chance of hanging up, never, or trusting a bill to climb over it. */
  trebles: ['weighed', 'keep-away', 'trust-the-bill'],
  /** On top: as light and warmth have it, only at low light and calm, or at any hour above about 13 °C. */
  topwater: ['weighed', 'low-light', 'any-time'],
  line: ['braid-and-leader', 'fluorocarbon'],
  /** Full fish: both extremes, only slow among them, or only fast through their faces. */
  full: ['either', 'slow', 'fast'],
  /** A school on the screen that lets everything pass: as the mood has it, a reaction forced, or hardly anything. */
  ignored: ['by-mood', 'reaction', 'finesse'],
  /** Colour by food, light and clarity, or one that is trusted. */
  colour: ['match', 'one'],
  /** Moon periods shown beside the hours, or counted among them. */
  moon: ['shown', 'counted'],
  /** A dear lure that works better, or a cheap one where lures die. */
  price: ['works-better', 'cheap-where-lures-die'],
} as const;

export type SchoolId = keyof typeof SCHOOLS;
/** The school followed in each question. */
export type Schools = { [K in SchoolId]: (typeof SCHOOLS)[K][number] };
/** Questions on which good anglers differ. */
export const SCHOOL_IDS = Object.keys(SCHOOLS) as SchoolId[];

/** The school of each that is followed unless told otherwise. */
export const DEFAULT_SCHOOLS = Object.fromEntries(SCHOOL_IDS.map((k) => [k, SCHOOLS[k][0]])) as Schools;

/** What was chosen, over the defaults. */
export const withDefaults = (chosen: Partial<Schools> | null | undefined): Schools => ({
  ...DEFAULT_SCHOOLS,
  ...chosen,
});
