/**
 * What a beginner and a purse ask of each family: how hard it is to fish wrong, 0 (needs a trained hand) – 1 (cast and
 * wind), and what one usually costs, in hundredths of a common money. prior: judgement.
 */
import type { FamilyId } from '../family';

interface Everyday {
  ease: number;
  priceMinor: number;
}
const row = (ease: number, priceMinor: number): Everyday => ({ ease, priceMinor });

/** Ease, 0–1, and usual price in the smallest coin, by kind. */
export const EVERYDAY: Record<FamilyId, Everyday> = {
  'hollow-frog': row(0.6, 900),
  buzzbait: row(0.75, 700),
  popper: row(0.85, 900),
  'walking-bait': row(0.4, 1000),
  'prop-bait': row(0.8, 900),
  'soft-jerk-weightless': row(0.6, 60),
  'floating-minnow': row(0.9, 800),
  'suspending-jerkbait': row(0.55, 1100),
  'sinking-twitchbait': row(0.5, 1000),
  'lipless-vibrating': row(0.85, 700),
  'square-bill': row(0.8, 700),
  'deep-crank': row(0.75, 900),
  'bladed-jig': row(0.75, 800),
  spinnerbait: row(0.95, 600),
  'inline-spinner': row(1, 400),
  'swim-jig': row(0.7, 450),
  paddletail: row(0.95, 200),
  'flipping-jig': row(0.45, 400),
  'texas-rig': row(0.6, 120),
  'finesse-jig': row(0.4, 350),
  'shaky-head': row(0.5, 150),
  'drop-shot': row(0.55, 100),
  'football-jig': row(0.55, 450),
  'carolina-rig': row(0.6, 180),
  'blade-bait': row(0.6, 550),
  'casting-spoon': row(0.95, 400),
  'slender-metal': row(0.85, 700),
  'bucktail-jig': row(0.65, 400),
  'shrimp-imitation': row(0.7, 250),
  'popping-cork-shrimp': row(1, 600),
  'panfish-jig-straight': row(0.75, 80),
  'panfish-jig-action': row(0.9, 90),
  'ice-lipless': row(0.75, 800),
  'ice-gliding-jig': row(0.7, 800),
  'ice-rattle-spoon': row(0.85, 600),
  'ice-flutter-spoon': row(0.8, 500),
  'ice-slender-spoon': row(0.8, 450),
  'ice-dead-stick': row(1, 100),
  'vertical-metal-jig': row(0.8, 900),
  'big-swimbait': row(0.6, 2500),
  'small-swimbait': row(0.85, 150),
  'towed-plug': row(0.7, 1300),
  'towed-natural-bait': row(0.6, 900),
};
