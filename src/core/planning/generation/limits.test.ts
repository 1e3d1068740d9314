import { idOf } from '../../testing/ids';
import { planningInputOf, type PersonId } from '../../house';
import type { EventBodyOf } from '../../journal';
import { LIMITED_STEPS, findStep } from '../../trade/steps';
import { added, chosen, houseOf, place, week } from '../../testing/houses';
import {
  dateOf,
  minuteOfDay,
  minutes,
  momentAt,
  plainDate,
  toDayNumber,
  type PlainDate,
} from '../../units';
import { daylightOn } from '../calendar/daylight';
import { Scheduler, type ScheduleProblem } from './solve';
import type { Task } from '../model/task';
import { planHouse } from '../plan-house';

const MONDAY = plainDate('2026-01-05');
const NOW = momentAt(MONDAY, 8 * 60);
const person = (id: string, weekday: number, weekend: number) => ({
  id: id as PersonId,
  name: id,
  role: 'self' as const,
  week: week(weekday, weekend),
});
const effort = (id: string, spent: number, more: Partial<Task> = {}, work = {}): Task => ({
  id,
  work: { kind: 'labour', minutes: spent, hands: 1, ...work },
  notBefore: NOW,
  group: 0,
  rank: [],
  ...more,
});
const run = (tasks: readonly Task[], more: Partial<ScheduleProblem> = {}) => {
  const scheduler = new Scheduler({
    now: NOW,
    people: [person('me', 120, 300)],
    tasks,
    links: [],
    ...more,
  });
  return scheduler.run(scheduler.rankedOrder());
};
const days = (schedule: ReturnType<typeof run>, at = 0): PlainDate[] =>
  (schedule[at]?.stretches ?? []).map(({ from }) => dateOf(from));

describe('in one go', () => {
  it('four hours do not fit an evening of two: it waits for the Saturday', () => {
    expect(days(run([effort('pour', 240, {}, { chunk: 240 })]))).toEqual(['2026-01-10']);
  });

  it('three windows of two and a half hours: two on Saturday, one on Sunday, none cut in two', () => {
    const schedule = run([effort('windows', 450, {}, { chunk: 150 })]);
    expect(days(schedule)).toEqual(['2026-01-10', '2026-01-11']);
    expect(schedule[0]?.stretches.map(({ from, to }) => to - from)).toEqual([300, 150]);
  });

  it('what no day can hold is spread over days, and says so', () => {
    const schedule = run([effort('pour', 400, {}, { chunk: 400 })]);
    expect(schedule[0]?.shortfalls).toEqual(['long-day']);
    // Two hours Monday to Wednesday make 360; the last forty minutes fall on Thursday.
    expect(days(schedule)).toHaveLength(4);
  });

  it('two whose one long day is taken share it over shorter ones: it is not left to one alone', () => {
    const long = { from: MONDAY, to: MONDAY, minutes: minutes(480), because: 'off work' };
    const people = [person('me', 0, 180), person('ana', 0, 180)].map((each) => ({
      ...each,
      dates: [long],
    }));
    const two = { hands: 2, chunk: 960 };
    // Both are taken on Monday by the first; the second wants eight hours of both, and has weekends of three.
    const schedule = run([effort('first', 960, {}, two), effort('second', 960, {}, two)], {
      people,
    });
    expect(days(schedule)).toEqual([MONDAY]);
    expect(schedule[1]?.shortfalls).toEqual(['long-day']);
    expect(schedule[1]?.stretches.map(({ from, to, people: who }) => [to - from, who])).toEqual([
      [180, ['me', 'ana']],
      [180, ['me', 'ana']],
      [120, ['me', 'ana']],
    ]);
  });
});

describe('a room to oneself', () => {
  const people = [person('me', 120, 300), person('ana', 120, 300)];
  const room = 'bath' as never;

  it('two people work at once in one room, unless one of them makes dust', () => {
    const both = [effort('a', 120, { placeId: room }), effort('b', 120, { placeId: room })];
    expect(run(both, { people }).map((placement) => placement?.start)).toEqual([
      momentAt(MONDAY, 18 * 60 + 30),
      momentAt(MONDAY, 18 * 60 + 30),
    ]);
    const [dusty, other] = [effort('a', 120, { placeId: room, exclusiveRoom: true }), both[1]];
    const [, second] = run([dusty, other!], { people });
    expect(dateOf(second?.start ?? NOW)).toBe('2026-01-06');
  });

  it('a wet floor keeps the room shut for its three days, not the room beside it', () => {
    const wet = effort('wet', 120, {
      placeId: room,
      exclusiveRoom: true,
      roomClosedAfter: 72 * 60,
    });
    const after = effort('after', 60, { placeId: room });
    const beside = effort('beside', 60, { placeId: idOf('hall') });
    const [, inRoom, inHall] = run([wet, after, beside], { people });
    // Wet from Monday half past eight in the evening to Thursday half past eight.
    expect(dateOf(inRoom?.start ?? NOW)).toBe('2026-01-09');
    expect(dateOf(inHall?.start ?? NOW)).toBe('2026-01-05');
  });

  it('a hired pour comes when nobody has to be in the room while it sets', () => {
    const booked = effort('booked', 60, {
      placeId: room,
      notBefore: momentAt(plainDate('2026-01-06'), 18 * 60),
    });
    const pour: Task = {
      ...effort('pour', 0, {
        placeId: room,
        exclusiveRoom: true,
        roomClosedAfter: 48 * 60,
        group: 1,
      }),
      work: { kind: 'subcontract', workdays: 1, crew: 'mason' },
    };
    // On Monday it would shut the room over Tuesday evening; on Tuesday too.
    expect(run([booked, pour]).map((placement) => dateOf(placement?.start ?? NOW))).toEqual([
      '2026-01-06',
      '2026-01-07',
    ]);
  });

  it('what dries since yesterday keeps its room shut too', () => {
    const shutRooms = [{ placeId: room, from: NOW, to: momentAt(plainDate('2026-01-08')) }];
    const schedule = run([effort('a', 60, { placeId: room })], { shutRooms });
    expect(days(schedule)).toEqual(['2026-01-08']);
  });
});

describe('outside', () => {
  it('day lengths at 42 degrees, to half an hour of the almanac: 9 h 6 in December, 15 h 16 in June', () => {
    const length = (date: string) => {
      const { from, to } = daylightOn(toDayNumber(plainDate(date)));
      return to - from;
    };
    expect(Math.abs(length('2026-12-21') - (9 * 60 + 6))).toBeLessThan(30);
    expect(Math.abs(length('2026-06-21') - (15 * 60 + 16))).toBeLessThan(30);
  });

  it('a January evening is dark: it waits for the weekend; a June evening is not', () => {
    const paint = effort('paint', 60, { outdoors: true });
    expect(days(run([paint]))).toEqual(['2026-01-10']);
    const june = momentAt(plainDate('2026-06-15'), 8 * 60);
    expect(days(run([{ ...paint, notBefore: june }], { now: june }))).toEqual(['2026-06-15']);
  });

  it('nothing is done outside in the season’s rest, by nobody', () => {
    const outsideRest = { from: '12-01', to: '02-28' };
    const tasks = [
      effort('own', 60, { outdoors: true }),
      {
        ...effort('hired', 0, { outdoors: true }),
        work: { kind: 'subcontract' as const, workdays: 2 },
      },
    ];
    const schedule = run(tasks, { outsideRest });
    // 1 March 2026 is a Sunday.
    expect(days(schedule)).toEqual(['2026-03-01']);
    expect(days(schedule, 1)).toEqual(['2026-03-02', '2026-03-03']);
  });
});

describe('hired', () => {
  it('a sander for two days is fetched when two days in a row do the job', () => {
    const sand = effort('sand', 420, {}, { hireDays: 2 });
    // From Monday on it would be kept four evenings; Friday's two hours and Saturday's five are the seven.
    expect(days(run([sand]))).toEqual(['2026-01-09', '2026-01-10']);
    const long = run([effort('sand', 900, {}, { hireDays: 2 })]);
    expect(long[0]?.shortfalls).toEqual(['short-hire']);
  });

  it('one crew is in one place at a time, and comes for days in a row', () => {
    const visit = (id: string, workdays: number, crew: string): Task => ({
      ...effort(id, 0),
      work: { kind: 'subcontract', workdays, crew },
    });
    const schedule = run([
      visit('a', 2, 'plumber'),
      visit('b', 3, 'plumber'),
      visit('c', 1, 'mason'),
    ]);
    expect(days(schedule)).toEqual(['2026-01-05', '2026-01-06']);
    expect(days(schedule, 1)).toEqual(['2026-01-07', '2026-01-08', '2026-01-09']);
    expect(days(schedule, 2)).toEqual(['2026-01-05']);
  });
});

describe('days that differ from the week', () => {
  it('away is away, a push of long days begins in the morning, the later word counts', () => {
    const me = {
      ...person('me', 120, 0),
      dates: [
        { from: MONDAY, to: plainDate('2026-01-11'), minutes: minutes(0), because: 'away' },
        {
          from: plainDate('2026-01-08'),
          to: plainDate('2026-01-09'),
          minutes: minutes(480),
          because: 'push',
        },
      ],
    };
    const schedule = run([effort('a', 600)], { people: [me] });
    expect(days(schedule)).toEqual(['2026-01-08', '2026-01-09']);
    expect(minuteOfDay(schedule[0]?.start ?? NOW)).toBe(8 * 60);
  });
});

describe('the search', () => {
  const rooms = Array.from({ length: 3 }, (_, at): EventBodyOf[] => [
    added(place(`r${at}`, at === 0 ? 'bathroom' : 'bedroom')),
    chosen(`r${at}`, 'reline'),
    chosen(`r${at}`, at === 0 ? 'bathroom' : 'new-floor'),
  ]).flat();
  const house = houseOf(...rooms);
  const at = (schedules: number) => {
    const plan = planHouse(planningInputOf(house), NOW, { schedules });
    if (!plan.ok) throw new Error(plan.error.code);
    return plan.value;
  };

  it('is never worse for more schedules, and the same for the same number', () => {
    const tried = [1, 5, 20, 60].map((schedules) => at(schedules).gates.live.date ?? '');
    expect(tried).toEqual(tried.toSorted().toReversed());
    expect(at(20)).toEqual(at(20));
  });
});

it('limits are said of steps that exist', () => {
  expect(LIMITED_STEPS.filter((id) => !findStep(id))).toEqual([]);
});
