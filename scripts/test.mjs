// One command: everything. Types, boundaries, format and one build beside the lint, unit tests, then the application in
// a real browser.
import { rmSync } from 'node:fs';
import path from 'node:path';
import { ensureBuild } from './ensure-build.mjs';
import { bin, checkNode, ensureChromium, ensurePackages, isPortFree, ROOT, run, runBeside, stop } from './lib.mjs';

const PORT = 4391;

checkNode();
ensurePackages();
const chromium = ensureChromium();
const started = Date.now();
const step = (name) => console.log(`\n— ${name} (${Math.round((Date.now() - started) / 1000)} s)`);

step('types, boundaries, format and the build; lint beside them');
const lint = runBeside(bin('eslint'), ['.', '--max-warnings', '0']);
await runBeside(bin('tsc'), ['-b']);
await runBeside('npm', ['run', '-s', 'depcheck']);
await runBeside(bin('prettier'), ['--check', '.', '--log-level', 'warn']);
await ensureBuild();
await lint;
step('unit tests');
run(bin('jest'), ['--ci'], { env: { NODE_ENV: 'test' } });
step('the application in the browser');
for (const port of [PORT, PORT + 1])
  if (!(await isPortFree(port))) stop(`Port ${port} is taken; the browser tests need it.`);
rmSync(path.join(ROOT, 'test-results'), { recursive: true, force: true });
run(bin('playwright'), ['test'], { env: { CHROMIUM_PATH: chromium, E2E_PORT: String(PORT) } });
step('done');
