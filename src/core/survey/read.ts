import {
  surveyIdOf,
  type Decision,
  type Element,
  type ElementCondition,
  type Place,
  type PlaceId,
  type Project,
  type Survey,
} from '../house';
import { contextOf, placesIn, withoutPlaces, type LogContext } from '../evening';
import { elementsOf, waysFor } from '../scope';
import type { PlainDate } from '../units';
import {
  CONDITION_WORDS,
  DECISION_WORDS,
  ELEMENT_WORDS,
  SUSPICION_WORDS,
  WAY_WORDS,
  countIn,
  first,
} from './words';

export type WalkQuestion = {
  id: string;
  code: 'which-place' | 'which-decision' | 'no-such-element' | 'what-is-this';
  about: string;
  choices: readonly { label: WalkChoice; surveys: readonly Survey[] }[];
};
export type WalkChoice =
  | { kind: 'decision'; decision: Decision }
  | { kind: 'place'; placeId: PlaceId }
  | { kind: 'leave-out' };

/** What a line said on the walk comes to: every clause is a survey, adds to the one before it, or is asked about. */
export type WalkReading = { surveys: Survey[]; questions: WalkQuestion[] };

const CONDITION_OF: Record<Decision, ElementCondition> = {
  keep: 'sound',
  clean: 'tired',
  repair: 'tired',
  replace: 'failing',
  remove: 'tired',
  move: 'tired',
  add: 'unknown',
  undecided: 'unknown',
};
const ASKED: readonly Decision[] = ['keep', 'repair', 'replace', 'undecided'];
const ALL_SOUND = /\b(?:all|everything|rest)\b.*\b(?:sound|keep|fine|good|stays?)\b/i;

/** A survey before anything is said of it; what was noted earlier stays until it is said anew. */
export function freshSurvey(
  project: Project,
  placeId: PlaceId,
  element: Element,
  decision: Decision,
  on: PlainDate,
): Survey {
  const before = project.surveys[surveyIdOf({ placeId, element })];
  return {
    placeId,
    element,
    on,
    decision,
    condition: CONDITION_OF[decision],
    how: null,
    count: before?.count ?? 1,
    reason: null,
    size: before?.size ?? null,
    suspicion: before?.suspicion ?? null,
    risk: before?.risk ?? null,
    salvage: null,
    options: decision === 'undecided' ? (before?.options ?? []) : [],
  };
}

/** "All sound, keep": everything in the place that was not looked at yet. */
export const allSound = (project: Project, place: Place, on: PlainDate): Survey[] =>
  elementsOf(place.kind)
    .filter((element) => !project.surveys[surveyIdOf({ placeId: place.id, element })])
    .map((element) => freshSurvey(project, place.id, element, 'keep', on));

/** What a clause adds to a survey: condition, suspicion, count and the way, in the owner's words as the reason. */
function described(survey: Survey, clause: string, place: Place, reason: string): Survey {
  const named = first(WAY_WORDS, clause);
  const ways = waysFor(survey.element, survey.decision, place.kind);
  const how = named !== undefined && ways.includes(named) ? named : survey.how;
  const condition = first(CONDITION_WORDS, clause) ?? survey.condition;
  const said = [survey.reason, reason].filter((words) => words).join(', ');
  return {
    ...survey,
    how,
    condition,
    suspicion: first(SUSPICION_WORDS, clause) ?? survey.suspicion,
    count: Math.max(survey.count, countIn(clause)),
    reason: said === '' ? null : said.slice(0, 300),
  };
}

const LEAVE_OUT = { label: { kind: 'leave-out' as const }, surveys: [] };

/** Words of a clause that are neither its element nor its decision, for the reason. */
const restOf = (clause: string, context: LogContext): string =>
  [ELEMENT_WORDS, DECISION_WORDS]
    .reduce(
      (text, table) => {
        const found = table.find(([pattern]) => pattern.test(text));
        return found ? text.replace(found[0], ' ') : text;
      },
      withoutPlaces(clause, context),
    )
    .replace(/\b(?:and|the|a|is|to|all|\d{1,2})\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim();

/**
 * Reads what is said while standing in a place: "window replace, sill rotten, floor keep and sand, ceiling
 * patch". A place named in the line is meant from there on; without one it is the place one stands in.
 */
export function readWalk(
  line: string,
  project: Project,
  standingIn: PlaceId | null,
  on: PlainDate,
): WalkReading {
  const context = contextOf(project, [], on);
  const surveys: Survey[] = [];
  const questions: WalkQuestion[] = [];
  let placeId = standingIn;
  const clauses = line
    .split(/\s*[,;\n]\s*|\.\s+/)
    .map((clause) => clause.trim().replace(/\.$/, ''))
    .filter((clause) => clause !== '');
  const ask = (code: WalkQuestion['code'], about: string, choices: WalkQuestion['choices']) =>
    questions.push({ id: `${code}:${about}`, code, about, choices: [...choices, LEAVE_OUT] });

  for (const clause of clauses) {
    const named = placesIn(clause, context)[0];
    if (named) placeId = named;
    const place = placeId === null ? undefined : project.places[placeId];
    const words = withoutPlaces(clause, context);
    if (named && words === '') continue;
    const element = first(ELEMENT_WORDS, words);
    const decision = first(DECISION_WORDS, words);
    const last = surveys.at(-1);
    if (!place) {
      const choices = Object.values(project.places).map((option) => ({
        label: { kind: 'place' as const, placeId: option.id },
        surveys: element
          ? [built(project, option, element, decision ?? 'undecided', clause, on, context)]
          : [],
      }));
      ask('which-place', clause, choices);
    } else if (ALL_SOUND.test(words)) {
      surveys.push(...allSound(project, place, on));
    } else if (
      last &&
      last.placeId === placeId &&
      decision === undefined &&
      (!element || element === last.element)
    ) {
      surveys[surveys.length - 1] = described(last, clause, place, words);
    } else if (!element) {
      ask('what-is-this', clause, []);
    } else if (!elementsOf(place.kind).includes(element)) {
      ask('no-such-element', clause, []);
    } else if (decision === undefined) {
      ask(
        'which-decision',
        clause,
        ASKED.map((option) => ({
          label: { kind: 'decision' as const, decision: option },
          surveys: [built(project, place, element, option, clause, on, context)],
        })),
      );
    } else {
      surveys.push(built(project, place, element, decision, clause, on, context));
    }
  }
  return { surveys: latestOf(surveys), questions };
}

function built(
  project: Project,
  place: Place,
  element: Element,
  decision: Decision,
  clause: string,
  on: PlainDate,
  context: LogContext,
): Survey {
  const base = freshSurvey(project, place.id, element, decision, on);
  return described(base, clause, place, restOf(clause, context));
}

/** Said twice in one breath, the later word stands. */
function latestOf(surveys: readonly Survey[]): Survey[] {
  return [...new Map(surveys.map((survey) => [surveyIdOf(survey), survey])).values()];
}
