/**
 * Whose bytes the first screen's scripts are: a build with source maps, each character of the output given to the
 * package it came from.
 */
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import { eachMapping, TraceMap } from '@jridgewell/trace-mapping';
import { bin, filesUnder, run } from '../lib.mjs';
import { table } from './report';

/** Scripts that the first screen loads; the other pages' come later. */
const FIRST = /^(__expo-metro-runtime|__common|entry|_layout|index|compute)-[0-9a-f]{32}\.js$/;
const SHOWN = 16;

function ownerOf(source: string | null): string {
  if (!source) return 'bundler';
  const inPackage = /.*node_modules\/((?:@[^/]+\/)?[^/]+)/.exec(source);
  return inPackage ? inPackage[1]! : 'Moss Kettle';
}

/** Characters of one script by owner: from each mapping to the next on its line. */
function countInto(counts: Map<string, number>, file: string): void {
  const lines = readFileSync(file, 'utf8').split('\n');
  const map = new TraceMap(readFileSync(`${file}.map`, 'utf8'));
  let last: { line: number; column: number; owner: string } | null = null;
  const add = (owner: string, n: number): void => void counts.set(owner, (counts.get(owner) ?? 0) + n);
  eachMapping(map, (m) => {
    if (last && last.line === m.generatedLine) add(last.owner, m.generatedColumn - last.column);
    else if (last) add(last.owner, (lines[last.line - 1]?.length ?? 0) - last.column);
    last = { line: m.generatedLine, column: m.generatedColumn, owner: ownerOf(m.source) };
  });
}

export function compositionBench(): string {
  const dir = mkdtempSync(path.join(tmpdir(), 'composition-'));
  try {
    run(bin('expo'), ['export', '--platform', 'web', '--output-dir', dir, '--source-maps'], {
      env: { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', EXPO_NO_DOTENV: '1', CI: '1', NODE_ENV: 'production' },
    });
    const files = filesUnder(path.join(dir, '_expo')).filter((f) => FIRST.test(path.basename(f)));
    const counts = new Map<string, number>();
    let raw = 0;
    let pressed = 0;
    for (const f of files) {
      const text = readFileSync(f);
      raw += text.length;
      pressed += brotliCompressSync(text).length;
      countInto(counts, f);
    }
    const rows = [...counts].sort((a, b) => b[1] - a[1]);
    const others = rows.slice(SHOWN);
    const kb = (n: number): string => (n / 1024).toFixed(0);
    const row = (name: string, n: number): string[] => [name, kb(n), kb((n * pressed) / raw)];
    return `## Whose bytes

Scripts of the first screen by the package they come from, before pressing; the last column is the share of the ${kb(pressed)} KB pressed, as if all pressed alike.

${table(
  ['package', 'KB', '≈ KB pressed'],
  [
    ...rows.slice(0, SHOWN).map(([n, c]) => row(n, c)),
    row(
      `${others.length} more`,
      others.reduce((s, [, c]) => s + c, 0),
    ),
  ],
)}`;
  } finally {
    rmSync(dir, { recursive: true, force: true });
  }
}
