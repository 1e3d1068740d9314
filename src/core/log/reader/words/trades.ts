/** Trades, as people call those who come for money. */
export const TRADES =
  /^(?:electrician|plumber|roofer|carpenter|joiner|mason|bricklayer|engineer|fitter|plasterer|painter|tiler|builder|contractor|installer|surveyor|architect|glazier|welder|digger|landscaper|chimneysweep|sweep|handyman|labourer|laborer|helper)s?$/;
/** "The stove man", "heating guy". */
export const MAN = /^(?:man|guy|men|guys|people|company|firm|lady|woman)$/;
