/** How a lure is rigged and tied, and why, in words; and what does not go together. */
import type { RigReason } from '../core/ranking/rigReasons';
import type { Joints, Knot, Leader } from '../core/ranking/joints';
import type { HookChoice } from '../core/ranking/hooks';
import type { PairingFault } from '../core/ranking/pairing';
import type { TerminalItem } from '../core/lures/terminal';
import type { Factor } from '../core/ranking/score';
import { capital, COLOUR_NAME, COVER_NAME, HOOK_NAME, NOISE_NAME, TERMINAL_NAME, TRAILER_NAME } from './names';
import { say, type UnitPrefs } from './units';
import type { CoverKind } from '../core/water/terms';

export const PART_NAME: Record<RigReason['part'], string> = {
  weight: 'Weight',
  colour: 'Colour',
  trailer: 'Trailer',
  size: 'Size',
  hook: 'Hook',
  noise: 'Noise',
  peg: 'Peg',
};

const fallText = (mps: number, u: UnitPrefs): string => `${say.fine(mps, u)} a second`;

/** What a lighter one would do worse, and a heavier one. */
const LIGHTER_WOULD: Partial<Record<Factor, string>> = {
  hold: 'a lighter one would not be felt or would be swept off',
  zone: 'a lighter one would be among the fish for less of the cast',
  travel: 'a lighter one would not get down to the fish',
  noticed: 'a lighter one would be noticed less',
  distance: 'a lighter one would not fly as far',
  wind: 'a lighter one would not be felt in this wind',
  chop: 'a smaller one would be lost in these waves',
  size: 'a smaller one is less of a mouthful',
  fall: 'a lighter one would fall too slowly',
  speed: 'a lighter one would have to be worked too slowly',
};
const HEAVIER_WOULD: Partial<Record<Factor, string>> = {
  hold: 'a heavier one is clumsy and thrown off sooner',
  fall: 'a heavier one would fall too fast',
  splash: 'a heavier one would land too loud',
  bog: 'a heavier one would sink into the ground',
  snags: 'a heavier one would hang up more',
  size: 'a larger one is too much of a mouthful',
  speed: 'a heavier one would have to be worked too fast',
  zone: 'a heavier one would be among the fish for less of the cast',
  travel: 'a heavier one would run too deep',
  pause: 'a heavier one would not hang long enough',
  noise: 'a larger one is louder than they want',
};

const COLOUR_WHY: Record<Extract<RigReason, { part: 'colour' }>['why'], string> = {
  own: 'the colour it has',
  trusted: 'the one you trust',
  murk: 'a dark shape shows best in murk',
  dark: 'a dark shape shows best against what light is left',
  craw: 'crawfish are about',
  sun: 'it flashes in the sun',
  baitfish: 'they are on baitfish',
  grey: 'solid colour shows on a grey day',
  clear: 'in clear water they look twice',
};
const SIZE_WHY: Record<Extract<RigReason, { part: 'size' }>['why'], (best: string) => string> = {
  own: (best) => `its own size; what they like best is ${best}`,
  thick: (best) => `bait is thick: a size up on ${best} stands out`,
  scarce: (best) => `bait is scarce: under ${best}, nothing to refuse`,
  cold: (best) => `cold: smaller than the usual ${best}`,
  hatch: (best) => `near a favourite mouthful of ${best}`,
};

/** What, why, and the runner-up. */
export function rigReasonText(r: RigReason, u: UnitPrefs): { what: string; why: string; runnerUp: string | null } {
  switch (r.part) {
    case 'weight': {
      const falls = r.fallMps === null ? '' : `; falls about ${fallText(r.fallMps, u)}`;
      const why = r.only
        ? `its own weight${falls}`
        : `${[r.notLighter && LIGHTER_WOULD[r.notLighter], r.notHeavier && HEAVIER_WOULD[r.notHeavier]].filter(Boolean).join('; ') || 'the usual weight'}${falls}`;
      return {
        what: say.weight(r.value, u),
        why: r.lacks
          ? `${r.only ? 'the only one at hand that goes with this rod' : why}; ${say.weight(r.lacks.weightKg, u)} would bring ${Math.round(100 * (r.lacks.times - 1))} % more, and the Kit has none`
          : why,
        runnerUp:
          r.runnerUp === null
            ? null
            : `${say.weight(r.runnerUp, u)}${r.runnerUpFallMps === null ? '' : `, falling ${fallText(r.runnerUpFallMps, u)}`}`,
      };
    }
    case 'colour':
      return {
        what: capital(COLOUR_NAME[r.value]),
        why: COLOUR_WHY[r.why],
        runnerUp: r.runnerUp && COLOUR_NAME[r.runnerUp],
      };
    case 'trailer':
      return {
        what: capital(TRAILER_NAME[r.value]),
        why: {
          cold: 'cold or shut fish want no flapping; its bulk slows the fall',
          warm: 'warm water: let it beat',
          own: 'part of the lure',
        }[r.why],
        runnerUp: r.runnerUp && TRAILER_NAME[r.runnerUp],
      };
    case 'size':
      return {
        what: say.size(r.value, u),
        why: SIZE_WHY[r.why](say.size(r.bestM, u)),
        runnerUp: r.runnerUp === null ? null : say.size(r.runnerUp, u),
      };
    case 'hook':
      return {
        what: capital(HOOK_NAME[r.value]),
        why: {
          cover: 'it must come through the cover',
          open: 'little to hang on: an open hook holds more',
          own: 'what the lure carries',
        }[r.why],
        runnerUp: r.runnerUp && HOOK_NAME[r.runnerUp],
      };
    case 'noise':
      return {
        what: capital(NOISE_NAME[r.value]),
        why: {
          murk: 'they must find it by ear',
          clear: 'clear, calm or fished hard: say nothing',
          'built-in': 'its own voice',
        }[r.why],
        runnerUp: r.runnerUp && NOISE_NAME[r.runnerUp],
      };
    case 'peg':
      return {
        what: r.value ? 'Pegged' : 'Left free',
        why: {
          thin: 'thin branches part a free weight from its bait',
          mat: 'it must go through the mat in one piece',
          glide: 'nothing in the way: free, the bait glides',
          school: 'your school leaves it free',
        }[r.why],
        runnerUp: r.runnerUp ? 'pegged' : 'left free',
      };
  }
}

export const KNOT_NAME: Record<Knot, string> = {
  'double-uni': 'double uni knot',
  fg: 'FG knot',
  albright: 'Albright knot',
  'improved-clinch': 'improved clinch knot',
  palomar: 'Palomar knot',
  'non-slip-loop': 'non-slip loop',
  'haywire-twist': 'haywire twist',
};

const LEADER_WHY: Record<Joints['leaderWhy'], string> = {
  teeth: 'their teeth cut anything else; retie when it kinks',
  abrasion: 'rough mouths, stone or shell wear braid through',
  clear: 'braid shows; the leader does not',
  'breaks-first': 'weaker than the main line, so that a snag costs the hook and not the rig',
  shock: 'it takes the shock of the throw and the stones',
  cover: 'heavy, to bear the limbs it is pulled over',
  'same-line': 'one line throughout, no joint to fail',
  'straight-in-cover': 'braid tied straight on pulls them out of this cover',
};
const END_WHY: Record<Joints['endWhy'], string> = {
  wobbles: 'metal and plugs must be free to wobble',
  small: 'free to swing, and a snap would weigh it down',
  spins: 'it twists the line otherwise',
  straight: 'the bottom is felt best tied direct',
  plain: 'nothing to pick up weed or to be looked at',
};
const END_NAME: Record<Joints['end'], string> = {
  direct: 'tied direct',
  loop: 'on a loop',
  snap: 'on a strong plain snap',
  swivel: 'on a swivel',
};

const leaderText = (l: Leader, u: UnitPrefs): string =>
  `${say.depth(l.lengthM, u)} of ${say.line(l.strengthLb, u)} ${l.material}`;

/** From line to lure, one sentence a joint. */
export function jointSentences(j: Joints, u: UnitPrefs): string[] {
  return [
    j.leader
      ? `Leader: ${leaderText(j.leader, u)}; ${LEADER_WHY[j.leaderWhy]}.`
      : `No leader: ${LEADER_WHY[j.leaderWhy]}.`,
    ...(j.toLeader ? [`Line to leader: ${KNOT_NAME[j.toLeader]}.`] : []),
    j.end === 'loop'
      ? `To the lure: ${KNOT_NAME[j.toLure]}; ${END_WHY[j.endWhy]}.`
      : `To the lure: ${KNOT_NAME[j.toLure]}, ${END_NAME[j.end]}; ${END_WHY[j.endWhy]}.`,
  ];
}

export function faultSentence(f: PairingFault, u: UnitPrefs): string {
  const n = (k: string): number => Number(f.facts[k]);
  switch (f.code) {
    case 'rod-too-light':
      return `${say.weight(n('weightKg'), u)} is over what the rod casts (${say.weight(n('minKg'), u)}–${say.weight(n('maxKg'), u)}).`;
    case 'rod-too-heavy':
      return `${say.weight(n('weightKg'), u)} is under what the rod casts (${say.weight(n('minKg'), u)}–${say.weight(n('maxKg'), u)}): it will not load.`;
    case 'line-too-weak':
      return `${say.line(n('hasLb'), u)} is weak for these fish in ${COVER_NAME[f.facts.cover as CoverKind]}; ${say.line(n('needLb'), u)} or so would do.`;
    case 'line-too-thick':
      return `${say.line(n('hasLb'), u)} line is thick for ${say.weight(n('weightKg'), u)}: it casts short and falls slowly.`;
    case 'no-wire':
      return 'These fish have teeth: without a wire trace the first one keeps the lure.';
    case 'drag-of-braid':
      return 'Braid and trebles in a soft mouth: set the drag loose, or the hooks tear out.';
  }
}

const WIRE_WHY: Record<HookChoice['wireWhy'], string> = {
  'heavy-fish': 'strong wire, for heavy fish',
  'pulled-from-cover': 'strong wire, for the pull out of this cover',
  'small-mouths': 'light wire: it goes in with little, and bends out of a snag',
  usual: 'common wire',
};

/** The hook: size, wire, weight on its shank. Null: nothing to say of what the lure carries. */
export function hookSentence(h: HookChoice, u: UnitPrefs): string | null {
  const wire = WIRE_WHY[h.wireWhy];
  if (h.size === null) return h.wire === 'strong' ? `Hooks: the lure’s own, if strong enough: ${wire}.` : null;
  const belly =
    h.bellyKg === null
      ? ''
      : `, with ${say.weight(h.bellyKg, u)} on its shank in place of the head: the point lies hidden in the back`;
  const size =
    h.lacks === null
      ? `size ${h.size} by the length of the body`
      : h.lacks === h.size
        ? `size ${h.size} by the length of the body (the Kit has none near it)`
        : `size ${h.size}, a size off: ${h.lacks} would suit the body, and the Kit has none`;
  return `Hook: ${size}, ${wire}${belly}.`;
}

/** A head, a sinker or a hook of the Kit: "jig head, ¼ oz, hook 3/0 ×12", "hook 4/0, ⅛ oz on its shank ×5". */
export function terminalText({ part, weightKg, hookSize, count }: TerminalItem, u: UnitPrefs): string {
  const weight = weightKg > 0 ? say.weight(weightKg, u) : null;
  const what =
    part === 'hook'
      ? [`hook ${hookSize}`, weight && `${weight} on its shank`]
      : [TERMINAL_NAME[part], weight, hookSize && `hook ${hookSize}`];
  return `${what.filter(Boolean).join(', ')} ×${count}`;
}

export const howToTie = (knot: Knot): string => `How to tie the ${KNOT_NAME[knot]}`;

/** The hook, then from line to lure. */
export function tiedSentences({ hooks, joints }: { hooks: HookChoice; joints: Joints }, u: UnitPrefs): string[] {
  const hook = hookSentence(hooks, u);
  return [...(hook ? [hook] : []), ...jointSentences(joints, u)];
}
