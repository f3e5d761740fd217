/** What goes along besides rods and lures. */
import type { SpeciesProfile } from '../core/water/species';
import type { Access } from '../core/water/terms';

export const PACK_ALWAYS: readonly string[] = [
  'Glasses against hooks and glare',
  'Pliers, side cutters, clippers',
  'Spare leader, hooks and weights',
  'Licence',
  'Water, sun cream, a layer more than you think',
];

const BY_ACCESS: Record<Access, readonly string[]> = {
  bow: ['Life jacket, worn', 'Whistle or horn'],
  stern: ['Life jacket, worn'],
  kayak: ['Life jacket, worn', 'Whistle, a line to every rod'],
  bank: ['Boots with grip'],
  dock: ['Landing net with a long handle'],
  wade: ['Wading belt', 'Staff; shuffle for stingrays in the salt'],
  jetty: ['Studded boots', 'Life jacket, worn', 'Never alone; a long gaff or net'],
  surf: ['Boots or waders with a belt', 'Rod holder'],
  ice: [
    'Ice picks round the neck',
    'Spud bar, rope, float suit',
    'Drill and skimmer',
    'No ice is safe: ask locally, test as you go',
  ],
};

/** For this fish and this stand. */
export function packForFish(p: SpeciesProfile, access: Access): string[] {
  return [
    ...BY_ACCESS[access],
    ...(p.teeth === 'cutting'
      ? ['Wire traces and long pliers: their teeth cut']
      : p.teeth === 'sharp'
        ? ['Long pliers: they have teeth']
        : []),
    ...(p.softMouth ? ['Net: their mouths tear'] : []),
    ...(p.handling.includes('heavy') || p.handling.includes('rolls')
      ? ['Rotating lip grip, big rubber net']
      : ['Rubber net']),
    ...(p.handling.includes('from-depth') ? ['A way to send deep fish back down'] : []),
  ];
}
