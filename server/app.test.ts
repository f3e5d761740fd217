import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { Server } from 'node:http';
import { createApp } from './app';

const root = mkdtempSync(path.join(tmpdir(), 'kettle-'));
writeFileSync(path.join(root, 'index.html'), '<!DOCTYPE html><title>Moss Kettle</title>');
mkdirSync(path.join(root, '_expo'));
writeFileSync(path.join(root, '_expo', 'a-123.js'), 'var a = 1;'.repeat(400));

let server: Server;
let address = '';
beforeAll((done) => {
  server = createApp({ root, demo: true }).listen(0, '127.0.0.1', () => {
    address = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
    done();
  });
});
afterAll((done) => {
  server.close(() => done());
});

test.each(['/', '/lures', '/kit/lure/new'])('the application answers at %s', async (p) => {
  const r = await fetch(address + p);
  expect(r.status).toBe(200);
  expect(await r.text()).toContain('Moss Kettle');
});

test('scripts come from here alone', async () => {
  const policy = (await fetch(address)).headers.get('content-security-policy')!;
  expect(policy).toContain("script-src 'self'");
  expect(policy).toContain("worker-src 'self'");
  expect(policy).not.toMatch(/script-src[^;]*unsafe/);
});

test('hashed files are kept for long, pages are asked for again', async () => {
  expect((await fetch(`${address}/_expo/a-123.js`)).headers.get('cache-control')).toContain('immutable');
  expect((await fetch(address)).headers.get('cache-control')).toContain('max-age=0');
});

test('an unchanged page is not sent twice', async () => {
  const etag = (await fetch(address)).headers.get('etag')!;
  expect((await fetch(address, { headers: { 'if-none-match': etag, 'cache-control': 'max-age=0' } })).status).toBe(304);
});

test.each([
  ['a missing file', '/nothing.js', 404],
  ['a way out of the folder', '/..%2f..%2fetc/passwd.txt', 403],
  ['an unknown question', '/api/nothing', 404],
])('%s is refused', async (_name, p, status) => {
  expect((await fetch(address + p)).status).toBe(status);
});

test('writing is refused', async () => {
  expect((await fetch(address, { method: 'POST' })).status).toBe(405);
});

test('the first start is told whether to offer the demo', async () => {
  expect(await (await fetch(`${address}/api/start`)).json()).toEqual({ demo: true });
});
