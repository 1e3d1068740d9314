import { standingSchema, type Standing } from '../core/planning/report';
import type { KeyValue } from './key-value';
import { keys } from './keys';

/**
 * The plan that stands for a house, kept so that the next visit begins with it. It can be looked for anew, so a row that
 * cannot be read, or written, is no loss but of the days people had in mind.
 */
export async function readStanding(database: KeyValue, journal: string): Promise<Standing | null> {
  try {
    const raw = await database.getItem(keys.standing(journal));
    return raw === null ? null : standingSchema.parse(JSON.parse(raw));
  } catch {
    return null;
  }
}

export const writeStanding = (
  database: KeyValue,
  journal: string,
  standing: Standing,
): Promise<void> => database.setItem(keys.standing(journal), JSON.stringify(standing));
