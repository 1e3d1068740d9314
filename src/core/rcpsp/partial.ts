/** A schedule being made: which jobs are placed, and when. */
export type Partial = { placed: Uint8Array; starts: Int32Array; finishes: Int32Array };
