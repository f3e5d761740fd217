/** The server's settings, from the environment, each with its default. What is wrong is listed, one line a setting. */
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import * as z from 'zod';
import { STATION_FAULTS } from '../core/stations/answer';

const flag = z.enum(['0', '1']).transform((v) => v === '1');
const whole = (min: number, max: number) =>
  z
    .string()
    .regex(/^\d+$/)
    .transform(Number)
    .refine((v) => v >= min && v <= max);

const HERE = path.dirname(fileURLToPath(import.meta.url));

/** Every setting: what it takes, what it is when absent, and the words for a wrong one. */
const SETTINGS = {
  PORT: { schema: whole(0, 65_535), fallback: '4380', wants: 'a port from 0 to 65535 (0 takes any free one)' },
  HOST: { schema: z.string().min(1).max(255), fallback: '127.0.0.1', wants: 'the address to listen on' },
  DEMO: { schema: flag, fallback: '0', wants: '1 to offer the demo world to an empty device, else 0' },
  WEB_ROOT: {
    schema: z.string().min(1),
    fallback: path.resolve(HERE, '..', 'dist'),
    wants: 'the folder of the built application',
  },
  LOG_LEVEL: {
    schema: z.enum(['silent', 'fatal', 'error', 'warn', 'info', 'debug']),
    fallback: 'info',
    wants: 'silent, fatal, error, warn, info or debug',
  },
  BEHIND_PROXY: { schema: flag, fallback: '0', wants: '1 when a proxy in front sets X-Forwarded-For, else 0' },
  HTTPS_ONLY: {
    schema: flag,
    fallback: '0',
    wants: '1 when it is reached by HTTPS alone (sends Strict-Transport-Security), else 0',
  },
  STATION_FAULT: {
    schema: z.enum(STATION_FAULTS),
    fallback: 'none',
    wants: `how the stand-in stations fail: ${STATION_FAULTS.join(', ')}`,
  },
  API_PER_MINUTE: {
    schema: whole(1, 1_000_000),
    fallback: '120',
    wants: 'questions to /api a minute and address, from 1',
  },
  BODY_LIMIT_BYTES: {
    schema: whole(0, 10_000_000),
    fallback: '16384',
    wants: 'the largest request body in bytes, to 10000000',
  },
  REQUEST_TIMEOUT_MS: {
    schema: whole(100, 120_000),
    fallback: '15000',
    wants: 'how long a request may take to arrive, 100 to 120000 ms',
  },
} as const;

type Settings = typeof SETTINGS;
export type ServerConfig = { [K in keyof Settings]: z.output<Settings[K]['schema']> };
export const SETTING_NAMES = Object.keys(SETTINGS) as (keyof Settings)[];

export type ConfigResult = { ok: true; config: ServerConfig } | { ok: false; lines: string[] };

export function readConfig(env: Readonly<Record<string, string | undefined>>): ConfigResult {
  const config: Record<string, unknown> = {};
  const lines: string[] = [];
  for (const name of SETTING_NAMES) {
    const { schema, fallback, wants } = SETTINGS[name];
    const text = env[name] ?? fallback;
    const r = schema.safeParse(text);
    if (r.success) config[name] = r.data;
    else lines.push(`${name} must be ${wants}; it is "${text}".`);
  }
  return lines.length > 0 ? { ok: false, lines } : { ok: true, config: config as ServerConfig };
}
