/** How long the calculators take: they answer in a worker, and the page waits for none of them. */
import { placesInOrder, shapeOf, type Project } from '../src/core/house';
import { CALCULATORS } from '../src/core/estimating/calculators';

const RUNS = 5;
const FRAME_MS = 1_000 / 60;

/** Every sum in every room of a house with its standard fields: the slowest, and how many take longer than a frame. */
export function sumsRows(project: Project): string[][] {
  const times = placesInOrder(project).flatMap((place) =>
    CALCULATORS.filter(({ usesRoom }) => usesRoom).map((sum) => {
      const runs = Array.from({ length: RUNS }, () => {
        const begin = performance.now();
        sum.work({}, { room: shapeOf(place), units: project.units });
        return performance.now() - begin;
      });
      const ms = runs.toSorted((a, b) => a - b)[Math.floor(RUNS / 2)] ?? 0;
      return { ms, what: `${sum.kind}, ${place.name}` };
    }),
  );
  const slowest = times.toSorted((a, b) => b.ms - a.ms)[0];
  const slow = times.filter(({ ms }) => ms > FRAME_MS);
  return [
    [
      'sums of the demo’s rooms, in the worker: slower than a frame',
      `${times.length} sums`,
      `${slow.length}`,
      `slowest ${slowest?.ms.toFixed(0) ?? '0'} ms: ${slowest?.what ?? ''}`,
    ],
  ];
}
