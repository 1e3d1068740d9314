import {
  inspectionsOf,
  leftoversOf,
  openPunch,
  placesInOrder,
  slotSchema,
  type Held,
  type Inspection,
  type Place,
  type Project,
  type Slot,
} from '../../house';
import { findProduct } from '../../estimating/finishes';

/** A shut-off, breaker or cleanout, and what hangs on it. */
type ShutOff = {
  name: string;
  things: readonly { place: Place; wall: string; held: Held }[];
};

/** What goes with the house when it is called done. */
export type Handover = {
  passed: readonly Inspection[];
  shutOffs: readonly ShutOff[];
  /** Products chosen, by place, in the place's words for the surface. */
  finishes: readonly { place: Place; slot: Slot; name: string }[];
  /** What is left over and kept for mending. */
  spares: readonly { what: string; amount: string; placeId: string | null }[];
  /** Trades that worked here, with what they were hired for. */
  trades: readonly { trade: string; jobIds: readonly string[] }[];
  /** Pictures of papers: of no room, or of the card of a visit. */
  papers: readonly { id: string; about: string | null }[];
  /** What is still to be remembered: open items, open questions, and what stands for later. */
  left: { punch: number; questions: number };
};

const nameKey = (name: string): string => name.trim().toLowerCase();

function shutOffsOf(project: Project): ShutOff[] {
  const byName = new Map<string, { name: string; things: ShutOff['things'][number][] }>();
  for (const place of placesInOrder(project)) {
    for (const record of Object.values(project.wallRecords)) {
      if (record.placeId !== place.id) continue;
      for (const held of record.holds) {
        if (!held.hangsOn) continue;
        const key = nameKey(held.hangsOn);
        const entry = byName.get(key) ?? { name: held.hangsOn, things: [] };
        entry.things.push({ place, wall: record.wall, held });
        byName.set(key, entry);
      }
    }
  }
  return [...byName.values()].sort((a, b) => nameKey(a.name).localeCompare(nameKey(b.name)));
}

/** All that somebody who takes over the house has to be told, from what was kept while it was built. */
export function handoverOf(project: Project): Handover {
  const trades = new Map<string, string[]>();
  for (const [jobId, { trade }] of Object.entries(project.hired)) {
    trades.set(trade, [...(trades.get(trade) ?? []), jobId]);
  }
  return {
    passed: inspectionsOf(project).filter(({ result }) => result === 'passed'),
    shutOffs: shutOffsOf(project),
    finishes: placesInOrder(project).flatMap((place) =>
      Object.entries(project.finishes).flatMap(([key, productId]) => {
        const [placeId, said = ''] = key.split('/');
        const slot = slotSchema.safeParse(said);
        const name = findProduct(project, productId)?.name ?? productId;
        return placeId === place.id && slot.success ? [{ place, slot: slot.data, name }] : [];
      }),
    ),
    spares: leftoversOf(project)
      .filter(({ returnedOn }) => returnedOn === undefined)
      .map(({ what, amount, placeId }) => ({ what, amount, placeId })),
    trades: [...trades].map(([trade, jobIds]) => ({ trade, jobIds })),
    papers: Object.values(project.photos)
      .filter(({ placeId, about }) => about?.startsWith('job/') ?? placeId === null)
      .map(({ id, about }) => ({ id, about: about ?? null })),
    left: {
      punch: openPunch(project).length,
      questions: Object.values(project.questions).filter(({ answer }) => answer === null).length,
    },
  };
}
