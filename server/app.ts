/** The server: the built application with its security headers, and what the application asks at its first start. */
import { Router } from '@koa/router';
import etag from '@koa/etag';
import Koa from 'koa';
import compress from 'koa-compress';
import conditional from 'koa-conditional-get';
import helmet from 'koa-helmet';
import send from 'koa-send';

export interface ServerOptions {
  root: string;
  /** Offer the demo world to a device that has no record yet. */
  demo: boolean;
}

const YEAR_S = 31_536_000;

export function createApp({ root, demo }: ServerOptions): Koa {
  const app = new Koa();
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          workerSrc: ["'self'"],
          fontSrc: ["'self'", 'data:'],
          imgSrc: ["'self'", 'data:', 'blob:'],
          styleSrc: ["'self'", "'unsafe-inline'"],
          connectSrc: ["'self'"],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          frameAncestors: ["'none'"],
          formAction: ["'self'"],
        },
      },
      crossOriginEmbedderPolicy: false,
      strictTransportSecurity: false,
    }),
  );
  app.use(compress());
  app.use(conditional());
  app.use(etag());
  const api = new Router({ prefix: '/api' });
  api.get('/start', (ctx) => {
    ctx.set('Cache-Control', 'no-store');
    ctx.body = { demo };
  });
  app.use(api.routes());
  app.use(async (ctx) => {
    if (ctx.path.startsWith('/api/')) return;
    if (ctx.method !== 'GET' && ctx.method !== 'HEAD') {
      ctx.status = 405;
      return;
    }
    // Files by name; every other path is a place in the application.
    const isFile = /\.[a-z0-9]+$/i.test(ctx.path);
    const hashed = ctx.path.startsWith('/_expo/') || ctx.path.startsWith('/assets/');
    try {
      await send(ctx, isFile ? ctx.path : 'index.html', { root, index: 'index.html', maxage: hashed ? YEAR_S * 1000 : 0, immutable: hashed });
    } catch (e) {
      if ((e as { status?: number }).status !== 404) throw e;
      ctx.status = 404;
      ctx.body = 'not found';
    }
  });
  return app;
}
