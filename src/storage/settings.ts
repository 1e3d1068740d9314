import { z } from 'zod';
import type { KeyValue } from './key-value';

const settingsSchema = z.object({ theme: z.enum(['day', 'night', 'system']) });
export type Settings = z.infer<typeof settingsSchema>;

const SETTINGS = 'settings';
const DEVICE = 'device';

/** Settings of this device; those that do not read are the usual ones. */
export async function readSettings(database: KeyValue): Promise<Settings> {
  const raw = await database.getItem(SETTINGS);
  try {
    return settingsSchema.parse(JSON.parse(raw ?? ''));
  } catch {
    return { theme: 'system' };
  }
}

export const writeSettings = (database: KeyValue, settings: Settings): Promise<void> =>
  database.setItem(SETTINGS, JSON.stringify(settings));

/** This browser's own name in the stamps of its events. */
export async function deviceId(database: KeyValue, newId: () => string): Promise<string> {
  const known = await database.getItem(DEVICE);
  if (known) return known;
  const fresh = newId();
  await database.setItem(DEVICE, fresh);
  return fresh;
}
