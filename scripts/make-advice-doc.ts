/** npm run advice: writes docs/ADVICE.md from the scenes of a log and what is said of them. */
import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { adviceTable } from '../wording/adviceTable';
import { IMPERIAL } from '../wording/units';
import { ROOT } from './lib.mjs';

const text = `# What is said above the log

One line, by the rules of \`core/log/advice.ts\`, in the words of \`wording/advice.ts\`. Scenes: \`core/fixtures/adviceScenes.ts\`;
a lure is given 12 casts in them, the *Rush worm* follows, the *Moss skirt* is the next of the ladder. Their tests ask
for what a guide would say; this table is made by \`npm run advice\`.

${adviceTable('Etc/GMT+5', IMPERIAL)}
`;
writeFileSync(path.join(ROOT, 'docs', 'ADVICE.md'), text);
