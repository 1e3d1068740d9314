export {
  CONDITION_NAMES,
  DECISION_NAMES,
  DEMAND_FROM,
  ELEMENT_NAMES,
  SUSPICION_NAMES,
  surveyWords,
} from './words';
