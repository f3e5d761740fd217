/**
 * SI facts to the angler's units. Every number on a screen goes through here; nothing else knows a conversion factor.
 */
import { FT, INCH, MILE, OUNCE, POUND, YARD } from '../core/base/units';
export const UNIT_CHOICES = {
  temp: ['F', 'C'],
  depth: ['ft', 'm'],
  size: ['in', 'cm'],
  weight: ['oz', 'g'],
  line: ['lb', 'kg'],
  speed: ['mph', 'kmh'],
  money: ['$', '€', '£', 'kr'],
} as const;
export type UnitPrefs = { [K in keyof typeof UNIT_CHOICES]: (typeof UNIT_CHOICES)[K][number] };

export const IMPERIAL: UnitPrefs = {
  temp: 'F',
  depth: 'ft',
  size: 'in',
  weight: 'oz',
  line: 'lb',
  speed: 'mph',
  money: '$',
};
export const METRIC: UnitPrefs = {
  temp: 'C',
  depth: 'm',
  size: 'cm',
  weight: 'g',
  line: 'kg',
  speed: 'kmh',
  money: '€',
};

export { FT, INCH, MILE, OUNCE, POUND, YARD };
export const MPH = 1 / 2.23694;
export const KMH = 1 / 3.6;
export const toFahrenheit = (c: number): number => c * 1.8 + 32;
export const fromFahrenheit = (f: number): number => (f - 32) / 1.8;

export interface Quantity {
  value: string;
  unit: string;
}
const join = (q: Quantity): string => (q.unit ? `${q.value} ${q.unit}` : q.value);

const minus = (s: string): string => s.replace(/^-/, '−');
const fixed = (x: number, d: number): string => minus((Math.abs(x) < 0.5 * 10 ** -d ? 0 : x).toFixed(d));

/** Nearest fraction with the given denominator, written as anglers write it: 2½, ⅜, ¼. */
const FRACTIONS: Record<string, string> = {
  '1/2': '½',
  '1/4': '¼',
  '3/4': '¾',
  '1/8': '⅛',
  '3/8': '⅜',
  '5/8': '⅝',
  '7/8': '⅞',
};
export function fraction(x: number, denominator: number): string {
  const n = Math.round(Math.abs(x) * denominator);
  const whole = Math.floor(n / denominator);
  let top = n % denominator;
  let bottom = denominator;
  while (top > 0 && top % 2 === 0) {
    top /= 2;
    bottom /= 2;
  }
  const part = top === 0 ? '' : (FRACTIONS[`${top}/${bottom}`] ?? `${whole ? ' ' : ''}${top}/${bottom}`);
  return `${x < 0 && n > 0 ? '−' : ''}${whole || !part ? whole : ''}${part}`;
}

/** Distances that nobody measures: to five, and from two hundred to twenty-five. */
const round = (v: number): number => (v < 200 ? Math.round(v / 5) * 5 : Math.round(v / 25) * 25);

export const quantity = {
  temp: (c: number, u: UnitPrefs): Quantity =>
    u.temp === 'F' ? { value: fixed(toFahrenheit(c), 0), unit: '°F' } : { value: fixed(c, 1), unit: '°C' },
  tempChange: (c: number, u: UnitPrefs): Quantity => {
    const v = u.temp === 'F' ? c * 1.8 : c;
    const text = fixed(v, u.temp === 'F' ? 0 : 1);
    return { value: v > 0.05 && !/^0(\.0)?$/.test(text) ? `+${text}` : text, unit: u.temp === 'F' ? '°F' : '°C' };
  },
  depth: (m: number, u: UnitPrefs): Quantity =>
    u.depth === 'ft'
      ? { value: m / FT < 10 ? fraction(m / FT, m / FT < 1.5 ? 4 : 2) : fixed(m / FT, 0), unit: 'ft' }
      : { value: fixed(m, m < 10 ? 1 : 0), unit: 'm' },
  distance: (m: number, u: UnitPrefs): Quantity =>
    u.depth === 'ft' ? { value: fixed(m / FT, 0), unit: 'ft' } : { value: fixed(m, m < 10 ? 1 : 0), unit: 'm' },
  /** Stretches of open water and ways between spots. */
  far: (m: number, u: UnitPrefs): Quantity =>
    u.depth === 'ft'
      ? m < 1200
        ? { value: fixed(round(m / YARD), 0), unit: 'yd' }
        : { value: fixed(m / MILE, 1), unit: 'mi' }
      : m < 1000
        ? { value: fixed(round(m), 0), unit: 'm' }
        : { value: fixed(m / 1000, 1), unit: 'km' },
  size: (m: number, u: UnitPrefs): Quantity =>
    u.size === 'in'
      ? { value: fraction(m / INCH, m / INCH < 2 ? 4 : 2), unit: 'in' }
      : { value: fixed(m * 100, m < 0.1 ? 1 : 0), unit: 'cm' },
  weight: (kg: number, u: UnitPrefs): Quantity => {
    if (u.weight === 'g') return { value: fixed(kg * 1000, kg < 0.01 ? 1 : 0), unit: 'g' };
    const oz = kg / OUNCE;
    return { value: fraction(oz, oz < 0.1 ? 32 : oz < 0.9 ? 16 : 4), unit: 'oz' };
  },
  line: (lb: number, u: UnitPrefs): Quantity =>
    u.line === 'lb' ? { value: fixed(lb, 0), unit: 'lb' } : { value: fixed(lb * 0.45359, 1), unit: 'kg' },
  /** A pull, as a hand scale tells it. */
  pull: (lb: number, u: UnitPrefs): Quantity =>
    u.line === 'lb' ? { value: fixed(lb, lb < 3 ? 1 : 0), unit: 'lb' } : { value: fixed(lb * 0.45359, 1), unit: 'kg' },
  speed: (mps: number, u: UnitPrefs): Quantity =>
    u.speed === 'mph' ? { value: fixed(mps / MPH, 1), unit: 'mph' } : { value: fixed(mps / KMH, 1), unit: 'km/h' },
  /** Wind: nobody feels a tenth. */
  wind: (mps: number, u: UnitPrefs): Quantity =>
    u.speed === 'mph' ? { value: fixed(mps / MPH, 0), unit: 'mph' } : { value: fixed(mps / KMH, 0), unit: 'km/h' },
  /** How fast something falls, or how much line a turn takes: a small length, told finely. */
  fine: (m: number, u: UnitPrefs): Quantity =>
    u.depth === 'ft' ? { value: fixed(m / FT, 1), unit: 'ft' } : { value: fixed(m, 2), unit: 'm' },
  seconds: (s: number): Quantity => ({
    value: s < 10 && Math.abs(s - Math.round(s)) > 0.05 ? fixed(s, 1) : fixed(s, 0),
    unit: 's',
  }),
  percent: (x: number): Quantity => ({ value: fixed(100 * x, 0), unit: '%' }),
  plain: (x: number, d = 1): Quantity => ({ value: fixed(x, d), unit: '' }),
} as const;

export const say = {
  temp: (c: number, u: UnitPrefs) => join(quantity.temp(c, u)),
  tempChange: (c: number, u: UnitPrefs) => join(quantity.tempChange(c, u)),
  depth: (m: number, u: UnitPrefs) => join(quantity.depth(m, u)),
  distance: (m: number, u: UnitPrefs) => join(quantity.distance(m, u)),
  far: (m: number, u: UnitPrefs) => join(quantity.far(m, u)),
  size: (m: number, u: UnitPrefs) => join(quantity.size(m, u)),
  /** For what is measured with calipers. */
  fineSize: (m: number, u: UnitPrefs) => (u.size === 'in' ? `${fixed(m / INCH, 2)} in` : `${fixed(m * 100, 1)} cm`),
  weight: (kg: number, u: UnitPrefs) => join(quantity.weight(kg, u)),
  line: (lb: number, u: UnitPrefs) => join(quantity.line(lb, u)),
  pull: (lb: number, u: UnitPrefs) => join(quantity.pull(lb, u)),
  speed: (mps: number, u: UnitPrefs) => join(quantity.speed(mps, u)),
  wind: (mps: number, u: UnitPrefs) => join(quantity.wind(mps, u)),
  fine: (m: number, u: UnitPrefs) => join(quantity.fine(m, u)),
  fineRange: (low: number, high: number, u: UnitPrefs) =>
    `${quantity.fine(low, u).value}–${join(quantity.fine(high, u))}`,
  seconds: (s: number) => join(quantity.seconds(s)),
  percent: (x: number) => join(quantity.percent(x)),
  depthBand: (band: readonly [number, number], u: UnitPrefs) =>
    `${quantity.depth(band[0], u).value}–${join(quantity.depth(band[1], u))}`,
  /** Rates: two honest digits. */
  rate: (x: number) => (x < 0.005 ? 'under 0.01' : fixed(x, x < 0.095 ? 2 : x < 9.95 ? 1 : 0)),
} as const;

/** A position as it is typed back: degrees with their side, to about ten metres. */
export const positionText = ({ latDeg, lonDeg }: { latDeg: number; lonDeg: number }): string => {
  const side = (v: number, [minus, plus]: readonly [string, string]): string =>
    `${Number(Math.abs(v).toFixed(4))}° ${v < 0 ? minus : plus}`;
  return `${side(latDeg, ['S', 'N'])}, ${side(lonDeg, ['W', 'E'])}`;
};

/** A sum in the angler's own money, from its hundredths: “$4.50”, “4.50 kr”. */
export const moneyText = (minor: number, { money }: Pick<UnitPrefs, 'money'>): string => {
  const sum = (minor / 100).toFixed(2);
  return money.length > 1 ? `${sum} ${money}` : `${money}${sum}`;
};
