import { STEPS, type Job, type Step, type Tag } from '../steps';
import { RULES, type Rule, type Selector } from './rules';

export { RULES };

const matches = (selector: Selector, id: string | null, tags: readonly Tag[]): boolean =>
  selector.startsWith('#') ? tags.includes(selector.slice(1) as Tag) : id === selector;

/** Whether a rule's side names a job, by step, family or tag. */
export const selects = (selector: Selector, job: Pick<Job, 'stepId' | 'tags'>): boolean =>
  matches(selector, job.stepId, job.tags);

/** The rules of one place by the pair of steps they name, families spelt out; the first stands first. */
const byPair: ReadonlyMap<string, readonly Rule[]> = (() => {
  const pairs = new Map<string, Rule[]>();
  const named = (selector: Selector): Step[] =>
    STEPS.filter(({ id, tags }) => matches(selector, id, tags));
  for (const rule of RULES) {
    if (rule.within !== 'place') continue;
    const afters = named(rule.after);
    for (const before of named(rule.before)) {
      for (const after of afters) {
        if (before.id === after.id) continue;
        const key = `${before.id}>${after.id}`;
        const known = pairs.get(key);
        if (known) known.push(rule);
        else pairs.set(key, [rule]);
      }
    }
  }
  return pairs;
})();

/** The rules between two steps of one place; undefined where there are none. */
export const pairRules = (
  before: string | null,
  after: string | null,
): readonly Rule[] | undefined =>
  before === null || after === null ? undefined : byPair.get(`${before}>${after}`);

/** Every pair a rule of one place names. */
export const rulesOfSteps = (): ReadonlyMap<string, readonly Rule[]> => byPair;
