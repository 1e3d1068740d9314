import type { Person, Skill } from '../../house';
import type { Job } from './job';

/** Families of steps by the first word of their id; what is not here anybody does. */
const BY_FAMILY: Readonly<Record<string, Skill>> = {
  demo: 'demolition',
  chimney: 'demolition',
  base: 'structure',
  slab: 'structure',
  level: 'structure',
  bearing: 'structure',
  structure: 'structure',
  frame: 'structure',
  deck: 'structure',
  opening: 'structure',
  join: 'structure',
  roof: 'roof and outside',
  shell: 'roof and outside',
  face: 'roof and outside',
  outside: 'roof and outside',
  insulate: 'board',
  board: 'board',
  ceiling: 'carpentry',
  wall: 'board',
  mend: 'board',
  tile: 'tiling',
  floor: 'floors',
  trim: 'carpentry',
  cabinets: 'carpentry',
  heat: 'plumbing',
  stove: 'plumbing',
  radon: 'plumbing',
  paint: 'painting',
  last: 'painting',
};

/** Steps that are another trade's than their family. */
const BY_STEP: Readonly<Record<string, Skill>> = {
  'rough.cable': 'electrics',
  'rough.panel': 'electrics',
  'rough.mend-power': 'electrics',
  'rough.firestop': 'board',
  'rough.bath-wall': 'structure',
  'fit.devices': 'electrics',
  'fit.lights': 'electrics',
  'fit.alarms': 'electrics',
  'fit.fan': 'electrics',
  'fit.tops': 'carpentry',
  'fit.appliances': 'carpentry',
  'bearing.reroute': 'plumbing',
  'opening.reroute': 'plumbing',
  'slab.drains': 'plumbing',
  'structure.stair': 'carpentry',
  'wall.paper': 'painting',
  'wall.panels': 'carpentry',
  'wall.tile': 'tiling',
  'wall.refresh-tile': 'tiling',
  'wall.grout': 'tiling',
  'mend.window': 'carpentry',
  'mend.door': 'carpentry',
  'mend.built-ins': 'carpentry',
  'mend.heating': 'plumbing',
  'mend.skin': 'roof and outside',
  'opening.skin': 'roof and outside',
};

/** Stages in which a job of one's own is some trade's: from demolition to outside finish. */
const BY_STAGE: Readonly<Record<number, Skill>> = {
  4: 'demolition',
  5: 'structure',
  6: 'roof and outside',
  9: 'board',
  10: 'board',
  11: 'painting',
  12: 'carpentry',
  14: 'carpentry',
  16: 'painting',
  17: 'roof and outside',
};

/** The kind of work a job is; undefined where anybody can do it. */
export function skillOf({ stepId, stage }: Pick<Job, 'stepId' | 'stage'>): Skill | undefined {
  if (stepId === null) return BY_STAGE[stage];
  const [family = ''] = stepId.split('.');
  const usual = family === 'rough' || family === 'fit' ? 'plumbing' : BY_FAMILY[family];
  return BY_STEP[stepId] ?? usual;
}

/** Those who do a job's kind of work: who named none does any. */
export function ableFor(
  people: readonly Person[],
  job: Pick<Job, 'stepId' | 'stage'>,
): readonly Person[] {
  const skill = skillOf(job);
  return people.filter(({ skills }) => !skills || (skill && skills.includes(skill)));
}
