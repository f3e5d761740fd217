/**
 * Seven questions anyone can answer on the bank without a gauge; each answer is a reading, "I cannot tell" leaves it
 * assumed.
 */
import type { CoverKind, Front, Salinity, SignKind } from '../../core/water/terms';
import type { EnteredReadings } from '../../core/schemas/conditions';
import { GUIDED_PAGE } from '../../wording/pages/guided';

export interface Answer {
  id: string;
  title: string;
  /** What it sets; null: nothing. */
  set: ((r: EnteredReadings) => EnteredReadings) | null;
  sign?: SignKind;
}

export interface Question {
  id: 'feel' | 'clarity' | 'cover' | 'surface' | 'sky' | 'weather' | 'seen';
  ask: string;
  help: string;
  answers: readonly Answer[];
}

const water =
  (change: EnteredReadings['water']) =>
  (r: EnteredReadings): EnteredReadings => ({ ...r, water: { ...r.water, ...change } });
const sky =
  (change: Partial<EnteredReadings['sky']>) =>
  (r: EnteredReadings): EnteredReadings => ({ ...r, sky: { ...r.sky, ...change } });
const cover = (kind: CoverKind) => water({ cover: { kind, density: kind === 'none' ? 0 : 0.4 } });
const CANNOT_TELL: Answer = { id: 'unknown', title: 'I cannot tell', set: null };

/** A hand's feeling of water, °C; ± 3 °C. prior: judgement. */
const FEEL: readonly (readonly [string, string, number])[] = [
  ['ice', 'Hurts at once', 3],
  ['cold', 'Cold, aches soon', 8],
  ['cool', 'Cool, like a spring', 13],
  ['fresh', 'Fresh, I would swim', 19],
  ['warm', 'Warm', 25],
  ['bath', 'Like a bath', 30],
];
/** Depths a body knows, m. */
const BODY: readonly (readonly [string, string, number])[] = [
  ['hand', 'At a hand’s depth', 0.15],
  ['knee', 'At knee depth', 0.5],
  ['hip', 'At hip depth', 0.9],
  ['head', 'Over my head', 1.9],
  ['clear', GUIDED_PAGE.clear, 3.5],
];

export function questions(salinity: Salinity): readonly Question[] {
  const covers: readonly (readonly [CoverKind, string])[] =
    salinity === 'fresh'
      ? [
          ['none', 'Open water'],
          ['pads', 'Lily pads'],
          ['submerged-grass', 'Grass under water'],
          ['reeds', 'Reeds'],
          ['wood', 'Fallen wood'],
          ['dock', 'Docks'],
          ['rock', 'Rocks'],
        ]
      : [
          ['none', 'Open water'],
          ['submerged-grass', 'Grass under water'],
          ['oyster', 'Oyster shell'],
          ['rock', 'Rocks'],
          ['dock', 'Docks or piles'],
          ['wood', 'Fallen wood'],
        ];
  return [
    {
      id: 'feel',
      ask: GUIDED_PAGE.temp,
      help: GUIDED_PAGE.tempNote,
      answers: [...FEEL.map(([id, title, c]) => ({ id, title, set: water({ surfaceTempC: c }) })), CANNOT_TELL],
    },
    {
      id: 'clarity',
      ask: GUIDED_PAGE.clarity,
      help: GUIDED_PAGE.clarityNote,
      answers: [...BODY.map(([id, title, m]) => ({ id, title, set: water({ clarityM: m }) })), CANNOT_TELL],
    },
    {
      id: 'cover',
      ask: GUIDED_PAGE.cover,
      help: GUIDED_PAGE.coverNote,
      answers: covers.map(([kind, title]) => ({ id: kind, title, set: cover(kind) })),
    },
    {
      id: 'surface',
      ask: GUIDED_PAGE.surface,
      help: GUIDED_PAGE.surfaceNote,
      answers: [
        { id: 'mirror', title: 'A mirror', set: water({ waveHeightM: 0 }) },
        { id: 'ripples', title: 'Ripples', set: water({ waveHeightM: 0.05 }) },
        { id: 'chop', title: 'Small waves', set: water({ waveHeightM: 0.15 }) },
        { id: 'rough', title: GUIDED_PAGE.whiteTops, set: water({ waveHeightM: 0.4 }) },
      ],
    },
    {
      id: 'sky',
      ask: 'Look up.',
      help: GUIDED_PAGE.sky,
      answers: [
        { id: 'clear', title: 'Clear', set: sky({ cloud: 0 }) },
        { id: 'some', title: 'Some cloud', set: sky({ cloud: 0.35 }) },
        { id: 'much', title: 'Mostly cloud', set: sky({ cloud: 0.7 }) },
        { id: 'all', title: 'Grey all over', set: sky({ cloud: 1 }) },
      ],
    },
    {
      id: 'weather',
      ask: GUIDED_PAGE.weather,
      help: GUIDED_PAGE.weatherNote,
      answers: [
        { id: 'steady', title: 'About the same', set: sky({ front: 'none' satisfies Front }) },
        { id: 'coming', title: GUIDED_PAGE.turning, set: sky({ front: 'approaching' satisfies Front }) },
        { id: 'passed', title: 'It turned cold', set: sky({ front: 'passed' satisfies Front }) },
        CANNOT_TELL,
      ],
    },
    {
      id: 'seen',
      ask: GUIDED_PAGE.alive,
      help: GUIDED_PAGE.aliveNote,
      answers: [
        { id: 'nothing', title: 'Nothing', set: (r) => ({ ...r, baitSeen: false }) },
        { id: 'bait', title: GUIDED_PAGE.smallFish, set: (r) => ({ ...r, baitSeen: true }) },
        {
          id: 'top',
          title: GUIDED_PAGE.breaking,
          set: (r) => ({ ...r, baitSeen: true, behaviour: 'surface-schooling' }),
        },
        { id: 'follow', title: GUIDED_PAGE.followed, set: (r) => r, sign: 'follow' },
        { id: 'beds', title: GUIDED_PAGE.onBeds, set: (r) => ({ ...r, behaviour: 'guarding' }) },
        CANNOT_TELL,
      ],
    },
  ];
}
