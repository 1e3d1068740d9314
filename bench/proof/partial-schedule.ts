/** A schedule being made: which jobs are placed, and when. */
export type PartialSchedule = { placed: Uint8Array; starts: Int32Array; finishes: Int32Array };
