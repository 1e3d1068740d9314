/** Who has the port: a Fresh Porch that runs already, or some other program. */
export type Who = 'us' | 'other';

const LONGEST_MS = 3_000;

/** Asks whoever answers at `origin` whether it is a Fresh Porch. */
export async function whoIsThere(origin: string): Promise<Who> {
  try {
    const answer = await fetch(`${origin}/api/health`, { signal: AbortSignal.timeout(LONGEST_MS) });
    const read = (await answer.json()) as { is?: unknown };
    return read.is === 'fresh-porch' ? 'us' : 'other';
  } catch {
    return 'other';
  }
}

/** What is said when the port is taken, and the way on. */
export const takenWords = (who: Who, origin: string, port: number): string =>
  who === 'us'
    ? `Fresh Porch runs already: ${origin}/\n`
    : `Port ${port} is taken by another program, so Fresh Porch did not start.\n` +
      `A browser keeps each address's houses apart: at another port your house would not be there.\n` +
      `Stop the other program, or ask for another port on purpose: PORT=${port + 1} npm start\n`;
