import type { Light } from '../../core/records/preferences';

/**
 * Colours by light: Noon for glare, Shade for the day, Night for the dark. Peat, moss, kettle copper and pale water.
 * Pairs are checked in palette.test.tsx.
 */
export interface Palette {
  ground: string;
  card: string;
  ink: string;
  soft: string;
  rule: string;
  edge: string;
  moss: string;
  onMoss: string;
  mossWash: string;
  copper: string;
  onCopper: string;
  copperWash: string;
  strong: string;
  onStrong: string;
  bad: string;
  sky: string;
  /** Behind the day line: night, day, and the tide drawn on them. */
  nightSky: string;
  daySky: string;
  tideLine: string;
  water: readonly [string, string, string, string];
  zone: string;
  zoneEdge: string;
  peat: string;
  peatLine: string;
  cover: string;
  coverFar: string;
  line: string;
  ice: string;
  onWater: string;
  halo: string;
  dark: boolean;
  /** How much thicker than usual every line is drawn. */
  stroke: number;
}

export const SHADE: Palette = {
  ground: '#F2EEE2',
  card: '#FBF8EF',
  ink: '#1D2A23',
  soft: '#4E5B52',
  rule: '#D5CEBB',
  edge: '#7E8577',
  moss: '#3F5F36',
  onMoss: '#FBF8EF',
  mossWash: '#DFE6D0',
  copper: '#A04C1A',
  onCopper: '#FFF9F0',
  copperWash: '#F3DDC8',
  strong: '#1D2A23',
  onStrong: '#FBF8EF',
  bad: '#8E2A1E',
  sky: '#F2EEE2',
  nightSky: '#B9C2BC',
  daySky: '#FBF6E4',
  tideLine: '#2F6470',
  water: ['#DCE8DF', '#8FB3A6', '#3F6B66', '#1C3D3E'],
  zone: '#F4D9A8',
  zoneEdge: '#FFF3D6',
  peat: '#3A2C22',
  peatLine: '#5A4838',
  cover: '#3A2C22',
  coverFar: '#6B5847',
  line: '#1D2A23',
  ice: '#F7FAF6',
  onWater: '#FFFFFF',
  halo: '#17312F',
  dark: false,
  stroke: 1,
};

export const NOON: Palette = {
  ground: '#FFFFFF',
  card: '#FFFFFF',
  ink: '#050A07',
  soft: '#2C352F',
  rule: '#7B8278',
  edge: '#39423B',
  moss: '#1D3F15',
  onMoss: '#FFFFFF',
  mossWash: '#E2EED4',
  copper: '#752B00',
  onCopper: '#FFFFFF',
  copperWash: '#FCE9D6',
  strong: '#050A07',
  onStrong: '#FFFFFF',
  bad: '#7A1206',
  sky: '#FFFFFF',
  nightSky: '#A9B4AE',
  daySky: '#FFFFFF',
  tideLine: '#0B4552',
  water: ['#E6F2EB', '#8FBBAC', '#2C5D58', '#0C2829'],
  zone: '#FFD98C',
  zoneEdge: '#FFF6DE',
  peat: '#1E150E',
  peatLine: '#4A3A2B',
  cover: '#160E08',
  coverFar: '#4B3A2C',
  line: '#050A07',
  ice: '#FFFFFF',
  onWater: '#FFFFFF',
  halo: '#04100F',
  dark: false,
  stroke: 1.5,
};

export const NIGHT: Palette = {
  ground: '#17130F',
  card: '#221C16',
  ink: '#F0DEC4',
  soft: '#BFAA8D',
  rule: '#43382C',
  edge: '#8A7860',
  moss: '#9DB37F',
  onMoss: '#17130F',
  mossWash: '#2E3324',
  copper: '#E08A4C',
  onCopper: '#1B120A',
  copperWash: '#46301F',
  strong: '#F0DEC4',
  onStrong: '#17130F',
  bad: '#F09A86',
  sky: '#17130F',
  nightSky: '#120F0C',
  daySky: '#3A3126',
  tideLine: '#8FB0B4',
  water: ['#33352D', '#28302C', '#1D2626', '#12191A'],
  zone: '#6E4F28',
  zoneEdge: '#B98A4E',
  peat: '#0C0907',
  peatLine: '#2A2119',
  cover: '#5A4A39',
  coverFar: '#453A2E',
  line: '#F0DEC4',
  ice: '#4A4A42',
  onWater: '#F5E9D6',
  halo: '#0C0907',
  dark: true,
  stroke: 1,
};

export const PALETTES: Record<Light, Palette> = { noon: NOON, shade: SHADE, night: NIGHT };

/** WCAG contrast ratio of two #RRGGBB colours. */
export function contrast(a: string, b: string): number {
  const lum = (hex: string): number => {
    const c = [1, 3, 5]
      .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
      .map((v) => (v <= 0.03928 ? v / 12.92 : ((v + 0.055) / 1.055) ** 2.4));
    return 0.2126 * c[0]! + 0.7152 * c[1]! + 0.0722 * c[2]!;
  };
  const [hi, lo] = [lum(a), lum(b)].sort((x, y) => y - x);
  return (hi! + 0.05) / (lo! + 0.05);
}

/** Mix of two #RRGGBB colours, t = 0 gives a. */
export function mix(a: string, b: string, t: number): string {
  const k = Math.min(1, Math.max(0, t));
  return `#${[1, 3, 5]
    .map((i) =>
      Math.round(parseInt(a.slice(i, i + 2), 16) * (1 - k) + parseInt(b.slice(i, i + 2), 16) * k)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`;
}
