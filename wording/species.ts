/** What the hands must know of a fish, what the law often asks, and where the figures come from. */
import type { LegalReminder, FigureSource, SpeciesProfile } from '../core/water/species/profile';
import { SPECIES_NAME } from './names';

const LEGAL_TEXT: Record<LegalReminder, string> = {
  'spawn-closure': 'closed seasons around the spawn',
  slot: 'size limits or slots',
  invasive: 'a duty to kill it, or a ban on moving it alive',
  tag: 'a tag or stamp to keep or even lift one',
  bag: 'bag limits',
  'stocked-permit': 'a permit for stocked water',
};

export const legalText = (p: SpeciesProfile): string =>
  `For ${SPECIES_NAME[p.id]} look up ${p.legal.map((l) => LEGAL_TEXT[l]).join(', ')}. Local law decides: check it before you fish.`;

const SOURCE_LONG: Record<FigureSource, string> = {
  preference:
    'Temperature preference of fishes, as compiled by Coutant (1977, J. Fish. Res. Board Can. 34) and Wismer & Christie (1987, Great Lakes Fish. Comm. Spec. Pub. 87-3), rounded to 1 °C',
  tolerance:
    'Upper tolerance (CTmax), as reviewed by Beitinger, Bennett & McCauley (2000, Environ. Biol. Fish. 58), rounded to 1 °C',
  lakes:
    'Cold-water fish of lakes: thermal habitat after Magnuson, Crowder & Medvick (1979, Am. Zool. 19) and Christie & Regier (1988, Can. J. Fish. Aquat. Sci. 45)',
  profiles:
    'Coastal fish: the species profiles on life history and environmental requirements of the US Fish and Wildlife Service (Biol. Rep. 82(11), 1983–1989), rounded to 1 °C',
  'bass-europe': 'European sea bass: Pickett & Pawson (1994), Sea Bass: Biology, Exploitation and Conservation',
  invader: 'Snakeheads: Courtenay & Williams (2004), US Geological Survey Circular 1251',
  judgement:
    'Judgement from anglers’ rules of thumb: chase, reach, hang, lure length, λ₀, low-light gain, depth habit. The log corrects it',
};

/** The table of docs/SPECIES.md. */
export function speciesTable(all: readonly SpeciesProfile[]): string {
  const row = (cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
  const head = [
    'fish',
    'best °C',
    'σ',
    'CTmax',
    'spawns °C',
    'depth share: cold, mild, hot',
    'lives in',
    'eats',
    'teeth',
    'handling',
    'law often asks',
    'sources',
  ];
  const used = [...new Set(all.flatMap((p) => p.sources))];
  return [
    row(head),
    row(head.map(() => '---')),
    ...all.map((p) =>
      row([
        SPECIES_NAME[p.id],
        String(p.toptC),
        String(p.sigmaC),
        String(p.ctMaxC),
        `${p.spawnC[0]}–${p.spawnC[1]}${p.spawnsInAutumn ? ', autumn' : ''}`,
        p.depthShare.join(', '),
        p.lives.join(', '),
        p.forage.join(', '),
        p.teeth,
        p.handling.join(', '),
        p.legal.join(', '),
        p.sources.join(', '),
      ]),
    ),
    '',
    ...used.map((s) => `- **${s}**: ${SOURCE_LONG[s]}.`),
  ].join('\n');
}
