import type { RiskWeight } from '../../survey/risk';

/** Multipliers on what can run over, and how suspicions weigh. The likely plan takes everything as estimated. */
export type Caution = {
  effort: number;
  waits: number;
  leads: number;
  bookings: number;
  risk: RiskWeight;
};

export const AS_ESTIMATED: Caution = {
  effort: 1,
  waits: 1,
  leads: 1,
  bookings: 1,
  risk: 'expected',
};

/** As if every suspicion were groundless: what they weigh is the difference. */
export const WITHOUT_RISKS: Caution = { ...AS_ESTIMATED, risk: 'none' };
