import fc from 'fast-check';
import {
  planningInputOf,
  PRACTICE_OPTIONS,
  placeKindSchema,
  type PracticeId,
  type PracticeOption,
} from '../../house';
import {
  ALWAYS,
  CONDITIONS,
  STAGES,
  STEPS,
  LOOK_WORKS,
  WORKS,
  findStep,
  worksFor,
  type Step,
} from '../steps';
import { linksOf, expandJobs } from '../../estimating/jobs';
import { anyHouse } from '../../testing/houses';
import notSetAside from './not-set-aside.json';
import { RULES, buildGraph, findLoop, withoutImplied, type Rule, type Selector } from '.';

const selected = (selector: Selector): Step[] =>
  selector.startsWith('#')
    ? STEPS.filter((step) => step.tags.includes(selector.slice(1) as never))
    : STEPS.filter((step) => step.id === selector);

type Answers = Record<PracticeId, PracticeOption>;
const EVERY_ANSWER = Object.entries(PRACTICE_OPTIONS).reduce<Answers[]>(
  (all, [practice, options]) =>
    all.flatMap((answers) => options.map((option) => ({ ...answers, [practice]: option }))),
  [{} as Answers],
);
const holds = ({ practice }: Rule, answers: Answers) =>
  !practice || practice.question === 'path' || answers[practice.question] === practice.answer;

/** The library as one graph: a loop between steps is the only way a loop between jobs can come about. */
const linksBetweenSteps = (answers: Answers) =>
  RULES.filter((rule) => holds(rule, answers)).flatMap((rule) =>
    selected(rule.before).flatMap((before) =>
      selected(rule.after)
        .filter((after) => after.id !== before.id)
        .map((after) => ({
          before: before.id,
          after: after.id,
          why: rule.why,
          strength: rule.strength,
        })),
    ),
  ) as never[];

describe('what an owner may not set aside', () => {
  it('is this list: who weakens a rule, drops it or adds one has to say so here', () => {
    const idsOf = (strength: string) =>
      RULES.filter((rule) => rule.strength === strength)
        .map(({ id }) => id)
        .toSorted();
    expect(
      Object.fromEntries(Object.keys(notSetAside).map((strength) => [strength, idsOf(strength)])),
    ).toEqual(notSetAside);
  });
});

describe('the step library', () => {
  it('holds at least sixty steps and touches all twenty-one stages', () => {
    expect(STEPS.length).toBeGreaterThanOrEqual(60);
    expect(new Set(STEPS.map((step) => step.stage))).toEqual(
      new Set(STAGES.map((_, at) => at + 1)),
    );
  });

  it('gives every step its own id', () => {
    expect(new Set(STEPS.map((step) => step.id)).size).toBe(STEPS.length);
  });

  it('names only real steps in works, and every step is brought by a work or by the house', () => {
    const named = new Set([...WORKS, ...LOOK_WORKS].flatMap((work) => work.steps));
    for (const id of named) expect([id, findStep(id)?.id]).toEqual([id, id]);
    const unused = STEPS.filter(({ id }) => !named.has(id) && !ALWAYS.includes(id));
    expect(unused.map(({ id }) => id)).toEqual([]);
  });

  it('offers at least one work for every kind of place', () => {
    for (const kind of placeKindSchema.options)
      expect([kind, worksFor(kind).length > 0]).toEqual([kind, true]);
  });

  it('meets only real conditions', () => {
    const real = new Set<string>(CONDITIONS.map(({ id }) => id));
    for (const step of STEPS)
      for (const { condition } of step.meets) expect(real).toContain(condition);
  });
});

describe('the rules', () => {
  it('select steps that exist on both ends, and give a reason', () => {
    for (const rule of RULES) {
      expect([rule.id, selected(rule.before).length > 0]).toEqual([rule.id, true]);
      expect([rule.id, selected(rule.after).length > 0]).toEqual([rule.id, true]);
      expect(rule.why).toMatch(/^[A-Z].{10,}\.$/);
    }
  });

  it('are each told once', () => {
    const ids = RULES.map(
      ({ id, within, practice }) => `${id} ${within} ${practice?.answer ?? ''}`,
    );
    expect(ids.filter((id, at) => ids.indexOf(id) !== at)).toEqual([]);
  });

  it('never contradict and never loop, whatever steps come together', () => {
    const ids = STEPS.map((step) => step.id) as never[];
    for (const answers of EVERY_ANSWER) {
      expect([answers, findLoop(ids, linksBetweenSteps(answers))]).toEqual([answers, undefined]);
    }
    expect(EVERY_ANSWER).toHaveLength(32);
  });

  it('would catch a loop: turning one rule round makes one', () => {
    const turned = [
      ...linksBetweenSteps(EVERY_ANSWER[0]!),
      { before: 'paint.walls', after: 'board.tape' } as never,
    ];
    expect(findLoop(STEPS.map((step) => step.id) as never[], turned)).toEqual(
      expect.arrayContaining(['board.tape', 'paint.walls']),
    );
  });

  it('make an order without a loop for any house and any choice of works', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        const jobs = expandJobs(planningInputOf(project));
        const ids = jobs.map((job) => job.id);
        expect(new Set(ids).size).toBe(ids.length);
        expect(findLoop(ids, linksOf(jobs, planningInputOf(project)))).toBeUndefined();
      }),
      { numRuns: 150 },
    );
  });

  it('keep every order when implied links are left out', () => {
    fc.assert(
      fc.property(anyHouse, (project) => {
        const jobs = expandJobs(planningInputOf(project));
        const ids = jobs.map((job) => job.id);
        const links = linksOf(jobs, planningInputOf(project));
        const kept = buildGraph(ids, withoutImplied(ids, links));
        for (const link of links) {
          const open = [link.before];
          const seen = new Set(open);
          for (let id = open.pop(); id && id !== link.after; id = open.pop()) {
            for (const { after } of kept.outOf.get(id) ?? []) {
              if (!seen.has(after)) {
                seen.add(after);
                open.push(after);
              }
            }
          }
          expect(seen).toContain(link.after);
        }
      }),
      { numRuns: 25 },
    );
  });
});
