import type { Person } from '../../house';
import type { CostLine } from './cost-line';
import { cents, dateOf, type Moment } from '../../units';

type Worked = { stretches: readonly { from: Moment; people: readonly string[] }[] };

/** What the days cost on which a crew is still to come, each day once however many jobs it has. */
export function crewLines(people: readonly Person[], jobs: readonly Worked[]): CostLine[] {
  return people.flatMap(({ id, name, crew }): CostLine[] => {
    if (!crew) return [];
    const days = new Set(
      jobs.flatMap(({ stretches }) =>
        stretches.filter(({ people: who }) => who.includes(id)).map(({ from }) => dateOf(from)),
      ),
    );
    const planned = cents(days.size * crew.dayCents);
    if (planned === 0) return [];
    return [
      {
        id: `crew/${id}`,
        jobId: null,
        placeId: null,
        kind: 'trades',
        what: name,
        planned,
        isCommitted: false,
        paid: cents(0),
        open: planned,
      },
    ];
  });
}
