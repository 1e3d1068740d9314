import { cents, plainDate } from '@/core/units';
import { emptyLine, emptyReceipt, receiptFormSchema, receiptFrom, typedReceipt } from './receipt';

const TODAY = plainDate('2026-03-14');
const schema = receiptFormSchema(TODAY, {
  currency: 'USD',
  numberStyle: 'point',
  dateOrder: 'month-first',
});
const places = { a: {}, b: {}, c: {} } as never;
const read = (over: Partial<ReturnType<typeof emptyReceipt>>) => {
  const parsed = schema.safeParse({ ...emptyReceipt(), ...over });
  if (!parsed.success)
    return parsed.error.issues.map(({ path, message }) => [path.join('.'), message]);
  return receiptFrom(parsed.data, { id: 'r', photoId: null, currency: 'USD', places });
};
const line = (over = {}) => emptyLine({ what: 'tile', sum: '100', ...over });

describe('a receipt as it is typed', () => {
  it('becomes lines with their rooms by weight, and back into the same fields', () => {
    const receipt = read({ lines: [line({ rooms: ['a', 'b'], split: '70 30' })], tax: '8.89' });
    expect(receipt).toMatchObject({
      on: TODAY,
      taxCents: 889,
      lines: [
        {
          cents: 10_000,
          rooms: [
            { placeId: 'a', weight: 70 },
            { placeId: 'b', weight: 30 },
          ],
        },
      ],
    });
    const typed = typedReceipt(receipt as never, 'USD');
    expect(typed.lines[0]).toMatchObject({ sum: '100.00', rooms: ['a', 'b'], split: '70 30' });
    expect(typed).toMatchObject({ tax: '8.89', on: '2026-03-14' });
  });

  it.each([
    [{ lines: [line({ sum: '-5' })] }, /less than nothing/],
    [{ lines: [line({ sum: '9,999,999,999' })] }, /more than any house costs/],
    [{ lines: [line({ sum: '€20' })] }, /counts in USD/],
    [{ lines: [line({ what: ' ' })] }, /Say what it was/],
    [{ lines: [line()], on: '20 March 2026' }, /not come yet/],
    [{ lines: [line({ rooms: ['a', 'b', 'c'], split: '50 30 30' })] }, /add up to 110%/],
    [{ lines: [line({ rooms: ['a', 'b', 'c'], split: '50 50' })] }, /3 whole percents/],
    [{ lines: [line({ rooms: ['gone'] })] }, /no longer in the house/],
    [{ lines: [line({ sum: '0' })] }, /a gift is no receipt/],
    [{ lines: [line()], total: '99' }, /come to \$100\.00/],
  ])('%#: what makes no sense is said', (over, words) => {
    expect(JSON.stringify(read(over as never))).toMatch(words);
  });

  it('money back counts against what was paid', () => {
    const receipt = read({ is: 'refund', lines: [line()], total: '100' });
    expect(receipt).toMatchObject({ is: 'refund', lines: [{ cents: cents(10_000) }] });
  });
});
