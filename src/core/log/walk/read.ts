import {
  surveyIdOf,
  type Decision,
  type Element,
  type ElementCondition,
  type Place,
  type PlaceId,
  type Project,
  type Survey,
} from '../../house';
import { contextOf, placesIn, sizeIn, withoutPlaces, type LogContext } from '../reader';
import { allSound, freshSurvey } from '../../survey/walk';
import { elementsOf, extrasOf, waysFor } from '../../survey/scope';
import type { PlainDate } from '../../units';
import {
  CONDITION_WORDS,
  DECISION_WORDS,
  SUSPICION_WORDS,
  WAY_WORDS,
  countIn,
  elementsIn,
  first,
} from './words';

export type WalkQuestion = {
  id: string;
  code: 'which-place' | 'which-decision' | 'no-such-element';
  about: string;
  choices: readonly { label: WalkChoice; surveys: readonly Survey[] }[];
};
type WalkChoice =
  | { kind: 'decision'; decision: Decision }
  | { kind: 'place'; placeId: PlaceId }
  | { kind: 'leave-out' };

/**
 * What a line said on the walk comes to: every clause is a survey, adds to the one before it, is asked about, or stays
 * as a note of its place. Nothing is refused as a whole.
 */
export type WalkReading = {
  surveys: Survey[];
  questions: WalkQuestion[];
  notes: { placeId: PlaceId | null; text: string }[];
};

const ASKED: readonly Decision[] = ['keep', 'repair', 'replace', 'undecided'];
const ALL_SOUND = /\b(?:all|everything|rest)\b.*\b(?:sound|keep|fine|good|stays?)\b/i;

/** What a clause adds to a survey: condition, suspicion, count, size and the way, in the owner's words as the reason. */
function described(
  survey: Survey,
  clause: string,
  place: Place,
  reason: string,
  isMore = false,
): Survey {
  const ways = waysFor(survey.element, survey.decision, place.kind);
  const named = WAY_WORDS.find(([pattern, way]) => ways.includes(way) && pattern.test(clause))?.[1];
  const said = first(CONDITION_WORDS, clause);
  const isWorse = said !== undefined && WORSE.indexOf(said) > WORSE.indexOf(survey.condition);
  const unsaid = named === 'change-opening' && !isMore ? 'unknown' : survey.condition;
  const condition = said === undefined ? unsaid : !isMore || isWorse ? said : survey.condition;
  const reasons = [survey.reason, reason].filter((words) => words).join(', ');
  const size = sizeIn(clause);
  return {
    ...survey,
    how: named ?? survey.how,
    condition,
    suspicion: first(SUSPICION_WORDS, clause) ?? survey.suspicion,
    count: Math.max(survey.count, countIn(size === null ? clause : clause.replace(size, ' '))),
    size: size ?? survey.size,
    reason: reasons === '' ? null : reasons.slice(0, 300),
  };
}

const WORSE: readonly ElementCondition[] = ['unknown', 'sound', 'tired', 'failing'];

const LEAVE_OUT = { label: { kind: 'leave-out' as const }, surveys: [] };

/** Words of a clause that are neither its elements nor its decision, for the reason. */
function restOf(clause: string, context: LogContext): string {
  const { rest } = elementsIn(withoutPlaces(clause, context));
  const decided = DECISION_WORDS.find(([pattern]) => pattern.test(rest));
  // What an opening becomes is the reason; "replace" and "keep" say no more than the decision.
  const isPlain = decided !== undefined && !CHANGE.test(rest);
  return (isPlain ? rest.replace(decided[0], ' ') : withoutPlaces(clause, context))
    .replace(/\b(?:and|the|a|is|are|to|all|\d{1,2})\b/gi, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}
const CHANGE = WAY_WORDS[0]?.[0] ?? /^$/;

/** Clauses end at signs, and at an "and" with an element of its own and something said of it behind. */
function clausesOf(line: string): string[] {
  const pieces = line.split(/\s*[,;\n]\s*|\.\s+|\.$|\s+but\s+/i);
  return pieces
    .flatMap((piece) =>
      piece.split(/\s+and\s+/i).reduce<string[]>((clauses, part) => {
        const last = clauses.at(-1);
        const isOwn = elementsIn(part).elements.length > 0 && says(part);
        if (last === undefined || (isOwn && says(last))) return [...clauses, part];
        return [...clauses.slice(0, -1), `${last} and ${part}`];
      }, []),
    )
    .map((clause) => clause.trim())
    .filter((clause) => clause !== '');
}

const says = (clause: string): boolean =>
  first(DECISION_WORDS, clause) !== undefined || first(CONDITION_WORDS, clause) !== undefined;

const canHave = (place: Place, element: Element): boolean =>
  elementsOf(place.kind).includes(element) || extrasOf(place.kind).includes(element);

class Walk {
  readonly surveys: Survey[] = [];
  readonly questions: WalkQuestion[] = [];
  readonly notes: WalkReading['notes'] = [];
  private places: PlaceId[];

  constructor(
    readonly project: Project,
    readonly context: LogContext,
    readonly on: PlainDate,
    standingIn: PlaceId | null,
  ) {
    this.places = standingIn === null ? [] : [standingIn];
  }

  read(clause: string): void {
    const named = placesIn(clause, this.context);
    if (named.length > 0) this.places = named;
    const words = withoutPlaces(clause, this.context);
    if (words === '') return;
    const { elements } = elementsIn(words);
    const decision = first(DECISION_WORDS, words);
    const condition = first(CONDITION_WORDS, words);
    if (this.places.length === 0) {
      if (elements.length > 0) this.askPlace(clause, elements, decision);
      else this.note(clause);
      return;
    }
    for (const placeId of this.places) {
      const place = this.project.places[placeId];
      if (place) this.readIn(place, { clause, words, elements, decision, condition });
    }
  }

  private readIn(
    place: Place,
    said: {
      clause: string;
      words: string;
      elements: readonly Element[];
      decision: Decision | undefined;
      condition: ElementCondition | undefined;
    },
  ): void {
    const { clause, words, elements, decision, condition } = said;
    const last = this.surveys.at(-1);
    const [element] = elements;
    const isSame = last?.placeId === place.id && (!element || element === last.element);
    if (ALL_SOUND.test(words)) this.surveys.push(...allSound(this.project, place, this.on));
    else if (last && isSame && decision === undefined) {
      this.surveys[this.surveys.length - 1] = described(last, clause, place, words, true);
    } else if (element === undefined) this.note(clause, place.id);
    else {
      // A sill belongs to its window: what is part of a thing just named adds to it.
      for (const one of elements) this.see(place, one, clause, decision, condition);
    }
  }

  private see(
    place: Place,
    element: Element,
    clause: string,
    decision: Decision | undefined,
    condition: ElementCondition | undefined,
  ): void {
    if (!canHave(place, element)) {
      const others = Object.values(this.project.places).filter((other) => canHave(other, element));
      this.ask(
        'no-such-element',
        clause,
        others.slice(0, 5).map((other) => ({
          label: { kind: 'place' as const, placeId: other.id },
          surveys: [this.built(other, element, decision ?? 'undecided', clause)],
        })),
      );
    } else if (decision === undefined && condition === undefined) {
      this.ask(
        'which-decision',
        clause,
        ASKED.map((option) => ({
          label: { kind: 'decision' as const, decision: option },
          surveys: [this.built(place, element, option, clause)],
        })),
      );
    } else this.surveys.push(this.built(place, element, decision ?? 'undecided', clause));
  }

  private askPlace(
    clause: string,
    elements: readonly Element[],
    decision: Decision | undefined,
  ): void {
    const places = Object.values(this.project.places).filter((place) =>
      elements.every((element) => canHave(place, element)),
    );
    this.ask(
      'which-place',
      clause,
      places.map((place) => ({
        label: { kind: 'place' as const, placeId: place.id },
        surveys: elements.map((element) =>
          this.built(place, element, decision ?? 'undecided', clause),
        ),
      })),
    );
  }

  private ask(code: WalkQuestion['code'], about: string, choices: WalkQuestion['choices']): void {
    this.questions.push({ id: `${code}:${about}`, code, about, choices: [...choices, LEAVE_OUT] });
  }

  private note(text: string, placeId: PlaceId | null = null): void {
    this.notes.push({ placeId, text });
  }

  private built(place: Place, element: Element, decision: Decision, clause: string): Survey {
    const base = freshSurvey(this.project, place.id, element, decision, this.on);
    return described(base, clause, place, restOf(clause, this.context));
  }
}

/**
 * Reads what is said while standing in a place: "window replace, sill rotten, floor keep and sand, ceiling patch",
 * "door becomes window 36 wide", "chimney out". Places named are meant from there on; without one it is the place one
 * stands in.
 */
export function readWalk(
  line: string,
  project: Project,
  standingIn: PlaceId | null,
  on: PlainDate,
): WalkReading {
  const walk = new Walk(project, contextOf(project, [], on), on, standingIn);
  for (const clause of clausesOf(line.slice(0, 10_000))) walk.read(clause);
  return { surveys: latestOf(walk.surveys), questions: walk.questions, notes: walk.notes };
}

/** Said twice in one breath, the later word stands. */
function latestOf(surveys: readonly Survey[]): Survey[] {
  return [...new Map(surveys.map((survey) => [surveyIdOf(survey), survey])).values()];
}
