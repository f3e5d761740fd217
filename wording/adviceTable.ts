/** The table of docs/ADVICE.md: what was logged, what is said. */
import { SCENES } from '../core/fixtures/adviceScenes';
import { adviceOf } from '../core/log/advice';
import { adviceText } from './advice';
import type { UnitPrefs } from './units';

export const adviceTable = (zone: string, u: UnitPrefs): string =>
  ['| what was logged | what is said |', '| --- | --- |']
    .concat(
      SCENES.map(({ logged, ask }) => {
        const { fact, advice } = adviceText(adviceOf(ask), zone, u);
        return `| ${logged} | ${fact} ${advice} |`;
      }),
    )
    .join('\n');
