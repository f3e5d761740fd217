/** What the first screen weighs on the wire, by what it is, and what is fetched only later. */
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Browser } from '@playwright/test';
import { firstScreenBytes, KINDS, type Kind } from '../../e2e/bytes';
import { filesUnder, ROOT } from '../lib.mjs';
import { ORIGIN, phone } from './browser';
import { table } from './report';

const kb = (bytes: number): string => (bytes / 1024).toFixed(1);

export async function bytesBench(browser: Browser): Promise<string> {
  const context = await phone(browser, 'block');
  const files = await firstScreenBytes(await context.newPage(), ORIGIN);
  await context.close();
  const of = (kind: Kind): number => files.filter((f) => f.kind === kind).reduce((s, f) => s + f.bytes, 0);
  const total = files.reduce((s, f) => s + f.bytes, 0);
  const { firstScreenKB } = JSON.parse(readFileSync(path.join(ROOT, 'budget.json'), 'utf8')) as {
    firstScreenKB: number;
  };
  const fetched = new Set(files.map((f) => f.name));
  const later = filesUnder(path.join(ROOT, 'dist'))
    .filter((f) => /_expo.*.js.br$/.test(f) && !fetched.has(path.basename(f).replace('.br', '')))
    .map((f) => [path.basename(f).replace(/-[0-9a-f]{32}.js.br$/, ''), kb(readFileSync(f).length)]);
  return `## Bytes

All that the first screen fetched — Water usable on a new device with the demo season, and the worker that ranks — as the network carried it, headers included. The budget is ${firstScreenKB} KB.

${table(['what', 'KB'], [...KINDS.map((k) => [k, kb(of(k))]), ['**all of it**', `**${kb(total)}**`]])}

| largest files | KB |
| --- | --- |
${files
  .sort((a, b) => b.bytes - a.bytes)
  .slice(0, 8)
  .map((f) => `| ${f.name.replace(/-[0-9a-f]{32}/, '')} | ${kb(f.bytes)} |`)
  .join('\n')}

Fetched only when its place is opened:

${table(['script', 'KB'], later)}`;
}
