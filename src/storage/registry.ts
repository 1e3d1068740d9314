import { z } from 'zod';
import { momentSchema } from '../core/units';
import type { KeyValue } from './key-value';

const entrySchema = z.object({
  id: z.string().min(1),
  /** Under which id its journal is stored: a house that was replaced from a file has a fresh one. */
  journal: z.string().min(1),
  kind: z.enum(['own', 'demo']),
  name: z.string(),
  /** A file made to be shown stands at its own moment. */
  clock: momentSchema.nullable(),
});
export type RegistryEntry = z.infer<typeof entrySchema>;

const registrySchema = z.object({
  projects: z.array(entrySchema),
  currentId: z.string().nullable(),
});
export type Registry = z.infer<typeof registrySchema>;

export const settingsSchema = z.object({ theme: z.enum(['day', 'night', 'system']) });
export type Settings = z.infer<typeof settingsSchema>;

const REGISTRY = 'projects';
const SETTINGS = 'settings';
const DEVICE = 'device';

async function readJson<T>(
  database: KeyValue,
  key: string,
  schema: z.ZodType<T>,
): Promise<T | null> {
  const raw = await database.getItem(key);
  if (raw === null) return null;
  try {
    return schema.parse(JSON.parse(raw));
  } catch {
    return null;
  }
}

/** The houses kept on this device. A registry that does not read is rebuilt from the journals found. */
export async function readRegistry(database: KeyValue): Promise<Registry> {
  const registry = await readJson(database, REGISTRY, registrySchema);
  if (registry) return registry;
  const ids = new Set(
    (await database.getAllKeys())
      .filter((key) => key.startsWith('event/'))
      .flatMap((key) => key.split('/')[1] ?? []),
  );
  const projects = [...ids].map((id) => ({
    id,
    journal: id,
    kind: 'own' as const,
    name: 'Found house',
    clock: null,
  }));
  return { projects, currentId: projects[0]?.id ?? null };
}

export const writeRegistry = (database: KeyValue, registry: Registry): Promise<void> =>
  database.setItem(REGISTRY, JSON.stringify(registry));

export const readSettings = async (database: KeyValue): Promise<Settings> =>
  (await readJson(database, SETTINGS, settingsSchema)) ?? { theme: 'system' };

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
