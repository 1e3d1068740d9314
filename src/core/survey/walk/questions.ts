import { surveyIdOf, type Element, type JobId, type PlaceId, type HouseFacts } from '../../house';
import { waysFor } from '../scope';
import type { Job } from '../../trade/steps';
import { findStep } from '../../trade/steps/library';
import { findWork } from '../../trade/steps/works';

/** Steps that cannot be done well before it is clear what becomes of an element. */
const WAIT_FOR_DECISION: Record<Element, readonly string[]> = {
  ceiling: [
    'board.ceiling',
    'ceiling.boards',
    'board.tape-ceiling',
    'mend.ceiling',
    'paint.ceiling',
  ],
  walls: [
    'board.walls',
    'wall.boards',
    'wall.backer',
    'mend.walls',
    'paint.wash',
    'paint.walls',
    'wall.paper',
    'wall.panels',
    'cabinets.set',
  ],
  floor: [
    'floor.level',
    'floor.carry',
    'floor.sand',
    'floor.sheet',
    'floor.carpet',
    'tile.backer',
    'heat.mat',
    'mend.boards',
    'trim.base',
  ],
  windows: [
    'shell.window',
    'opening.check',
    'opening.set',
    'insulate.batts',
    'board.walls',
    'mend.window',
    'trim.casing',
  ],
  doors: [
    'shell.door',
    'opening.check',
    'opening.set',
    'board.walls',
    'trim.doors',
    'mend.door',
    'trim.casing',
  ],
  stairs: ['structure.stair', 'trim.rail'],
  plumbing: ['rough.drains', 'rough.water', 'slab.drains', 'board.walls'],
  heating: [
    'rough.ducts',
    'rough.heat',
    'fit.radiator',
    'fit.boiler',
    'fit.heat-pump',
    'fit.stove',
  ],
  power: ['rough.cable', 'board.walls'],
  fixtures: ['cabinets.set', 'mend.built-ins'],
  storage: ['cabinets.shelves', 'mend.built-ins'],
  skin: ['shell.wrap', 'outside.siding', 'outside.paint', 'wall.render', 'roof.cover', 'mend.skin'],
  drainage: ['shell.drain', 'outside.grade'],
  chimney: ['roof.cover', 'shell.roof'],
  stove: [],
  partition: ['rough.cable', 'board.walls'],
  beam: [],
  foundation: [],
  insulation: ['board.walls', 'board.ceiling'],
  ground: [],
};

/** Something the plan waits for an answer to. */
export type Undecided = {
  id: string;
  placeId: PlaceId | null;
  question: string;
  holdsUp: readonly JobId[];
  /** The longest time that what may be chosen takes to come, in days. */
  leadDays: number;
};

const leadOf = (workId: string): number =>
  Math.max(
    0,
    ...(findWork(workId)?.steps ?? []).flatMap(
      (id) => findStep(id)?.materials.map(({ leadDays }) => leadDays) ?? [],
    ),
  );

/** Asked in so many words, or left undecided on the walk; each holds up only the jobs that depend on it. */
export function openQuestions(project: HouseFacts, jobs: readonly Job[]): Undecided[] {
  const byId = new Map(jobs.map((job) => [job.id, job]));
  const asked = Object.values(project.questions)
    .filter(({ answer }) => answer === null)
    .map(({ id, placeId, question, holdsUp }): Undecided => {
      const leads = holdsUp.flatMap((jobId) => byId.get(jobId)?.materials ?? []);
      return {
        id,
        placeId,
        question,
        holdsUp,
        leadDays: Math.max(0, ...leads.map(({ use }) => use.leadDays)),
      };
    });
  const undecided = Object.values(project.surveys)
    .filter(({ decision, placeId }) => decision === 'undecided' && project.places[placeId])
    .map((survey): Undecided => {
      const { placeId, element, reason } = survey;
      const place = project.places[placeId];
      const options = survey.options.length > 0 ? survey.options : (['replace'] as const);
      const ways = place ? options.flatMap((option) => waysFor(element, option, place.kind)) : [];
      return {
        id: surveyIdOf(survey),
        placeId,
        question: `What becomes of the ${element}${reason ? `: ${reason}` : ''}`,
        holdsUp: jobs
          .filter(
            (job) =>
              job.placeId === placeId &&
              job.stepId !== null &&
              WAIT_FOR_DECISION[element].includes(job.stepId),
          )
          .map(({ id }) => id),
        leadDays: Math.max(0, ...ways.map(leadOf)),
      };
    });
  return [...asked, ...undecided];
}
