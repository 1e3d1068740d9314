import { z } from 'zod';
import type { PlannedJob } from '@/core/planning/report';
import {
  AREA_PER_SQFT,
  AREA_PER_SQM,
  TICKS_PER_FOOT,
  TICKS_PER_MM,
  formatAbout,
  formatArea,
  formatLength,
  formatMinutes,
  type Area,
  type Currency,
  type UnitSystem,
} from '@/core/units';
import { waitText } from './job-form';

type Quantity = PlannedJob['quantity'];
const MM_PER_METRE = 1000;

/** How many ticks² or ticks one of what a quantity is typed in has. */
const unitOf = ({ kind }: Quantity, units: UnitSystem): number =>
  kind === 'count'
    ? 1
    : kind === 'area'
      ? units === 'metric'
        ? AREA_PER_SQM
        : AREA_PER_SQFT
      : units === 'metric'
        ? TICKS_PER_MM * MM_PER_METRE
        : TICKS_PER_FOOT;

export const quantityUnit = ({ kind }: Quantity, units: UnitSystem): string =>
  ({
    count: 'pieces',
    area: units === 'metric' ? 'sq m' : 'sq ft',
    run: units === 'metric' ? 'm' : 'ft',
  })[kind];

/** `120`, `11.15`: a quantity as it is typed. */
export const quantityText = (quantity: Quantity, measure: number, units: UnitSystem): string =>
  String(Math.round((measure / unitOf(quantity, units)) * 100) / 100);

const MOST = 100_000;

/** A typed quantity in the job's own measure; null where nothing was typed. */
export const quantityField = (quantity: Quantity, units: UnitSystem) =>
  z.string().transform((text, context): number | null => {
    const clean = text.trim().replace(',', '.');
    if (clean === '') return null;
    const read = Number(clean);
    const isWhole = quantity.kind !== 'count' || Number.isInteger(read);
    if (read > 0 && read <= MOST && isWhole) return Math.round(read * unitOf(quantity, units));
    context.addIssue({
      code: 'custom',
      message: `Give a number of ${quantityUnit(quantity, units)}, such as ${quantity.kind === 'count' ? '3' : '120'}.`,
    });
    return z.NEVER;
  });

export function quantityWords(quantity: Quantity, units: UnitSystem): string {
  switch (quantity.kind) {
    case 'area':
      return formatArea(quantity.area as Area, units);
    case 'run':
      return formatLength(quantity.length, units);
    case 'count':
      return String(quantity.count);
  }
}

/** What a job started with, each in words. */
export function startingWords(job: PlannedJob, units: UnitSystem, currency: Currency) {
  const { starting, work } = job;
  const hands = starting?.hands ?? (work.kind === 'labour' ? work.hands : 1);
  const hours = starting?.waitHours ?? Math.round((job.wait?.minutes ?? 0) / 60);
  return {
    hours: formatMinutes(starting?.minutes ?? job.estimate),
    quantity: quantityWords(starting?.quantity ?? job.quantity, units),
    wait: hours === 0 ? 'no waiting' : waitText(hours),
    hands: hands === 2 ? 'two' : 'one person',
    days: String(starting?.workdays ?? (work.kind === 'subcontract' ? work.workdays : 0)),
    cost: `about ${formatAbout(starting?.cents ?? job.cost, currency)}`,
  };
}
