import { readFileSync } from 'node:fs';
import { createServer as createHttpServer } from 'node:http';
import { createServer as createHttpsServer } from 'node:https';
import { serve } from '@hono/node-server';
import { createApp } from './app';
import { takenWords, whoIsThere } from './taken';

const USUAL_PORT = 4173;
const HOST = process.env.HOST ?? '127.0.0.1';
const PORT = Number(process.env.PORT ?? USUAL_PORT);
/** Files of a certificate, for a phone: only a secure page may keep itself for offline use. */
const TLS_CERT = process.env.TLS_CERT;
const TLS_KEY = process.env.TLS_KEY;

const secure =
  TLS_CERT && TLS_KEY
    ? {
        createServer: createHttpsServer,
        serverOptions: { cert: readFileSync(TLS_CERT), key: readFileSync(TLS_KEY) },
      }
    : { createServer: createHttpServer };
const scheme = TLS_CERT && TLS_KEY ? 'https' : 'http';

const server = serve(
  { fetch: createApp('dist').fetch, hostname: HOST, port: PORT, ...secure },
  ({ port }) => {
    const origin = `${scheme}://${HOST}:${port}`;
    process.stdout.write(
      `Fresh Porch, demo house: ${origin}/demo\nYour own house:          ${origin}/\n`,
    );
  },
);

server.on('error', (error: NodeJS.ErrnoException) => {
  // Another port would be another origin, and an empty house: nobody is moved there unasked.
  if (error.code !== 'EADDRINUSE') throw error;
  void whoIsThere(`${scheme}://${HOST}:${PORT}`).then((who) => {
    process.stderr.write(takenWords(who, `${scheme}://${HOST}:${PORT}`, PORT));
    process.exit(who === 'us' ? 0 : 1);
  });
});
