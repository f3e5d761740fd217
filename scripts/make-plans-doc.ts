// Writes docs/PLANS.md: plans of situations as an angler would read them. Run after a change to the planner:
// npm run plans
import { writeFileSync } from 'node:fs';
import type { FamilyId } from '../core/lures/family';
import { anglesAfter, bestStand, planFrom } from '../core/castplan/plan';
import { EXAMPLE_PIECES, exampleQuestion, type ExamplePiece } from '../core/fixtures/pieces';
import { planRetrieve } from '../core/planning/plan/plan';
import type { Rise } from '../core/planning/task/request';
import { usualOutfit } from '../core/tackle/outfit';
import { familyById } from '../core/lures/families';
import type { Conditions } from '../core/water/conditions';
import type { Setting, SpeciesId } from '../core/water/terms';
import {
  angleText,
  CAST_PLAN,
  castLine,
  castName,
  castPlanNotes,
  holdText,
  leftOutText,
  orderText,
  pieceLine,
} from '../wording/castPlan';
import { ACCESS_NAME, capital, FAMILY_NAME, SPECIES_NAME } from '../wording/names';
import {
  aimText,
  cadenceText,
  cardRows,
  notCastSentence,
  overText,
  planWay,
  shareSentence,
  wishSentence,
} from '../wording/retrieve';
import { IMPERIAL, say } from '../wording/units';

interface Situation {
  what: string;
  species: SpeciesId;
  family: FamilyId;
  weightKg?: number;
  water: { setting: Setting } & Omit<Conditions['water'], 'setting'>;
  rest?: Omit<Conditions, 'species' | 'water'>;
  targetM?: number;
  over?: Rise;
}

const w = (
  setting: Setting,
  surfaceTempC: number,
  depthM: number,
  fishDepthM: number,
  more: Partial<Conditions['water']> = {},
): Situation['water'] => ({ setting, surfaceTempC, depthM, fishDepthM, windMps: 2, ...more });
const cover = (kind: NonNullable<NonNullable<Conditions['water']['cover']>['kind']>, density: number, more = {}) => ({
  cover: { kind, density, ...more },
});

const SITUATIONS: readonly Situation[] = [
  {
    what: 'Popper at dusk, calm pond',
    species: 'largemouth-bass',
    family: 'popper',
    water: w('pond', 22, 2, 0.8, { waveHeightM: 0, windMps: 0.5 }),
    rest: { month: 6, sky: { sunElevationDeg: 1 } },
  },
  {
    what: 'Popper, neither hot nor cold, spring',
    species: 'largemouth-bass',
    family: 'popper',
    water: w('lake', 16, 2, 1),
    rest: { month: 4 },
  },
  {
    what: 'Walking bait over a schooling flat',
    species: 'striped-bass',
    family: 'walking-bait',
    water: w('inlet', 17, 4, 1),
    rest: { month: 10, behaviour: 'surface-schooling' },
  },
  {
    what: 'Deep crank on a gravel point',
    species: 'largemouth-bass',
    family: 'deep-crank',
    water: w('reservoir', 21, 3.6, 3.4, { bottom: 'gravel' }),
    rest: { month: 6 },
  },
  {
    what: 'Deep crank in mid-water, touching nothing',
    species: 'largemouth-bass',
    family: 'deep-crank',
    water: w('reservoir', 21, 9, 3),
    rest: { month: 6 },
  },
  {
    what: 'Square bill along rock',
    species: 'smallmouth-bass',
    family: 'square-bill',
    water: w('lake', 15, 1.4, 1.2, { bottom: 'rock', ...cover('rock', 0.5) }),
    rest: { month: 4 },
  },
  {
    what: 'Square bill through wood',
    species: 'largemouth-bass',
    family: 'square-bill',
    water: w('reservoir', 17, 1.5, 1.1, cover('wood', 0.3, { branchDiameterM: 0.08 })),
    rest: { month: 4 },
  },
  {
    what: 'Jerkbait in cold clear water',
    species: 'smallmouth-bass',
    family: 'suspending-jerkbait',
    water: w('lake', 7, 4, 2, { clarityM: 3.5 }),
    rest: { month: 3 },
  },
  {
    what: 'Vibrating bait, autumn schools',
    species: 'white-bass',
    family: 'lipless-vibrating',
    water: w('reservoir', 18, 5, 3),
    rest: { month: 10 },
  },
  {
    what: 'Plain panfish jig on brush',
    species: 'crappie',
    family: 'panfish-jig-straight',
    water: w('reservoir', 15, 4.5, 3, cover('brush', 0.5, { branchDiameterM: 0.02 })),
    rest: { month: 4 },
  },
  {
    what: 'Curl-tail panfish jig, willing fish',
    species: 'crappie',
    family: 'panfish-jig-action',
    water: w('reservoir', 18, 4, 2, cover('brush', 0.3, { branchDiameterM: 0.03 })),
    rest: { month: 4, signs: [{ kind: 'bite-on-move', count: 3 }] },
  },
  {
    what: 'Worm pitched into reeds',
    species: 'largemouth-bass',
    family: 'texas-rig',
    water: w('lake', 17, 1, 0.7, cover('reeds', 0.6)),
    rest: { month: 4 },
  },
  {
    what: 'Football jig on a ledge',
    species: 'largemouth-bass',
    family: 'football-jig',
    water: w('reservoir', 23, 6, 5.8, { bottom: 'rock' }),
    rest: { month: 7 },
  },
  {
    what: 'Spinnerbait in wind over wood',
    species: 'largemouth-bass',
    family: 'spinnerbait',
    water: w('lake', 16, 2, 1, { windMps: 6, waveHeightM: 0.2, ...cover('wood', 0.2) }),
    rest: { month: 4 },
  },
  {
    what: 'Blade bait, winter ledge',
    species: 'smallmouth-bass',
    family: 'blade-bait',
    water: w('river', 6, 5, 4.7, { bottom: 'rock', currentMps: 0.15 }),
    rest: { month: 12 },
  },
  {
    what: 'Paddle tail on a knee-deep flat',
    species: 'red-drum',
    family: 'paddletail',
    water: w('flat', 24, 0.8, 0.6, { salinity: 'salt' }),
    rest: { month: 5 },
  },
  {
    what: 'Twitch bait on a spring flat',
    species: 'spotted-seatrout',
    family: 'sinking-twitchbait',
    water: w('flat', 22, 1.5, 0.8),
    rest: { month: 4 },
  },
  {
    what: 'Shrimp below a popping cork',
    species: 'spotted-seatrout',
    family: 'popping-cork-shrimp',
    water: w('back-bay', 24, 1.8, 1, { clarityM: 0.5 }),
    rest: { month: 6 },
  },
  {
    what: 'Bucktail in an inlet',
    species: 'striped-bass',
    family: 'bucktail-jig',
    weightKg: 0.0425,
    water: w('inlet', 14, 5, 4, { currentMps: 0.6 }),
    rest: { month: 10 },
  },
  {
    what: 'Metal from the beach',
    species: 'bluefish',
    family: 'slender-metal',
    weightKg: 0.0567,
    water: w('surf', 17, 3, 1.5, { waveHeightM: 0.6 }),
    rest: { month: 9, access: 'surf' },
  },
  {
    what: 'Spoon counted down for lake trout from the bank',
    species: 'lake-trout',
    family: 'casting-spoon',
    water: w('lake', 8, 10, 6),
    rest: { month: 4, access: 'bank' },
  },
  {
    what: 'Frog over pads',
    species: 'largemouth-bass',
    family: 'hollow-frog',
    water: w('pond', 25, 1.2, 0.5, { waveHeightM: 0, ...cover('pads', 0.7) }),
    rest: { month: 7 },
  },
  {
    what: 'Weightless soft bait in shallow grass holes',
    species: 'largemouth-bass',
    family: 'soft-jerk-weightless',
    water: w('lake', 20, 1.2, 0.8, cover('submerged-grass', 0.3, { topDepthM: 0.8 })),
    rest: { month: 5 },
  },
  {
    what: 'Bed fish, the small soft bait',
    species: 'largemouth-bass',
    family: 'finesse-jig',
    water: w('lake', 18, 1.5, 1.4, { clarityM: 3 }),
    rest: { month: 4, behaviour: 'guarding', signs: [{ kind: 'hit-at-once', count: 1 }] },
  },
  {
    what: 'Minnow at night over a shallow edge, a rock at 60 ft',
    species: 'walleye',
    family: 'floating-minnow',
    water: w('lake', 12, 2, 0.8),
    rest: { month: 10, sky: { sunElevationDeg: -20 } },
    targetM: 18,
  },
  {
    what: 'Paddle tail over a boulder at 45 ft',
    species: 'smallmouth-bass',
    family: 'paddletail',
    water: w('lake', 17, 4.5, 3, { bottom: 'rock' }),
    rest: { month: 6 },
    over: { atM: 13.7, topM: 2.4 },
  },
  {
    what: 'Spoon over deep warm-water schools',
    species: 'striped-bass',
    family: 'casting-spoon',
    weightKg: 0.0283,
    water: w('reservoir', 24, 12, 7),
    rest: { month: 8 },
  },
  {
    what: 'Rattle spoon through the ice',
    species: 'walleye',
    family: 'ice-rattle-spoon',
    water: w('ice', 1, 7, 6),
    rest: { month: 1, access: 'ice' },
  },
  {
    what: 'Plug towed over marks at 26 ft',
    species: 'lake-trout',
    family: 'towed-plug',
    water: w('lake', 9, 20, 8, {}),
    rest: { month: 5, marks: [{ depthM: 8, count: 4 }] },
  },
];

const rows = SITUATIONS.map((s) => {
  const kg = s.weightKg ?? familyById(s.family).weightKg[1];
  const plan = planRetrieve({
    conditions: { species: s.species, water: s.water, ...s.rest } as Conditions,
    lure: { family: s.family, weightKg: s.weightKg ?? null },
    ...usualOutfit(kg),
    ...(s.targetM ? { targetM: s.targetM } : {}),
    ...(s.over ? { over: s.over } : {}),
  });
  const card = cardRows(plan, IMPERIAL)
    .map(([k, v]) => `${k} ${v}`)
    .join('; ');
  const aimed = s.targetM ? aimText(plan, s.targetM, IMPERIAL) : null;
  const over = plan.over ? overText(plan.over, IMPERIAL) : null;
  return `### ${s.what}

${capital(FAMILY_NAME[s.family])}, ${say.weight(plan.presentation.rig.weightKg, IMPERIAL)}, for ${SPECIES_NAME[s.species]} at ${say.depthBand(plan.bandM, IMPERIAL)} in ${say.depth(s.water.depthM!, IMPERIAL)} of water at ${say.temp(s.water.surfaceTempC!, IMPERIAL)}.

- **Hands**: ${card}; ${cadenceText(plan.presentation.cadence)}.
- **What comes of it**: ${planWay(plan) === 'cast' ? shareSentence(plan, IMPERIAL) : notCastSentence(plan, IMPERIAL)} ${[
    aimed,
    over,
  ]
    .filter(Boolean)
    .map((t) => `${t} `)
    .join(
      '',
    )}${plan.phaseS.deflection > 1 ? `Knocks for ${say.seconds(Math.round(plan.phaseS.deflection))}. ` : ''}${plan.bottomS > 1 ? `On the bottom or the limbs for ${say.seconds(Math.round(plan.bottomS))}.` : ''}
- **Why**: ${wishSentence(plan, plan.hands.style, IMPERIAL)}`;
});

/** The casts at a piece of cover, as sentences. */
function pieceText(x: ExamplePiece): string {
  const q = exampleQuestion(x);
  const stand = bestStand(q);
  if (!stand) throw new Error(`nowhere to fish ${x.piece.name} from`);
  const plan = planFrom(q, stand);
  const casts = plan.casts.map(
    (c, i) => `${i + 1}. ${castName(x.piece, c, x.access)}: ${castLine(x.piece, c, x.access, IMPERIAL)}.`,
  );
  const told = [
    orderText(plan),
    ...leftOutText(x.piece, plan, x.access),
    ...castPlanNotes(x.piece, x.access, q.currentMps),
  ];
  const angles = anglesAfter(q, stand).map((a, i) => `${i + 2}. ${angleText(x.piece, a, x.access, IMPERIAL)}`);
  return [
    `### ${x.piece.name}`,
    `${pieceLine(x.piece, IMPERIAL)}; ${ACCESS_NAME[x.access]}, ${x.water}. **${holdText(x.piece, plan, x.access, IMPERIAL)}**`,
    casts.join('\n'),
    told.filter(Boolean).join(' '),
    angles.length === 0
      ? 'From no other place is there enough left in it to move.'
      : `${CAST_PLAN.angles}:\n\n${angles.join('\n')}`,
  ].join('\n\n');
}

writeFileSync(
  new URL('../docs/PLANS.md', import.meta.url),
  `# Plans, read aloud

Made by \`npm run plans\`; do not edit. ${SITUATIONS.length} situations as the app would plan them with a usual outfit for the weight, nothing set by hand: to be read by somebody who fishes, and to be argued with.

${rows.join('\n\n')}

## The casts at ten pieces of cover

Left and right are as one looks at the piece from open water. The order is the best of all orders (\`core/castplan/order.ts\`, held against brute force in its tests).

${EXAMPLE_PIECES.map(pieceText).join('\n\n')}
`,
);
