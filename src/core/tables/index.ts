export { jobsTable, spendTable, type Table } from './tables';
