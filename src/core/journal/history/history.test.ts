import { idOf, inUnit } from '../../testing/ids';
import fc from 'fast-check';
import {
  effectiveEvents,
  eventIdIn,
  eventVersions,
  reduceJournal,
  type EventBodyOf,
  type JournalEvent,
} from '..';
import { STARTED, added, chosen, place, stamped } from '../../testing/houses';
import { formatMoney, plainDate } from '../../units';
import {
  actsOf,
  canBeTakenBack,
  sayEvent,
  subjectOf,
  takingBack,
  thingsIn,
  undosOf,
  type Act,
} from '.';
import { findWork } from '../../trade/steps/works';
import { KINDS } from './kinds';

const plain = {
  job: (id: string) => `the job ${id}`,
  place: (id: string | null) => id ?? 'whole house',
  work: (id: string) => findWork(id)?.title ?? id,
  money: (cents: number) => formatMoney(inUnit(cents), 'USD'),
  today: plainDate('2026-03-14'),
};

/** Acts of one phone, all within one second of its clock. */
function journal(...acts: EventBodyOf[][]): JournalEvent[] {
  const ids = acts.flatMap((bodies, nth) =>
    bodies.map((_, at) => eventIdIn(`act-${nth}`, at, bodies.length)),
  );
  return stamped(acts.flat()).map((event, at) => ({ ...event, id: ids[at] ?? event.id }));
}
const ticked = (jobId: string, on = '2026-01-07'): EventBodyOf => ({
  type: 'jobTicked',
  payload: { jobId: idOf(jobId), on: plainDate(on) },
});
const ROOM = [added(place('bed'))];
const WORK = [chosen('bed', 'reline')];
const events = journal([STARTED, added(place('bath', 'bathroom'))], ROOM, WORK, [
  ticked('bed/demo.walls'),
]);
const actOf = (text: string, all = events): Act => {
  const found = actsOf(all).find((act) => JSON.stringify(act.events).includes(text));
  if (!found) throw new Error(`no act of ${text}`);
  return found;
};
const withUndo = (act: Act, all = events): JournalEvent[] => {
  const from = Math.max(...all.map(({ counter }) => counter));
  const undos = stamped([...undosOf(act)]).map((event, at) => ({
    ...event,
    id: eventIdIn(`undo-${from}`, at, act.events.length),
    counter: from + at + 1,
  }));
  return [...all, ...undos];
};

describe('the history of changes', () => {
  it('has words and a subject for every kind of event there is', () => {
    expect(Object.keys(KINDS).sort()).toEqual(Object.keys(eventVersions()).sort());
  });

  it('holds together what was kept together, newest first', () => {
    expect(actsOf(events).map((act) => act.events.length)).toEqual([1, 1, 1, 2]);
    expect(actsOf(events).map(canBeTakenBack)).toEqual([true, true, true, false]);
    const thing = thingsIn(events, plain);
    expect(
      actsOf(events).map((act) => act.events.map((event) => sayEvent(event, { ...plain, thing }))),
    ).toEqual([
      ['Done on Wed 7 Jan: the job bed/demo.walls'],
      [expect.stringMatching(/: bed$/)],
      ['Added bed'],
      ['Started Test house', 'Added bath'],
    ]);
  });

  it('keeps two phones apart, though their clocks and counters meet', () => {
    const mine = journal([STARTED], ROOM);
    const theirs = mine.slice(1).map((event) => ({
      ...event,
      id: `${event.id}-b`,
      device: 'b',
      payload: place('den'),
    })) as JournalEvent[];
    expect(actsOf([...mine, ...theirs])).toHaveLength(3);
  });

  it('says what goes with an act that later ones stand on, and what comes back', () => {
    const { goes, changes } = takingBack(events, actOf('placeAdded","payload":{"id":"bed"'));
    expect(changes).toBe(true);
    expect(goes.map(({ type }) => type)).toEqual(['workChosen']);
    const without = withUndo(actOf('workChosen'));
    const again = takingBack(without, actOf('"undone"', without));
    expect(again.comesBack.map(({ type }) => type)).toEqual(['workChosen']);
    expect(reduceJournal(withUndo(actOf('"undone"', without), without))).toEqual(
      reduceJournal(events),
    );
  });

  it('knows when nothing hangs on an act any more', () => {
    const twice = journal(
      [STARTED, ...ROOM],
      [ticked('bed/demo.walls')],
      [ticked('bed/demo.walls', '2026-01-09')],
    );
    expect(takingBack(twice, actOf('2026-01-07"', twice)).changes).toBe(false);
    expect(takingBack(twice, actOf('2026-01-09"', twice)).changes).toBe(true);
  });

  it('two events about one thing are about it whatever they say, and others are not', () => {
    const about = (body: EventBodyOf) => subjectOf(body);
    expect(about(ticked('a/x'))).toBe(about(ticked('a/x', '2026-02-02')));
    expect(about(ticked('a/x'))).toBe(
      about({ type: 'jobUnticked', payload: { jobId: idOf('a/x') } }),
    );
    expect(about(ticked('a/x'))).not.toBe(about(ticked('a/y')));
    expect(about(chosen('bed', 'reline'))).toBeNull();
  });

  it('takes back any act at any age, in any order, and the house is as if it never was', () => {
    const day = fc.integer({ min: 1, max: 9 });
    const body = fc.oneof(
      fc.constantFrom('a', 'b', 'c').map((id) => added(place(id))),
      fc
        .tuple(fc.constantFrom('a', 'b', 'c'), fc.constantFrom('reline', 'repaint'))
        .map(([id, work]) => chosen(id, work)),
      fc
        .tuple(fc.constantFrom('a/demo.walls', 'b/demo.walls'), day)
        .map(([id, on]) => ticked(id, `2026-01-0${on}`)),
    );
    fc.assert(
      fc.property(
        fc.array(fc.array(body, { minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 8 }),
        fc.array(fc.nat(), { maxLength: 4 }),
        (drawn, picks) => {
          const all = journal([STARTED], ...drawn);
          const own = actsOf(all).filter(canBeTakenBack);
          const gone = [...new Set(picks.map((pick) => own[pick % own.length]))].flatMap(
            (act) => act ?? [],
          );
          const told = gone.reduce((before, act) => withUndo(act, before), all);
          const ids = new Set(gone.flatMap((act) => act.events.map(({ id }) => id)));
          expect(reduceJournal(told)).toEqual(reduceJournal(all.filter(({ id }) => !ids.has(id))));
          expect(actsOf(told).filter(({ stands }) => !stands)).toHaveLength(gone.length);
          expect(effectiveEvents(told).some(({ id }) => ids.has(id))).toBe(false);
        },
      ),
    );
  });
});
