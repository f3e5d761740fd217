import { familyById } from '../core/lures/families';
import { FAMILIES } from '../core/lures/family';
import { adviseHookSet } from '../core/planning/hookset/advice';
import { LINE_MATERIALS, type LineMaterial } from '../core/tackle/line';
import { weakestLink } from '../core/ranking/weakest';
import { speciesProfile } from '../core/water/species';
import { dragSentences, hookSetSentences } from './hookset';
import { IMPERIAL, METRIC } from './units';

const rod = { lengthM: 2.13, minLureKg: 0.007, maxLureKg: 0.021, action: 'fast' as const };
const advise = (family: (typeof FAMILIES)[number], material: LineMaterial, castM = 25) => {
  const line = { material, strengthLb: 12 };
  return adviseHookSet({
    family: familyById(family),
    species: speciesProfile('largemouth-bass'),
    rod,
    line,
    weakest: weakestLink(line, { leader: null, toLeader: null, toLure: 'palomar' }),
    wire: 'standard',
    castM,
  });
};

test.each(FAMILIES)('%s: how to set and how tight, on every line and in both units', (family) => {
  for (const material of LINE_MATERIALS)
    for (const u of [IMPERIAL, METRIC])
      for (const text of [
        ...hookSetSentences(advise(family, material), material, u),
        ...dragSentences(advise(family, material), material, u),
      ]) {
        expect(text).not.toMatch(/NaN|undefined|Infinity/);
        expect(text.length).toBeGreaterThan(25);
      }
});

test('the drag says what breaks first, and at what pull', () => {
  expect(dragSentences(advise('paddletail', 'nylon'), 'nylon', IMPERIAL)[0]).toBe(
    'Drag at 4 lb, 33 % of the weakest link: the knot at the lure, in 12 lb line, which holds about 11 lb. Pull it off against a hand scale or a full bottle.',
  );
});

test('never at the splash, longer for a frog, low with trebles', () => {
  const first = (family: (typeof FAMILIES)[number]) => hookSetSentences(advise(family, 'nylon'), 'nylon', IMPERIAL)[0];
  expect(first('popper')).toContain('Never at the splash');
  expect(first('hollow-frog')).toContain('until the rod is loaded');
  expect(first('square-bill')).toContain('Sweep');
});

test('a stretchy line at long range says where one sweep is enough', () => {
  const far = hookSetSentences(advise('texas-rig', 'nylon', 60), 'nylon', IMPERIAL)[1];
  expect(far).toMatch(/Within \d+ ft it does; beyond/);
  expect(dragSentences(advise('texas-rig', 'braid'), 'braid', IMPERIAL)[1]).toContain('Looser than on nylon');
});

test('straight down nothing is swept to the side, and no cast is spoken of', () => {
  for (const family of FAMILIES.filter((f) => familyById(f).mode === 'vertical')) {
    const [how, far] = hookSetSentences(advise(family, 'braid', 6), 'braid', IMPERIAL, true);
    expect(how).not.toContain('to the side');
    expect(`${how} ${far}`).not.toContain('end of the cast');
  }
});
