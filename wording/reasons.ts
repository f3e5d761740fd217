/** Why a lure ranks where it does, and why one is left out: a sentence with the numbers that drove it. */
import type { Contribution } from '../core/ranking/score';
import type { Exclusion } from '../core/ranking/limits';
import type { Colour, Hook } from '../core/lures/family';
import { BOTTOM_NAME, capital, COLOUR_NAME, COVER_NAME, FORAGE_NAME, HOOK_NAME } from './names';
import { say, type UnitPrefs } from './units';
import type { Bottom, CoverKind, Forage } from '../core/water/terms';

const num = (v: number | string | undefined): number => (typeof v === 'number' ? v : 0);
const text = (v: number | string | undefined): string => String(v ?? '');

/** Multiplier of a contribution, as people say it. */
export const timesText = (ln: number): string => {
  const k = Math.exp(ln);
  return k >= 1.95 ? `×${k.toFixed(k < 9.5 ? 1 : 0)}` : `×${k.toFixed(2)}`;
};

export function reasonSentence(w: Contribution, u: UnitPrefs): string {
  const f = w.facts;
  switch (w.factor) {
    case 'zone':
      return `It spends about ${Math.round(num(f.minutes))} minutes of each hour working ${num(f.depthM) < 0.05 ? 'on top' : `at ${say.depth(num(f.depthM), u)}`}: ${num(f.planned) ? '' : 'about '}${say.percent(num(f.share))} of every cast${num(f.planned) ? ', as planned here' : ''}.`;
    case 'log':
      return logSentence(num(f.times), num(f.strikes), num(f.hours), num(f.expected));
    case 'noticed': {
      const how =
        num(f.rattle) >= 0.5
          ? ', and hears it from further'
          : num(f.thump) >= 0.5
            ? ', and feels its thump close by'
            : '';
      const pace =
        f.known === 'located'
          ? ' You know the place, so a slow lure loses little.'
          : f.known === 'seen'
            ? ' You see them, so pace hardly counts.'
            : '';
      return `A fish down there sees about ${say.depth(num(f.sightM), u)}${how}; of the fish it passes, ${say.percent(num(f.chance))} will know of it.${pace}`;
    }
    case 'travel':
      return num(f.gapM) < 0.05
        ? 'It runs at their depth: they do not have to move for it.'
        : `The fish must move ${say.depth(num(f.gapM), u)} up or down for it; in this mood they move about ${say.depth(num(f.reachM), u)}.`;
    case 'speed':
      return speedSentence(num(f.speedMps), num(f.chaseMps), u);
    case 'appetite':
      return `In this mood they take about ${num(f.times).toFixed(num(f.times) < 0.95 ? 2 : 1)} times what neutral fish take: the same for every lure.`;
    case 'wind':
      return num(f.share) > 0.95
        ? 'It pulls enough to be felt in this wind.'
        : num(f.share) > 0.7
          ? `A wind of ${say.wind(num(f.windMps), u)} bends the line: you feel it less.`
          : `A wind of ${say.wind(num(f.windMps), u)} bends the line more than this lure pulls: you neither feel nor steer it.`;
    case 'hold':
      return holdSentence(num(f.weightKg), num(f.needKg), text(f.mode), u);
    case 'fall':
      return fallSentence(num(f.fallMps), num(f.wantedMps), u);
    case 'splash':
      return num(f.share) < 0.02
        ? 'It lands without frightening them.'
        : `Fish in shallow, clear, calm water shy from its splash: about ${say.percent(num(f.share))} of them.`;
    case 'bog':
      return num(f.share) < 0.02
        ? 'It does not sink into the ground.'
        : `It sinks into the ${COVER_NAME[text(f.on) as CoverKind] ?? BOTTOM_NAME[text(f.on) as Bottom]}: ${say.percent(num(f.share))} of the work is lost.`;
    case 'belongs':
      return num(f.share) > 1.05
        ? 'One of the first lures thrown for this fish.'
        : num(f.share) > 0.9
          ? 'Thrown for this fish like many others.'
          : num(f.share) > 0.5
            ? 'Seldom thrown for this fish.'
            : 'Not what is thrown for this fish: others are proven here.';
    case 'pause':
      return num(f.longestS) >= num(f.wantedS)
        ? `It can hang as long as they want, ${say.seconds(num(f.wantedS))}.`
        : `They want a hang of ${say.seconds(num(f.wantedS))}; it holds ${say.seconds(num(f.longestS))}.`;
    case 'noise':
      return Math.abs(num(f.action) - num(f.wanted)) < 0.2
        ? `As lively as this mood and ${say.depth(num(f.clarityM), u)} of clarity ask for.`
        : num(f.action) > num(f.wanted)
          ? `Louder and busier than this mood wants in ${say.depth(num(f.clarityM), u)} of clarity.`
          : `Quieter than these fish would answer to in ${say.depth(num(f.clarityM), u)} of clarity.`;
    case 'food':
      return num(f.match) >= 0.7
        ? `Looks like the ${FORAGE_NAME[text(f.forage) as Forage] ?? 'food'} about.`
        : num(f.match) > 0
          ? `Passes for ${FORAGE_NAME[text(f.forage) as Forage] ?? 'food'}, no more.`
          : 'Looks like nothing they are eating now.';
    case 'size':
      return `${
        Math.abs(Math.log(num(f.sizeM) / num(f.bestM))) < 0.2
          ? 'About the size of'
          : num(f.sizeM) > num(f.bestM)
            ? 'Bigger than'
            : 'Smaller than'
      } what they like best: ${say.size(num(f.sizeM), u)}, where ${say.size(num(f.bestM), u)} is the favourite.`;
    case 'colour': {
      const wanted = COLOUR_NAME[text(f.wanted) as Colour];
      if (text(f.school) === 'one') return 'One trusted colour: not counted.';
      return text(f.nearness) === 'same'
        ? `${capital(wanted)} is the colour for this light, clarity and food.`
        : text(f.nearness) === 'near'
          ? `${capital(COLOUR_NAME[text(f.has) as Colour])} is near enough to the ${wanted} one would want.`
          : `${capital(wanted)} would be seen for food more readily than ${COLOUR_NAME[text(f.has) as Colour]}.`;
    }
    case 'called':
      return `Fish notice it from about ${say.depth(num(f.radiusM), u)} around the hole${num(f.rattle) >= 0.5 ? ', and hear it before they see it' : ''}.`;
    case 'warmth':
      return num(f.fromC) > -50
        ? `Best in water above ${say.temp(num(f.fromC), u)}; it is ${say.temp(num(f.tempC), u)}.`
        : num(f.toC) < 90
          ? `Best in water below ${say.temp(num(f.toC), u)}; it is ${say.temp(num(f.tempC), u)}.`
          : 'Works in any warmth.';
    case 'light':
      if (text(f.school) === 'low-light') return 'Your school fishes the top at low light and calm only.';
      if (text(f.school) === 'any-time') return 'Your school fishes the top at any hour.';
      return num(f.gain) > 0.01
        ? num(f.lux) < 10_000
          ? 'Low light helps a lure on or near the top.'
          : 'Full light holds fish back from the top.'
        : 'Light makes little difference to it.';
    case 'chop':
      return num(f.limitM) > 90
        ? 'Chop does not trouble it.'
        : `Waves of ${say.size(num(f.waveM), u)}; it fades past ${say.size(num(f.limitM), u)}.`;
    case 'distance':
      if (text(f.way) !== 'cast')
        return num(f.share) > 0.7
          ? `Fish at ${say.depth(num(f.depthM), u)} stay where they are under a boat.`
          : `Fish at ${say.depth(num(f.depthM), u)} shy from a boat above them.`;
      return `Flies about ${say.distance(num(f.castM), u)}${num(f.windy) ? ' in this wind' : ''}${
        num(f.needM) === 0 ? '.' : `; the fish are ${say.distance(num(f.needM), u)} out.`
      }`;
    case 'cover':
      return text(f.cover) === 'none'
        ? 'Open water: it can be shown to every fish.'
        : `${num(f.reach) > 0.95 ? 'Nearly all' : `About ${say.percent(num(f.reach))}`} of the fish in ${COVER_NAME[text(f.cover) as CoverKind]} can be shown it.`;
    case 'passing':
      return num(f.share) > 0.95
        ? 'All of the cast goes where fish may be.'
        : `Fish sit on single pieces of ${COVER_NAME[text(f.cover) as CoverKind]}: about ${say.percent(num(f.share))} of a cast goes by one.`;
    case 'deflection':
      return num(f.share) > 0.3
        ? `It touches the ${COVER_NAME[text(f.on) as CoverKind] ?? BOTTOM_NAME[text(f.on) as Bottom]} and glances off: many strike at that turn.`
        : 'It touches little on its way, so nothing makes it turn.';
    case 'passes':
      return `About ${Math.round(num(f.perHour))} passes over the bed in an hour.`;
    case 'anger': {
      const size = `${say.size(num(f.sizeM), u)} against a favourite mouthful of ${say.size(num(f.favouriteM), u)}`;
      const raised = num(f.raised ?? 1);
      const own = raised > 1.25 ? ' They have answered this one.' : raised < 0.8 ? ' They let this one pass.' : '';
      return num(f.provokes) > 1.3 * num(f.fits)
        ? `${size}: an intruder that they want gone.${own}`
        : num(f.fits) > 1.3 * num(f.provokes)
          ? `${size}: small enough to be carried off once they are angry.${own}`
          : `${size}: neither much of an intruder nor easily carried off.${own}`;
    }
    case 'stays':
      return num(f.share) > 0.8
        ? 'It can lie on the bed for as long as you like.'
        : num(f.share) > 0.4
          ? 'It can be crawled over the bed.'
          : 'It must keep moving, and is off the bed at once.';
    case 'hooked':
      return `${say.percent(num(f.chance))} of strikes hook up on ${HOOK_NAME[text(f.hook) as Hook].replace(/s?$/, 's')}${f.bitten !== undefined && num(f.bitten) < 0.9 ? ': these teeth take a soft tail off behind the hook' : ''}.`;
    case 'snags':
      return num(f.perCast) < 0.004
        ? 'Hardly ever snags here.'
        : `Hangs up about once in ${Math.max(2, Math.round(1 / num(f.perCast)))} casts, leaving ${say.percent(num(f.share))} of the hour.`;
  }
}

/** A pace they like is well under what they can run down. */
function speedSentence(mps: number, chaseMps: number, u: UnitPrefs): string {
  const [pace, chase] = [say.speed(mps, u), say.speed(chaseMps, u)];
  if (mps > chaseMps) return `Too fast for most: ${pace}, where fish in this mood catch up with ${chase}.`;
  if (mps > 0.85 * chaseMps) return `Fast: ${pace}, just under the ${chase} that fish in this mood can catch.`;
  if (mps > 0.3 * chaseMps) return `A pace they like: ${pace}; in this mood they can catch ${chase}.`;
  return `Slow: ${pace}, where fish in this mood can catch ${chase}.`;
}

function holdSentence(kg: number, needKg: number, mode: string, u: UnitPrefs): string {
  if (needKg < 1e-4) return 'Its weight has no depth to keep here.';
  const what = mode === 'bottom' ? 'felt on the bottom' : 'kept at its depth';
  const at = `${say.weight(kg, u)}, where about ${say.weight(needKg, u)} is the least to be ${what}`;
  if (kg < 0.95 * needKg) return `Too light: ${at}.`;
  return kg > 1.8 * needKg ? `Heavier than it need be: ${at}.` : `Heavy enough: ${at}.`;
}

function fallSentence(mps: number, wantedMps: number, u: UnitPrefs): string {
  if (mps === 0) return 'Its fall does not count: it works on or near the top.';
  const both = `${say.fine(mps, u)} a second; at this warmth they like about ${say.fine(wantedMps, u)}`;
  return mps > 1.3 * wantedMps
    ? `Falls fast: ${both}.`
    : mps < 0.7 * wantedMps
      ? `Falls slowly: ${both}.`
      : `Falls as they like: ${both}.`;
}

export function exclusionSentence(x: Exclusion, u: UnitPrefs): string {
  const f = x.facts;
  switch (x.code) {
    case 'snags':
      if (num(f.chance) <= 0.3) return 'your school keeps trebles away from wood';
      return `${text(f.hook) === 'treble' ? 'exposed trebles' : HOOK_NAME[text(f.hook) as Hook]} in ${COVER_NAME[text(f.cover) as CoverKind]}: ${Math.round(num(f.chance) * 10)} casts in 10 would hang up`;
    case 'too-cold':
      return `${say.temp(num(f.tempC), u)} is too cold for it; it wants ${say.temp(num(f.needC), u)} at least`;
    case 'cannot-reach':
      return f.needM !== undefined
        ? `only ${say.depth(num(f.depthM), u)} of water; it wants ${say.depth(num(f.needM), u)}`
        : `runs to ${say.depth(num(f.reachM), u)}; the fish start at ${say.depth(num(f.topM), u)}`;
    case 'fish-too-deep':
      return `fish at ${say.depth(num(f.topM), u)} will not come to the top`;
    case 'too-big':
      return `smallest is ${say.size(num(f.lengthM), u)}; their mouth takes ${say.size(num(f.mouthM), u)}`;
    case 'no-grip-in-current':
      return `even the heaviest does not hold in ${say.speed(num(f.currentMps), u)} of current`;
    case 'drowned':
      return 'white water drowns a surface lure';
    case 'no-rod':
      return 'no rod here casts its weight';
    case 'not-through-ice':
      return 'made to be cast; nothing is cast through a hole';
    case 'only-ice':
      return 'made for a hole in the ice';
    case 'not-above':
      return 'worked straight down: you must stand above the fish';
    case 'needs-boat':
      return 'towed behind a boat';
  }
}

/** Hours fished; minutes under an hour. */
export const hoursText = (hours: number): string =>
  hours < 0.95 ? `${Math.max(1, Math.round(hours * 60))} min` : `${hours.toFixed(1)} h`;

/** Strikes, those of long ago counting in part. */
export function strikesText(strikes: number): string {
  const counted = Math.round(strikes);
  return counted === 0 ? 'no strike' : counted === 1 ? 'one strike' : `${counted} strikes`;
}

/** How many times as much, as it is read aloud: 0.04, 0.6, 3.4, 12. */
export const timesAsMuch = (x: number): string => x.toFixed(x < 0.095 ? 2 : x < 9.5 ? 1 : 0);
/** What the log changes less than this is as it was. */
export const isAsBefore = (times: number): boolean => Math.abs(times - 1) < 0.05;
/** A kind fished for less than a minute was not fished. */
export const wasFished = (hours: number): boolean => hours >= 0.02;

function logSentence(times: number, strikes: number, hours: number, expected: number): string {
  const moved = isAsBefore(times)
    ? 'By your log it is worth what it looks'
    : `By your log it is worth ${times < 1 ? 'only ' : ''}${timesAsMuch(times)} times as much`;
  if (!wasFished(hours)) return `${moved}: you had not fished this kind, but others like it.`;
  return `${moved}: ${strikesText(strikes)} in ${hoursText(hours)} with this kind, where ${expected.toFixed(1)} were to be expected.`;
}
