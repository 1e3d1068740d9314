export { diaryTable, jobsTable, spendTable, type Table } from './tables';
