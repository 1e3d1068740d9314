import type { Decision, Demand, Element, ElementCondition, Survey, Suspicion } from '@/core/house';
import { findWork } from '@/core/trade/steps/works';

export const ELEMENT_NAMES: Record<Element, string> = {
  ceiling: 'Ceiling',
  walls: 'Walls',
  floor: 'Floor',
  windows: 'Windows',
  doors: 'Doors',
  stairs: 'Stairs',
  plumbing: 'Plumbing',
  heating: 'Heating and cooling',
  power: 'Power and light',
  fixtures: 'Fixed furniture',
  storage: 'Storage',
  skin: 'Outside skin',
  drainage: 'Drainage',
  chimney: 'Chimney',
  stove: 'Stove',
  partition: 'Partition',
  beam: 'Beam',
  foundation: 'Foundation',
  insulation: 'Insulation',
  ground: 'Ground',
};

export const DECISION_NAMES: Record<Decision, string> = {
  keep: 'keep',
  clean: 'clean',
  repair: 'repair',
  replace: 'replace',
  remove: 'remove',
  move: 'move',
  add: 'add',
  undecided: 'undecided',
};

export const CONDITION_NAMES: Record<ElementCondition, string> = {
  sound: 'sound',
  tired: 'tired',
  failing: 'failing',
  unknown: 'cannot tell',
};

export const SUSPICION_NAMES: Record<Suspicion, string> = {
  leak: 'a leak',
  rot: 'rot',
  pest: 'pests',
  mould: 'mould',
  movement: 'movement',
  wiring: 'unsafe wiring',
  asbestos: 'asbestos',
  lead: 'lead paint',
  'no-permit': 'no permit',
  'not-to-code': 'not to code',
  'off-square': 'off square',
};

export const DEMAND_FROM: Record<Demand['from'], string> = {
  insurer: 'the insurer',
  landlord: 'the park or landlord',
  permit: 'the permit',
  season: 'the season',
  lender: 'the lender',
  you: 'your own wish',
};

/** "replace, 2 · failing · suspected: rot". */
export function surveyWords(survey: Survey): string {
  const count = survey.count > 1 ? `, ${survey.count}` : '';
  const way =
    survey.how === null ? '' : `: ${findWork(survey.how)?.title.toLowerCase() ?? survey.how}`;
  const suspicion = survey.suspicion ? `suspected: ${SUSPICION_NAMES[survey.suspicion]}` : '';
  return [
    `${DECISION_NAMES[survey.decision]}${way}${count}`,
    CONDITION_NAMES[survey.condition],
    suspicion,
    survey.size ?? '',
    survey.reason ?? '',
  ]
    .filter(Boolean)
    .join(' · ');
}
