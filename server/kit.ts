/** For the server's tests: a small built application in a folder, and a running server over it. */
import { mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import pino from 'pino';
import { readConfig, type ServerConfig } from './config';
import { PLACES_FILE } from './places';
import { runServer, type Running } from './run';

export const SCRIPT = 'var a = 1;'.repeat(400);
export const PAGE = '<!DOCTYPE html><title>Moss Kettle</title>';

export function builtApplication(): string {
  const root = mkdtempSync(path.join(tmpdir(), 'kettle-'));
  mkdirSync(path.join(root, '_expo'));
  writeFileSync(path.join(root, 'index.html'), PAGE);
  writeFileSync(path.join(root, PLACES_FILE), JSON.stringify(['/', '/lures', '/kit/*/*']));
  writeFileSync(path.join(root, 'sw.js'), 'self.x = 1;');
  writeFileSync(path.join(root, '.secret'), 'not for you');
  const script = path.join(root, '_expo', 'a-123.js');
  writeFileSync(script, SCRIPT);
  writeFileSync(`${script}.br`, brotliCompressSync(SCRIPT));
  writeFileSync(`${script}.gz`, gzipSync(SCRIPT));
  return root;
}

export function configFor(settings: Record<string, string> = {}): ServerConfig {
  const r = readConfig({ PORT: '0', WEB_ROOT: builtApplication(), LOG_LEVEL: 'silent', DEMO: '1', ...settings });
  if (!r.ok) throw new Error(r.lines.join('\n'));
  return r.config;
}

export const started = (settings: Record<string, string> = {}, log = pino({ level: 'silent' })): Promise<Running> =>
  runServer(configFor(settings), log);
