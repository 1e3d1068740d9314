export {
  conditionStates,
  gateMembership,
  gateRank,
  jobsMeeting,
  type ConditionState,
  type GateMembership,
} from './gates';
