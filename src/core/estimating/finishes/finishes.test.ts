import { cents, fromFeet, fromInches, momentAt, plainDate, ticks } from '../../units';
import { idOf } from '../../testing/ids';
import { expandJobs } from '../jobs';
import { added, chosen, houseOf, place } from '../../testing/houses';
import {
  planningInputOf,
  FLAT,
  openingSlot,
  shapeOf,
  slotOf,
  type Opening,
  type Place,
  type Product,
} from '../../house';
import type { EventBodyOf } from '../../journal';
import { planHouse } from '../../planning/plan-house';
import {
  CATALOGUE,
  layFloorPlanks,
  layFloorTiles,
  offeredFor,
  laySheets,
  productsOf,
  quoteFor,
  slotsAsked,
  takeoffFor,
} from '.';
import { findCalculator } from '../calculators';

const NOW = momentAt(plainDate('2026-01-05'), 8 * 60);
const window: Opening = {
  wall: 1,
  kind: 'window',
  offset: fromFeet(3),
  width: fromFeet(3),
  height: fromFeet(4),
  sill: fromFeet(3),
};
const door: Opening = {
  ...window,
  wall: 0,
  kind: 'door',
  width: fromInches(32),
  height: fromInches(80),
  sill: ticks(0),
};
const finish = (slot: string, productId: string): EventBodyOf => ({
  type: 'finishChosen',
  payload: { placeId: idOf('bed'), slot: slotOf(slot), productId },
});
const measured = (over: object = {}): EventBodyOf => {
  const { walls, height } = place('bed');
  return {
    type: 'roomMeasured',
    payload: {
      placeId: idOf('bed'),
      on: plainDate('2026-01-06'),
      walls: [...walls],
      height,
      ceiling: FLAT,
      openings: [door, window],
      ...over,
    },
  };
};
const lineOf = (events: EventBodyOf[], lineId: string) => {
  const plan = planHouse(planningInputOf(houseOf(added(place('bed')), ...events)), NOW);
  if (!plan.ok) throw new Error(plan.error.code);
  return plan.value.orders.find((line) => line.lineId === lineId);
};

describe('finishes', () => {
  it('every product of the catalogue names a sum, its fields and a line that sum answers', () => {
    const room: Place = { ...place('bed'), openings: [door, window] };
    for (const { name, sum, fields, line } of CATALOGUE) {
      const result = findCalculator(sum)?.work(fields, { room: shapeOf(room), units: 'imperial' });
      expect([name, result?.ok && result.value.lines.map(({ id }) => id)]).toEqual([
        name,
        expect.arrayContaining([line]),
      ]);
    }
  });

  it('a floor is to choose until a product is; then its own count, price, lead and shop stand', () => {
    const works = [chosen('bed', 'new-floor')];
    expect(lineOf(works, 'bed/floor.carry+planks')).toMatchObject({ state: 'to-choose' });
    // 12 x 10 ft in rows of 5": 24 rows of 12 ft, 6 ft boards: 48, and offcuts where joints must stagger.
    const line = lineOf([...works, finish('floor', 'oak-strip')], 'bed/floor.carry+planks');
    expect(line).toMatchObject({
      what: 'Oak strip, 5" face',
      unit: 'board',
      state: 'to-order',
      leadDays: 12,
      shop: null,
    });
    expect(line?.units).toBeGreaterThanOrEqual(48);
    expect(line?.price).toBe((line?.units ?? 0) * 1_140);
    expect(line?.working).toContain('rows of 5"');
  });

  it('windows are to measure, then to choose, then to order at their own sizes', () => {
    const works = [chosen('bed', 'window', 1)];
    const id = 'bed/shell.window+window';
    expect(lineOf(works, id)?.state).toBe('to-measure');
    expect(lineOf([...works, measured()], id)?.state).toBe('to-choose');
    const line = lineOf([...works, measured(), finish(openingSlot(1), 'window-sash')], id);
    expect(line).toMatchObject({
      state: 'to-order',
      units: 1,
      price: 62_000,
      what: 'Wood sash window to size',
    });
    expect(line?.working).toBe("measured openings, width x height: 3' x 4'");
  });

  it('openings come off the walls: board, paint and hours follow', () => {
    const works = [chosen('bed', 'reline')];
    const jobs = (events: EventBodyOf[]) =>
      new Map<string, number>(
        expandJobs(planningInputOf(houseOf(added(place('bed')), ...works, ...events))).map(
          ({ id, estimate }) => [id, estimate],
        ),
      );
    const [before, after] = [jobs([]), jobs([measured()])];
    // 352 sq ft less 17.8 and 12: 322.2; at 156 minutes for 100 sq ft 503 against 549 minutes.
    expect(before.get('bed/board.walls')).toBe(550);
    expect(after.get('bed/board.walls')).toBe(505);
  });

  it('a papered wall asks for no last coat of paint to be chosen', () => {
    const events = [chosen('bed', 'repaint'), finish('walls', 'paper-leaf')];
    expect(lineOf(events, 'bed/paint.walls+paint')).toMatchObject({ unit: 'roll' });
    expect(lineOf(events, 'bed/last.coat+paint')?.state).toBe('to-order');
  });

  it('an own product wins by its label', () => {
    const own: EventBodyOf = {
      type: 'productAdded',
      payload: {
        id: 'mine',
        name: 'Cork tile, my label',
        suits: ['floor'],
        sum: 'flooring',
        fields: { carton: 12, waste: 5 },
        line: 'flooring.cartons',
        unit: 'carton',
        price: cents(3_000),
        leadDays: 9,
        shop: null,
      },
    };
    const house = houseOf(added(place('bed')), own);
    expect(productsOf(house)[0]?.name).toBe('Cork tile, my label');
    // 120 x 1.05 / 12 = 10.5, so 11 cartons of $30.
    const line = lineOf(
      [own, chosen('bed', 'new-floor'), finish('floor', 'mine')],
      'bed/floor.carry+planks',
    );
    expect(line).toMatchObject({
      units: 11,
      price: 33_000,
      leadDays: 9,
      what: 'Cork tile, my label',
    });
  });

  it('an order keeps what it was placed for when the room is measured again', () => {
    const ordered: EventBodyOf = {
      type: 'orderPlaced',
      payload: {
        id: 'o1',
        lineId: 'bed/floor.carry+planks',
        shop: null,
        orderedOn: plainDate('2026-01-05'),
        expectedOn: plainDate('2026-01-17'),
        arrival: null,
        shares: [{ lineId: 'bed/floor.carry+planks', units: 50 }],
      },
    };
    const longer = measured({
      walls: place('bed', 'bedroom', 16).walls,
    });
    const line = lineOf(
      [chosen('bed', 'new-floor'), finish('floor', 'oak-strip'), ordered, longer],
      'bed/floor.carry+planks',
    );
    expect(line).toMatchObject({ state: 'on-the-way', orderedUnits: 50 });
    expect(line?.units).toBeGreaterThanOrEqual(64);
  });

  it('asks for the slots the steps of a room need', () => {
    expect(slotsAsked(['floor.carry', 'paint.walls', 'trim.prefinish'])).toEqual([
      'floor',
      'walls',
      'trim',
    ]);
    expect(slotsAsked(['demo.walls'])).toEqual([]);
  });

  it('quotes two coats, board on walls and ceiling, and says why something does not fit', () => {
    const room = place('bed');
    const product = (id: string) => {
      const found = CATALOGUE.find((each) => each.id === id);
      if (!found) throw new Error(id);
      return found;
    };
    // 352 x 2 / 375 = 1.88, up to 2 gallons of $38.
    expect(quoteFor(room, slotOf('walls'), product('wall-matt'), 'imperial')).toMatchObject({
      amount: '2 gallons',
      cents: 7_600,
      working: expect.stringContaining('= 1.88 gallons; 0.49 quarts left over') as string,
    });
    const short = { ...product('paper-leaf'), fields: { rollLength: "3'" } };
    expect(quoteFor(room, slotOf('walls'), short, 'imperial')).toMatchObject({ ok: false });
    const gable = { ...room, openings: [door] };
    const across = laySheets(gable, product('board-half'), { where: 0, way: 'across' });
    const along = laySheets(gable, product('board-half'), { where: 0, way: 'along' });
    expect(across?.count).toBeGreaterThan(0);
    // Standing sheets reach floor to ceiling: no butt joint at all.
    expect(along?.butts).toBe(0);
    expect(
      layFloorPlanks(room, product('oak-strip'), 'the short way')?.count,
    ).toBeGreaterThanOrEqual(48);
    const tiles = layFloorTiles(room, product('tile-slate-12'), { x: 0 });
    expect(tiles.start?.x).toBe(0);
    expect(tiles.count).toBeGreaterThanOrEqual(118);
  });
});

describe('what a house is offered', () => {
  const room: Place = { ...place('bed'), openings: [door, window] };
  const house = houseOf(added(room));
  const metric = { ...house, units: 'metric' as const };

  it('sizes sold in its own units, each with a takeoff in the unit it is sold by', () => {
    const names = (project: typeof house | typeof metric) =>
      offeredFor(project, 'floor').map(({ id }) => id);
    expect(names(house)).toContain('tile-slate-12');
    expect(names(metric)).toContain('tile-slate-300');
    expect(names(metric).filter((id) => names(house).includes(id))).toEqual([]);
    const litres = offeredFor(metric, 'walls').find(({ unit }) => unit === 'litre');
    const takeoff = litres && takeoffFor(room, litres, 'metric', { on: 'walls', coats: 2 });
    if (!takeoff || 'failed' in takeoff) throw new Error('no takeoff');
    expect(takeoff.lines.find(({ id }) => id === 'paint.gallons')?.unit).toBe('L');
  });

  it('no door for a window, no window for a door', () => {
    const ids = (kind: 'window' | 'door') =>
      offeredFor(house, 'opening', { kind }).map(({ id }) => id);
    expect(ids('window')).toEqual(['window-sash', 'window-plain']);
    expect(ids('door')).toEqual(['door-panel', 'door-flush']);
  });

  it('what a metric label leaves out is metric: sheets of 1200 hang on framing at 400', () => {
    const own = {
      ...CATALOGUE.find(({ id }) => id === 'board-half'),
      fields: { lengths: '2.4 m, 3 m', sheetWidth: '1200 mm' },
    } as Product;
    const takeoff = takeoffFor(room, own, 'metric', { on: 'walls' });
    if ('failed' in takeoff) throw new Error(takeoff.failed);
    const screws = takeoff.lines.find(({ id }) => id === 'drywall.screws');
    expect(screws?.working).toContain('0.40 m');
    expect(screws?.working).not.toContain('0.41');
  });

  it('a product stays as large, and is counted as it is sold, when the house changes its units', () => {
    const covers: Record<string, string> = { trim: 'base', planks: 'floor', tile: 'floor' };
    for (const product of CATALOGUE.filter(({ sum }) => sum !== 'opening')) {
      const bought = (units: 'imperial' | 'metric') => {
        const takeoff = takeoffFor(room, product, units, { on: covers[product.sum] ?? 'walls' });
        if ('failed' in takeoff) throw new Error(`${product.name}: ${takeoff.failed}`);
        return takeoff.lines.find(({ id }) => id === product.line)?.quantity;
      };
      expect([product.name, bought('imperial')]).toEqual([product.name, expect.any(Number)]);
      expect([product.name, bought('metric')]).toEqual([product.name, bought('imperial')]);
    }
  });
});
