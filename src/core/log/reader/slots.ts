import type { Entry, PlaceId } from '../../house';
import { addCents, cents } from '../../units';
import type { Told } from './making';

/** What of a money entry was changed beside the line. */
export function withMoneyTold(entry: Entry, told: Told): Entry {
  if (entry.kind !== 'money') return entry;
  const spend = told.get('spend');
  const paidFrom = told.get('paid-from');
  const shop = told.get('shop');
  const amount = told.get('amount');
  const room = told.get('room');
  let changed = entry;
  if (spend !== undefined) changed = { ...changed, spend };
  if (paidFrom === 'budget' || paidFrom === 'contingency')
    changed = { ...changed, drawsOn: paidFrom };
  if (shop !== undefined) changed = { ...changed, shop: shop || null };
  if (amount !== undefined && Number.isSafeInteger(Number(amount))) {
    const total = cents(Number(amount));
    const before = addCents(entry.shares.map((share) => share.cents));
    const ratio = before === 0 ? 0 : total / before;
    const scaled = entry.shares.map((share) => ({ ...share, cents: cents(share.cents * ratio) }));
    const off = total - addCents(scaled.map((share) => share.cents));
    changed = {
      ...changed,
      shares: scaled.map((share, at) =>
        at === 0 ? { ...share, cents: cents(share.cents + off) } : share,
      ),
    };
  }
  if (room !== undefined) {
    const all = addCents(changed.shares.map((share) => share.cents));
    changed = { ...changed, shares: [{ placeId: (room as PlaceId) || null, cents: all }] };
  }
  return changed;
}

/** An entry with the room put right; work and progress take theirs from the job. */
export function withRoomTold(entry: Entry, told: Told): Entry {
  const room = told.get('room');
  // What is behind a wall of one room is read anew for another.
  if (entry.kind === 'behind') return entry;
  if (room === undefined || entry.kind === 'money' || !('placeId' in entry)) return entry;
  if (entry.kind === 'hours' && entry.jobId !== null) return entry;
  return { ...entry, placeId: (room as PlaceId) || null };
}
