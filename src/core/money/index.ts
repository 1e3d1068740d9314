export { cascadeOf, changeTree, findsOpen, type ChangeStanding } from './changes';
export { keepLedger, paymentsOf, type Allotted, type Ledger } from './ledger';
