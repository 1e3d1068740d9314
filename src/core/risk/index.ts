export {
  allowances,
  expectedCost,
  openRisks,
  startingRisk,
  type OpenRisk,
  type RiskWeight,
} from './risk';
export { adviseContingency, type ContingencyAdvice } from './contingency';
