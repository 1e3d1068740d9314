import { createServer } from 'node:net';
import { serve } from '@hono/node-server';
import { createApp } from './app';

const USUAL_PORT = 4173;
const HOST = process.env.HOST ?? '127.0.0.1';

/** The wanted port if it is free, else any free one. */
function freePort(wanted: number): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', (error: NodeJS.ErrnoException) =>
      error.code === 'EADDRINUSE' && wanted !== 0 ? resolve(freePort(0)) : reject(error),
    );
    probe.listen(wanted, HOST, () => {
      const address = probe.address();
      const port = typeof address === 'object' && address ? address.port : wanted;
      probe.close(() => resolve(port));
    });
  });
}

void freePort(Number(process.env.PORT ?? USUAL_PORT)).then((port) =>
  serve({ fetch: createApp('dist').fetch, hostname: HOST, port }, () => {
    process.stdout.write(
      `Fresh Porch, demo house: http://${HOST}:${port}/demo\nYour own house:          http://${HOST}:${port}/\n`,
    );
  }),
);
