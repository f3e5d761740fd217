/** Landing and handling, in sentences. */
import type { LandingStep } from '../core/cautions/landing';

export const LANDING_TITLE = 'Landing and letting go';

export const LANDING_TEXT: Record<LandingStep, string> = {
  'tire-quickly': 'Fight it firmly: a long fight on a light drag costs it more than the hook.',
  'up-the-hole': 'Bring its head into the hole before you lift; keep the line off the edge of the ice.',
  'with-a-wave': 'Let a wave carry it in, and step back with it; never down onto wet stones for a fish.',
  'soft-net': 'Lead it head first into a rubber net that is already in the water.',
  'net-soft-mouth': 'Never swing it: the mouth tears. Lead it head first into a rubber net that is in the water.',
  'two-hands': 'One hand before the tail, one under the belly: never by the jaw alone.',
  'rolling-grip': 'It rolls: take a grip that turns with it, and keep your hands clear of the hooks.',
  'pliers-teeth': 'Long pliers, no fingers in its mouth. Look over the leader: what is nicked or kinked is cut off.',
  'fold-spines': 'Fold the spines of its back down with your palm, from the head.',
  'no-gills': 'The gill covers cut: hold it behind them.',
  jaw: 'Hold it by the lower lip, hanging straight down, or level with a hand under its belly.',
  trebles:
    'Trebles: glasses on, the free hooks away from you, and pliers on the bend. A barb pressed flat comes out by itself.',
  single: 'Turn the hook back the way it went in. Too deep to reach: cut the line close to it.',
  bed: 'It was taken off its bed: let it go at once, where it was.',
  'wet-hands': 'Wet your hands, your board and your net before they touch it.',
  'warm-water':
    'The water is warm for it and holds little breath: keep it under water while you unhook it, no photograph, and let it go within seconds.',
  'from-depth':
    'It comes from deep: if it floats, bring it down again with a weight made for it. When you must let many go, fish shallower.',
  'frozen-gills': 'In frost its gills and eyes freeze in a breath: unhook it in the hole, or leave it in the water.',
  measure: 'Measure it on a wet board, mouth shut, ten seconds out of the water at most: hold your own breath to know.',
  'face-current': 'Hold it upright with its head to the current until it swims out of your hand.',
  'hold-upright': 'Hold it upright and still until it swims out of your hand; do not push it back and forth.',
  law: 'Sizes, seasons, bag limits and what may be let go: local law decides.',
};
