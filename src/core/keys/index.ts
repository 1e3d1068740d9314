export {
  conditionStates,
  gateMembership,
  gateRank,
  isAfterwards,
  jobsMeeting,
  type ConditionState,
  type GateMembership,
} from './gates';
