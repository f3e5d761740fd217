/** Settings that outlast the day. */
import type { SchoolId } from '../../core/ranking/schools';
import { activeTrip, preferencesOf, put } from '../../core/records';
import type { Preferences } from '../../core/records/preferences';
import type { ActionPorts } from './ports';

export interface SettingActions {
  /** What is changed, or how it follows from what is stored at that moment. */
  savePrefs: (change: Partial<Preferences> | ((prefs: Preferences) => Partial<Preferences>)) => void;
  /** One of the ways good anglers disagree about; kept for today's fish, or for all where no day is open. */
  chooseSchool: (school: SchoolId, value: string) => void;
}

export const settingActions = ({ commit }: ActionPorts): SettingActions => ({
  savePrefs: (change) =>
    void commit((book) => {
      const prefs = preferencesOf(book);
      return [put('preferences', { ...prefs, ...(typeof change === 'function' ? change(prefs) : change) })];
    }),
  chooseSchool: (school, value) =>
    void commit((book) => {
      const prefs = preferencesOf(book);
      const species = activeTrip(book)?.species;
      const chosen = { [school]: value };
      const schools = species
        ? {
            ...prefs.schools,
            bySpecies: { ...prefs.schools.bySpecies, [species]: { ...prefs.schools.bySpecies[species], ...chosen } },
          }
        : { ...prefs.schools, all: { ...prefs.schools.all, ...chosen } };
      return [put('preferences', { ...prefs, schools })];
    }),
});
