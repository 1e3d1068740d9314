export { diaryTable, jobsTable, spendTable, type Table } from './tables';
export { calendarEntries, type CalendarEntry } from './calendar';
