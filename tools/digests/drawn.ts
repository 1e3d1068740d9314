/** Houses drawn by a seed of their own, as files: they hang on nothing of the core but what a file promises. */
import { run } from '../run';

const KINDS: Record<string, readonly string[]> = {
  bedroom: ['repaint', 'reline', 'rewire', 'sand-floor', 'carpet', 'window', 'inside-doors'],
  bathroom: ['reline', 'bathroom', 'tile-walls', 'tile-floor', 'shower-glass', 'repaint'],
  kitchen: ['reline', 'kitchen', 'new-floor', 'gas-line', 'repaint', 'rewire'],
  living: ['reline', 'new-floor', 'repaint', 'window', 'rewire', 'heater', 'inside-doors'],
};
const FIRST_DAY = '2026-01-05';

type Row = { type: string; v?: number; payload: unknown };
type Draw = (below: number) => number;

/** A linear congruence is chance enough to choose works by. */
function drawsOf(seed: number): Draw {
  let state = (seed * 2_654_435_761) >>> 0;
  return (below) => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return Math.floor((state / 4_294_967_296) * below);
  };
}

const fileOf = (id: string, events: readonly Row[]): string =>
  JSON.stringify({
    format: 'fresh-porch/project',
    version: 1,
    projectId: id,
    clock: null,
    events: events.map((row, at) => ({
      id: `${id}-${at + 1}`,
      device: id,
      counter: at + 1,
      at: '2026-01-05T19:00:00',
      ...row,
    })),
  });

const ticks = (feet: number): number => feet * 12 * 64 * 127;

function started(draw: Draw): Row {
  const evening = 60 + 15 * draw(9);
  const week = [evening, evening, 0, evening, evening, 240 + 30 * draw(8), 60 * draw(6)];
  const helper = [0, 0, 0, 0, 0, 120 + 60 * draw(5), 0];
  const people = [
    { id: 'me', name: 'Me', role: 'self', week },
    { id: 'ana', name: 'Ana', role: 'helper', week: helper },
  ];
  return {
    type: 'houseStarted',
    payload: {
      house: {
        name: 'Drawn house',
        yearBuilt: 1890 + draw(120),
        occupancy: draw(2) === 0 ? 'empty' : 'lived-in',
        firstDay: FIRST_DAY,
        wishedMoveIn: '2026-09-01',
      },
      units: draw(4) === 0 ? 'metric' : 'imperial',
      currency: 'USD',
      people: people.slice(0, 1 + draw(2)),
    },
  };
}

function room(draw: Draw, id: string): Row[] {
  const kind = Object.keys(KINDS)[draw(4)] ?? 'bedroom';
  const [length, width] = [ticks(8 + draw(12)), ticks(6 + draw(10))];
  const walls = [length, width, length, width].map((run) => ({ length: run, turn: 90 }));
  const works = (KINDS[kind] ?? []).filter(() => draw(5) < 2);
  return [
    {
      type: 'placeAdded',
      payload: { id, kind, name: id, floor: draw(2), walls, height: ticks(8) },
    },
    ...works.map((workId) => ({
      type: 'workChosen',
      payload: { id: `${id}-${workId}`, placeId: id, workId, count: 1 + draw(2) },
    })),
  ];
}

type Planned = { jobs: { id: string; state: string; hoursLeft: number }[] };

/** Jobs a house has to do, by the verb itself. */
function openJobs(text: string): Planned['jobs'] {
  const answer = run(['plan', '-'], () => Buffer.from(text));
  if (!('value' in answer)) throw new Error(answer.fault);
  return (answer.value as Planned).jobs.filter(({ state }) => state !== 'done');
}

/** Some evenings of one of them, some told whole, and sums paid. */
function logged(draw: Draw, jobs: Planned['jobs']): Row[] {
  return Array.from({ length: draw(8) }, (_, at): Row => {
    const job = jobs[draw(Math.min(jobs.length, 12))];
    const told = { placeId: null, jobId: job?.id ?? null };
    const minutes = 30 + 15 * draw(12);
    const entries = [
      { kind: 'hours', personId: 'me', minutes, ...told },
      ...(draw(3) === 0 && job ? [{ kind: 'progress', jobId: job.id, share: 50 + draw(51) }] : []),
    ];
    const date = `2026-01-${String(6 + at * 2).padStart(2, '0')}`;
    return { type: 'dayLogged', v: 1, payload: { id: `day${at}`, date, line: 'drawn', entries } };
  });
}

/** One made-up house of a seed: rooms, works, and some days already lived. */
export function drawnHouse(seed: number): string {
  const draw = drawsOf(seed);
  const rooms = Array.from({ length: 1 + draw(4) }, (_, at) => room(draw, `r${at}`)).flat();
  const begun = [started(draw), ...rooms];
  const jobs = openJobs(fileOf(`drawn${seed}`, begun));
  const held = jobs.slice(-3, -2).map(({ id }): Row => ({
    type: 'jobHeldUntil',
    payload: { jobId: id, on: '2026-05-01' },
  }));
  return fileOf(`drawn${seed}`, [...begun, ...logged(draw, jobs), ...held]);
}
