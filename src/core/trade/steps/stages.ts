/** The stages of the work in their usual order; outside finish runs beside the inside stages. */
export const STAGES = [
  'Survey and decide',
  'Permits and plans',
  'Make safe and protect',
  'Demolition and haul-off',
  'Structure',
  'Shell (dry-in)',
  'Rough-in',
  'Rough inspections',
  'Insulation and air sealing',
  'Drywall',
  'First paint',
  'Cabinets and built-ins',
  'Tile and floors',
  'Doors, trim, millwork',
  'Trim-out',
  'Last coats and caulk',
  'Outside finish',
  'Final inspections',
  'Clean and punch list',
  'Move in',
  'After move-in',
] as const;

/** 1 … 21. */
export type StageNumber = number;
/** The name of a stage of the build order. */
export const stageName = (stage: StageNumber): string => STAGES[stage - 1] ?? '';
