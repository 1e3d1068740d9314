import type { PlaceId } from '../../house';
import type { LogContext } from './context';
import type { Dated } from './dated';
import { jobsFor, nearBest, placesSaid } from './jobs';
import type { Kind } from './kinds';
import type { Memory } from './reading';
import type { Statement } from './segment';
import { NOTHING_AHEAD, type Ahead } from './making';

/** What stands behind a time that names no work of its own. */
export function aheadOf(
  dated: readonly Dated[],
  at: number,
  memory: Memory,
  context: LogContext,
): Ahead {
  const here = dated[at]?.statement;
  if (!here || here.facts.shares.length > 0 || here.facts.has('done')) return NOTHING_AHEAD;
  let named: Ahead['named'] = null;
  for (const { statement } of dated.slice(at + 1, at + 3)) {
    if (statement.sentence !== here.sentence) break;
    if (statement.kind !== 'progress' && statement.kind !== 'hours') continue;
    const { facts } = statement;
    const own = placesSaid(facts.stretch).all;
    const places = own.length > 0 ? own : placesSaid(here.facts.stretch).all;
    const near = nearBest(jobsFor(facts.stretch.stems(), places, memory, context, facts.steps));
    const [only] = near;
    if (!only || near.length > 1) continue;
    if (statement.kind === 'progress') return { told: only.job, named };
    named ??= only.job;
  }
  return { told: null, named };
}

/** "Screws 8.40, brackets 12.60, both porch": the room of all receipts before it. */
export function sharedRoom(behind: readonly Dated[], here: Statement): PlaceId | null {
  const last = behind.findLast(({ statement }) => statement.sentence === here.sentence)?.statement;
  if (last?.kind !== 'money') return null;
  const both = last.facts.stretch.marked('person').find(({ all }) => all);
  const room = last.facts.stretch.marked('place').find(({ at }) => at === both?.to);
  return room?.ids[0] ?? null;
}

/** What one does in a room, and uses up there. */
export const IN_ONE_ROOM: ReadonlySet<Kind> = new Set([
  'hours',
  'progress',
  'material',
  'leftover',
]);
