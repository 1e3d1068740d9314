export { keepLedger, paymentsOf, type Ledger, type Payment } from './ledger';
