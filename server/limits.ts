/** Bounds on what anyone may send: how often, and how much. */
import type { Middleware } from 'koa';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';

/**
 * At most so many requests a minute from one address; beyond, 429 with when to come back. Counted by this copy alone.
 */
export function limitRate(perMinute: number): Middleware {
  const limiter = new RateLimiterMemory({ points: perMinute, duration: 60 });
  return async (ctx, next) => {
    try {
      await limiter.consume(ctx.ip);
    } catch (e) {
      if (!(e instanceof RateLimiterRes)) throw e;
      ctx.status = 429;
      ctx.set('Retry-After', String(Math.ceil(e.msBeforeNext / 1000)));
      ctx.body = { problem: 'too-many-requests' };
      return;
    }
    await next();
  };
}

/** Reads a body away up to the limit; a larger one, announced or found on the way, is 413 and the connection ends. */
export function limitBody(bytes: number): Middleware {
  return async (ctx, next) => {
    const refuse = (): void => {
      ctx.status = 413;
      ctx.set('Connection', 'close');
      ctx.body = { problem: 'body-too-large', limitBytes: bytes };
    };
    if ((ctx.request.length ?? 0) > bytes) return refuse();
    let had = 0;
    for await (const chunk of ctx.req) {
      had += (chunk as Buffer).length;
      if (had > bytes) return refuse();
    }
    await next();
  };
}
