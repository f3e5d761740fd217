/** The server's log: a line a request, and of what failed what helps to find it; never what a client sent. */
import pino, { type DestinationStream, type Logger } from 'pino';

const MAX_TEXT = 300;
const MAX_STACK = 2000;
const short = (s: unknown, max: number): string | undefined => (typeof s === 'string' ? s.slice(0, max) : undefined);

/** An error in brief: its own fields may hold the whole of a request. */
function briefly(e: unknown): object {
  if (!(e instanceof Error)) return { message: short(String(e), MAX_TEXT) };
  return {
    type: e.name,
    code: short((e as NodeJS.ErrnoException).code, MAX_TEXT),
    message: short(e.message, MAX_TEXT),
    stack: short(e.stack, MAX_STACK),
  };
}

export const openLog = (level: string, to?: DestinationStream): Logger =>
  pino({ level, base: null, serializers: { err: briefly } }, ...(to ? [to] : []));

/** A path as it is logged: no question, and not without end. */
export const loggedPath = (path: string): string => path.slice(0, MAX_TEXT);
