/** Writes docs/SPECIES.md from the species table. */
import { writeFileSync } from 'node:fs';
import { speciesProfile } from '../core/water/species';
import { speciesTable } from '../wording/species';
import { SPECIES } from '../core/water/terms';

const head = `# Species

Made by \`npm run species\` from \`core/water/species/\`. The comfort curve rises as exp(−((T − best)/2σ)²) and falls as 1 − ((T − best)/(CTmax − best))² to nothing at CTmax
(form: Deutsch et al. 2008, PNAS 105). Figures are rounded priors from general fisheries science; local law on seasons, sizes and closures always decides.

`;
writeFileSync(new URL('../docs/SPECIES.md', import.meta.url), head + speciesTable(SPECIES.map(speciesProfile)) + '\n');
