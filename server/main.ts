// node --import tsx server/main.ts --port 4380 [--demo]
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { createApp } from './app';

const args = process.argv.slice(2);
const value = (name: string): string | undefined => args[args.indexOf(name) + 1];
const port = Number(args.includes('--port') ? value('--port') : 4380);
const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '..', 'dist');

const server = createApp({ root, demo: args.includes('--demo') }).listen(port, '127.0.0.1');
server.on('error', (e: NodeJS.ErrnoException) => {
  console.error(e.code === 'EADDRINUSE' ? `Port ${port} is taken.` : e.message);
  process.exit(1);
});
for (const signal of ['SIGINT', 'SIGTERM'] as const) process.on(signal, () => server.close(() => process.exit(0)));
