import type { Pending } from '../../trade/steps/job';
import { rememberingOf } from '../../remembering';
import {
  finishKey,
  openingSlot,
  shapeOf,
  type Opening,
  type Place,
  type Product,
  type HouseFacts,
  type Slot,
} from '../../house';
import { findCalculator, sayLength, saySumError, standardOf, type Takeoff } from '../calculators';
import { cents, countWords, type Cents, type UnitSystem } from '../../units';
import { findProduct } from './catalogue';
import { inCans, batchOf } from './batch';
import type { Batch } from '../../trade/steps/batch';
import type { FinishQuote } from './quote-schema';
import { SERVINGS, type Serving } from './served';

/** What a chosen finish makes of a material: what is bought, how much, at what price, and why. */
type Finished = {
  what: string;
  unit: string;
  units: number;
  price: Cents;
  leadDays: number;
  shop: string | null;
  working: string;
  /** Of paint: what it is poured from, together with the other coats of its colour. */
  batch?: Batch;
};

export type Settled = {
  finished: Finished | null;
  pending: Pending | null;
  /** Where nothing was chosen yet, what would be: all its coats will be of one colour. */
  toChoose?: string;
};

type Raw = Readonly<Record<string, unknown>>;

/** More than a place has finishes, steps and products tried on it. */
const TAKEOFFS_KEPT = 200;

/** Places never change once made: a takeoff is worked out once for each place, product and use. */
const takeoffOf = rememberingOf(
  TAKEOFFS_KEPT,
  (sumKind: string, fields: Raw, units: UnitSystem) =>
    `${sumKind} ${units} ${JSON.stringify(fields)}`,
  (place: Place, sumKind, fields, units): Takeoff | { failed: string } => {
    const result = findCalculator(sumKind)?.work(fields, { room: shapeOf(place), units });
    if (result?.ok) return result.value;
    return { failed: result ? saySumError(result.error).reason : `no sum named ${sumKind}` };
  },
);

/** Fields a product's label settles and the step adds, less those its sum does not know. */
function fieldsFor(product: Product, extra: Serving['fields']): Raw {
  const known = findCalculator(product.sum)?.fields ?? {};
  const added = Object.entries(extra ?? {}).filter(([name]) => Object.hasOwn(known, name));
  return { ...labelOf(product), ...Object.fromEntries(added) };
}

/** Sold by a measure of its own, it is counted in that one whatever the house is measured in. */
const SOLD_IN: Readonly<Record<string, UnitSystem>> = {
  gallon: 'imperial',
  ft: 'imperial',
  litre: 'metric',
  m: 'metric',
};

const IN_METRES = /\d\s*(mm|cm|m)\b/;

/**
 * All a product is, what its label leaves out included, as is usual where such labels are written: it stays as large
 * when the house changes its units.
 */
function labelOf({ sum, fields, unit }: Product): Raw {
  const isMetric =
    SOLD_IN[unit] === 'metric' ||
    Object.values(fields).some((text) => IN_METRES.test(String(text)));
  const usual = Object.entries(findCalculator(sum)?.fields ?? {}).flatMap(([name, field]) => {
    const standard = standardOf(field, isMetric ? 'metric' : 'imperial');
    return standard === undefined ? [] : [[name, standard] as const];
  });
  return { ...Object.fromEntries(usual), ...fields };
}

/** The takeoff of one product in one place, as the finish screen shows it. */
export function takeoffFor(
  place: Place,
  product: Product,
  units: UnitSystem,
  extra: Serving['fields'] = {},
): Takeoff | { failed: string } {
  const counted = SOLD_IN[product.unit] ?? units;
  return takeoffOf(place, product.sum, fieldsFor(product, extra), counted);
}

function fromTakeoff(
  project: HouseFacts,
  place: Place,
  product: Product,
  { fields, line }: Serving,
  use: { what: string; unit: string; price: Cents; leadDays: number },
): Finished | null {
  const takeoff = takeoffFor(place, product, project.units, fields);
  if ('failed' in takeoff) return null;
  const wanted = line?.id ?? product.line;
  const found = takeoff.lines.find(({ id }) => id === wanted);
  if (!found) return null;
  const units = Math.max(1, Math.ceil(found.quantity / (line?.holds ?? 1) - 1e-9));
  const bought = line
    ? {
        what: use.what,
        unit: use.unit,
        each: use.price,
        leadDays: use.leadDays,
        shop: product.shop,
      }
    : {
        what: product.name,
        unit: product.unit,
        each: product.price,
        leadDays: product.leadDays,
        shop: product.shop,
      };
  const batch = line ? undefined : batchOf(found.exact ?? found.quantity, product, product.id);
  return {
    ...(batch ? { batch } : {}),
    what: bought.what,
    unit: bought.unit,
    units,
    price: cents(units * bought.each),
    leadDays: bought.leadDays,
    shop: bought.shop,
    working: found.working,
  };
}

/** Windows or doors of a room, each with what was chosen for it. */
export function openingsOf(
  project: HouseFacts,
  place: Place,
  kind: Opening['kind'],
): { index: number; opening: Opening; product: Product | undefined }[] {
  return (place.openings ?? []).flatMap((opening, index) =>
    opening.kind === kind
      ? [
          {
            index,
            opening,
            product: findProduct(
              project,
              project.finishes[finishKey(place.id, openingSlot(index))],
            ),
          },
        ]
      : [],
  );
}

function fromOpenings(
  project: HouseFacts,
  place: Place,
  kind: 'window' | 'door',
  count: number,
): Settled {
  const openings = openingsOf(project, place, kind);
  if (openings.length < count) return { finished: null, pending: 'measure' };
  const chosen = openings.flatMap(({ opening, product }) =>
    product ? [{ opening, product }] : [],
  );
  const [first] = chosen;
  if (!first || chosen.length < count) return { finished: null, pending: 'choose' };
  const sizes = chosen.map(
    ({ opening: { width, height } }) =>
      `${sayLength(width, project.units)} x ${sayLength(height, project.units)}`,
  );
  return {
    pending: null,
    finished: {
      what: [...new Set(chosen.map(({ product }) => product.name))].join(', '),
      unit: 'unit',
      units: chosen.length,
      price: cents(chosen.reduce((sum, { product }) => sum + product.price, 0)),
      leadDays: Math.max(...chosen.map(({ product }) => product.leadDays)),
      shop: first.product.shop,
      working: `measured openings, width x height: ${sizes.join(', ')}`,
    },
  };
}

/** Things made to measure: ordered by the size of this very room. */
const TO_MEASURE = new Set([
  'cabinets.set+cabinets',
  'shell.door+outdoor',
  'cabinets.shelves+shelf',
  'rough.bath-in+bath',
]);

/**
 * What the finishes of a place make of one material of one step. Without a finish the step's own rate stands and the
 * material is still to be chosen; made-to-measure things in a room not yet walked with the tape are to be measured.
 */
export function settleMaterial(
  project: HouseFacts,
  place: Place | undefined,
  key: string,
  use: { what: string; unit: string; price: Cents; leadDays: number },
  count: number,
): Settled {
  if (!place) return { finished: null, pending: null };
  if (TO_MEASURE.has(key)) {
    return { finished: null, pending: project.measured[place.id] ? null : 'measure' };
  }
  const serving = SERVINGS[key];
  if (!serving) return { finished: null, pending: null };
  if (serving.slot === 'windows' || serving.slot === 'doors') {
    return fromOpenings(project, place, serving.slot === 'windows' ? 'window' : 'door', count);
  }
  const product = findProduct(project, project.finishes[finishKey(place.id, serving.slot)]);
  if (!product || !serving.sums.includes(product.sum)) {
    // A papered wall has no last coat of paint: the finish is chosen all the same.
    return {
      finished: null,
      pending: product ? null : 'choose',
      toChoose: finishKey(place.id, serving.slot),
    };
  }
  return { finished: fromTakeoff(project, place, product, serving, use), pending: null };
}

/** Slots that some material of these steps waits for, in the order one decides them. */
export function slotsAsked(stepIds: readonly string[]): Slot[] {
  const asked = new Set<Slot>();
  for (const [key, { slot }] of Object.entries(SERVINGS)) {
    const [stepId = ''] = key.split('+');
    if (stepIds.includes(stepId) && slot !== 'windows' && slot !== 'doors') asked.add(slot);
  }
  return [...asked];
}

/** How the slots of a room are covered when a product is looked at there: paint in two coats, board all round. */
const SLOT_FIELDS: Readonly<Record<string, Serving['fields']>> = {
  walls: { on: 'walls', coats: 2 },
  ceiling: { on: 'ceiling', coats: 2 },
  board: { on: 'both' },
  trim: { on: 'base and casing' },
};

/** What a product would take in one slot of a room, and cost. */
export function quoteFor(
  place: Place,
  slot: Slot,
  product: Product,
  units: UnitSystem,
): FinishQuote {
  if (product.sum === 'opening') {
    return {
      ok: true,
      amount: countWords(1, product.unit),
      cents: product.price,
      working: 'one, to the measured opening',
    };
  }
  const takeoff = takeoffFor(place, product, units, SLOT_FIELDS[slot]);
  if ('failed' in takeoff) return { ok: false, reason: takeoff.failed };
  const found = takeoff.lines.find(({ id }) => id === product.line);
  if (!found) return { ok: false, reason: `its sum has no line ${product.line}` };
  const batch = batchOf(found.exact ?? found.quantity, product, product.id);
  if (batch) {
    const { amount, price, rest } = inCans(batch);
    const working = [found.working, ...(rest ? [rest] : [])].join('; ');
    return { ok: true, amount, cents: price, working };
  }
  const count = Math.max(1, Math.ceil(found.quantity - 1e-9));
  return {
    ok: true,
    amount: countWords(count, product.unit),
    cents: cents(count * product.price),
    working: found.working,
  };
}
