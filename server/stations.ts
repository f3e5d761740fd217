/** The stand-in stations: made-up reports of invented places, and the faults that can be switched on. */
import { setTimeout as wait } from 'node:timers/promises';
import type { RouterContext } from '@koa/router';
import * as z from 'zod';
import { answerStation, STATION_FAULTS, type StationFault } from '../core/stations/answer';

const query = z.object({
  at: z.iso.datetime({ offset: true }),
  fault: z.enum(STATION_FAULTS).optional(),
});

/**
 * GET /api/stations/:id?at=…: the report as of that moment (a demo day has its own clock). `fault` overrides the
 * server's setting.
 */
export const stationRoute =
  (usual: StationFault) =>
  async (ctx: RouterContext): Promise<void> => {
    const q = query.safeParse(ctx.query);
    if (!q.success) {
      ctx.status = 400;
      ctx.body = { problem: 'bad-question', wants: 'at: a time with its offset; fault: absent or one of its names' };
      return;
    }
    const answer = answerStation(ctx.params.id ?? '', Date.parse(q.data.at), q.data.fault ?? usual);
    if (answer.delayMs > 0) await wait(answer.delayMs, undefined, { ref: false });
    ctx.status = answer.status;
    ctx.body = answer.body;
  };
