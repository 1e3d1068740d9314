/**
 * Calendar days between the call and the day a trade stands there. Starting guesses between the low and the high of
 * what people meet; a day told by the trade wins.
 */
const LEAD_DAYS: Readonly<Record<string, number>> = {
  electrician: 14,
  plumber: 14,
  'gas fitter': 14,
  'heating fitter': 14,
  'heat pump fitter': 21,
  'licensed fitter': 21,
  engineer: 10,
  carpenter: 21,
  mason: 28,
  roofer: 21,
  'chimney firm': 21,
  'foundation firm': 35,
  'licensed removal firm': 14,
  'scaffold firm': 10,
  'stair builder': 28,
  'carpet fitter': 14,
  'tops maker': 5,
  'glass maker': 7,
};
/** A crew for board, floors or paint, and any trade nobody listed. */
const USUAL_LEAD_DAYS = 14;

/** Days from calling a trade until it comes, a starting guess. */
export const tradeLeadDays = (trade: string): number =>
  LEAD_DAYS[trade.trim().toLowerCase()] ?? USUAL_LEAD_DAYS;
