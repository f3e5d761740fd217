/** Numbers as they are typed: with a point or a comma, a half as a sign, and blanks around them. */

const PARTS: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75 };

/** What was typed as a number within these bounds, or what is wrong with it. */
export function typedNumber(text: string, [least, most]: readonly [number, number]): number | { trouble: string } {
  const found = /^\s*(\d*(?:[.,]\d*)?)\s*([¼½¾]?)\s*$/.exec(text);
  const [, plain = '', part = ''] = found ?? [];
  if (!found || (!/\d/.test(plain) && part === '')) return { trouble: 'Type a number, such as 1.5.' };
  const value = Number(plain.replace(',', '.') || 0) + (PARTS[part] ?? 0);
  return value < least || value > most ? { trouble: `From ${least} to ${most}.` } : value;
}
