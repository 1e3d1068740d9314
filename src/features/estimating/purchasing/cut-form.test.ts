import { fromFeet, fromInches, fromMillimetres } from '@/core/units';
import { readCuts } from './cut-form';

const read = (pieces: string, stock = "8' at 9.60", kerf = '1/8"') =>
  readCuts({ pieces, stock, kerf });

describe('a cut list as one types it', () => {
  it('reads how many and how long, in any usual writing, and prices of lengths on sale', () => {
    const { list, faults } = read(
      '2 x 3\' 2"\n72 cm; 1x 28 1/2"\n',
      "8' at 9.60\n12' $13.40\n2 x 5' at 0",
    );
    expect(faults).toEqual([]);
    expect(list?.problem.pieces).toEqual([
      { length: fromInches(38), qty: 2 },
      { length: fromMillimetres(720), qty: 1 },
      { length: fromInches(28.5), qty: 1 },
    ]);
    expect(list?.problem.stock).toEqual([
      { length: fromFeet(8), price: 960 },
      { length: fromFeet(12), price: 1_340 },
      { length: fromFeet(5), price: 0, available: 2 },
    ]);
    expect(list?.problem.kerf).toBe(fromInches(0.125));
    expect(list?.pieces).toHaveLength(4);
  });

  it.each([
    [read('3 x long'), { field: 'pieces', line: 0, text: '3 x long' }],
    [read("3'\n12"), { field: 'pieces', line: 1, text: '12' }],
    [read("3'", "8'"), { field: 'stock', line: 0, text: "8'" }],
    [read("3'", "8' at none"), { field: 'stock', line: 0, text: "8' at none" }],
    [read("3'", "8' at 9", 'thin'), { field: 'kerf', line: 0, text: 'thin' }],
  ])('says which line cannot be read: %#', ({ list, faults }, fault) => {
    expect(list).toBeNull();
    expect(faults).toEqual([fault]);
  });

  it('a saw that eats nothing is a saw too', () => {
    expect(read("3'", "8' at 9", '0').list?.problem.kerf).toBe(0);
  });
});
