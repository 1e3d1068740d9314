import { idOf } from '@/core/testing/ids';
import { spendTable, type Table } from '@/core/files/tables';
import { added, houseOf, place } from '@/core/testing/houses';
import { cents, plainDate } from '@/core/units';
import { csvText } from './csv';

const cells = (...row: string[]): string => csvText([row] satisfies Table);

describe('a CSV file', () => {
  it.each([
    ['=1+1', `"'=1+1"`],
    ['+ice', `"'+ice"`],
    ['-ice cream', `"'-ice cream"`],
    ['@SUM(A1)', `"'@SUM(A1)"`],
    ['\t=1', `"'\t=1"`],
    ['-20.00', '-20.00'],
    ['+3', '+3'],
    ['plain', 'plain'],
    ['1-2', '1-2'],
  ])('%j is no formula to a spreadsheet', (cell, written) => {
    expect(cells(cell)).toBe(written);
  });

  it('quotes what has commas and quotes of its own', () => {
    expect(cells('12" pipe, cut')).toBe('"12"" pipe, cut"');
  });

  it('names a room that was removed, and never its id', () => {
    const house = houseOf(
      added(place('room-17')),
      {
        type: 'dayLogged',
        payload: {
          id: idOf('l1'),
          date: plainDate('2026-01-06'),
          line: '$18.40 screws',
          entries: [
            {
              kind: 'money',
              what: 'screws',
              spend: 'materials',
              shares: [{ placeId: idOf('room-17'), cents: cents(1_840) }],
              shop: null,
              drawsOn: 'budget',
            },
          ],
        },
      },
      { type: 'placeCorrected', payload: { ...place('room-17'), name: 'Back bedroom' } },
      { type: 'placeRemoved', payload: { placeId: idOf('room-17') } },
    );
    const text = csvText(spendTable(house));
    expect(text).toContain('Back bedroom (removed)');
    expect(text).not.toContain('room-17');
  });
});
