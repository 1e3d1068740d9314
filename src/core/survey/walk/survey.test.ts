import { minutes, cents, dateOf, daysBetween, momentAt, plainDate } from '../../units';
import { idOf, inUnit } from '../../testing/ids';
import fc from 'fast-check';
import {
  planningInputOf,
  decisionSchema,
  elementSchema,
  suspicionSchema,
  surveyIdOf,
  type Project,
  type Survey,
} from '../../house';
import { reduceJournal, type EventBodyOf, type JournalEvent } from '../../journal';
import { keepLedger } from '../../money';
import { adviseContingency, expectedCost, openRisks } from '../risk';
import { forecastHouse } from '../../planning/simulation';
import { planHouse } from '../../planning/plan-house';
import { conflictsOf, elementsOf, scopeOf, waysFor } from '../scope';
import { findWork } from '../../trade/steps';
import { expandJobs } from '../../estimating/jobs';
import { STARTED, added, chosen, houseOf, place, stamped, week } from '../../testing/houses';
import { faultsOf } from '../../testing/check-plan';
import { allSound, salvageOf, walkOf } from '.';
import { readWalk } from '../../log/walk';
import { droppedWork } from '../../estimating/scope-history/dropped';
import { scopeHistory } from '../../estimating/scope-history/history';

const ON = plainDate('2026-01-06');
const NOW = momentAt(ON, 18 * 60);
const BASE = [
  added(place('back', 'bedroom', 12, 'Back bedroom')),
  added(place('bath', 'bathroom', 8, 'Bathroom')),
  added(place('street', 'outside-face', 30, 'Street face')),
];
const survey = (over: Partial<Survey> & Pick<Survey, 'element' | 'decision'>): Survey => ({
  placeId: idOf('back'),
  on: ON,
  condition: 'tired',
  how: null,
  count: 1,
  reason: null,
  size: null,
  suspicion: null,
  risk: null,
  salvage: null,
  options: [],
  ...over,
});
const seen = (over: Parameters<typeof survey>[0]): EventBodyOf => ({
  type: 'elementSurveyed',
  payload: survey(over),
});
const ids = (project: Project) =>
  new Set(expandJobs(planningInputOf(project)).map(({ id }) => id as string));
const planned = (project: Project, now = NOW) => {
  const plan = planHouse(planningInputOf(project), now, { schedules: 8 });
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value;
};

describe('decisions are the scope', () => {
  it('a decision makes its jobs with its reason; another decision makes others; undone, none', () => {
    const house = houseOf(
      ...BASE,
      seen({ element: 'windows', decision: 'replace', count: 2, reason: 'sill rotten' }),
    );
    const window = expandJobs(planningInputOf(house)).find(({ id }) => id === 'back/shell.window');
    expect(window?.quantity).toEqual({ kind: 'count', count: 2 });
    expect(window?.because).toEqual(['Walk: windows replace, sill rotten']);
    const again = houseOf(
      ...BASE,
      seen({ element: 'windows', decision: 'replace' }),
      seen({ element: 'windows', decision: 'repair' }),
    );
    expect(ids(again)).toContain('back/mend.window');
    expect(ids(again)).not.toContain('back/shell.window');
  });

  it('keeping asks for nothing unless a way is named', () => {
    expect(scopeOf(houseOf(...BASE, seen({ element: 'floor', decision: 'keep' })))).toEqual([]);
    const sanded = houseOf(
      ...BASE,
      seen({ element: 'floor', decision: 'keep', how: 'sand-floor' }),
    );
    expect(ids(sanded)).toContain('back/floor.sand');
  });

  it('the same work asked for by hand and on the walk is one work, as large as the larger asks', () => {
    const one = houseOf(...BASE, chosen('back', 'window', 1));
    const both = houseOf(
      ...BASE,
      chosen('back', 'window', 1),
      seen({ element: 'windows', decision: 'replace', count: 2 }),
    );
    const window = (house: Project) =>
      expandJobs(planningInputOf(house)).find(({ id }) => id === 'back/shell.window');
    // 330 min each: one, then two, not three.
    expect(window(one)?.estimate).toBe(330);
    expect(window(both)?.estimate).toBe(660);
    expect(window(both)?.because).toHaveLength(2);
  });

  it('offers a way for every decision somebody could act on, and each is a work for that kind of place', () => {
    for (const element of elementSchema.options)
      for (const decision of decisionSchema.options)
        for (const kind of ['bedroom', 'cellar', 'roof', 'yard'] as const)
          for (const id of waysFor(element, decision, kind))
            expect(findWork(id)?.kinds).toContain(kind);
    for (const element of elementsOf('bedroom'))
      for (const decision of ['repair', 'replace', 'remove'] as const)
        if (element !== 'plumbing' || decision !== 'replace')
          expect([element, decision, waysFor(element, decision, 'bedroom').length > 0]).toEqual([
            element,
            decision,
            true,
          ]);
  });

  const anySurvey = fc
    .record({
      placeId: fc.constantFrom('back', 'bath', 'street'),
      element: fc.constantFrom(...elementSchema.options),
      decision: fc.constantFrom(...decisionSchema.options),
      suspicion: fc.option(fc.constantFrom(...suspicionSchema.options), { nil: null }),
      count: fc.integer({ min: 1, max: 4 }),
    })
    .map((over) => seen({ ...over, placeId: idOf(over.placeId) }));

  it('any sequence of decisions and undos leads to the scope of what is left of it', () => {
    const step = fc.oneof(anySurvey, fc.nat({ max: 20 }));
    fc.assert(
      fc.property(fc.array(step, { maxLength: 14 }), (steps) => {
        const start = stamped([STARTED, ...BASE]);
        const events: JournalEvent[] = [...start];
        const kept: { id: string; body: EventBodyOf }[] = [];
        for (const item of steps) {
          const counter = events.length + 1;
          const stamp = {
            id: `phone-${counter}`,
            device: 'phone',
            counter,
            at: '2026-01-06T19:00:00',
          };
          if (typeof item !== 'number') {
            events.push({ ...stamp, ...item });
            kept.push({ id: stamp.id, body: item });
          } else if (kept.length > 0) {
            const [gone] = kept.splice(item % kept.length, 1);
            events.push({ ...stamp, type: 'undone', payload: { eventId: gone?.id ?? '' } });
          }
        }
        const final = houseOf(...BASE, ...kept.map(({ body }) => body));
        const lived = reduceJournal(events);
        expect(lived && scopeOf(lived)).toEqual(scopeOf(final));
        expect(lived && ids(lived)).toEqual(ids(final));
      }),
      { numRuns: 60 },
    );
  });

  it('no job is an orphan, and every plan of a walked house stands before the checker', () => {
    fc.assert(
      fc.property(fc.array(anySurvey, { maxLength: 12 }), (surveys) => {
        const house = houseOf(...BASE, ...surveys);
        const titles = new Set(scopeOf(house).map(({ because }) => because));
        for (const job of expandJobs(planningInputOf(house))) {
          expect(
            job.because.every((why) => titles.has(why) || why === 'Every house needs it'),
          ).toBe(true);
        }
        expect(faultsOf(planningInputOf(house), planned(house))).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });
});

describe('what was logged is never lost', () => {
  const logged: EventBodyOf = {
    type: 'dayLogged',
    payload: {
      id: idOf('log'),
      date: ON,
      line: 'x',
      entries: [
        {
          kind: 'hours',
          personId: idOf('me'),
          minutes: minutes(90),
          jobId: idOf('back/mend.window'),
          placeId: idOf('back'),
        },
        {
          kind: 'money',
          what: 'putty',
          spend: 'materials',
          shares: [{ placeId: idOf('back'), cents: cents(1_200) }],
          shop: null,
          drawsOn: 'budget',
        },
      ],
    },
  };
  it('a decision that changes leaves hours and money standing as spent on what was dropped', () => {
    const before = houseOf(...BASE, seen({ element: 'windows', decision: 'repair' }), logged);
    expect(droppedWork(planningInputOf(before))).toEqual([]);
    const after = houseOf(
      ...BASE,
      seen({ element: 'windows', decision: 'repair' }),
      logged,
      seen({ element: 'windows', decision: 'replace' }),
    );
    expect(droppedWork(planningInputOf(after))).toEqual([
      { jobId: 'back/mend.window', title: 'Overhaul the window', placeId: 'back', minutes: 90 },
    ]);
    expect(keepLedger(after).paid).toBe(1_200);
  });
});

describe('hours and money', () => {
  it('logged before any change of mind are all there after it: on jobs wanted, or on what was dropped', () => {
    const change = fc.record({
      element: fc.constantFrom('windows' as const, 'floor' as const, 'walls' as const),
      decision: fc.constantFrom(...decisionSchema.options),
    });
    const hours = fc.record({
      job: fc.constantFrom('mend.window', 'shell.window', 'mend.walls', 'floor.lay', 'mend.boards'),
      minutes: fc.integer({ min: 1, max: 600 }),
    });
    fc.assert(
      fc.property(
        fc.array(change, { maxLength: 6 }),
        fc.array(hours, { minLength: 1, maxLength: 6 }),
        (changes, logs) => {
          const logged = logs.map(({ job, minutes }, at): EventBodyOf => ({
            type: 'dayLogged',
            payload: {
              id: idOf(`log-${at}`),
              date: ON,
              line: 'x',
              entries: [
                {
                  kind: 'hours',
                  personId: idOf('me'),
                  minutes: inUnit(minutes),
                  jobId: idOf(`back/${job}`),
                  placeId: idOf('back'),
                },
                {
                  kind: 'money',
                  what: 'x',
                  spend: 'materials',
                  shares: [{ placeId: idOf('back'), cents: cents(minutes) }],
                  shop: null,
                  drawsOn: 'budget',
                },
              ],
            },
          }));
          const house = houseOf(...BASE, ...logged, ...changes.map(seen));
          const total = logs.reduce((sum, { minutes }) => sum + minutes, 0);
          const dropped = droppedWork(planningInputOf(house)).reduce(
            (sum, { minutes }) => sum + minutes,
            0,
          );
          const wanted = planned(house).jobs.reduce((sum, job) => sum + job.logged, 0);
          expect(dropped + wanted).toBe(total);
          expect(keepLedger(house).paid).toBe(total);
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('the scope then and now', () => {
  it('says day by day what was added and dropped, by what, and what it came to', () => {
    const at = (day: string, events: readonly EventBodyOf[], from: number): JournalEvent[] =>
      stamped(events).map((event, index) => ({
        ...event,
        id: `e${from + index}`,
        counter: from + index,
        at: `${day}T20:00:00`,
      }));
    const history = scopeHistory([
      ...at('2026-01-05', [STARTED, ...BASE, chosen('back', 'overhaul-window')], 1),
      ...at('2026-01-09', [seen({ element: 'floor', decision: 'keep', suspicion: 'rot' })], 10),
      ...at(
        '2026-01-12',
        [
          {
            type: 'suspicionSettled',
            payload: {
              surveyId: 'back/floor',
              on: plainDate('2026-01-12'),
              found: { words: 'joist ends soft', works: [{ workId: 'mend-floor', count: 1 }] },
            },
          },
          { type: 'workDropped', payload: { workChoiceId: idOf('back-overhaul-window') } },
        ],
        20,
      ),
    ]);
    expect(history.map(({ on }) => on)).toEqual(['2026-01-05', '2026-01-09', '2026-01-12']);
    expect(history[1]?.added.map(({ because }) => because)).toEqual([
      'Suspected: rot at the floor',
    ]);
    expect(history[2]?.added.map(({ because }) => because)).toEqual(['Found: joist ends soft']);
    expect(history[2]?.dropped.map(({ workId }) => workId)).toEqual(['overhaul-window']);
    // Each day's figures are the day before's and what moved.
    expect(history[2]?.minutes).toBe((history[1]?.minutes ?? 0) + (history[2]?.minutesMore ?? 0));
    // Looking brought shutting off 20 min and opening up 75 min; walking and testing were there already.
    expect(history[1]?.minutesMore).toBe(95);
  });
});

describe('decisions that exclude each other', () => {
  it.each([
    [
      'walls replace',
      'repaint',
      [seen({ element: 'walls', decision: 'replace' }), chosen('back', 'repaint')],
      'walls',
    ],
    [
      'a new floor',
      'sanding the old',
      [
        chosen('back', 'new-floor'),
        seen({ element: 'floor', decision: 'keep', how: 'sand-floor' }),
      ],
      'floor',
    ],
    [
      'a new window',
      'overhauling the old',
      [seen({ element: 'windows', decision: 'replace' }), chosen('back', 'overhaul-window')],
      'windows',
    ],
  ])('%s and %s are told, and nothing is dropped', (_, __, bodies, element) => {
    const house = houseOf(...BASE, ...bodies);
    expect(conflictsOf(house)).toEqual([expect.objectContaining({ element })]);
    expect(scopeOf(house)).toHaveLength(2);
  });

  it('a wall that goes leaves three to repaint', () => {
    const both = [seen({ element: 'walls', decision: 'remove' }), chosen('back', 'repaint')];
    expect(conflictsOf(houseOf(...BASE, ...both))).toEqual([]);
  });

  it('are caught whatever else is decided, and whichever comes first', () => {
    const pairs = [
      ['walls', 'replace', 'repaint'],
      ['walls', 'replace', 'patch-walls'],
      ['ceiling', 'remove', 'patch-ceiling'],
      ['floor', 'replace', 'sand-floor'],
      ['windows', 'replace', 'overhaul-window'],
      ['doors', 'replace', 'ease-door'],
      ['plumbing', 'replace', 'mend-pipes'],
      ['power', 'replace', 'mend-power'],
    ] as const;
    const other = fc
      .record({
        element: fc.constantFrom('heating' as const, 'fixtures' as const, 'storage' as const),
        decision: fc.constantFrom(...decisionSchema.options),
      })
      .map(seen);
    fc.assert(
      fc.property(
        fc.constantFrom(...pairs),
        fc.array(other, { maxLength: 4 }),
        fc.boolean(),
        ([element, decision, workId], others, first) => {
          const two = [seen({ element, decision }), chosen('back', workId)];
          const house = houseOf(...BASE, ...others, ...(first ? two : two.toReversed()));
          expect(conflictsOf(house)).toContainEqual(expect.objectContaining({ element }));
        },
      ),
    );
  });

  it('one decision on one element never contradicts itself, nor another room', () => {
    expect(
      conflictsOf(
        houseOf(...BASE, seen({ element: 'walls', decision: 'remove' }), chosen('bath', 'repaint')),
      ),
    ).toEqual([]);
  });
});

describe('what frightens', () => {
  const rot = seen({ element: 'floor', decision: 'keep', how: 'sand-floor', suspicion: 'rot' });

  it('brings its investigation, before anything is ordered or sanded there', () => {
    const plan = planned(houseOf(...BASE, rot));
    const sand = plan.jobs.find(({ id }) => id === 'back/floor.sand');
    expect(sand?.predecessors.map(({ jobId }) => jobId)).toContain('back/look.open');
    // Rot: 40% of 4 to 24 h, in the middle 14 h: 5 h 36. Of $150 to $1,400: 40% of $775 = $310.
    expect(plan.jobs.find(({ id }) => id === 'back/look.open')?.allowance).toBe(336);
    expect(expectedCost(houseOf(...BASE, rot))).toBe(31_000);
  });

  it('weighs on the forecast until it is settled, and one sees how much', () => {
    // One person with an hour a day: no weekend for two rounds the days to the same Sunday.
    const alone = (house: Project): Project => ({
      ...house,
      people: house.people.slice(0, 1).map((person) => ({ ...person, week: week(60, 60) })),
    });
    const weighed = forecastHouse(planningInputOf(alone(houseOf(...BASE, rot))), NOW);
    if (!weighed.ok) throw new Error(weighed.error.code);
    const { gates, withoutRisks } = weighed.value;
    expect((gates.done.fairlySafe ?? '') > (withoutRisks.done ?? '')).toBe(true);
    expect((gates.done.likely ?? '') >= (withoutRisks.done ?? '')).toBe(true);
    const nothing: EventBodyOf = {
      type: 'suspicionSettled',
      payload: { surveyId: 'back/floor', on: ON, found: null },
    };
    const settled = houseOf(...BASE, rot, nothing);
    expect(openRisks(settled)).toEqual([]);
    const calm = forecastHouse(planningInputOf(alone(settled)), NOW);
    expect(calm.ok && calm.value.gates.done.likely).toBe(calm.ok && calm.value.withoutRisks.done);
  });

  it('a find brings its own works with its words', () => {
    const found: EventBodyOf = {
      type: 'suspicionSettled',
      payload: {
        surveyId: 'back/floor',
        on: ON,
        found: { words: 'two joist ends soft', works: [{ workId: 'repair-floor', count: 1 }] },
      },
    };
    const job = expandJobs(planningInputOf(houseOf(...BASE, rot, found))).find(
      ({ id }) => id === 'back/structure.joists',
    );
    expect(job?.because).toEqual(['Found: two joist ends soft']);
  });

  it('contingency follows from what is unknown, with its working', () => {
    // Built 1928: 10 to 20%. One of three places walked, no decision open: unknown = (2/3 + 0)/2 = 1/3, so 13.3%.
    const advice = adviseContingency(houseOf(...BASE, rot), cents(1_000_000));
    expect(advice).toMatchObject({
      old: true,
      percent: 13.3,
      unwalked: 2,
      places: 3,
      base: 133_000,
      suspicions: 1,
      forSuspicions: 31_000,
      total: 164_000,
    });
    // $1,640 wanted, $1,000 left: $640 short; $2,000 left: nothing.
    const left = (value: number) =>
      adviseContingency(houseOf(...BASE, rot), cents(1_000_000), cents(value)).shortBy;
    expect([left(100_000), left(200_000)]).toEqual([64_000, 0]);
    const young = houseOf(...BASE);
    const built = { ...young, house: { ...young.house, yearBuilt: 2015 } };
    // Nothing walked: everything is unknown, 5%.
    expect(adviseContingency(built, cents(1_000_000))).toMatchObject({ percent: 5, total: 50_000 });
  });
});

describe('what is undecided', () => {
  const undecided = (options: Survey['options'] = []) =>
    seen({ element: 'windows', decision: 'undecided', options, reason: 'keep the shop window?' });

  it('holds up only what depends on it, and says by when', () => {
    const house = houseOf(
      ...BASE,
      chosen('back', 'reline'),
      chosen('bath', 'repaint'),
      undecided(),
    );
    const plan = planned(house);
    const [decision] = plan.decisions;
    expect(decision?.question).toBe('What becomes of the windows: keep the shop window?');
    expect(decision?.holdsUp).toEqual(['back/insulate.batts', 'back/board.walls']);
    const batts = plan.jobs.find(({ id }) => id === 'back/insulate.batts');
    // A window takes 35 days to come; the batts may slip by their slack.
    const by = daysBetween(ON, dateOf(batts?.start ?? NOW)) + (batts?.slackDays ?? 0) - 35;
    expect(decision?.leadDays).toBe(35);
    expect(daysBetween(ON, decision?.decideBy ?? ON)).toBe(Math.max(0, by));
    expect(plan.jobs.find(({ id }) => id === 'bath/paint.wash')?.heldBy).toEqual([]);
  });

  it('an option without a lead time leaves more time', () => {
    const late = planned(houseOf(...BASE, chosen('back', 'reline'), undecided(['keep', 'repair'])));
    const early = planned(houseOf(...BASE, chosen('back', 'reline'), undecided(['replace'])));
    expect((late.decisions[0]?.decideBy ?? '') > (early.decisions[0]?.decideBy ?? '')).toBe(true);
  });
});

describe('dates from outside', () => {
  const demand = (by: string): EventBodyOf => ({
    type: 'demandMade',
    payload: {
      id: 'd',
      from: 'insurer',
      what: 'Outside paint sound',
      covers: { kind: 'outside' },
      by: plainDate(by),
    },
  });
  const work = [
    chosen('street', 'paint-outside'),
    chosen('back', 'reline'),
    chosen('bath', 'bathroom'),
  ];

  const pressingDemand = {
    from: 'insurer' as const,
    what: 'Back room done',
    by: plainDate('2027-01-01'),
  };

  it('go first when they would be missed, and say by how much', () => {
    const relaxed = planned(houseOf(...BASE, ...work, demand('2027-01-01')));
    expect(relaxed.demands[0]).toMatchObject({ daysLate: 0 });
    const free = relaxed.demands[0]?.finish ?? ON;
    const pressing = planned(houseOf(...BASE, ...work, demand('2026-01-15')));
    // In January it is light only while the weekday job lasts: the wall is painted over a weekend.
    expect(pressing.demands[0]).toMatchObject({ finish: '2026-01-18', daysLate: 3 });
    expect(free >= '2026-01-18').toBe(true);
    // A date that is kept anyway is not pressed because another one is missed.
    const calm: EventBodyOf = {
      type: 'demandMade',
      payload: {
        ...pressingDemand,
        id: 'calm',
        covers: { kind: 'place', placeId: idOf('back') },
      },
    };
    const both = planned(houseOf(...BASE, ...work, demand('2026-01-15'), calm));
    expect(both.demands.find(({ id }) => id === 'd')?.finish).toBe('2026-01-18');
    expect(both.demands.find(({ id }) => id === 'calm')?.daysLate).toBe(0);
    const hopeless = planned(houseOf(...BASE, ...work, demand('2026-01-07')));
    expect(hopeless.demands[0]?.daysLate).toBeGreaterThan(0);
  });
});

describe('said while walking', () => {
  const house = houseOf(...BASE);
  const back = 'back' as never;
  const read = (line: string, standing: typeof back | null = null) =>
    readWalk(line, house, standing, ON);

  it('reads a room in one breath', () => {
    const { surveys, questions } = read(
      'back bedroom, two windows replace, sill rotten, floor keep and sand, ceiling patch',
    );
    expect(questions).toEqual([]);
    expect(surveys).toEqual([
      expect.objectContaining({
        placeId: 'back',
        element: 'windows',
        decision: 'replace',
        count: 2,
        condition: 'failing',
        suspicion: 'rot',
      }),
      expect.objectContaining({ element: 'floor', decision: 'keep', how: 'sand-floor' }),
      expect.objectContaining({ element: 'ceiling', decision: 'repair', how: null }),
    ]);
  });

  it('takes the place one stands in, and all that is left as sound', () => {
    expect(read('walls patch, the rest sound keep', back).surveys).toHaveLength(
      elementsOf('bedroom').length,
    );
    expect(allSound(house, house.places.bath as never, ON)).toHaveLength(
      elementsOf('bathroom').length,
    );
  });

  it.each([
    ['window replace', null, 'which-place'],
    ['window', back, 'which-decision'],
    ['gutters replace', back, 'no-such-element'],
  ])('asks about "%s"', (line, standing, code) => {
    expect(read(line, standing as never).questions).toEqual([expect.objectContaining({ code })]);
  });

  // By the element, what becomes of it, its state, and what is suspected.
  it.each([
    ['door becomes window, 36 wide', [['doors', 'replace', 'unknown', null]]],
    ['window smaller', [['windows', 'replace', 'unknown', null]]],
    [
      'ceiling leaks and floor sags',
      [
        ['ceiling', 'undecided', 'failing', 'leak'],
        ['floor', 'undecided', 'failing', 'movement'],
      ],
    ],
    [
      'chimney gone, stove stays, partition out',
      [
        ['chimney', 'remove', 'tired', null],
        ['stove', 'keep', 'sound', null],
        ['partition', 'remove', 'tired', null],
      ],
    ],
    [
      'walls and ceiling patch',
      [
        ['walls', 'repair', 'tired', null],
        ['ceiling', 'repair', 'tired', null],
      ],
    ],
    ['insulation missing in the walls', [['insulation', 'undecided', 'failing', null]]],
    ['window closed up', [['windows', 'remove', 'tired', null]]],
  ] as const)('understands "%s"', (line, expected) => {
    const { surveys, questions } = read(line, back);
    expect(questions).toEqual([]);
    expect(
      surveys.map(({ element, decision, condition, suspicion }) => [
        element,
        decision,
        condition,
        suspicion,
      ]),
    ).toEqual(expected);
  });

  it('changes an opening by its own way, with the size that was said', () => {
    expect(read('door becomes window, 36 wide', back).surveys[0]).toMatchObject({
      how: 'change-opening',
      size: '36 wide',
      count: 1,
    });
  });

  it('takes several rooms at once, and keeps what it does not know as a note of the place', () => {
    expect(
      read('back bedroom and bathroom floor replace').surveys.map(({ placeId }) => placeId),
    ).toEqual(['back', 'bath']);
    expect(read('odd draught', back)).toMatchObject({
      surveys: [],
      questions: [],
      notes: [{ placeId: 'back', text: 'odd draught' }],
    });
  });

  it('never throws and never decides what was not said', () => {
    fc.assert(
      fc.property(fc.string(), (line) => {
        for (const { decision } of read(line, back).surveys)
          expect(decisionSchema.options).toContain(decision);
      }),
    );
  });

  it('is read back per place: what stays, goes, is undecided, is opened first', () => {
    const walked = houseOf(
      ...BASE,
      ...read(
        'back bedroom, floor keep, window replace, ceiling not sure, wall repair damp',
      ).surveys.map((payload): EventBodyOf => ({ type: 'elementSurveyed', payload })),
    );
    const walk = walkOf(walked, walked.places.back as never);
    expect(walk.stays.map(({ element }) => element)).toEqual(['walls', 'floor']);
    expect(walk.goes.map(({ element }) => element)).toEqual(['windows']);
    expect(walk.undecided.map(surveyIdOf)).toEqual(['back/ceiling']);
    expect(walk.openFirst.map(({ suspicion }) => suspicion)).toEqual(['leak']);
    expect(walk.left).toHaveLength(elementsOf('bedroom').length - 4);
  });

  it('what is taken out to be used again goes to the stores with its size', () => {
    const kept = seen({
      element: 'doors',
      decision: 'replace',
      salvage: { what: 'Panel door', size: `30" x 78"` },
    });
    expect(salvageOf(houseOf(...BASE, kept))).toEqual([
      { surveyId: 'back/doors', placeId: 'back', what: 'Panel door', size: `30" x 78"` },
    ]);
  });
});
