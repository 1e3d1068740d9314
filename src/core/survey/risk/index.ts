export {
  allowances,
  expectedCost,
  openRisks,
  startingRisk,
  type OpenRisk,
  type RiskWeight,
} from './risk';
export { openFirst } from './rank';
export { adviseContingency } from './contingency';
