// One command on a fresh clone: installs, builds, serves with the demo world, prints the address.
import { ensureBuild } from './ensure-build.mjs';
import { checkNode, ensurePackages, isPortFree, startServer, stop } from './lib.mjs';

checkNode();
const port = Number(process.env.PORT ?? 4380);
if (!Number.isInteger(port) || port < 1 || port > 65_535)
  stop(`PORT must be a number from 1 to 65535, not "${process.env.PORT}".`);
if (!(await isPortFree(port)))
  stop(`Port ${port} is taken. Free it, or choose another:  PORT=${port + 1} npm run demo`);
ensurePackages();
await ensureBuild();
const child = await startServer(port, ['--demo']);
console.log(`\nMoss Kettle with the demo world:  http://localhost:${port}/\nStop it with Ctrl-C.\n`);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill(signal));
child.once('exit', (code) => process.exit(code ?? 0));
