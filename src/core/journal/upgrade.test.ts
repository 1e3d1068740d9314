import { existsSync, readFileSync, readdirSync } from 'node:fs';
import fc from 'fast-check';
import { z } from 'zod';
import { definitionOf, eventVersions } from './events';
import { upgraded, versionOf } from './events/define';
import { eventRow, parseEvent } from './read';

const FIXTURES = 'src/core/journal/fixtures';
const samples = readdirSync(FIXTURES).filter((name) => /\.v\d+\.json$/.test(name));
const rows = samples.flatMap(
  (name) =>
    (
      JSON.parse(readFileSync(`${FIXTURES}/${name}`, 'utf8')) as {
        events: { type: string; v?: number }[];
      }
    ).events,
);

describe('a payload of an older version', () => {
  const upgrades = [
    (payload: unknown) => ({ ...(payload as object), hours: 2 }),
    (payload: unknown) => ({ ...(payload as object), crew: [] }),
  ];

  it('is lifted step by step to the version written now', () => {
    expect(versionOf({ upgrades })).toBe(3);
    expect(upgraded({ upgrades }, 1, { who: 'me' })).toEqual({ who: 'me', hours: 2, crew: [] });
    expect(upgraded({ upgrades }, 2, { who: 'me' })).toEqual({ who: 'me', crew: [] });
    expect(upgraded({ upgrades }, 3, { who: 'me' })).toEqual({ who: 'me' });
    expect(versionOf({})).toBe(1);
  });
});

describe('every released version of every kind of event', () => {
  const released = Object.entries(eventVersions()).flatMap(([type, version]) =>
    Array.from({ length: version }, (_, at) => [type, at + 1] as const),
  );

  it.each(released)('%s, version %i: a kept sample reads today', (type, version) => {
    const kept = rows.filter((row) => row.type === type && (row.v ?? 1) === version);
    expect(kept).not.toEqual([]);
    for (const row of kept) expect(parseEvent(row)).toMatchObject({ ok: true });
  });

  it('is lifted without falling over, whatever the payload holds', () => {
    const types = Object.keys(eventVersions()).filter((type) => definitionOf(type)?.upgrades);
    for (const type of types) {
      fc.assert(
        fc.property(
          fc.anything(),
          (payload) => void upgraded(definitionOf(type) ?? {}, 1, payload),
        ),
      );
    }
    expect(existsSync(`${FIXTURES}/versions.json`)).toBe(true);
  });

  it('is written as it was read', () => {
    for (const row of rows) {
      const read = parseEvent(row);
      if (read.ok && (row.v ?? 1) === eventVersions()[row.type]) {
        expect(eventRow(read.value)).toEqual(row);
      }
    }
    expect(z.array(z.object({ type: z.string() })).parse(rows).length).toBeGreaterThan(300);
  });
});
