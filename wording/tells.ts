/** How much of where one fishes goes along with what leaves the device. */
import type { Tells } from '../core/exchange/privacy';
import type { UnitPrefs } from './units';

export function tellsName(t: Tells, u: Pick<UnitPrefs, 'depth'>): string {
  switch (t) {
    case 'nothing':
      return 'No names';
    case 'names':
      return 'Names only';
    case 'roughly':
      return `Names, and where within ${u.depth === 'ft' ? 'half a mile' : 'a kilometre'}`;
    case 'all':
      return 'Names, and exactly where';
  }
}
