/**
 * Asks a station for its report: the server first, and where that cannot be reached the same stand-in on this device.
 * Nothing unchecked gets further.
 */
import { checkWith } from '../core/schemas/check';
import { stationReportSchema } from '../core/schemas/station';
import { answerStation, type StationFault } from '../core/stations/answer';
import type { StationId } from '../core/stations/places';
import type { StationReport } from '../core/stations/report';

export type StationProblem = 'too-slow' | 'out-of-order' | 'nonsense';

export class StationFailed extends Error {
  constructor(
    readonly problem: StationProblem,
    /** What was wrong with it, for the problem report. */
    readonly detail: string,
  ) {
    super(`${problem}: ${detail}`);
  }
}

export interface StationFeed {
  report: StationReport;
  via: 'server' | 'device';
}

/** Longest wait for a report, ms. */
const PATIENCE_MS = 10_000;

const pause = (ms: number): Promise<void> => new Promise((r) => setTimeout(r, ms));

/** The server's answer, or null when there is no server that knows of stations. */
async function fromServer(
  id: StationId,
  atMs: number,
  fault: StationFault,
  signal: AbortSignal,
): Promise<{ status: number; body: unknown } | null> {
  if (typeof navigator !== 'undefined' && navigator.onLine === false) return null;
  const q = new URLSearchParams({ at: new Date(atMs).toISOString(), ...(fault === 'none' ? {} : { fault }) });
  // By hand: older browsers cannot join signals or time them.
  const ended = new AbortController();
  const end = (): void => ended.abort();
  signal.addEventListener('abort', end, { once: true });
  let outOfPatience = false;
  const patience = setTimeout(() => {
    outOfPatience = true;
    end();
  }, PATIENCE_MS);
  try {
    const r = await fetch(`/api/stations/${id}?${q.toString()}`, { signal: ended.signal });
    // A plain file host answers any address with the page.
    if (!(r.headers.get('content-type') ?? '').includes('json')) return null;
    return { status: r.status, body: parsed(await r.text()) };
  } catch (e) {
    if (signal.aborted) throw e;
    if (outOfPatience) throw new StationFailed('too-slow', `no answer in ${PATIENCE_MS / 1000} s`);
    if (e instanceof StationFailed) throw e;
    return null;
  } finally {
    clearTimeout(patience);
    signal.removeEventListener('abort', end);
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    throw new StationFailed('nonsense', 'not JSON');
  }
}

async function onDevice(id: StationId, atMs: number, fault: StationFault): Promise<{ status: number; body: unknown }> {
  const answer = answerStation(id, atMs, fault);
  await pause(answer.delayMs);
  return answer;
}

export async function askStation(
  id: StationId,
  atMs: number,
  fault: StationFault,
  signal: AbortSignal,
): Promise<StationFeed> {
  const served = await fromServer(id, atMs, fault, signal);
  const answer = served ?? (await onDevice(id, atMs, fault));
  if (answer.status !== 200) throw new StationFailed('out-of-order', `status ${answer.status}`);
  const checked = checkWith(stationReportSchema(), answer.body);
  if (!checked.ok)
    throw new StationFailed(
      'nonsense',
      checked.problems
        .slice(0, 5)
        .map((p) => `${p.path}: ${p.expected ?? p.code}`)
        .join('; '),
    );
  return { report: checked.value as StationReport, via: served ? 'server' : 'device' };
}
