/** Writes docs/LURES.md from the family tables. */
import { writeFileSync } from 'node:fs';
import { allFamilies } from '../core/lures/families';
import { speciesProfile } from '../core/water/species';
import { familyTables } from '../wording/familyTable';
import { SPECIES } from '../core/water/terms';

const head = `# Kinds of lures

Made by \`npm run lures\` from \`core/lures/families/\`. Weights and lengths: light / middle / heavy. All figures are priors (judgement of what is common), except that drag
are fitted to usual rates of sink and lips to usual running depths; a count of your own lure corrects them. Where cover has no figure of its own, 35 % of its fish can
be shown the lure, and snags go by the hook.

`;
writeFileSync(
  new URL('../docs/LURES.md', import.meta.url),
  head + familyTables(allFamilies(), SPECIES.map(speciesProfile)) + '\n',
);
