import { idOf } from '@/core/testing/ids';
import fc from 'fast-check';
import { placeKindSchema, rectangle, type Place } from '@/core/house';
import { fromFeet } from '@/core/units';
import { sectionModel } from './section-model';

const anyPlaces = fc
  .array(
    fc.tuple(
      fc.constantFrom(...placeKindSchema.options),
      fc.integer({ min: -1, max: 3 }),
      fc.integer({ min: 3, max: 60 }),
    ),
    { maxLength: 24 },
  )
  .map((rooms) =>
    rooms.map(([kind, floor, feet], at): Place => ({
      id: idOf(`p${at}`),
      kind,
      name: `Place ${at}`,
      floor,
      walls: rectangle(fromFeet(feet), fromFeet(10)),
      height: fromFeet(8),
    })),
  );

describe('the house cut through', () => {
  it('shows every place once, whatever the floors, and never more in a row than fit', () => {
    fc.assert(
      fc.property(anyPlaces, fc.integer({ min: 2, max: 7 }), (places, perRow) => {
        const model = sectionModel(places, perRow);
        const rows = [...model.rows, ...model.cellar];
        const shown = [
          ...model.attic,
          ...rows.flatMap(({ cells }) => cells.map(({ place }) => place)),
          ...model.outside,
        ];
        expect(shown.map(({ id }) => id).toSorted()).toEqual(places.map(({ id }) => id).toSorted());
        for (const { cells } of rows) {
          expect(cells.length).toBeLessThanOrEqual(perRow);
          // Cells stand side by side from wall to wall.
          expect(cells[0]?.from).toBe(0);
          expect(cells.at(-1)?.to).toBeCloseTo(1);
          cells.slice(1).forEach((cell, at) => expect(cell.from).toBe(cells[at]?.to));
        }
      }),
    );
  });

  it('stacks floors from the top down and keeps the cellar under the ground', () => {
    const floors = [0, 2, -1, 1].map((floor, at): Place => ({
      id: idOf(`f${at}`),
      kind: 'bedroom',
      name: 'x',
      floor,
      walls: rectangle(fromFeet(10), fromFeet(10)),
      height: fromFeet(8),
    }));
    const model = sectionModel(floors, 4);
    expect(model.rows.map(({ floor }) => floor)).toEqual([2, 1, 0]);
    expect(model.cellar.map(({ floor }) => floor)).toEqual([-1]);
  });
});
