/**
 * The built application: its files by name, ready compressed; every other path is a place in it, or a real 404 with the
 * application’s own page for it.
 */
import { readFile } from 'node:fs/promises';
import type { Context, Middleware } from 'koa';
import send from 'koa-send';
import { placesIn } from './places';

const YEAR_MS = 31_536_000_000;
/** Folders whose file names carry the hash of their content. */
const HASHED = ['/_expo/', '/assets/', '/fonts/'];

/** Only what reads is answered. */
export function refuseMethod(ctx: Context): void {
  ctx.status = 405;
  ctx.set('Allow', 'GET, HEAD');
  ctx.body = 'method not allowed';
}

export function serveApplication(root: string): Middleware {
  const isPlace = placesIn(root);
  return async (ctx) => {
    if (ctx.method !== 'GET' && ctx.method !== 'HEAD') return refuseMethod(ctx);
    // What browsers and their bookmarks ask for unbidden.
    if (ctx.path === '/favicon.ico') {
      ctx.redirect('/icon.svg');
      return;
    }
    const hashed = HASHED.some((h) => ctx.path.startsWith(h));
    const isFile = hashed || /\.[a-z0-9]+$/i.test(ctx.path);
    ctx.vary('Accept-Encoding');
    // Files are small, and pressed ones are no slices of what they hold: they are sent whole.
    ctx.set('Accept-Ranges', 'none');
    try {
      const file = await send(ctx, isFile ? ctx.path : 'index.html', {
        root,
        maxage: hashed ? YEAR_MS : 0,
        immutable: hashed,
      });
      // Read whole, a page is tagged by its content, so that copies of the server agree; hashed files need no tag.
      if (file && !hashed) {
        const type = ctx.type;
        ctx.body = await readFile(file);
        ctx.type = type;
        ctx.remove('Last-Modified');
        if (!isFile && !isPlace(ctx.path)) ctx.status = 404;
      }
    } catch (e) {
      if ((e as { status?: number }).status !== 404) throw e;
    }
    if (!ctx.body) {
      ctx.remove('Cache-Control');
      ctx.status = 404;
      ctx.type = 'text/plain';
      ctx.body = 'not found';
    }
  };
}
