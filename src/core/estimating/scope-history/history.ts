import { planningInputOf, type Project } from '../../house';
import { applyEvent, effectiveEvents, type JournalEvent } from '../../journal';
import { scopeOf, type ScopeItem } from '../../survey/scope';
import { expandJobs, plannedCost } from '../jobs';
import { addCents, minutes, plainDate, type PlainDate } from '../../units';
import type { ScopeDay } from './past-schema';

const keyOf = ({ placeId, workId, count }: ScopeItem): string => `${placeId}/${workId}×${count}`;

const planned = (project: Project) => {
  const jobs = expandJobs(planningInputOf(project));
  return {
    minutes: minutes(jobs.reduce((sum, job) => sum + job.estimate, 0)),
    cents: addCents([
      ...jobs.map(plannedCost),
      ...Object.values(project.changes).map((change) => change.cents),
    ]),
  };
};

/** Events that can move the scope; all others are passed over. */
const MOVES = new Set<JournalEvent['type']>([
  'workChosen',
  'workDropped',
  'placeStateSaid',
  'elementSurveyed',
  'suspicionSettled',
  'jobAdded',
  'jobCorrected',
  'jobFiguresAgreed',
  'jobDropped',
  'jobBroughtBack',
  'changeOrdered',
  'changeWithdrawn',
  'quoteAccepted',
  'quoteReleased',
  'placeRemoved',
  'placeCorrected',
  'jobHired',
  'jobTakenBack',
  'roomMeasured',
  'finishChosen',
  'finishDropped',
  'lineAdded',
  'lineDropped',
]);

/** The scope day by day, oldest first: what was added and dropped, by which find or wish, and what it came to. */
export function scopeHistory(events: readonly JournalEvent[]): ScopeDay[] {
  const days: ScopeDay[] = [];
  let project: Project | null = null;
  let last: { scope: ScopeItem[]; minutes: number; cents: number } = {
    scope: [],
    minutes: 0,
    cents: 0,
  };
  let moved: PlainDate | null = null;
  const close = () => {
    if (moved === null || project === null) return;
    const scope = scopeOf(project);
    const now = planned(project);
    const [before, after] = [new Set(last.scope.map(keyOf)), new Set(scope.map(keyOf))];
    const added = scope.filter((item) => !before.has(keyOf(item)));
    const dropped = last.scope.filter((item) => !after.has(keyOf(item)));
    const more = { minutesMore: now.minutes - last.minutes, centsMore: now.cents - last.cents };
    if (added.length + dropped.length > 0 || more.minutesMore !== 0 || more.centsMore !== 0) {
      days.push({ on: moved, added, dropped, ...now, ...more });
    }
    last = { scope, ...now };
    moved = null;
  };
  for (const event of effectiveEvents(events)) {
    const on = plainDate(event.at.slice(0, 10));
    if (moved !== null && on !== moved) close();
    project = applyEvent(project, event);
    if (MOVES.has(event.type)) moved = on;
  }
  close();
  return days;
}
