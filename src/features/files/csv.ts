import Papa from 'papaparse';
import type { Table } from '@/core/files/tables';

/** What a spreadsheet would take for a formula: it begins with = + - @ or a tab, and is no plain number. */
const FORMULA = /^(?![+-]?\d+(?:\.\d+)?$)[=+\-@\t\r]/;

/** A table as CSV text; what would be run as a formula is marked as text. */
export const csvText = (table: Table): string => Papa.unparse(table, { escapeFormulae: FORMULA });
