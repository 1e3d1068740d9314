import { existsSync } from 'node:fs';
import { serveStatic } from '@hono/node-server/serve-static';
import { Hono } from 'hono';
import { compress } from 'hono/compress';
import { etag } from 'hono/etag';
import type { ZodError } from 'zod';
import { secureHeaders } from 'hono/secure-headers';
import { deliveryOf, enquirySchema, offersFor } from '../src/core/estimating/supplier';
import { plainDateSchema } from '../src/core/units';

const YEAR_SECONDS = 31_536_000;

/** Files whose names carry a hash of their content never change; one that is gone belongs to an older build. */
const isHashed = (path: string) =>
  /^\/(?:_expo\/static|assets|fonts)\/.*[.-][0-9a-f]{16,}[.@]/.test(path);
const isFile = (path: string) => /^\/(?:_expo|assets|fonts|icons|demo)\//.test(path);

const faultOf = ({ issues: [first] }: ZodError): string =>
  `${first?.path.join('.') ?? ''}: ${first?.message ?? 'unreadable'}`;

/** Serves the built app from `root` (relative to the working folder), and the simulated supplier. */
export function createApp(root: string): Hono {
  const app = new Hono();
  app.use(
    secureHeaders({
      contentSecurityPolicy: {
        defaultSrc: ["'self'"],
        // The page carries one small reset style; react-native-web writes its rules into style elements.
        styleSrc: ["'self'", "'unsafe-inline'"],
        imgSrc: ["'self'", 'data:', 'blob:'],
        workerSrc: ["'self'"],
        connectSrc: ["'self'"],
        objectSrc: ["'none'"],
        baseUri: ["'none'"],
        frameAncestors: ["'none'"],
      },
      referrerPolicy: 'no-referrer',
      // Plain HTTP on the loopback address: there is nothing to upgrade to.
      strictTransportSecurity: false,
    }),
  );
  app.use('*', async (context, next) => {
    await next();
    context.header(
      'Cache-Control',
      isHashed(context.req.path) && [200, 304].includes(context.res.status)
        ? `public, max-age=${YEAR_SECONDS}, immutable`
        : 'no-cache',
    );
  });
  app.use(etag());
  app.use(compress());
  app.get('/api/health', (context) => context.json({ ok: true, is: 'fresh-porch' }));
  app.get('/api/supplier/offers', (context) => {
    const enquiry = enquirySchema.safeParse(context.req.query());
    if (!enquiry.success) return context.json({ error: faultOf(enquiry.error) }, 400);
    return context.json(offersFor(enquiry.data));
  });
  app.get('/api/supplier/deliveries/:orderId', (context) => {
    const promised = plainDateSchema.safeParse(context.req.query('promised'));
    if (!promised.success) return context.json({ error: 'promised: not a YYYY-MM-DD date' }, 400);
    return context.json(deliveryOf(context.req.param('orderId'), promised.data));
  });
  // The build lays each text beside its brotli and gzip; what is not there yet is packed on its way.
  app.use('*', serveStatic({ root, precompressed: true }));
  app.get('*', async (context, next) => {
    const { path } = context.req;
    if (isFile(path) || !context.req.header('accept')?.includes('text/html')) {
      return context.notFound();
    }
    if (!existsSync(`${root}/index.html`)) return context.text('The app is not built yet.', 503);
    return serveStatic({ root, path: 'index.html', precompressed: true })(context, next);
  });
  return app;
}
