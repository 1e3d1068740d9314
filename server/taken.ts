import http from 'node:http';
import https from 'node:https';
import { json } from 'node:stream/consumers';

/** Who has the port: a Fresh Porch that runs already, or some other program. */
export type Who = 'us' | 'other';

const LONGEST_MS = 3_000;

/** Asks whoever answers at `origin` whether it is a Fresh Porch; a certificate of one's own is no hindrance. */
export const whoIsThere = (origin: string): Promise<Who> =>
  new Promise((resolve) => {
    const { get } = origin.startsWith('https:') ? https : http;
    const options = { rejectUnauthorized: false, timeout: LONGEST_MS };
    const asked = get(`${origin}/api/health`, options, (answer) => {
      void json(answer)
        .catch(() => ({}))
        .then((read) => {
          resolve((read as { is?: unknown }).is === 'fresh-porch' ? 'us' : 'other');
        });
    });
    asked.on('timeout', () => asked.destroy());
    asked.on('error', () => resolve('other'));
  });

/** What is said when the port is taken, and the way on. */
export const takenWords = (who: Who, origin: string, port: number): string =>
  who === 'us'
    ? `Fresh Porch runs already: ${origin}/\n`
    : `Port ${port} is taken by another program, so Fresh Porch did not start.\n` +
      `A browser keeps each address's houses apart: at another port your house would not be there.\n` +
      `Stop the other program, or ask for another port on purpose: PORT=${port + 1} npm start\n`;
