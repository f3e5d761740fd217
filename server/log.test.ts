import { get } from 'node:http';
import { started } from './kit';
import { loggedPath, openLog } from './log';

test('an error is logged in brief: neither what a client sent nor pages of it', () => {
  const lines: string[] = [];
  const log = openLog('info', { write: (line) => lines.push(line) });
  const e = Object.assign(new Error(`broken ${'x'.repeat(9000)}`), {
    code: 'HPE_INVALID',
    rawPacket: Buffer.alloc(180_000, 'token=secret'),
    input: '/?token=secret',
  });
  log.error({ err: e }, 'failed');
  expect(lines[0]!.length).toBeLessThan(3000);
  expect(lines[0]).not.toContain('secret');
  expect(JSON.parse(lines[0]!)).toMatchObject({ err: { type: 'Error', code: 'HPE_INVALID' } });
  log.error({ err: 'text' }, 'failed');
  expect(JSON.parse(lines[1]!)).toMatchObject({ err: { message: 'text' } });
  expect(loggedPath(`/${'a'.repeat(9000)}`)).toHaveLength(300);
});

test('what a browser asks for unbidden leads to the picture there is', async () => {
  const server = await started();
  const status = await new Promise<[number | undefined, string | undefined]>((done) =>
    get(`${server.address}/favicon.ico`, (r) => {
      r.resume();
      done([r.statusCode, r.headers.location]);
    }),
  );
  expect(status).toEqual([302, '/icon.svg']);
  await server.stop();
});
