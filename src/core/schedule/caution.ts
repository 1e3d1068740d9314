/** Multipliers on what can run over. The likely plan takes everything as estimated. */
export type Caution = { effort: number; waits: number; leads: number; bookings: number };

export const AS_ESTIMATED: Caution = { effort: 1, waits: 1, leads: 1, bookings: 1 };
