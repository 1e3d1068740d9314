import type { Held } from '../../house';
import { TICKS_PER_INCH, TICKS_PER_MM, ticks, type Ticks, type UnitSystem } from '../../units';

/** A finger on a drawing says no more than this: an inch, or a centimetre. */
export const placingStep = (units: UnitSystem): Ticks =>
  ticks(units === 'metric' ? 10 * TICKS_PER_MM : TICKS_PER_INCH);

/** A thing moved by whole steps, its run with it: what was measured to a fraction keeps it. */
export function movedBy(held: Held, by: { offset: number; height: number }, step: Ticks): Held {
  const whole = (value: number) => Math.round(value / step) * step;
  const moved = <T extends { offset: Ticks; height: Ticks }>(spot: T): T => ({
    ...spot,
    offset: ticks(spot.offset + whole(by.offset)),
    height: ticks(spot.height + whole(by.height)),
  });
  return { ...moved(held), ...(held.to ? { to: moved(held.to) } : {}) };
}
