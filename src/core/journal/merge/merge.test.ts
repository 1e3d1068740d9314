import { idOf } from '../../testing/ids';
import fc from 'fast-check';
import { undosOf } from '../history';
import { reduceJournal, type EventBodyOf, type JournalEvent } from '..';
import { STARTED, added, chosen, place, stamped } from '../../testing/houses';
import { plainDate } from '../../units';
import { differenceOf, isSameHouse, conflictsOf, takenBackBy, unite, wantsSettling } from '.';

const ticked = (jobId: string, on = '2026-01-07'): EventBodyOf => ({
  type: 'jobTicked',
  payload: { jobId: idOf(jobId), on: plainDate(on) },
});
const measured = (placeId: string, feet: number): EventBodyOf => {
  const { walls, height } = place(placeId, 'bedroom', feet);
  return {
    type: 'roomMeasured',
    payload: {
      placeId: idOf(placeId),
      on: plainDate('2026-01-08'),
      walls,
      height,
      ceiling: { kind: 'flat' },
      openings: [],
    },
  };
};
const logged = (
  id: string,
  minutes: number,
  share: number | null = null,
  jobId = 'a/demo.walls',
): EventBodyOf => ({
  type: 'dayLogged',
  payload: {
    id: id as never,
    date: plainDate('2026-01-08'),
    line: `${minutes} minutes`,
    entries: [
      {
        kind: 'hours',
        personId: 'me' as never,
        minutes: minutes as never,
        jobId: jobId as never,
        placeId: 'a' as never,
      },
      ...(share === null
        ? []
        : [{ kind: 'progress' as const, jobId: jobId as never, share, quantity: null }]),
    ],
  } as never,
});

const BASE = stamped([STARTED, added(place('a')), chosen('a', 'reline')], 'home');

/** What a phone says after a base it has seen. */
function said(
  device: string,
  bodies: readonly EventBodyOf[],
  before: readonly JournalEvent[] = BASE,
): JournalEvent[] {
  const from = Math.max(...before.map(({ counter }) => counter));
  return bodies.map((body, at) => ({
    ...body,
    id: `${device}-${from + at + 1}`,
    device,
    counter: from + at + 1,
    at: '2026-01-08T20:00:00',
  }));
}
const phones = (mine: EventBodyOf[], theirs: EventBodyOf[]) =>
  [
    [...BASE, ...said('a', mine)],
    [...BASE, ...said('b', theirs)],
  ] as const;
const kinds = (mine: EventBodyOf[], theirs: EventBodyOf[]) =>
  conflictsOf(...phones(mine, theirs)).map(({ kind, stands }) => [kind, stands]);

const body = fc.oneof(
  fc.constantFrom('a', 'b', 'c').map((id) => added(place(id))),
  fc
    .tuple(fc.constantFrom('a', 'b'), fc.constantFrom('reline', 'repaint'))
    .map(([id, work]) => chosen(id, work)),
  fc.constantFrom('a/demo.walls', 'a/paint.walls').map((id) => ticked(id)),
  fc.integer({ min: 8, max: 20 }).map((feet) => measured('a', feet)),
  fc
    .constantFrom('home-2', 'home-3', 'a-4', 'b-5', 'c-6')
    .map((eventId): EventBodyOf => ({ type: 'undone', payload: { eventId } })),
);
const phone = (device: string) =>
  fc.array(body, { maxLength: 12 }).map((bodies) => [...BASE, ...said(device, bodies)]);

describe('journals of one house, united', () => {
  it('come to the same whoever unites with whom, in whatever order, however often', () => {
    fc.assert(
      fc.property(phone('a'), phone('b'), phone('c'), (a, b, c) => {
        const all = unite(a, b, c);
        expect(unite(b, a)).toEqual(unite(a, b));
        expect(unite(unite(a, b), c)).toEqual(all);
        expect(unite(a, unite(c, b))).toEqual(all);
        expect(unite(all, a, all)).toEqual(all);
        expect(new Set(all.map(({ id }) => id)).size).toBe(all.length);
        // Nothing is lost: an event of any of them is an event of the whole.
        expect(all.length).toBe(new Set([...a, ...b, ...c].map(({ id }) => id)).size);
      }),
    );
  });

  it('come to the same also where one event is told in two ways, as none should be', () => {
    const [first] = said('a', [ticked('a/x')]);
    const other = {
      ...first,
      payload: { jobId: 'a/y', on: '2026-01-07' },
    } as never as JournalEvent;
    const one = [...BASE, first as JournalEvent];
    const two = [...BASE, other];
    expect(unite(one, two)).toEqual(unite(two, one));
  });

  it('the house is that of a single list of registers, each set by its latest word', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 8, max: 20 }), { maxLength: 6 }),
        fc.array(fc.integer({ min: 8, max: 20 }), { maxLength: 6 }),
        (own, others) => {
          const [a, b] = phones(
            own.map((feet) => measured('a', feet)),
            others.map((feet) => measured('a', feet)),
          );
          // Whoever said more has the higher counter; at a tie the later device.
          const latest = own.length > others.length ? own.at(-1) : (others.at(-1) ?? 12);
          const walls = reduceJournal(unite(a, b))?.places.a?.walls;
          expect(walls).toEqual(place('a', 'bedroom', latest).walls);
        },
      ),
    );
  });

  it('knows what each has that the other lacks, and whether it is one house', () => {
    const [a, b] = phones([ticked('a/x')], [ticked('a/y'), ticked('a/z')]);
    const { mine, theirs } = differenceOf(a, b);
    expect([mine.length, theirs.length]).toEqual([1, 2]);
    expect(isSameHouse(a, b)).toBe(true);
    expect(isSameHouse(a, stamped([STARTED], 'other'))).toBe(false);
  });
});

describe('what both said while apart', () => {
  it('is nothing where they spoke of different things', () => {
    expect(kinds([ticked('a/x')], [ticked('a/y'), measured('a', 11)])).toEqual([]);
  });

  it('a size measured differently is asked, and the later word stands meanwhile', () => {
    expect(kinds([measured('a', 11)], [measured('a', 12)])).toEqual([['differs', 'theirs']]);
    expect(kinds([ticked('a/x'), measured('a', 11)], [measured('a', 12)])).toEqual([
      ['differs', 'mine'],
    ]);
    expect(kinds([measured('a', 11)], [measured('a', 11)])).toEqual([['agrees', 'theirs']]);
  });

  it('a job done on both counts once, by a tick or by the log, and is only told', () => {
    expect(kinds([ticked('a/x')], [ticked('a/x', '2026-01-09')])).toEqual([['agrees', 'theirs']]);
    expect(kinds([logged('l1', 60, 100)], [ticked('a/demo.walls')])).toEqual([['agrees', null]]);
    expect(
      kinds([ticked('a/x')], [{ type: 'jobUnticked', payload: { jobId: idOf('a/x') } }]),
    ).toEqual([['differs', 'theirs']]);
  });

  it('the same person at the same job on one day may be one evening: asked', () => {
    expect(kinds([logged('l1', 60)], [logged('l2', 90)])).toEqual([['same-evening', null]]);
    expect(kinds([logged('l1', 60)], [logged('l2', 90, null, 'a/board.tape')])).toEqual([]);
  });

  it('a room added on both under one name is asked', () => {
    expect(
      kinds([added({ ...place('p1'), name: 'Den' })], [added({ ...place('p2'), name: ' den' })]),
    ).toEqual([['same-place', null]]);
    expect(
      kinds([added({ ...place('p1'), name: 'Den' })], [added({ ...place('p2'), name: 'Study' })]),
    ).toEqual([]);
  });

  it('a room removed here and measured there is asked, and either can stand', () => {
    const removed: EventBodyOf = { type: 'placeRemoved', payload: { placeId: idOf('a') } };
    const [a, b] = phones([removed], [measured('a', 12)]);
    const [met] = conflictsOf(a, b);
    expect(met?.kind).toBe('differs');
    const settled = (settling: 'mine' | 'theirs') => {
      const events = met ? takenBackBy(met, settling) : [];
      return reduceJournal(unite(a, b, said('a', undosOf({ events }), unite(a, b))))?.places;
    };
    expect(settled('mine')).toEqual({});
    expect(settled('theirs')?.a?.walls).toEqual(place('a', 'bedroom', 12).walls);
  });

  it('is seen alike from both sides, and settled on one side is settled on the other', () => {
    fc.assert(
      fc.property(
        phone('a'),
        phone('b'),
        fc.infiniteStream(fc.constantFrom('mine' as const, 'theirs' as const)),
        (a, b, picks) => {
          const met = conflictsOf(a, b);
          const mirrored = conflictsOf(b, a);
          const ids = (events: readonly JournalEvent[]) => events.map(({ id }) => id).join();
          expect(
            mirrored.map(({ kind, mine, theirs }) => `${kind} ${ids(theirs)} ${ids(mine)}`).sort(),
          ).toEqual(
            met.map(({ kind, mine, theirs }) => `${kind} ${ids(mine)} ${ids(theirs)}`).sort(),
          );
          const events = met
            .filter(wantsSettling)
            .flatMap((each) => takenBackBy(each, picks.next().value ?? 'mine'));
          const unique = [...new Map(events.map((event) => [event.id, event])).values()];
          const all = unite(a, b);
          const settled = [...a, ...said('a', undosOf({ events: unique }), all)];
          expect(conflictsOf(settled, b).filter(wantsSettling)).toEqual([]);
          expect(conflictsOf(b, settled).filter(wantsSettling)).toEqual([]);
        },
      ),
    );
  });
});
