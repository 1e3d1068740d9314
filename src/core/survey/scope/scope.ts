import {
  deferralKey,
  placesInOrder,
  type OpeningChange,
  surveyIdOf,
  type PlaceId,
  type HouseFacts,
  type Survey,
  type Suspicion,
} from '../../house';
import { findWork } from '../../trade/steps/works';
import { waysFor } from './ways';

/** One work in one place, and where it comes from: chosen by hand, decided on the walk, or brought by a find. */
export type ScopeItem = {
  placeId: PlaceId;
  workId: string;
  count: number;
  opening?: OpeningChange;
  nth: number;
  /** Put off until somebody lives there. */
  deferred: boolean;
  /** Ends up on its jobs: "Asked for by …". */
  because: string;
  origin:
    | { kind: 'chosen'; choiceId: string }
    | { kind: 'walk'; surveyId: string }
    | { kind: 'suspicion'; surveyId: string }
    | { kind: 'find'; surveyId: string };
};

const LOOKS: Record<Suspicion, string> = {
  leak: 'look-open',
  rot: 'look-open',
  pest: 'look-open',
  mould: 'look-open',
  movement: 'look-frame',
  wiring: 'look-wiring',
  asbestos: 'look-test',
  lead: 'look-test',
  'no-permit': 'look-office',
  'not-to-code': 'look-office',
  'off-square': 'look-square',
};
const lookWorkFor = (suspicion: Suspicion): string => LOOKS[suspicion];

/** What a decision comes to in a place; undefined when nothing has to be done, or the library has no way. */
function wayOf(survey: Survey, project: Pick<HouseFacts, 'places'>): string | undefined {
  const place = project.places[survey.placeId];
  if (!place || survey.decision === 'undecided') return undefined;
  const ways = waysFor(survey.element, survey.decision, place.kind);
  if (survey.how !== null) return ways.includes(survey.how) ? survey.how : undefined;
  return survey.decision === 'keep' ? undefined : ways[0];
}

const said = (survey: Survey): string =>
  `Walk: ${survey.element} ${survey.decision}${survey.reason ? `, ${survey.reason}` : ''}`;

type Scoped = Pick<
  HouseFacts,
  'places' | 'placeOrder' | 'works' | 'surveys' | 'settlements' | 'deferred'
>;

type Undeferred = Omit<ScopeItem, 'deferred'>;

function itemsOf(survey: Survey, project: Scoped): Undeferred[] {
  const { placeId, count } = survey;
  const surveyId = surveyIdOf(survey);
  const workId = wayOf(survey, project);
  const settled = project.settlements[surveyId];
  const counted = workId !== undefined && findWork(workId)?.counted !== undefined;
  const walk: Undeferred[] =
    workId === undefined
      ? []
      : [
          {
            placeId,
            workId,
            count: counted ? count : 1,
            nth: 1,
            because: said(survey),
            origin: { kind: 'walk', surveyId },
          },
        ];
  const look: Undeferred[] =
    survey.suspicion === null
      ? []
      : [
          {
            placeId,
            workId: lookWorkFor(survey.suspicion),
            count: 1,
            nth: 1,
            because: `Suspected: ${survey.suspicion} at the ${survey.element}`,
            origin: { kind: 'suspicion', surveyId },
          },
        ];
  const found = (settled?.found?.works ?? []).map((work): Undeferred => ({
    placeId,
    ...work,
    nth: 1,
    because: `Found: ${settled?.found?.words ?? ''}`,
    origin: { kind: 'find', surveyId },
  }));
  return [...look, ...walk, ...found];
}

/**
 * Everything that is to happen, place by place in walking order. Derived on every reading, so a decision that
 * changes leaves nothing behind; the same work asked for twice in a place becomes one set of jobs.
 */
export function scopeOf(project: Scoped): ScopeItem[] {
  const surveys = Object.values(project.surveys);
  const chosen = Object.values(project.works);
  return placesInOrder(project).flatMap(({ id }) =>
    [
      ...chosen
        .filter(({ placeId }) => placeId === id)
        .map((choice): Undeferred => ({
          placeId: id,
          workId: choice.workId,
          count: choice.count,
          nth: choice.nth ?? 1,
          ...(choice.opening ? { opening: choice.opening } : {}),
          because: findWork(choice.workId)?.title ?? choice.workId,
          origin: { kind: 'chosen', choiceId: choice.id },
        })),
      ...surveys
        .filter(({ placeId }) => placeId === id)
        .flatMap((survey) => itemsOf(survey, project)),
    ].map((item) => ({
      ...item,
      deferred: project.deferred[deferralKey(item.placeId, item.workId)] === true,
    })),
  );
}
