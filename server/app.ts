/**
 * The server's layers, outermost first: log, errors, security headers, tags, the API with its limits, the application's
 * files. It keeps no state.
 */
import { Router } from '@koa/router';
import etag from '@koa/etag';
import Koa, { type Middleware } from 'koa';
import compose from 'koa-compose';
import conditional from 'koa-conditional-get';
import helmet from 'koa-helmet';
import type { Logger } from 'pino';
import { refuseMethod, serveApplication } from './assets';
import type { ServerConfig } from './config';
import { limitBody, limitRate } from './limits';
import { loggedPath } from './log';
import { stationRoute } from './stations';

/** What the application needs beside its own origin: inline styles, made by the interface library at run time. */
const POLICY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
  workerSrc: ["'self'"],
  manifestSrc: ["'self'"],
  fontSrc: ["'self'"],
  imgSrc: ["'self'", 'data:', 'blob:'],
  styleSrc: ["'self'", "'unsafe-inline'"],
  connectSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'none'"],
  frameAncestors: ["'none'"],
  formAction: ["'none'"],
};

const logged =
  (log: Logger): Middleware =>
  async (ctx, next) => {
    const from = process.hrtime.bigint();
    const { path } = ctx;
    ctx.res.once('close', () => {
      const ms = Number((process.hrtime.bigint() - from) / 10_000n) / 100;
      log.info({ method: ctx.method, path: loggedPath(path), status: ctx.res.statusCode, ms }, 'request');
    });
    await next();
  };

/** Expected refusals keep their number; anything else is told to the log and is 500 without a word of its inside. */
const caught =
  (log: Logger): Middleware =>
  async (ctx, next) => {
    try {
      await next();
    } catch (e) {
      const status = (e as { status?: number }).status ?? 500;
      if (status >= 500) log.error({ err: e, path: loggedPath(ctx.path) }, 'failed');
      ctx.status = status;
      ctx.remove('Cache-Control');
      ctx.type = 'text/plain';
      ctx.body = status >= 500 ? 'the server failed' : 'bad request';
    }
  };

function api(config: ServerConfig): Middleware {
  const router = new Router({ prefix: '/api' });
  router.get('/start', (ctx) => {
    ctx.body = { demo: config.DEMO };
  });
  router.get('/stations/:id', stationRoute(config.STATION_FAULT));
  const routes = router.routes();
  const allowed = router.allowedMethods();
  const answer = compose([
    limitRate(config.API_PER_MINUTE),
    limitBody(config.BODY_LIMIT_BYTES),
    routes as Middleware,
    allowed as Middleware,
  ]);
  return async (ctx, next) => {
    if (ctx.path !== '/api' && !ctx.path.startsWith('/api/')) return next();
    ctx.set('Cache-Control', 'no-store');
    await answer(ctx, async () => undefined);
    if (ctx.status === 404 && !ctx.body) {
      ctx.status = 404;
      ctx.body = { problem: 'no-such-question' };
    }
  };
}

export interface AppOptions {
  config: ServerConfig;
  log: Logger;
  /** Answers go out with Connection: close while the server stops. */
  stopping: () => boolean;
}

export function createApp({ config, log, stopping }: AppOptions): Koa {
  const app = new Koa({ proxy: config.BEHIND_PROXY, maxIpsCount: 1 });
  app.on('error', (e: NodeJS.ErrnoException) => {
    // The client went away in the middle: nothing failed here.
    if (e.code !== 'ECONNRESET' && e.code !== 'EPIPE' && e.code !== 'ERR_STREAM_PREMATURE_CLOSE')
      log.error({ err: e }, 'failed');
  });
  app.use(logged(log));
  app.use(caught(log));
  app.use(
    helmet({
      contentSecurityPolicy: { useDefaults: false, directives: POLICY },
      strictTransportSecurity: config.HTTPS_ONLY ? undefined : false,
      // As the policy's frame-ancestors has it, for browsers that only know this.
      xFrameOptions: { action: 'deny' },
    }),
  );
  app.use(async (ctx, next) => {
    ctx.set('Permissions-Policy', 'camera=(), microphone=(), payment=(), usb=(), geolocation=(self)');
    if (stopping()) ctx.set('Connection', 'close');
    await next();
  });
  app.use(async (ctx, next) => {
    if (ctx.path !== '/health') return next();
    if (ctx.method !== 'GET' && ctx.method !== 'HEAD') return refuseMethod(ctx);
    ctx.set('Cache-Control', 'no-store');
    ctx.status = stopping() ? 503 : 200;
    ctx.body = { status: stopping() ? 'stopping' : 'ok' };
  });
  app.use(conditional());
  app.use(etag());
  app.use(api(config));
  app.use(serveApplication(config.WEB_ROOT));
  return app;
}
