import { surveyIdOf, type EntryOf, type Project, type Survey } from '../../house';
import { freshSurvey } from '../walk/fresh';
import type { PlainDate } from '../../units';
import { startingRisk } from './risk';

/**
 * A find of the log as a suspicion on the walk: with its words, and with the hours and money guessed in the line as what
 * it may come to. What was decided of the element stays; its chance is the starting one of its kind. Undefined where the
 * line names no room or nothing that is suspected, and where it is on the walk already.
 */
export function suspicionOf(
  find: EntryOf<'find'>,
  project: Project,
  on: PlainDate,
): Survey | undefined {
  const { placeId, suspicion, element = 'walls', text, minutes, cents } = find;
  if (placeId === null || suspicion === undefined || !project.places[placeId]) return undefined;
  const before = project.surveys[surveyIdOf({ placeId, element })];
  if (before?.suspicion === suspicion) return undefined;
  const starting = startingRisk(suspicion);
  const isGuessed = minutes !== undefined || cents !== undefined;
  return {
    ...freshSurvey(project, placeId, element, before?.decision ?? 'undecided', on),
    ...(before ?? {}),
    on,
    suspicion,
    reason: [before?.reason, text].filter(Boolean).join(', ').slice(0, 300),
    risk: isGuessed
      ? {
          chance: starting.chance,
          minutes: minutes === undefined ? starting.minutes : { low: minutes, high: minutes },
          cents: cents === undefined ? starting.cents : { low: cents, high: cents },
        }
      : null,
  };
}
