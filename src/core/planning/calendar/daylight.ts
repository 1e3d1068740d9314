import { remembering } from '../../remembering';
import { isAtRest, type OutsideRest } from '../../house';
import { fromDayNumber, toDayNumber, plainDate } from '../../units';

/** A middling latitude in degrees, a starting guess: the farther from the equator, the shorter the winter day. */
const LATITUDE = 42;
const TILT = 23.44;
const DAYS_IN_YEAR = 365;
/** Day of the year on which the sun stands over the equator, and the hour it stands highest by the clock. */
const EQUINOX = 81;
const NOON = { winter: 12 * 60, summer: 13 * 60 };
const SUMMER = { from: '03-15', to: '10-31' };
const RADIANS = Math.PI / 180;

/** Ten years of them. */
const DAYS_KEPT = 4_000;

/** When one can see outside, in minutes of the day (Cooper's declination, the sunrise equation; no twilight). */
export const daylightOn = remembering(DAYS_KEPT, fromSunriseToSunset);

function fromSunriseToSunset(day: number): { from: number; to: number } {
  const date = fromDayNumber(day);
  const ofYear = day - toDayNumber(plainDate(`${date.slice(0, 4)}-01-01`)) + 1;
  const declination = TILT * Math.sin((2 * Math.PI * (ofYear - EQUINOX)) / DAYS_IN_YEAR);
  const half = Math.acos(-Math.tan(LATITUDE * RADIANS) * Math.tan(declination * RADIANS));
  const minutes = (half / Math.PI) * 12 * 60;
  const noon = isAtRest(SUMMER, date) ? NOON.summer : NOON.winter;
  return { from: Math.round(noon - minutes), to: Math.round(noon + minutes) };
}

/** The light of each day; undefined on a day on which nothing is done outside. */
export class Daylight {
  constructor(private readonly rest: OutsideRest | null) {}

  on(day: number): { from: number; to: number } | undefined {
    const rests = this.rest !== null && isAtRest(this.rest, fromDayNumber(day));
    return rests ? undefined : daylightOn(day);
  }
}
