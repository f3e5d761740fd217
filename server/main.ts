// node --import tsx server/main.ts [--port 4380] [--demo]: settings come from the environment (server/config.ts), the
// two flags go before them.
import { existsSync } from 'node:fs';
import path from 'node:path';
import { readConfig } from './config';
import { openLog } from './log';
import { runServer } from './run';

const args = process.argv.slice(2);
const portAt = args.indexOf('--port');
const read = readConfig({
  ...process.env,
  ...(portAt >= 0 ? { PORT: args[portAt + 1] ?? '' } : {}),
  ...(args.includes('--demo') ? { DEMO: '1' } : {}),
});
if (!read.ok) {
  for (const line of read.lines) console.error(line);
  process.exit(2);
}
if (!existsSync(path.join(read.config.WEB_ROOT, 'index.html'))) {
  console.error(`There is no application in ${read.config.WEB_ROOT}: build it first (npm run build), or set WEB_ROOT.`);
  process.exit(2);
}
const log = openLog(read.config.LOG_LEVEL);
runServer(read.config, log).then(
  (running) => {
    log.info({ address: running.address }, 'listening');
    for (const signal of ['SIGINT', 'SIGTERM'] as const)
      process.on(signal, () => {
        log.info({ signal }, 'stopping');
        void running.stop().then(() => {
          log.info('stopped');
          process.exit(0);
        });
      });
  },
  (e: NodeJS.ErrnoException) => {
    console.error(e.code === 'EADDRINUSE' ? `Port ${read.config.PORT} is taken.` : e.message);
    process.exit(1);
  },
);
