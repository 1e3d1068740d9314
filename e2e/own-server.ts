import { cpSync, rmSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { serve, type ServerType } from '@hono/node-server';
import { createApp } from '../server/app';

/** A copy of the build with a server of its own: it can be stopped, changed, and started again at the same address. */
export class OwnServer {
  private server: ServerType | null = null;
  private port = 0;

  private constructor(readonly root: string) {}

  static async start(name: string): Promise<OwnServer> {
    const own = new OwnServer(join('.cache', `served-${name}`));
    rmSync(own.root, { recursive: true, force: true });
    cpSync('dist', own.root, { recursive: true });
    await own.start();
    return own;
  }

  get origin(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(): Promise<void> {
    const { fetch } = createApp(this.root);
    this.server = await new Promise<ServerType>((started) => {
      const server = serve({ fetch, hostname: '127.0.0.1', port: this.port }, () =>
        started(server),
      );
    });
    this.port = (this.server.address() as AddressInfo).port;
  }

  async stop(): Promise<void> {
    const { server } = this;
    this.server = null;
    await new Promise<void>((stopped) => {
      if (!server) return stopped();
      server.close(() => stopped());
      if ('closeAllConnections' in server) server.closeAllConnections();
    });
  }

  async remove(): Promise<void> {
    await this.stop();
    rmSync(this.root, { recursive: true, force: true });
  }
}
