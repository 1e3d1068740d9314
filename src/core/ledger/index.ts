export { keepLedger, paymentsOf, type Allotted, type Ledger, type Payment } from './ledger';
export { purchasesOf, receiptLines, receiptTotal, type Purchase } from './purchases';
