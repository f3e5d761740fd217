// The core without a screen: npm run -s kettle -- VERB < input.json > output.json
import { readFileSync } from 'node:fs';
import { problemText } from '../wording/problems';
import { runVerb, VERBS } from './verbs';

const [verbName, operand] = process.argv.slice(2);

const help = (): string =>
  [
    'kettle VERB [FILE|-]   one JSON document in (or an array of them), one out',
    '',
    ...Object.entries(VERBS).map(([name, v]) => `  ${name.padEnd(9)} ${v.about}`),
  ].join('\n');

function main(): number {
  if (!verbName || verbName === '--help' || verbName === '-h') {
    console.log(help());
    return verbName ? 0 : 2;
  }
  const v = VERBS[verbName];
  if (!v) {
    console.error(`unknown verb ${verbName}; one of ${Object.keys(VERBS).join(', ')}`);
    return 2;
  }
  let input: unknown;
  try {
    input = JSON.parse(readFileSync(!operand || operand === '-' ? 0 : operand, 'utf8'));
  } catch (e) {
    console.error(`(whole document): expected JSON (${(e as Error).message})`);
    return 2;
  }
  const r = runVerb(v, input);
  if (!r.ok) {
    for (const p of r.problems) console.error(problemText(p));
    return 2;
  }
  process.stdout.write(`${JSON.stringify(r.value)}\n`);
  return 0;
}

process.exitCode = main();
