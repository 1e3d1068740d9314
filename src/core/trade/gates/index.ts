export { conditionStates, gateMembership, gateRank, type GateMembership } from './gates';
