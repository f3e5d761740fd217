/** Where good anglers disagree: each way with its reason, and what it would change today. */
import type { SchoolEffect } from '../core/ranking/schoolEffects';
import type { SchoolId, Schools } from '../core/ranking/schools';
import { COLOUR_NAME } from './names';
import type { Colour } from '../core/lures/family';
import type { NameOf } from './choosing';
import { say, type UnitPrefs } from './units';

interface SchoolWords {
  title: string;
  ways: Record<string, { title: string; why: string }>;
}

export const SCHOOL_WORDS: {
  [K in SchoolId]: SchoolWords & { ways: Record<Schools[K], { title: string; why: string }> };
} = {
  peg: {
    title: 'Peg the sliding weight?',
    ways: {
      'by-cover': {
        title: 'When the cover asks',
        why: 'Among thin or matted branches a free weight falls one side of a limb and the bait the other.',
      },
      free: { title: 'Always free', why: 'Left free the bait glides after its weight, and draws more bites.' },
    },
  },
  hatch: {
    title: 'Match the food, or one size up?',
    ways: {
      'size-up': {
        title: 'A size up when bait is thick',
        why: 'Among ten thousand alike, the one a little larger stands out.',
      },
      exact: { title: 'Always the hatch', why: 'Fish that feed on one size have eyes for that size.' },
    },
  },
  order: {
    title: 'Loud first, or quiet first?',
    ways: {
      'loud-first': {
        title: 'Start loud, step down',
        why: 'The loud lure finds the lively fish soonest; the rest can be asked quietly after.',
      },
      'quiet-first': {
        title: 'Start quiet',
        why: 'A quiet lure catches the one that is there and frightens none; try things once fish are found.',
      },
    },
  },
  trebles: {
    title: 'Trebles near wood?',
    ways: {
      weighed: { title: 'As often as they hang', why: 'The chance of a snag counts against them, no more.' },
      'keep-away': { title: 'Keep them away', why: 'A hung lure spoils the best place of the day.' },
      'trust-the-bill': {
        title: 'Trust the bill',
        why: 'Crawled, a bill climbs over a limb before the hooks get there; the knock is what draws the strike.',
      },
    },
  },
  topwater: {
    title: 'When to fish the top?',
    ways: {
      weighed: {
        title: 'As light and warmth have it',
        why: 'Better at low light and calm, worse in the sun, never ruled out.',
      },
      'low-light': {
        title: 'Only at low light and calm',
        why: 'In full sun or chop the minutes are better spent below.',
      },
      'any-time': {
        title: 'Any time it is warm enough',
        why: 'Above about 55 °F (13 °C) a fish will come up at noon if it is under it.',
      },
    },
  },
  line: {
    title: 'Braid with a leader, or fluorocarbon throughout?',
    ways: {
      'braid-and-leader': {
        title: 'Braid and a leader',
        why: 'No stretch: a big single hook is driven home a long way off.',
      },
      fluorocarbon: {
        title: 'Fluorocarbon throughout',
        why: 'Feel and wear in one piece, no knot to fail; its give keeps trebles in.',
      },
    },
  },
  full: {
    title: 'Full fish: slow, or in the face?',
    ways: {
      either: { title: 'Either extreme', why: 'Only the middle fails.' },
      slow: { title: 'Slow and natural', why: 'It can be taken without moving.' },
      fast: { title: 'Fast, through their faces', why: 'It is bitten before it is thought about.' },
    },
  },
  ignored: {
    title: 'A school that ignores everything?',
    ways: {
      'by-mood': {
        title: 'As their mood has it',
        why: 'What they let pass lowers their mood, and the choice follows.',
      },
      reaction: { title: 'Force a reaction', why: 'Fast and hard past their noses: struck before it is judged.' },
      finesse: { title: 'Next to nothing', why: 'Slow, small and quiet, and left there.' },
    },
  },
  colour: {
    title: 'Change the colour, or trust one?',
    ways: {
      match: {
        title: 'Match food, light and clarity',
        why: 'A fish sees contrast first; the water decides what contrasts.',
      },
      one: {
        title: 'One trusted colour',
        why: 'The time is better spent on depth and speed, fished with a good heart.',
      },
    },
  },
  moon: {
    title: 'Plan by the moon?',
    ways: {
      shown: { title: 'Shown, not counted', why: 'The records speak for it weakly.' },
      counted: { title: 'Counted among the hours', why: 'Many who keep long logs swear by it.' },
    },
  },
  price: {
    title: 'Expensive lures where you often lose them?',
    ways: {
      'works-better': { title: 'The one that works better', why: 'Time on the water costs more than tackle.' },
      'cheap-where-lures-die': {
        title: 'The cheap one near snags',
        why: 'Of those about as good, take the one whose fish cost least; then you throw it where the fish are.',
      },
    },
  },
};

const placeText = (n: number | null): string => (n === null ? 'out' : `${n}`);

/** What one way would change today. */
export function effectSentence(e: SchoolEffect, name: NameOf, u: UnitPrefs): string {
  if (e.school === 'moon') return 'It moves the hours of the day, not the lures.';
  const moved = e.moved
    .map((m) =>
      m.to === null
        ? `${name(m.key)} stays in the box`
        : m.from === null
          ? `${name(m.key)} comes in at ${m.to}`
          : `${name(m.key)} ${m.to < m.from ? 'up' : 'down'} from ${placeText(m.from)} to ${placeText(m.to)}`,
    )
    .join(', ');
  const start =
    e.planMoved && e.plan ? `you would start with the ${name(e.plan.start)}, then the ${name(e.plan.follow)}` : '';
  if (moved || start) return `Today: ${[start, moved].filter(Boolean).join('; ')}.`;
  if (e.rig) {
    if (e.rig.field === 'peg')
      return `Today: the weight of the ${name(e.rig.key)} ${e.rig.to ? 'pegged' : 'left free'}; the order stays.`;
    if (e.rig.field === 'colour')
      return `Today: the ${name(e.rig.key)} in ${COLOUR_NAME[e.rig.to as Colour]} instead of ${COLOUR_NAME[e.rig.from as Colour]}; the order stays.`;
    return `Today: the ${name(e.rig.key)} at ${say.size(Number(e.rig.to), u)} instead of ${say.size(Number(e.rig.from), u)}; the order stays.`;
  }
  return e.school === 'order'
    ? 'Today: the same to start with; the ladder turns round.'
    : 'Today it would change nothing.';
}
